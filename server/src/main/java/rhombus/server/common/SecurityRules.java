package rhombus.server.common;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.config.annotation.authentication.configuration.AuthenticationConfiguration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter;

/** Who may do what, and the headers every answer carries. */
@Configuration
public class SecurityRules {
    /** How many times a password is hashed, as a power of two, where the settings do not say otherwise. */
    public static final int PASSWORD_STRENGTH = 11;

    /** Everything comes from here; images may be made in the page; nothing may frame it. */
    static final String POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; "
            + "img-src 'self' blob: data:; connect-src 'self' blob:; worker-src 'self'; manifest-src 'self'; "
            + "base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    /** Files that never change are the same for everybody: nothing of a session goes with them, so that they may be kept anywhere. */
    @Bean
    @Order(1)
    SecurityFilterChain assets(HttpSecurity http) throws Exception {
        return http.securityMatcher("/assets/**")
                .authorizeHttpRequests(a -> a.anyRequest().permitAll())
                .csrf(c -> c.disable())
                .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .securityContext(c -> c.disable())
                .requestCache(c -> c.disable())
                .headers(h -> h.cacheControl(c -> c.disable()).contentSecurityPolicy(c -> c.policyDirectives(POLICY)))
                .build();
    }

    /** Readable by the page, sent by it alone; Secure where the request came by https. */
    private static CookieCsrfTokenRepository token() {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieCustomizer(c -> c.sameSite("Lax"));
        return tokens;
    }

    @Bean
    @Order(2)
    SecurityFilterChain rules(HttpSecurity http) throws Exception {
        return http.csrf(c -> c.spa().csrfTokenRepository(token()))
                .authorizeHttpRequests(
                        a -> a.requestMatchers(HttpMethod.POST, "/api/session", "/api/first-account", "/api/accounts")
                                .permitAll()
                                .requestMatchers(HttpMethod.GET, "/api/session", "/api/first-account", "/api/start")
                                .permitAll()
                                .requestMatchers("/actuator/health/**")
                                .permitAll()
                                .requestMatchers("/api/**", "/actuator/**", "/v3/**")
                                .authenticated()
                                .anyRequest()
                                .permitAll())
                .exceptionHandling(e -> e.authenticationEntryPoint((request, response, ex) -> ProblemDetails.write(
                                response,
                                HttpStatus.UNAUTHORIZED,
                                "Sign in first; this page keeps what you have done."))
                        .accessDeniedHandler((request, response, ex) -> ProblemDetails.write(
                                response,
                                HttpStatus.FORBIDDEN,
                                "The request did not carry this page's token. Load the page again and repeat it.")))
                .headers(h -> h.contentSecurityPolicy(c -> c.policyDirectives(POLICY))
                        .referrerPolicy(r -> r.policy(ReferrerPolicyHeaderWriter.ReferrerPolicy.SAME_ORIGIN))
                        .permissionsPolicyHeader(p -> p.policy("camera=(), microphone=(), geolocation=()")))
                .requestCache(c -> c.disable())
                .formLogin(f -> f.disable())
                .httpBasic(b -> b.disable())
                .logout(l -> l.disable())
                .build();
    }

    @Bean
    PasswordEncoder passwords(@Value("${rhombus.password-strength}") int strength) {
        return new BCryptPasswordEncoder(strength);
    }

    @Bean
    AuthenticationManager authentication(AuthenticationConfiguration c) throws Exception {
        return c.getAuthenticationManager();
    }

    @Bean
    SecurityContextRepository contexts() {
        return new HttpSessionSecurityContextRepository();
    }
}
