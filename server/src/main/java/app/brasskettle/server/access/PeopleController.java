package app.brasskettle.server.access;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.audit.SecurityEventKind;
import app.brasskettle.server.audit.SecurityJournal;
import app.brasskettle.server.passwords.Passwords;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.shops.CurrentShop;
import app.brasskettle.server.shops.Shop;
import app.brasskettle.server.shops.ShopStore;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
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

/** Accounts, made and closed by an administrator. */
@RestController
@RequestMapping("/api/people")
class PeopleController {

    private static final Pattern USERNAME = Pattern.compile("[a-z][a-z0-9.-]{1,39}");
    private static final int MAX_NAME = 80;

    /** An account as an administrator sees it, with the numbers of its shops. */
    record Account(
            String username, String displayName, Role role, boolean closed, boolean secondFactor, List<Long> shops) {}

    /** An account to make; it belongs to the shop of the call where it names none. */
    record NewAccount(String username, String displayName, String role, String password, List<Long> shops) {}

    /** What an account is to be from now on; it belongs to the shops it did where none are named. */
    record Change(String displayName, String role, boolean closed, List<Long> shops) {}

    /** A password set by an administrator, who tells it to the person. */
    record Reset(String password) {}

    private final AccountStore accounts;
    private final TokenStore tokens;
    private final PasswordEncoder encoder;
    private final SecurityJournal journal;
    private final ShopStore shops;
    private final CurrentShop current;

    PeopleController(
            AccountStore accounts,
            TokenStore tokens,
            PasswordEncoder encoder,
            SecurityJournal journal,
            ShopStore shops,
            CurrentShop current) {
        this.shops = shops;
        this.current = current;
        this.accounts = accounts;
        this.tokens = tokens;
        this.encoder = encoder;
        this.journal = journal;
    }

    @GetMapping
    List<Account> all(Authentication who) {
        // An administrator administers the house, a lead hand knows the people of the shop.
        boolean house = People.of(who, Role.LEAD, Role.ADMIN).role() == Role.ADMIN;
        Map<String, List<Long>> belongs = shops.members();
        return (house ? accounts.all() : accounts.here())
                .stream()
                        .map(a -> new Account(
                                a.person().username(),
                                a.person().displayName(),
                                a.person().role(),
                                a.closed(),
                                a.factor().isPresent(),
                                belongs.getOrDefault(a.person().username(), List.of())))
                        .toList();
    }

    @PostMapping
    @Transactional
    public List<Account> add(@RequestBody NewAccount body, Authentication who) {
        People.of(who, Role.ADMIN);
        Problems problems = new Problems();
        if (problems.name("username", body.username())
                && !USERNAME.matcher(body.username()).matches()) {
            problems.add(
                    "username",
                    Problem.Code.SYNTAX,
                    "username must be 2 to 40 small letters, figures, dots or hyphens, a letter first");
        }
        if (problems.clear("username") && accounts.byUsername(body.username()).isPresent()) {
            problems.add("username", Problem.Code.DUPLICATE, "username " + body.username() + " is taken");
        }
        Optional<Role> role = checked(body.displayName(), body.role(), problems);
        Passwords.check("password", body.password(), problems);
        List<Long> belongs = body.shops() == null ? List.of(current.id()) : body.shops();
        some(belongs, problems);
        problems.throwIfAny();
        accounts.add(
                new Person(body.username(), body.displayName().strip(), role.orElseThrow()),
                encoder.encode(body.password()),
                belongs);
        journal.write(
                SecurityEventKind.ACCOUNT_MADE,
                People.of(who).username(),
                body.username() + ": " + role.orElseThrow().code() + inShops(belongs));
        return all(who);
    }

    /** Somebody's tokens, for an administrator. */
    @GetMapping("/{username}/tokens")
    List<TokenStore.Token> tokens(@PathVariable String username, Authentication who) {
        People.of(who, Role.ADMIN);
        known(username);
        return tokens.of(username);
    }

    /** Takes somebody's token back. */
    @DeleteMapping("/{username}/tokens/{id}")
    List<TokenStore.Token> revoke(@PathVariable String username, @PathVariable long id, Authentication who) {
        Person admin = People.of(who, Role.ADMIN);
        if (!tokens.revoke(username, id)) {
            throw RefusedException.unknown("There is no token " + id + " of " + username);
        }
        journal.write(SecurityEventKind.TOKEN_TAKEN_BACK, admin.username(), "token " + id + " of " + username);
        return tokens.of(username);
    }

    @PutMapping("/{username}")
    @Transactional
    public List<Account> change(@PathVariable String username, @RequestBody Change body, Authentication who) {
        People.of(who, Role.ADMIN);
        known(username);
        Problems problems = new Problems();
        Optional<Role> role = checked(body.displayName(), body.role(), problems);
        boolean stays = !body.closed() && role.filter(r -> r == Role.ADMIN).isPresent();
        if (!stays && !accounts.anotherAdministrator(username)) {
            problems.add("closed", Problem.Code.CONTRADICTION, "Somebody must be left who can administer the shop");
        }
        Optional<List<Long>> belongs = Optional.ofNullable(body.shops());
        belongs.ifPresent(b -> some(b, problems));
        problems.throwIfAny();
        AccountStore.Account before = accounts.byUsername(username).orElseThrow();
        accounts.change(new Person(username, body.displayName().strip(), role.orElseThrow()), body.closed());
        belongs.ifPresent(b -> shops.belongs(username, b));
        // A session carries its role along; whoever is changed signs in anew.
        accounts.endSessions(username, "");
        if (body.closed() || role.orElseThrow() != before.person().role()) {
            tokens.revokeAll(username);
        }
        journal.write(
                SecurityEventKind.ACCOUNT_CHANGED,
                People.of(who).username(),
                username + ": " + role.orElseThrow().code() + (body.closed() ? ", closed" : ", open")
                        + belongs.map(PeopleController::inShops).orElse(""));
        return all(who);
    }

    @PostMapping("/{username}/password")
    @Transactional
    public List<Account> reset(@PathVariable String username, @RequestBody Reset body, Authentication who) {
        People.of(who, Role.ADMIN);
        known(username);
        Problems problems = new Problems();
        Passwords.check("password", body.password(), problems);
        problems.throwIfAny();
        accounts.setPassword(username, encoder.encode(body.password()));
        accounts.setPin(username, Optional.empty());
        accounts.endSessions(username, "");
        tokens.revokeAll(username);
        journal.write(SecurityEventKind.PASSWORD_RESET, People.of(who).username(), "of " + username);
        return all(who);
    }

    private static Optional<Role> checked(String displayName, String word, Problems problems) {
        if (problems.name("displayName", displayName) && displayName.strip().length() > MAX_NAME) {
            problems.add("displayName", Problem.Code.RANGE, "displayName has at most " + MAX_NAME + " characters");
        }
        Optional<Role> role = Coded.parse(Role.class, word);
        if (role.isEmpty()) {
            problems.add("role", Problem.Code.WORD, "role must be one of " + Coded.choices(Role.class));
        }
        return role;
    }

    private void some(List<Long> belongs, Problems problems) {
        List<Long> there = shops.all().stream().map(Shop::id).toList();
        if (belongs.isEmpty()) {
            problems.add(
                    "shops", Problem.Code.MISSING, "shops is empty: somebody who belongs to no shop can do nothing");
        } else if (!there.containsAll(belongs)) {
            problems.add("shops", Problem.Code.WORD, "shops must be among " + there);
        }
    }

    private static String inShops(List<Long> belongs) {
        return ", in shop " + belongs.stream().map(String::valueOf).collect(Collectors.joining(" and "));
    }

    private void known(String username) {
        if (accounts.byUsername(username).isEmpty()) {
            throw RefusedException.unknown("There is no account " + username);
        }
    }
}
