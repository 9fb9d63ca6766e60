package app.brasskettle.server.access;

import app.brasskettle.server.problems.ProblemAnswer;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Duration;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Ends a session some time after its password was given, used or not; and holds one whose second factor is still to be set up. */
final class SessionLimits extends OncePerRequestFilter {

    private final Duration longest;

    SessionLimits(Duration longest) {
        this.longest = longest;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HttpSession session = request.getSession(false);
        if (session == null) {
            chain.doFilter(request, response);
            return;
        }
        long begun = SignedIn.passwordAt(session).orElse(session.getCreationTime());
        if (System.currentTimeMillis() - begun > longest.toMillis()) {
            session.invalidate();
            SecurityContextHolder.clearContext();
        } else if (SignedIn.factorMissing(session) && !settingUp(request.getRequestURI())) {
            ProblemAnswer.write(
                    response,
                    HttpStatus.FORBIDDEN,
                    "Second factor needed",
                    "This shop asks administrators and lead hands for a second factor. Set yours up first");
            return;
        }
        chain.doFilter(request, response);
    }

    private static boolean settingUp(String path) {
        return !path.startsWith("/api/") || path.equals("/api/session") || path.startsWith("/api/me/");
    }
}
