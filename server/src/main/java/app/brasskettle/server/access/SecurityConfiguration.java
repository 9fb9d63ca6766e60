package app.brasskettle.server.access;

import static org.springframework.security.config.Customizer.withDefaults;

import app.brasskettle.server.passwords.UnhurriedEncoder;
import app.brasskettle.server.problems.ProblemAnswer;
import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;

/** Sessions, CSRF, headers, and which calls need somebody signed in. */
@Configuration
class SecurityConfiguration {

    /** The toolkit writes its styles into the page, so styles may be inline; scripts never. */
    private static final String CONTENT_POLICY =
            "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; "
                    + "img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; object-src 'none'; base-uri 'none'; "
                    + "frame-ancestors 'none'; form-action 'self'";

    @Bean
    SecurityFilterChain chain(
            HttpSecurity http,
            SecurityContextRepository contexts,
            TokenStore tokens,
            @Value("${brasskettle.session-longest}") Duration longest)
            throws Exception {
        // A token is never sent by a browser of its own accord, so no foreign page can make it speak.
        return http.csrf(c -> c.spa().csrfTokenRepository(csrfCookie()).ignoringRequestMatchers(TokenFilter::bears))
                .addFilterAfter(new TokenFilter(tokens), SecurityContextHolderFilter.class)
                .addFilterAfter(new SessionLimits(longest), TokenFilter.class)
                .securityContext(c -> c.securityContextRepository(contexts))
                .authorizeHttpRequests(r -> r.requestMatchers(
                                "/api/session", "/api/quotes/**", "/api/calendars/**", "/actuator/health/**")
                        .permitAll()
                        .requestMatchers("/actuator/**")
                        .hasRole(Role.ADMIN.name())
                        .requestMatchers("/api/**", "/v3/**")
                        .authenticated()
                        .anyRequest()
                        .permitAll())
                .formLogin(f -> f.disable())
                .httpBasic(b -> b.disable())
                .logout(l -> l.disable())
                .requestCache(c -> c.disable())
                .exceptionHandling(e -> e.authenticationEntryPoint((q, a, x) -> ProblemAnswer.write(
                                a, HttpStatus.UNAUTHORIZED, "Not signed in", "Sign in; what you typed is kept"))
                        .accessDeniedHandler((q, a, x) -> ProblemAnswer.write(
                                a,
                                HttpStatus.FORBIDDEN,
                                "Not allowed",
                                "This session may not do that. Load the page again if it was idle")))
                .headers(h -> h.contentSecurityPolicy(p -> p.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(withDefaults()))
                .build();
    }

    @Bean
    SecurityContextRepository contexts() {
        return new HttpSessionSecurityContextRepository();
    }

    private static CookieCsrfTokenRepository csrfCookie() {
        CookieCsrfTokenRepository cookie = CookieCsrfTokenRepository.withHttpOnlyFalse();
        cookie.setCookieCustomizer(c -> c.sameSite("Strict"));
        return cookie;
    }

    @Bean
    PasswordEncoder passwords() {
        return new UnhurriedEncoder(new BCryptPasswordEncoder());
    }

    /** Sign-in goes through the session call alone; this keeps the framework from inventing a user of its own. */
    @Bean
    UserDetailsService noOther() {
        return name -> {
            throw new UsernameNotFoundException(name);
        };
    }
}
