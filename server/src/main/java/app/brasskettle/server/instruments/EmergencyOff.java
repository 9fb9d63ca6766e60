package app.brasskettle.server.instruments;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Takes a voltage off by the key its page was given: {@code POST /api/off/KEY}. It stands before sessions and rights, which live in
 * the database, so that it works while the database is away. The key is known to nobody else and opens nothing but this.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class EmergencyOff extends OncePerRequestFilter {

    private static final String PATH = "/api/off/";

    private final RunsUnderWay runs;

    EmergencyOff(RunsUnderWay runs) {
        this.runs = runs;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String path = request.getRequestURI();
        if (!path.startsWith(PATH) || !"POST".equals(request.getMethod())) {
            chain.doFilter(request, response);
            return;
        }
        int stopped = runs.offByKey(path.substring(PATH.length()));
        response.setContentType(MediaType.APPLICATION_JSON_VALUE);
        response.getWriter().write("{\"stopped\":" + stopped + "}");
    }
}
