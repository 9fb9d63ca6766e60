package app.brasskettle.server.access;

import app.brasskettle.server.audit.SecurityEventKind;
import app.brasskettle.server.audit.SecurityJournal;
import app.brasskettle.server.retries.Unkeyed;
import app.brasskettle.server.shops.Shop;
import app.brasskettle.server.shops.ShopStore;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.info.BuildProperties;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
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

    /**
     * A session.
     *
     * @param person who is signed in
     * @param preferences how they want to write and see
     * @param demo whether this is the demonstration shop
     * @param programVersion number of the program that answers
     * @param shops the shops they belong to
     * @param factorMissing whether they have to set up a second factor before anything else
     */
    record Session(
            Optional<Person> person,
            Optional<Preferences> preferences,
            boolean demo,
            String programVersion,
            List<Shop> shops,
            boolean factorMissing) {}

    /** What somebody signs in with; a code where they have a second factor. */
    record SignIn(String username, String password, String code) {}

    private final AccountStore accounts;
    private final Door door;
    private final SignedIn signedIn;
    private final SecurityJournal journal;
    private final ShopStore shops;
    private final boolean demo;
    private final String programVersion;

    SessionController(
            AccountStore accounts,
            Door door,
            SignedIn signedIn,
            SecurityJournal journal,
            ShopStore shops,
            @Value("${brasskettle.demo}") boolean demo,
            ObjectProvider<BuildProperties> build) {
        this.accounts = accounts;
        this.door = door;
        this.signedIn = signedIn;
        this.journal = journal;
        this.shops = shops;
        this.demo = demo;
        // Where it is started from classes alone, no build has numbered it.
        this.programVersion =
                build.stream().map(BuildProperties::getVersion).findFirst().orElse("");
    }

    @GetMapping
    Session current(CsrfToken csrf, Authentication who, HttpServletRequest request) {
        csrf.getToken();
        return session(People.find(who), request);
    }

    @Unkeyed("Changes who is signed in, nothing of the shop")
    @PostMapping
    Session signIn(@RequestBody SignIn given, HttpServletRequest request, HttpServletResponse answer) {
        String username =
                given.username() == null ? "" : given.username().strip().toLowerCase(Locale.ROOT);
        AccountStore.Account account = door.opened(username, given.password(), given.code(), request.getRemoteAddr());
        signedIn.byPassword(account, request, answer);
        return session(Optional.of(account.person()), request);
    }

    private Session session(Optional<Person> person, HttpServletRequest request) {
        return new Session(
                person,
                person.map(p -> accounts.preferences(p.username())),
                demo,
                programVersion,
                person.map(p -> shops.of(p.username())).orElse(List.of()),
                SignedIn.factorMissing(request.getSession(false)));
    }

    @Unkeyed("Changes who is signed in, nothing of the shop")
    @DeleteMapping
    Session signOut(HttpServletRequest request, Authentication who) {
        People.find(who).ifPresent(p -> journal.write(SecurityEventKind.SIGNED_OUT, p.username(), ""));
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
        return session(Optional.empty(), request);
    }
}
