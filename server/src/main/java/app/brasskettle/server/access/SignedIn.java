package app.brasskettle.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;

/**
 * The session of whoever signed in: a new one each time, so that no older one can be carried over. It remembers when a password
 * was given, however many turns were taken since.
 */
@Component
class SignedIn {

    private static final String PASSWORD_AT = "app.brasskettle.password-at";
    private static final String BY_PIN = "app.brasskettle.by-pin";
    private static final String FACTOR_MISSING = "app.brasskettle.factor-missing";

    private final SecurityContextRepository contexts;
    private final boolean factorRequired;

    SignedIn(
            SecurityContextRepository contexts,
            @Value("${brasskettle.second-factor-required}") boolean factorRequired) {
        this.contexts = contexts;
        this.factorRequired = factorRequired;
    }

    /** Signs in who gave the password, and the code where there is a second factor. */
    void byPassword(AccountStore.Account account, HttpServletRequest request, HttpServletResponse answer) {
        HttpSession session = as(account.person(), request, answer);
        session.setAttribute(PASSWORD_AT, System.currentTimeMillis());
        Role role = account.person().role();
        boolean missing = factorRequired
                && (role == Role.ADMIN || role == Role.LEAD)
                && account.factor().isEmpty();
        session.setAttribute(FACTOR_MISSING, missing);
    }

    /** Gives the turn to somebody who gave their number; the password that opened the session stays as old as it is. */
    void byPin(Person person, HttpServletRequest request, HttpServletResponse answer) {
        long at = passwordAt(request.getSession(false)).orElse(0L);
        HttpSession session = as(person, request, answer);
        session.setAttribute(PASSWORD_AT, at);
        session.setAttribute(BY_PIN, true);
    }

    private HttpSession as(Person person, HttpServletRequest request, HttpServletResponse answer) {
        HttpSession old = request.getSession(false);
        if (old != null) {
            old.invalidate();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(People.authenticated(person));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, answer);
        return request.getSession(true);
    }

    /** When the password was given that a session rests on, ms of the epoch; nothing for a session of an earlier release. */
    static Optional<Long> passwordAt(HttpSession session) {
        return session != null && session.getAttribute(PASSWORD_AT) instanceof Long at
                ? Optional.of(at)
                : Optional.empty();
    }

    /** Whether a call comes from a session that was opened by password, and by nobody's number or token. */
    static boolean opened(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session != null && !TokenFilter.bears(request) && !Boolean.TRUE.equals(session.getAttribute(BY_PIN));
    }

    /** Whether whoever is signed in has to set up a second factor first. */
    static boolean factorMissing(HttpSession session) {
        return session != null && Boolean.TRUE.equals(session.getAttribute(FACTOR_MISSING));
    }

    static void factorSetUp(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.removeAttribute(FACTOR_MISSING);
        }
    }
}
