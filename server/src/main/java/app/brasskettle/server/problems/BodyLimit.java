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
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Gives each call an id for the log and refuses bodies that are too large, declared or not. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class BodyLimit extends OncePerRequestFilter {

    private static final long MEBIBYTE = 1L << 20;
    private static final long MOST = 4 * MEBIBYTE;
    private static final long MAX_PHOTOGRAPH = 15 * MEBIBYTE;
    /** Fifty thousand windings as a list. */
    private static final long MAX_BANK = 40 * MEBIBYTE;

    private static final long MAX_READINGS = 16 * MEBIBYTE;
    /** More than an archive of a job holds unpacked, so that whatever was written can be read: photographs do not shrink. */
    private static final long MAX_IMPORT = 512 * MEBIBYTE;

    private static long most(HttpServletRequest request) {
        String path = request.getRequestURI();
        if (path.matches("/api/jobs/[^/]+/photos")) {
            return MAX_PHOTOGRAPH;
        }
        if (path.matches("/api/jobs/[^/]+/tests/[^/]+/file")) {
            return MAX_READINGS;
        }
        if (path.equals("/api/bank/import")) {
            return MAX_BANK;
        }
        return path.equals("/api/jobs/import") ? MAX_IMPORT : MOST;
    }

    private static String told(long most) {
        return "What is sent here holds at most " + most / MEBIBYTE + " MiB";
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        MDC.put(
                "request",
                Long.toHexString(
                        java.util.concurrent.ThreadLocalRandom.current().nextLong()));
        try {
            long most = most(request);
            if (request.getContentLengthLong() > most) {
                ProblemAnswer.write(response, HttpStatus.CONTENT_TOO_LARGE, "Too large", told(most));
                return;
            }
            chain.doFilter(new Counted(request, most), response);
        } finally {
            MDC.remove("request");
        }
    }

    private static final class Counted extends HttpServletRequestWrapper {

        private final long most;

        Counted(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
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
                    if (read > most) {
                        throw RefusedException.tooLarge(told(most));
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
