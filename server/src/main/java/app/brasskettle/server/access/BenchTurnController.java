package app.brasskettle.server.access;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.retries.Unkeyed;
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

    BenchTurnController(AccountStore accounts, PasswordEncoder encoder, SignedIn signedIn) {
        this.accounts = accounts;
        this.encoder = encoder;
        this.signedIn = signedIn;
    }

    @GetMapping("/api/session/turns")
    List<Person> people() {
        return accounts.withPin();
    }

    @Unkeyed("Changes who is signed in, nothing of the shop")
    @PostMapping("/api/session/turns")
    Person turn(@RequestBody Turn body, HttpServletRequest request, HttpServletResponse answer) {
        String username = body.username() == null ? "" : body.username().strip().toLowerCase(Locale.ROOT);
        Optional<AccountStore.Account> account = accounts.byUsername(username)
                .filter(a -> !a.closed() && a.pinHash().isPresent())
                .filter(a -> a.person().role() == Role.TECHNICIAN || a.person().role() == Role.LEAD);
        String pin = body.pin() == null ? "" : body.pin();
        if (account.isEmpty() || !encoder.matches(pin, account.get().pinHash().orElseThrow())) {
            accounts.countWrongPin(username, MAX_WRONG);
            throw new InvalidInputException(List.of(new Problem(
                    "pin",
                    Problem.Code.CONTRADICTION,
                    "pin is not right. After " + MAX_WRONG + " wrong ones the password is needed")));
        }
        accounts.clearWrongPins(username);
        signedIn.as(account.get().person(), request, answer);
        return account.get().person();
    }

    @PostMapping("/api/me/pin")
    List<Person> set(@RequestBody NewPin body, Authentication who) {
        Person person = People.of(who);
        AccountStore.Account account = accounts.byUsername(person.username()).orElseThrow();
        String pin = body.pin() == null ? "" : body.pin().strip();
        Problems problems = new Problems();
        if (body.current() == null || !encoder.matches(body.current(), account.passwordHash())) {
            problems.add("current", Problem.Code.CONTRADICTION, "current is not your password");
        }
        if (!pin.isEmpty() && !pin.matches(DIGITS)) {
            problems.add("pin", Problem.Code.SYNTAX, "pin must have four to eight figures");
        } else if (pin.length() > 1 && pin.chars().distinct().count() == 1) {
            problems.add("pin", Problem.Code.RANGE, "pin is one figure over and over: anybody would try that first");
        }
        if (person.role() != Role.TECHNICIAN && person.role() != Role.LEAD) {
            problems.add("pin", Problem.Code.CONTRADICTION, "pin is for the bench; the office signs in by password");
        }
        problems.throwIfAny();
        accounts.setPin(
                person.username(), Optional.of(pin).filter(p -> !p.isEmpty()).map(encoder::encode));
        return accounts.withPin();
    }
}
