package rhombus.server.common;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.config.annotation.authentication.configuration.AuthenticationConfiguration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter;

/** Who may do what, and the headers every answer carries. */
@Configuration
public class SecurityRules {
    /** Everything comes from here; images may be made in the page; nothing may frame it. */
    static final String POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; "
            + "img-src 'self' blob: data:; connect-src 'self' blob:; worker-src 'self'; manifest-src 'self'; "
            + "base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    @Bean
    SecurityFilterChain rules(HttpSecurity http) throws Exception {
        return http
                .csrf(c -> c.spa())
                .authorizeHttpRequests(a -> a
                        .requestMatchers(HttpMethod.POST, "/api/session", "/api/first-account").permitAll()
                        .requestMatchers(HttpMethod.GET, "/api/session", "/api/first-account").permitAll()
                        .requestMatchers("/api/**").authenticated()
                        .anyRequest().permitAll())
                .exceptionHandling(e -> e
                        .authenticationEntryPoint((request, response, ex) ->
                                write(response, HttpStatus.UNAUTHORIZED, "Sign in first; this page keeps what you have done."))
                        .accessDeniedHandler((request, response, ex) -> write(response, HttpStatus.FORBIDDEN,
                                "The request did not carry this page's token. Load the page again and repeat it.")))
                .headers(h -> h
                        .contentSecurityPolicy(c -> c.policyDirectives(POLICY))
                        .referrerPolicy(r -> r.policy(ReferrerPolicyHeaderWriter.ReferrerPolicy.SAME_ORIGIN))
                        .permissionsPolicyHeader(p -> p.policy("camera=(), microphone=(), geolocation=()")))
                .requestCache(c -> c.disable())
                .formLogin(f -> f.disable())
                .httpBasic(b -> b.disable())
                .logout(l -> l.disable())
                .build();
    }

    private static void write(HttpServletResponse response, HttpStatus status, String detail)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding("UTF-8");
        response.getWriter().write("{\"title\":\"" + status.getReasonPhrase() + "\",\"status\":" + status.value() + ",\"detail\":\"" + detail + "\"}");
    }

    @Bean
    PasswordEncoder passwords() {
        return new BCryptPasswordEncoder(11);
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
