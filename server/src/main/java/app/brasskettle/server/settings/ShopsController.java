package app.brasskettle.server.settings;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.audit.SecurityEventKind;
import app.brasskettle.server.audit.SecurityJournal;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.shops.CurrentShop;
import app.brasskettle.server.shops.Shop;
import app.brasskettle.server.shops.ShopStore;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import org.springframework.security.core.Authentication;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The shops of the house, for an administrator. A shop is renamed in its own settings, and never taken away. */
@RestController
@RequestMapping("/api/shops")
class ShopsController {

    /** A shop to open: its name, and the two letters before its jobs' numbers. */
    record NewShop(String name, String tagPrefix) {}

    private final ShopStore shops;
    private final SettingsStore settings;
    private final CurrentShop current;
    private final SecurityJournal journal;

    ShopsController(ShopStore shops, SettingsStore settings, CurrentShop current, SecurityJournal journal) {
        this.shops = shops;
        this.settings = settings;
        this.current = current;
        this.journal = journal;
    }

    @GetMapping
    List<ShopStore.Line> all(Authentication who) {
        People.of(who, Role.ADMIN);
        return shops.lines();
    }

    /** Opens a shop with nothing in it; whoever opens it belongs to it. */
    @PostMapping
    @Transactional
    public List<ShopStore.Line> open(@RequestBody NewShop body, Authentication who) {
        Person person = People.of(who, Role.ADMIN);
        Problems problems = new Problems();
        String name = body.name() == null ? "" : body.name().strip();
        if (problems.name("name", name) && shops.lines().stream().anyMatch(s -> name.equalsIgnoreCase(s.name()))) {
            problems.add("name", Problem.Code.DUPLICATE, "name is that of another shop of the house: " + name);
        }
        if (body.tagPrefix() == null || !body.tagPrefix().matches("[A-Z]{2}")) {
            problems.add("tagPrefix", Problem.Code.SYNTAX, "tagPrefix must be two capital letters");
        }
        problems.throwIfAny();
        OffsetDateTime now = JobClock.now();
        long shop = shops.add(person.displayName(), now);
        current.in(
                shop, () -> settings.write(0, ShopSettings.initial(name, body.tagPrefix()), person.displayName(), now));
        List<Long> mine = new ArrayList<>(
                shops.of(person.username()).stream().map(Shop::id).toList());
        mine.add(shop);
        shops.belongs(person.username(), mine);
        journal.write(SecurityEventKind.SHOP_OPENED, person.username(), "shop " + shop + ": " + name);
        return shops.lines();
    }
}
