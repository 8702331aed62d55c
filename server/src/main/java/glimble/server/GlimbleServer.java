package glimble.server;

import glimble.typeset.JdkTypesetter;
import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.resilience.annotation.EnableResilientMethods;

/** The application, without accounts: REST over the core, the database, and the built user interface. */
@EnableResilientMethods
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
public class GlimbleServer {

    public static void main(String[] args) {
        SpringApplication.run(GlimbleServer.class, args);
    }

    @Bean
    JdkTypesetter typesetter() {
        JdkTypesetter typesetter = new JdkTypesetter();
        // The first use of a font takes a quarter of a second; nobody should wait for it while typing.
        for (String font : typesetter.fonts()) typesetter.set("Skerry", font, 40, 0);
        return typesetter;
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
