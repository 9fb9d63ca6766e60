package app.brasskettle.server.access;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.RecordReader;
import app.brasskettle.server.audit.SecurityEventKind;
import app.brasskettle.server.audit.SecurityJournal;
import app.brasskettle.server.passwords.Passwords;
import app.brasskettle.server.problems.RefusedException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Map;
import org.springframework.security.core.Authentication;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What everybody may do to their own account: another password, tokens for scripts. */
@RestController
@RequestMapping("/api/me")
class OwnAccountController {

    private static final int MAX_TOKENS = 20;
    private static final int USUAL_DAYS = 90;
    private static final int MOST_DAYS = 366;

    /** The password so far and the one from now on. */
    record NewPassword(String current, String fresh) {}

    /** What a token is for, and for how many days; ninety where nothing is said. */
    record NewToken(String name, Integer days) {}

    /** A token just made: the only time it is shown. */
    record MadeToken(String token, List<TokenStore.Token> tokens) {}

    private final AccountStore accounts;
    private final TokenStore tokens;
    private final PasswordEncoder encoder;
    private final Confirmation confirmation;
    private final SecurityJournal journal;

    OwnAccountController(
            AccountStore accounts,
            TokenStore tokens,
            PasswordEncoder encoder,
            Confirmation confirmation,
            SecurityJournal journal) {
        this.accounts = accounts;
        this.tokens = tokens;
        this.encoder = encoder;
        this.confirmation = confirmation;
        this.journal = journal;
    }

    @PostMapping("/password")
    @Transactional
    public List<TokenStore.Token> password(
            @RequestBody NewPassword body, Authentication who, HttpServletRequest request) {
        Person person = People.of(who);
        Problems problems = new Problems();
        confirmation.password(person, body.current(), problems);
        Passwords.check("fresh", body.fresh(), problems);
        problems.throwIfAny();
        accounts.setPassword(person.username(), encoder.encode(body.fresh()));
        HttpSession session = request.getSession(false);
        accounts.endSessions(person.username(), session == null ? "" : session.getId());
        journal.write(SecurityEventKind.PASSWORD_CHANGED, person.username(), "");
        return tokens.of(person.username());
    }

    @PutMapping("/preferences")
    Preferences prefer(@RequestBody Map<String, Object> body, Authentication who) {
        Preferences preferences = RecordReader.read(Preferences.class, body);
        accounts.prefer(People.of(who).username(), preferences);
        return preferences;
    }

    @GetMapping("/tokens")
    List<TokenStore.Token> tokens(Authentication who) {
        return tokens.of(People.of(who).username());
    }

    @PostMapping("/tokens")
    @Transactional
    public MadeToken make(@RequestBody NewToken body, Authentication who, HttpServletRequest request) {
        String username = People.of(who).username();
        if (!SignedIn.opened(request)) {
            throw RefusedException.forbidden("A token outlives a turn at the tablet: sign in by password to make one");
        }
        int days = body.days() == null ? USUAL_DAYS : body.days();
        Problems problems = new Problems();
        problems.whole("days", days, 1, MOST_DAYS, "days");
        if (problems.name("name", body.name()) && body.name().strip().length() > 80) {
            problems.add("name", Problem.Code.RANGE, "name has at most 80 characters");
        }
        if (tokens.of(username).size() >= MAX_TOKENS) {
            problems.add(
                    "name", Problem.Code.COUNT, "There are " + MAX_TOKENS + " tokens already; take one back first");
        }
        problems.throwIfAny();
        String token = tokens.make(username, body.name().strip(), days);
        journal.write(SecurityEventKind.TOKEN_MADE, username, body.name().strip() + ", for " + days + " days");
        return new MadeToken(token, tokens.of(username));
    }

    @DeleteMapping("/tokens/{id}")
    List<TokenStore.Token> revoke(@PathVariable long id, Authentication who) {
        String username = People.of(who).username();
        if (!tokens.revoke(username, id)) {
            throw RefusedException.unknown("You have no token " + id);
        }
        journal.write(SecurityEventKind.TOKEN_TAKEN_BACK, username, "token " + id);
        return tokens.of(username);
    }
}
