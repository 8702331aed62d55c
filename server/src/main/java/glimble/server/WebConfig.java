package glimble.server;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverters;
import org.springframework.web.servlet.config.annotation.ContentNegotiationConfigurer;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** JSON is the only language that is spoken; files of the user interface whose names change with their content may be kept for good. */
@Configuration
class WebConfig implements WebMvcConfigurer {

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
    }

    /** Who asks for another language is told in this one, also what is wrong. */
    @Override
    public void configureContentNegotiation(ContentNegotiationConfigurer negotiation) {
        negotiation.ignoreAcceptHeader(true).defaultContentType(MediaType.ALL);
    }

    /** The library that describes the API brings YAML along, which nobody has asked for. */
    @Override
    public void configureMessageConverters(HttpMessageConverters.ServerBuilder converters) {
        converters.configureMessageConvertersList(list ->
                list.removeIf(converter -> converter.getSupportedMediaTypes().stream()
                        .anyMatch(type -> type.getSubtype().contains("yaml"))));
    }
}
