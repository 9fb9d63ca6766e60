package app.brasskettle.server.access;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.throttle.Attempt;
import app.brasskettle.server.throttle.Throttle;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/** What somebody who is signed in gives once more before their account changes; as few guesses as at the door. */
@Component
class Confirmation {

    private final AccountStore accounts;
    private final PasswordEncoder encoder;
    private final SecondFactor factor;
    private final Throttle throttle;

    Confirmation(AccountStore accounts, PasswordEncoder encoder, SecondFactor factor, Throttle throttle) {
        this.accounts = accounts;
        this.encoder = encoder;
        this.factor = factor;
        this.throttle = throttle;
    }

    /** The account of {@code person}, with a problem added where {@code current} is not its password. */
    AccountStore.Account password(Person person, String current, Problems problems) {
        throttle.count(Attempt.CONFIRMATION, person.username());
        AccountStore.Account account = accounts.byUsername(person.username()).orElseThrow();
        if (current != null && encoder.matches(current, account.passwordHash())) {
            throttle.right(Attempt.CONFIRMATION, person.username());
        } else {
            problems.add("current", Problem.Code.CONTRADICTION, "current is not your password");
        }
        return account;
    }

    /** Adds a problem where {@code code} is not right now. */
    void code(String username, byte[] secret, String code, Problems problems) {
        throttle.count(Attempt.CONFIRMATION, username);
        if (factor.passes(username, secret, code)) {
            throttle.right(Attempt.CONFIRMATION, username);
        } else {
            problems.add(
                    "code",
                    Problem.Code.CONTRADICTION,
                    "code is not right now, or was used already. Wait for the next");
        }
    }
}
