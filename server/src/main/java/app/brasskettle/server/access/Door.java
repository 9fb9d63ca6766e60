package app.brasskettle.server.access;

import app.brasskettle.server.audit.SecurityEventKind;
import app.brasskettle.server.audit.SecurityJournal;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.throttle.Attempt;
import app.brasskettle.server.throttle.KnownAddressStore;
import app.brasskettle.server.throttle.Throttle;
import java.util.Optional;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * Judges who may come in. Attempts are counted before they are judged, and a name that nobody has is answered like one that somebody
 * has. Guesses from one address lock nobody out at another; an address that an account came in by before stays open to it.
 */
@Component
class Door {

    private final AccountStore accounts;
    private final PasswordEncoder encoder;
    private final SecondFactor factor;
    private final Throttle throttle;
    private final KnownAddressStore addresses;
    private final SecurityJournal journal;
    private final String nobodysHash;

    Door(
            AccountStore accounts,
            PasswordEncoder encoder,
            SecondFactor factor,
            Throttle throttle,
            KnownAddressStore addresses,
            SecurityJournal journal) {
        this.accounts = accounts;
        this.encoder = encoder;
        this.factor = factor;
        this.throttle = throttle;
        this.addresses = addresses;
        this.journal = journal;
        this.nobodysHash = encoder.encode("nobody");
    }

    /**
     * The account of whoever gives its name, password and, where it has a second factor, code.
     *
     * @throws RefusedException when they are not right, or too many were tried
     */
    AccountStore.Account opened(String username, String password, String code, String address) {
        String here = username + " " + address;
        boolean known = addresses.knows(username, address);
        counted(username, here, address, known);
        Optional<AccountStore.Account> account = accounts.byUsername(username).filter(a -> !a.closed());
        // An unknown name takes as long as a wrong password, so that nobody can ask which names there are.
        boolean right = encoder.matches(
                password == null ? "" : password,
                account.map(AccountStore.Account::passwordHash).orElse(nobodysHash));
        if (account.isEmpty() || !right) {
            throw failed(username, "password");
        }
        Optional<byte[]> secret = account.get().factor();
        if (secret.isPresent() && (code == null || code.isBlank())) {
            takeBack(username, here, address, known);
            throw RefusedException.codeNeeded("Type the six figures your authenticator shows now");
        }
        if (secret.isPresent() && !factor.passes(username, secret.get(), code)) {
            throw failed(username, "code");
        }
        takeBack(username, here, address, known);
        throttle.clear(Attempt.SIGN_IN, here);
        addresses.remember(username, address);
        journal.write(SecurityEventKind.SIGNED_IN, username, "");
        return account.get();
    }

    private void counted(String username, String here, String address, boolean known) {
        try {
            throttle.count(Attempt.SIGN_IN, here);
            throttle.count(Attempt.SIGN_IN_ADDRESS, address);
            if (!known) {
                throttle.count(Attempt.SIGN_IN_ELSEWHERE, username);
            }
        } catch (RefusedException tooMany) {
            if (throttle.first(Attempt.SIGN_IN, here)) {
                journal.write(SecurityEventKind.SIGN_IN_THROTTLED, username, "");
            }
            throw tooMany;
        }
    }

    private void takeBack(String username, String here, String address, boolean known) {
        throttle.right(Attempt.SIGN_IN, here);
        throttle.right(Attempt.SIGN_IN_ADDRESS, address);
        if (!known) {
            throttle.right(Attempt.SIGN_IN_ELSEWHERE, username);
        }
    }

    private RefusedException failed(String username, String what) {
        journal.write(SecurityEventKind.SIGN_IN_FAILED, username, "wrong " + what);
        return RefusedException.notSignedIn("Name or password is not right");
    }
}
