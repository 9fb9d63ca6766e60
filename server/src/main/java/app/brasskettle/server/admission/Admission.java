package app.brasskettle.server.admission;

import app.brasskettle.server.problems.ProblemAnswer;
import app.brasskettle.server.problems.RefusedException;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.util.Optional;
import java.util.concurrent.ThreadLocalRandom;
import org.slf4j.MDC;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Gives each call an id for the log, refuses what is too large or cannot be read, and receives bodies whole before anything works
 * on them: one that comes slowly costs neither memory nor a connection of the database. Large ones then take turns.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Admission extends OncePerRequestFilter {

    /** Work on bodies over {@link ReceivedBody#SMALL} takes tens of megabytes: so much of it at once. */
    private static final int LARGE_AT_ONCE = 2;

    private static final long HALF_THE_GATE = 4L << 20;

    private final Receiving receiving;
    private final WorkGate large = new WorkGate(
            LARGE_AT_ONCE, "Other large files are being worked on. Nothing was changed; try again in a moment");

    Admission(@Value("${server.servlet.session.cookie.name}") String cookie) {
        this.receiving = new Receiving(cookie);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        MDC.put("request", Long.toHexString(ThreadLocalRandom.current().nextLong()));
        try {
            Optional<AddressText.Fault> fault = AddressText.fault(request);
            if (fault.isPresent()) {
                ProblemAnswer.field(
                        response, fault.get().parameter(), fault.get().message());
            } else if (request.getContentLengthLong() == 0 || !carries(request)) {
                chain.doFilter(request, response);
            } else {
                received(request, response, chain);
            }
        } finally {
            MDC.remove("request");
        }
    }

    private static boolean carries(HttpServletRequest request) {
        return request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
    }

    private void received(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        BodyKind kind = BodyKind.of(request);
        if (!concrete(request.getContentType())) {
            ProblemAnswer.write(
                    response,
                    HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                    "Not usable",
                    "Content-Type names no type that a body can have");
            return;
        }
        if (request.getContentLengthLong() > kind.most()) {
            ProblemAnswer.write(response, HttpStatus.CONTENT_TOO_LARGE, "Too large", kind.told());
            return;
        }
        try (ReceivedBody body = receive(request, kind)) {
            int weight = body.size() <= ReceivedBody.SMALL ? 0 : body.size() <= HALF_THE_GATE ? 1 : LARGE_AT_ONCE;
            large.enter(weight);
            try (InputStream in = body.open()) {
                chain.doFilter(new ReceivedRequest(request, in), response);
            } finally {
                large.leave(weight);
            }
        } catch (RefusedException refused) {
            ProblemAnswer.of(response, refused);
        }
    }

    private static boolean concrete(String type) {
        try {
            return type == null || MediaType.parseMediaType(type).isConcrete();
        } catch (InvalidMediaTypeException malformed) {
            return false;
        }
    }

    private ReceivedBody receive(HttpServletRequest request, BodyKind kind) throws IOException {
        String sender = receiving.begun(request);
        try {
            return ReceivedBody.of(request, kind);
        } finally {
            receiving.ended(sender);
        }
    }
}
