package app.brasskettle.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Lets a script speak for a person by {@code Authorization: Bearer}; for one call, without a session. */
final class TokenFilter extends OncePerRequestFilter {

    private static final String BEARER = "Bearer ";

    private final TokenStore tokens;

    TokenFilter(TokenStore tokens) {
        this.tokens = tokens;
    }

    static boolean bears(HttpServletRequest request) {
        String header = request.getHeader("Authorization");
        return header != null && header.startsWith(BEARER);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (bears(request)) {
            SecurityContext context = SecurityContextHolder.createEmptyContext();
            Optional<Person> person = tokens.person(request.getHeader("Authorization")
                    .substring(BEARER.length())
                    .strip());
            person.map(People::authenticated).ifPresent(context::setAuthentication);
            SecurityContextHolder.setContext(context);
        }
        chain.doFilter(request, response);
    }
}
