package glimble.server.access;

import glimble.server.problems.ProblemAnswer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.HeaderWriterFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/**
 * Who may ask, and what browsers are told about every answer. There are no accounts and no cookies: what is kept out is what pages from
 * elsewhere could do through somebody's browser.
 */
@Configuration
class AccessConfig {
    /** Styles may stand in elements, since where things stand is worked out; scripts may not. */
    private static final String CONTENT = "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline';"
            + " img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; object-src 'none'; base-uri 'none';"
            + " form-action 'none'; frame-ancestors 'none'";

    private static final String NO_DEVICES =
            "camera=(), microphone=(), geolocation=(), payment=(), usb=(), serial=(), midi=(), display-capture=()";

    @Bean
    SecurityFilterChain access(HttpSecurity http, AllowedHosts hosts) throws Exception {
        return http.csrf(AbstractHttpConfigurer::disable) // No cookie says who asks; foreign origins are refused below.
                .requestCache(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .anonymous(AbstractHttpConfigurer::disable)
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .addFilterAfter(new OnlyOwnPages(hosts), HeaderWriterFilter.class)
                .headers(headers -> headers.cacheControl(cache -> cache.disable())
                        .contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT))
                        .referrerPolicy(policy -> policy.policy(ReferrerPolicy.NO_REFERRER))
                        .permissionsPolicyHeader(policy -> policy.policy(NO_DEVICES)))
                .build();
    }

    @Bean
    StrictHttpFirewall firewall(AllowedHosts hosts) {
        StrictHttpFirewall firewall = new StrictHttpFirewall();
        firewall.setAllowedHostnames(hosts::isAllowed);
        // Keys of pictures may have any letter; controllers say what is not there.
        firewall.setAllowUrlEncodedPercent(true);
        return firewall;
    }

    @Bean
    RequestRejectedHandler rejected() {
        return (request, response, e) -> ProblemAnswer.write(
                response,
                HttpStatus.BAD_REQUEST,
                "Cannot be read",
                "The address or a header of the request is not one that this server answers to.");
    }
}
