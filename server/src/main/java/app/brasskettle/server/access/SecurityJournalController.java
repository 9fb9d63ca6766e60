package app.brasskettle.server.access;

import app.brasskettle.server.audit.SecurityEvents;
import java.util.List;
import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The security journal, for administrators. */
@RestController
class SecurityJournalController {

    private static final int PAGE = 100;

    private final SecurityEvents events;

    SecurityJournalController(SecurityEvents events) {
        this.events = events;
    }

    /** A page of the journal, newest first; the next is asked for by the number of the last. */
    @GetMapping("/api/security-journal")
    List<SecurityEvents.Event> page(@RequestParam Optional<Long> before, Authentication who) {
        People.of(who, Role.ADMIN);
        return events.before(before.orElse(Long.MAX_VALUE), PAGE);
    }
}
