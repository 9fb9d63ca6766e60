package app.brasskettle.server.retries;

import app.brasskettle.server.problems.ProblemAnswer;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.security.Principal;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * Every changing call in one transaction, which a refusal undoes, and answered only after it is kept.
 *
 * <p>With a key the answer is kept in that same transaction: the same call by the same person with the same key is answered as the
 * first time and changes nothing. The same key for anything else is refused (422), and while the first is under way the second is
 * asked to wait (409). A connection of the database is only taken when something is asked of it.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE - 10)
class ChangingCalls extends OncePerRequestFilter {

    private static final Logger LOG = LoggerFactory.getLogger(ChangingCalls.class);
    private static final int WAIT_S = 1;

    private final ChangingHandlers handlers;
    private final AnsweredCallStore answers;
    private final TransactionTemplate together;
    private final Set<RequestKey> underWay = ConcurrentHashMap.newKeySet();

    ChangingCalls(ChangingHandlers handlers, AnsweredCallStore answers, PlatformTransactionManager transactions) {
        this.handlers = handlers;
        this.answers = answers;
        this.together = new TransactionTemplate(transactions);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!handlers.changes(request)) {
            chain.doFilter(request, response);
            return;
        }
        String sent = request.getHeader(RequestKey.HEADER);
        if (sent == null) {
            answer(request, response, chain, Optional.empty());
            return;
        }
        Optional<String> fault = RequestKey.fault(sent);
        if (fault.isPresent()) {
            ProblemAnswer.field(response, RequestKey.HEADER, fault.get());
            return;
        }
        RequestKey key = new RequestKey(scope(request), sent);
        if (!underWay.add(key)) {
            ProblemAnswer.later(
                    response,
                    HttpStatus.CONFLICT,
                    "Under way",
                    "The same call is being answered now. Ask again in a second",
                    WAIT_S);
            return;
        }
        try {
            Optional<AnsweredCallStore.Answered> before = answers.find(key);
            if (before.isPresent()) {
                underWay.remove(key);
                again(before.get(), new DigestedRequest(request).digest(), response);
            } else {
                answer(request, response, chain, Optional.of(key));
            }
        } catch (DataAccessException away) {
            notKept(request, response, away);
        } finally {
            underWay.remove(key);
        }
    }

    /** Whoever is signed in; a call that needs nobody is told by its path, which holds a secret of its own. */
    private static String scope(HttpServletRequest request) {
        Principal person = request.getUserPrincipal();
        return person == null ? request.getRequestURI() : person.getName();
    }

    private static void again(AnsweredCallStore.Answered before, byte[] digest, HttpServletResponse response)
            throws IOException {
        if (before.digest().isEmpty()) {
            ProblemAnswer.write(
                    response,
                    HttpStatus.CONFLICT,
                    "Recorded already",
                    "This was recorded before the last change of the program. Load the page again to see it");
        } else if (before.answers(digest)) {
            response.setStatus(before.status());
            response.setContentType(before.type());
            response.getOutputStream().write(before.body());
        } else {
            ProblemAnswer.write(
                    response,
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Key used already",
                    "This " + RequestKey.HEADER + " was sent with another call. Each call needs a key of its own");
        }
    }

    private void answer(
            HttpServletRequest request, HttpServletResponse response, FilterChain chain, Optional<RequestKey> key)
            throws ServletException, IOException {
        ContentCachingResponseWrapper held = new ContentCachingResponseWrapper(response);
        Work work = new Work(new DigestedRequest(request), held, chain, key);
        try {
            together.executeWithoutResult(status -> {
                if (!work.done()) {
                    status.setRollbackOnly();
                }
            });
        } catch (DataAccessException | TransactionException away) {
            notKept(request, response, away);
            return;
        }
        // Whoever has the answer may send the next call at once: the key is free before the answer goes out.
        key.ifPresent(underWay::remove);
        work.rethrow();
        if (work.overtaken) {
            again(answers.find(key.orElseThrow()).orElseThrow(), work.digest, response);
        } else {
            held.copyBodyToResponse();
        }
    }

    private static void notKept(HttpServletRequest request, HttpServletResponse response, Exception away)
            throws IOException {
        LOG.error("{} {} was not kept", request.getMethod(), request.getRequestURI(), away);
        ProblemAnswer.later(
                response,
                HttpStatus.SERVICE_UNAVAILABLE,
                "Store not reached",
                "The record could not be reached. Nothing was changed; try again",
                WAIT_S);
    }

    /** A call on its way through the rest of the chain. */
    private final class Work {

        private final DigestedRequest request;
        private final ContentCachingResponseWrapper held;
        private final FilterChain chain;
        private final Optional<RequestKey> key;
        private Exception failure;
        private byte[] digest;
        private boolean overtaken;

        Work(DigestedRequest request, ContentCachingResponseWrapper held, FilterChain chain, Optional<RequestKey> key) {
            this.request = request;
            this.held = held;
            this.chain = chain;
            this.key = key;
        }

        /** Whether what was done is to be kept. */
        boolean done() {
            try {
                chain.doFilter(request, held);
                if (held.getStatus() >= HttpStatus.BAD_REQUEST.value()) {
                    return false;
                }
                if (key.isPresent()) {
                    digest = request.digest();
                    overtaken = !answers.keep(
                            key.get(), digest, held.getStatus(), held.getContentType(), held.getContentAsByteArray());
                    answers.forgetOld();
                }
                return !overtaken;
            } catch (ServletException | IOException failed) {
                failure = failed;
                return false;
            }
        }

        void rethrow() throws ServletException, IOException {
            if (failure instanceof ServletException servlet) {
                throw servlet;
            }
            if (failure instanceof IOException io) {
                throw io;
            }
        }
    }
}
