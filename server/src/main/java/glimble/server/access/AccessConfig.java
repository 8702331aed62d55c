package glimble.server.access;

import glimble.server.problems.ProblemAnswer;
import jakarta.servlet.DispatcherType;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.Authentication;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.HeaderWriterFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/**
 * Who may ask, and what browsers are told about every answer. Without signing in there are no cookies: what is kept out is what pages from
 * elsewhere could do through somebody's browser. With it, each role may do its own.
 */
@Configuration
@EnableConfigurationProperties(SignIn.class)
class AccessConfig {
    /** Styles may stand in elements, since where things stand is worked out; scripts may not. */
    private static final String CONTENT = "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline';"
            + " img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; object-src 'none'; base-uri 'none';"
            + " form-action 'none'; frame-ancestors 'none'";

    private static final String NO_DEVICES =
            "camera=(), microphone=(), geolocation=(), payment=(), usb=(), serial=(), midi=(), display-capture=()";

    /** What tells nothing of anybody's work. A reel is found only by those who were told its id, which is made at random. */
    private static final String[] SHOWN = {
        "/",
        "/index.html",
        "/output.html",
        "/assets/**",
        "/*.svg",
        "/api/health",
        "/api/session",
        "/api/outputs/time",
        "/api/outputs/reels/*"
    };

    /** What the page of an output needs to show what is on air. */
    private static final String[] KEYED = {
        "/api/outputs/*", "/api/outputs/*/events", "/api/fonts", "/api/fonts/**", "/api/pictures/*/content"
    };

    /** What operators do. */
    private static final String[] OPERATED = {
        "/api/sheets/**",
        "/api/outputs/*/acts",
        "/api/outputs/*/ahead",
        "/api/people",
        "/api/words",
        "/api/handovers/**"
    };

    /** What is worked out without anything being kept. */
    private static final String[] WORKED_OUT = {
        "/api/reels",
        "/api/changes",
        "/api/spare",
        "/api/cases",
        "/api/mends",
        "/api/edits",
        "/api/fillings/*",
        "/api/tables",
        "/api/tables/*",
        "/api/spelling",
        "/api/session/password"
    };

    @Bean
    @ConditionalOnProperty(name = "glimble.sign-in", havingValue = "false", matchIfMissing = true)
    SecurityFilterChain open(HttpSecurity http, AllowedHosts hosts) throws Exception {
        return told(http, hosts)
                .csrf(AbstractHttpConfigurer::disable) // No cookie says who asks; foreign origins are refused.
                .anonymous(AbstractHttpConfigurer::disable)
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .build();
    }

    @Bean
    @ConditionalOnProperty(name = "glimble.sign-in", havingValue = "true")
    SecurityFilterChain signedIn(
            HttpSecurity http,
            AllowedHosts hosts,
            SecurityContextRepository contexts,
            CsrfTokenRepository tokens,
            Accounts accounts,
            OutputKeys keys)
            throws Exception {
        return told(http, hosts)
                .addFilterBefore(new StillAllowed(accounts), AnonymousAuthenticationFilter.class)
                .csrf(csrf -> csrf.spa().csrfTokenRepository(tokens))
                .securityContext(context -> context.securityContextRepository(contexts))
                .authorizeHttpRequests(who -> who.dispatcherTypeMatchers(DispatcherType.ASYNC, DispatcherType.ERROR)
                        .permitAll()
                        .requestMatchers(HttpMethod.GET, SHOWN)
                        .permitAll()
                        .requestMatchers("/api/session")
                        .permitAll()
                        .requestMatchers(HttpMethod.GET, KEYED)
                        .access((asking, of) ->
                                new AuthorizationDecision(isSomebody(asking.get()) || keys.opens(of.getRequest())))
                        .requestMatchers("/api/accounts/**", "/api/outputs/*/key")
                        .hasRole(Role.ANIMATOR.name())
                        .requestMatchers(HttpMethod.GET)
                        .authenticated()
                        .requestMatchers(HttpMethod.POST, WORKED_OUT)
                        .authenticated()
                        .requestMatchers(HttpMethod.PUT, "/api/session/password")
                        .authenticated()
                        .requestMatchers(OPERATED)
                        .hasAnyRole(Role.OPERATOR.name(), Role.ANIMATOR.name())
                        .anyRequest()
                        .hasRole(Role.ANIMATOR.name()))
                .exceptionHandling(refused -> refused.authenticationEntryPoint(
                                (request, response, e) -> ProblemAnswer.write(
                                        response, HttpStatus.UNAUTHORIZED, "Sign in", "Sign in first, then ask again."))
                        .accessDeniedHandler((request, response, e) -> ProblemAnswer.write(
                                response,
                                HttpStatus.FORBIDDEN,
                                "Not yours to do",
                                "What you have signed in as may not do this. Nothing was changed; ask an animator.")))
                .build();
    }

    private static boolean isSomebody(Authentication asking) {
        return asking != null && asking.isAuthenticated() && !(asking instanceof AnonymousAuthenticationToken);
    }

    /** What browsers are told about every answer. */
    private static HttpSecurity told(HttpSecurity http, AllowedHosts hosts) throws Exception {
        return http.requestCache(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .addFilterAfter(new OnlyOwnPages(hosts), HeaderWriterFilter.class)
                .headers(headers -> headers.cacheControl(cache -> cache.disable())
                        .contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT))
                        .referrerPolicy(policy -> policy.policy(ReferrerPolicy.NO_REFERRER))
                        .permissionsPolicyHeader(policy -> policy.policy(NO_DEVICES)));
    }

    @Bean
    SecurityContextRepository contexts() {
        return new HttpSessionSecurityContextRepository();
    }

    /** The token stands in a cookie that the page may read; pages from elsewhere are not even sent it. Behind TLS it is sent over nothing else. */
    @Bean
    CsrfTokenRepository tokens() {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieCustomizer(cookie -> cookie.sameSite("Strict"));
        return tokens;
    }

    @Bean
    PasswordEncoder passwords() {
        return new BCryptPasswordEncoder();
    }

    @Bean
    AuthenticationManager authentication(Accounts accounts, PasswordEncoder passwords) {
        DaoAuthenticationProvider provider = new DaoAuthenticationProvider(accounts);
        provider.setPasswordEncoder(passwords);
        return new ProviderManager(provider);
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
