package app.brasskettle.server.audit;

import app.brasskettle.server.clock.JobClock;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Writes what happened, with the address of the call that is being answered. No password, code, number or token is ever in it. */
@Component
public class SecurityJournal {

    private final SecurityEventStore store;

    SecurityJournal(SecurityEventStore store) {
        this.store = store;
    }

    /**
     * Writes an event.
     *
     * @param username who did it, or whose name was tried
     * @param detail in a few words; empty where the kind says it all
     */
    public void write(SecurityEventKind kind, String username, String detail) {
        String address = RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes call
                ? call.getRequest().getRemoteAddr()
                : "";
        store.add(kind, username, address, detail, JobClock.now());
    }
}
