package app.brasskettle.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;

/** The session of whoever signed in: a new one each time, so that no older one can be carried over. */
@Component
class SignedIn {

    private final SecurityContextRepository contexts;

    SignedIn(SecurityContextRepository contexts) {
        this.contexts = contexts;
    }

    void as(Person person, HttpServletRequest request, HttpServletResponse answer) {
        HttpSession old = request.getSession(false);
        if (old != null) {
            old.invalidate();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(People.authenticated(person));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, answer);
    }
}
