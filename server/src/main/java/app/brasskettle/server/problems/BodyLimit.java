package app.brasskettle.server.problems;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.slf4j.MDC;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Gives each call an id for the log and refuses bodies over 4 MiB, declared or not. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class BodyLimit extends OncePerRequestFilter {

    private static final long MOST = 4L << 20;
    private static final String REFUSAL =
            "{\"title\":\"Too large\",\"status\":413,\"detail\":\"A body holds at most 4 MiB\",\"problems\":[]}";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        MDC.put(
                "request",
                Long.toHexString(
                        java.util.concurrent.ThreadLocalRandom.current().nextLong()));
        try {
            if (request.getContentLengthLong() > MOST) {
                refuse(response);
                return;
            }
            chain.doFilter(new Counted(request), response);
        } finally {
            MDC.remove("request");
        }
    }

    private static void refuse(HttpServletResponse response) throws IOException {
        response.setStatus(HttpStatus.CONTENT_TOO_LARGE.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getWriter().write(REFUSAL);
    }

    private static final class Counted extends HttpServletRequestWrapper {

        Counted(HttpServletRequest request) {
            super(request);
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            ServletInputStream inner = super.getInputStream();
            return new ServletInputStream() {
                private long read;

                @Override
                public int read() throws IOException {
                    int b = inner.read();
                    count(b < 0 ? 0 : 1);
                    return b;
                }

                @Override
                public int read(byte[] into, int from, int length) throws IOException {
                    int n = inner.read(into, from, length);
                    count(Math.max(0, n));
                    return n;
                }

                private void count(int more) {
                    read += more;
                    if (read > MOST) {
                        throw RefusedException.tooLarge("A body holds at most 4 MiB");
                    }
                }

                @Override
                public boolean isFinished() {
                    return inner.isFinished();
                }

                @Override
                public boolean isReady() {
                    return inner.isReady();
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    inner.setReadListener(listener);
                }
            };
        }
    }
}
