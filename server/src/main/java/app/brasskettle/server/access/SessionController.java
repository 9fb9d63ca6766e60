package app.brasskettle.server.access;

import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.retries.Unkeyed;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.OffsetDateTime;
import java.util.Locale;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@RequestMapping("/api/session")
class SessionController {

    /** Who is signed in, how they want to write and see, and whether this is the demonstration shop. */
    record Session(Optional<Person> person, Optional<Preferences> preferences, boolean demo) {}

    /** What somebody signs in with. */
    record SignIn(String username, String password) {}

    private final AccountStore accounts;
    private final PasswordEncoder encoder;
    private final SignedIn signedIn;
    private final boolean demo;
    private final String nobodysHash;

    SessionController(
            AccountStore accounts,
            PasswordEncoder encoder,
            SignedIn signedIn,
            @Value("${brasskettle.demo}") boolean demo) {
        this.accounts = accounts;
        this.encoder = encoder;
        this.signedIn = signedIn;
        this.demo = demo;
        this.nobodysHash = encoder.encode("nobody");
    }

    @GetMapping
    Session current(CsrfToken csrf, Authentication who) {
        csrf.getToken();
        return session(People.find(who));
    }

    @Unkeyed("Changes who is signed in, nothing of the shop")
    @PostMapping
    Session signIn(@RequestBody SignIn given, HttpServletRequest request, HttpServletResponse answer) {
        String username =
                given.username() == null ? "" : given.username().strip().toLowerCase(Locale.ROOT);
        String password = given.password() == null ? "" : given.password();
        Optional<AccountStore.Account> account = accounts.byUsername(username);
        account.flatMap(AccountStore.Account::blockedUntil)
                .filter(until -> until.isAfter(OffsetDateTime.now()))
                .ifPresent(until -> {
                    throw RefusedException.tooMany("Too many wrong passwords. Wait a minute, then try again");
                });
        // An unknown name takes as long as a wrong password, so that nobody can ask which names there are.
        boolean right = encoder.matches(
                password, account.map(AccountStore.Account::passwordHash).orElse(nobodysHash));
        if (account.isEmpty() || account.get().closed() || !right) {
            accounts.countFailure(username);
            throw RefusedException.notSignedIn("Name or password is not right");
        }
        accounts.clearFailures(username);
        signedIn.as(account.get().person(), request, answer);
        return session(Optional.of(account.get().person()));
    }

    private Session session(Optional<Person> person) {
        return new Session(person, person.map(p -> accounts.preferences(p.username())), demo);
    }

    @Unkeyed("Changes who is signed in, nothing of the shop")
    @DeleteMapping
    Session signOut(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
        return session(Optional.empty());
    }
}
