package app.brasskettle.server.access;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.audit.SecurityEventKind;
import app.brasskettle.server.audit.SecurityJournal;
import app.brasskettle.server.passwords.CommonSecrets;
import app.brasskettle.server.retries.Unkeyed;
import app.brasskettle.server.throttle.Attempt;
import app.brasskettle.server.throttle.Throttle;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/**
 * Turns at a shared tablet: somebody signed in by password once, and from then on people change by a short number, so that
 * each entry bears the right name.
 *
 * <p>A number opens nothing that is not signed in already, and only what a technician or lead hand may do.
 */
@RestController
class BenchTurnController {

    private static final int MAX_WRONG = 10;
    private static final String DIGITS = "\\d{4,8}";

    /** Who takes the turn. */
    record Turn(String username, String pin) {}

    /** A new number, with the password; an empty one takes the number away. */
    record NewPin(String current, String pin) {}

    private final AccountStore accounts;
    private final PasswordEncoder encoder;
    private final SignedIn signedIn;
    private final Confirmation confirmation;
    private final Throttle throttle;
    private final SecurityJournal journal;
    private final String nobodysHash;

    BenchTurnController(
            AccountStore accounts,
            PasswordEncoder encoder,
            SignedIn signedIn,
            Confirmation confirmation,
            Throttle throttle,
            SecurityJournal journal) {
        this.accounts = accounts;
        this.encoder = encoder;
        this.signedIn = signedIn;
        this.confirmation = confirmation;
        this.throttle = throttle;
        this.journal = journal;
        this.nobodysHash = encoder.encode("nobody");
    }

    @GetMapping("/api/session/turns")
    List<Person> people() {
        return accounts.withPin();
    }

    @Unkeyed("Changes who is signed in, nothing of the shop")
    @PostMapping("/api/session/turns")
    Person turn(@RequestBody Turn body, HttpServletRequest request, HttpServletResponse answer) {
        String username = body.username() == null ? "" : body.username().strip().toLowerCase(Locale.ROOT);
        throttle.count(Attempt.TURN, request.getSession().getId());
        Optional<AccountStore.Account> account = accounts.tryPin(username, MAX_WRONG);
        String pin = body.pin() == null ? "" : body.pin();
        // Where there is no number to try, as much time passes as where there is.
        boolean right = encoder.matches(
                pin, account.flatMap(AccountStore.Account::pinHash).orElse(nobodysHash));
        if (account.isEmpty() || !right) {
            accounts.takeAwayTriedPin(username, MAX_WRONG);
            journal.write(SecurityEventKind.TURN_FAILED, username, "");
            throw new InvalidInputException(List.of(new Problem(
                    "pin",
                    Problem.Code.CONTRADICTION,
                    "pin is not right. After " + MAX_WRONG + " wrong ones the password is needed")));
        }
        accounts.clearWrongPins(username);
        signedIn.byPin(account.get().person(), request, answer);
        journal.write(SecurityEventKind.TURN_TAKEN, username, "");
        return account.get().person();
    }

    @PostMapping("/api/me/pin")
    List<Person> set(@RequestBody NewPin body, Authentication who) {
        Person person = People.of(who);
        String pin = body.pin() == null ? "" : body.pin().strip();
        Problems problems = new Problems();
        confirmation.password(person, body.current(), problems);
        if (!pin.isEmpty() && !pin.matches(DIGITS)) {
            problems.add("pin", Problem.Code.SYNTAX, "pin must have four to eight figures");
        } else if (CommonSecrets.pin(pin)) {
            problems.add("pin", Problem.Code.RANGE, "pin is one that anybody would try first");
        }
        if (person.role() != Role.TECHNICIAN && person.role() != Role.LEAD) {
            problems.add("pin", Problem.Code.CONTRADICTION, "pin is for the bench; the office signs in by password");
        }
        problems.throwIfAny();
        accounts.setPin(
                person.username(), Optional.of(pin).filter(p -> !p.isEmpty()).map(encoder::encode));
        journal.write(SecurityEventKind.PIN_CHANGED, person.username(), pin.isEmpty() ? "taken away" : "set");
        return accounts.withPin();
    }
}
