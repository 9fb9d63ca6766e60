package app.brasskettle.server.access;

import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.audit.SecurityEventKind;
import app.brasskettle.server.audit.SecurityJournal;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.retries.Unkeyed;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The second factor of administrators and lead hands: set up by its owner, taken off by its owner or an administrator. */
@RestController
class SecondFactorController {

    /** Whether it is set up. */
    record State(boolean on) {}

    /** The password, to begin. */
    record Begin(String current) {}

    /** A secret for an authenticator, shown once. */
    record Begun(String secret, String uri) {}

    /** A code of the authenticator. */
    record Code(String code) {}

    private final Confirmation confirmation;
    private final AccountStore accounts;
    private final FactorStore store;
    private final SecondFactor factor;
    private final SecurityJournal journal;

    SecondFactorController(
            Confirmation confirmation,
            AccountStore accounts,
            FactorStore store,
            SecondFactor factor,
            SecurityJournal journal) {
        this.confirmation = confirmation;
        this.accounts = accounts;
        this.store = store;
        this.factor = factor;
        this.journal = journal;
    }

    @GetMapping("/api/me/second-factor")
    State state(Authentication who) {
        return new State(accounts.byUsername(mayHave(who).username())
                .flatMap(AccountStore.Account::factor)
                .isPresent());
    }

    /** Begins to set it up; it counts once a code confirmed it. */
    @Unkeyed("A second secret takes the place of the first; nothing counts before its code")
    @PostMapping("/api/me/second-factor")
    Begun begin(@RequestBody Begin body, Authentication who) {
        Problems problems = new Problems();
        AccountStore.Account account = confirmation.password(mayHave(who), body.current(), problems);
        problems.throwIfAny();
        if (account.factor().isPresent()) {
            throw RefusedException.stale("It is set up already. Take it off first");
        }
        byte[] secret = factor.secret();
        store.begin(account.person().username(), secret);
        return new Begun(
                SecondFactor.base32(secret), SecondFactor.uri(account.person().username(), secret));
    }

    @Unkeyed("A code is used up by itself")
    @PostMapping("/api/me/second-factor/confirm")
    State confirm(@RequestBody Code body, Authentication who, HttpServletRequest request) {
        String username = mayHave(who).username();
        byte[] secret = store.unconfirmed(username)
                .orElseThrow(() -> RefusedException.stale("There is none to confirm. Begin anew"));
        Problems problems = new Problems();
        confirmation.code(username, secret, body.code(), problems);
        problems.throwIfAny();
        store.confirm(username);
        SignedIn.factorSetUp(request);
        journal.write(SecurityEventKind.FACTOR_CHANGED, username, "set up");
        return new State(true);
    }

    /** Takes one's own off, with password and code. */
    @Unkeyed("Taking it off twice does no harm")
    @PostMapping("/api/me/second-factor/off")
    State off(@RequestBody Off body, Authentication who) {
        Problems problems = new Problems();
        AccountStore.Account account = confirmation.password(mayHave(who), body.current(), problems);
        account.factor()
                .ifPresent(secret -> confirmation.code(account.person().username(), secret, body.code(), problems));
        problems.throwIfAny();
        store.takeOff(account.person().username());
        journal.write(SecurityEventKind.FACTOR_CHANGED, account.person().username(), "taken off");
        return new State(false);
    }

    /** What takes it off. */
    record Off(String current, String code) {}

    /** Takes somebody's off who lost what makes their codes; they sign in by password and set it up anew. */
    @DeleteMapping("/api/people/{username}/second-factor")
    State lost(@PathVariable String username, Authentication who) {
        Person admin = People.of(who, Role.ADMIN);
        accounts.byUsername(username).orElseThrow(() -> RefusedException.unknown("There is no account " + username));
        store.takeOff(username);
        journal.write(SecurityEventKind.FACTOR_CHANGED, admin.username(), "taken off for " + username);
        return new State(false);
    }

    private static Person mayHave(Authentication who) {
        Person person = People.of(who);
        if (person.role() != Role.ADMIN && person.role() != Role.LEAD) {
            throw RefusedException.forbidden("A second factor is for administrators and lead hands");
        }
        return person;
    }
}
