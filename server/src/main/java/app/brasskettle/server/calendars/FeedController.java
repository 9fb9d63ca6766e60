package app.brasskettle.server.calendars;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.pages.PublicAddress;
import app.brasskettle.server.pages.SecretAddress;
import app.brasskettle.server.planning.PlanBook;
import app.brasskettle.server.planning.ToldPlan;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.settings.SettingsStore;
import app.brasskettle.server.shops.CurrentShop;
import app.brasskettle.server.throttle.Attempt;
import app.brasskettle.server.throttle.Throttle;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Calendars and their addresses. */
@RestController
class FeedController {

    private static final MediaType CALENDAR = MediaType.parseMediaType("text/calendar;charset=UTF-8");

    private final FeedStore store;
    private final PlanBook plan;
    private final SettingsStore settings;
    private final PublicAddress address;
    private final Throttle throttle;
    private final CurrentShop current;

    FeedController(
            FeedStore store,
            PlanBook plan,
            SettingsStore settings,
            PublicAddress address,
            Throttle throttle,
            CurrentShop current) {
        this.store = store;
        this.plan = plan;
        this.settings = settings;
        this.address = address;
        this.throttle = throttle;
        this.current = current;
    }

    /** Whose calendar. */
    record FeedBody(String kind, String name) {}

    /** A new address, told this once. */
    record Made(String address, List<FeedStore.Feed> feeds) {}

    @GetMapping("/api/plan/feeds")
    List<FeedStore.Feed> feeds(Authentication who) {
        planner(who);
        return store.standing();
    }

    @PostMapping("/api/plan/feeds")
    Made make(@RequestBody FeedBody body, Authentication who) {
        Person person = planner(who);
        Problems problems = new Problems();
        Optional<FeedKind> kind = Coded.parse(FeedKind.class, body.kind() == null ? "" : body.kind());
        if (kind.isEmpty()) {
            problems.add("kind", Problem.Code.WORD, "kind must be one of " + Coded.choices(FeedKind.class));
        }
        problems.name("name", body.name());
        problems.throwIfAny();
        String secret = SecretAddress.make();
        store.add(
                kind.orElseThrow(),
                body.name().strip(),
                SecretAddress.hash(secret),
                person.displayName(),
                JobClock.now());
        return new Made(address.of("/api/calendars/{secret}.ics", secret), store.standing());
    }

    @PostMapping("/api/plan/feeds/{id}/revoke")
    List<FeedStore.Feed> revoke(@PathVariable long id, Authentication who) {
        Person person = planner(who);
        if (!store.revoke(id, person.displayName(), JobClock.now())) {
            throw RefusedException.unknown("There is no such address to take back");
        }
        return store.standing();
    }

    /** The calendar behind an address; the address is the key, and shows nothing else of the shop. */
    @GetMapping("/api/calendars/{secret}.ics")
    ResponseEntity<String> calendar(@PathVariable String secret, HttpServletRequest call) {
        String caller = call.getRemoteAddr();
        throttle.check(Attempt.CALENDAR_ADDRESS, caller);
        FeedStore.Opened opened = store.byHash(SecretAddress.hash(secret)).orElseThrow(() -> {
            throttle.count(Attempt.CALENDAR_ADDRESS, caller);
            return RefusedException.unknown("There is no such calendar, or its address was taken back");
        });
        current.enter(opened.shop());
        FeedStore.Feed feed = opened.feed();
        Optional<ToldPlan> told = plan.told();
        String text = PlanCalendar.of(
                feed.kind(),
                feed.name(),
                settings.current().shopName(),
                told.map(ToldPlan::tasks).orElse(List.of()),
                told.map(t -> t.acceptedAt().toInstant())
                        .orElseGet(() -> JobClock.now().toInstant()));
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .cacheControl(CacheControl.noStore())
                .body(text);
    }

    private static Person planner(Authentication who) {
        return People.of(who, Role.LEAD, Role.OFFICE, Role.ADMIN);
    }
}
