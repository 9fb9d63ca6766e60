package app.brasskettle.server.roster;

import app.brasskettle.core.plan.PlaceKind;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.hours.LearntHours;
import app.brasskettle.server.pricing.PricesOfToday;
import app.brasskettle.server.problems.RefusedException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who works when, what each has learnt, the places of the shop. */
@RestController
@RequestMapping("/api/plan/roster")
class RosterController {

    private final RosterStore store;
    private final PricesOfToday prices;
    private final LearntHours hours;

    RosterController(RosterStore store, PricesOfToday prices, LearntHours hours) {
        this.store = store;
        this.prices = prices;
        this.hours = hours;
    }

    /**
     * The roster with what can be said in it.
     *
     * @param tasks tasks of the shop's table, which people can have learnt
     * @param kinds kinds of place
     */
    record View(int version, Roster roster, List<Task> tasks, List<Kind> kinds) {}

    /**
     * A task of the shop's table.
     *
     * @param factor hours it took here in one of the table, learnt from motors that left; 1 where too few say anything
     * @param motors how many motors say so
     */
    record Task(String code, String words, double factor, int motors) {}

    /** A kind of place. */
    record Kind(PlaceKind code, String label, boolean batches) {}

    /** The roster as typed, with the version the writer saw. */
    record Body(int version, Map<String, Object> typed) {}

    @GetMapping
    View view() {
        var learnt = hours.now().byTask();
        return new View(
                store.stored().map(RosterStore.StoredRoster::version).orElse(0),
                store.current(),
                prices.read().tasks().tasks().stream()
                        .map(t -> new Task(
                                t.code(),
                                t.task(),
                                learnt.containsKey(t.code())
                                        ? learnt.get(t.code()).factor()
                                        : 1,
                                learnt.containsKey(t.code())
                                        ? learnt.get(t.code()).motors()
                                        : 0))
                        .toList(),
                Arrays.stream(PlaceKind.values())
                        .map(k -> new Kind(k, k.label(), k.batches()))
                        .toList());
    }

    @PutMapping
    View write(@RequestBody Body body, Authentication who) {
        Person person = People.of(who, Role.LEAD, Role.OFFICE, Role.ADMIN);
        Roster roster = TypedInput.read(Roster.class, body.typed() == null ? Map.of() : body.typed())
                .input();
        if (!store.write(body.version(), roster, person.displayName(), JobClock.now())) {
            throw RefusedException.stale(
                    "Somebody else changed the roster. Yours is kept: look at both, then save again");
        }
        return view();
    }
}
