package app.brasskettle.server.rack;

import app.brasskettle.core.quantity.Spelling;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.wire.Rack;
import app.brasskettle.core.wire.WireLot;
import app.brasskettle.core.wire.WireSize;
import app.brasskettle.core.wire.WireTable;
import app.brasskettle.server.access.AccountStore;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.problems.RefusedException;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The wire rack: everybody reads it, who winds and who leads keep it. */
@RestController
@RequestMapping("/api/rack")
class RackController {

    private final RackStore store;
    private final AccountStore accounts;

    RackController(RackStore store, AccountStore accounts) {
        this.store = store;
        this.accounts = accounts;
    }

    /**
     * The rack.
     *
     * @param lots every lot
     * @param rack lots of a size together, what is used up left out
     * @param sizes sizes that wire is made in, metric and by gauge
     */
    record View(List<RackStore.Lot> lots, Rack rack, List<WireSize> sizes) {}

    /** A lot as typed, with the version its writer saw. */
    record Body(int version, Map<String, Object> typed) {}

    @GetMapping
    View view() {
        return new View(
                store.lots(),
                store.rack(),
                Stream.concat(WireTable.metric().stream(), WireTable.gauges().stream())
                        .toList());
    }

    @PostMapping
    View add(@RequestBody Body body, Authentication who) {
        String by = hand(who);
        store.add(lot(body, who), by);
        return view();
    }

    @PutMapping("/{id}")
    View write(@PathVariable long id, @RequestBody Body body, Authentication who) {
        String by = hand(who);
        WireLot lot = lot(body, who);
        if (store.lots().stream().noneMatch(l -> l.id() == id)) {
            throw RefusedException.unknown("There is no lot " + id + " on the rack");
        }
        if (!store.write(id, body.version(), lot, by)) {
            throw RefusedException.stale("Somebody else changed this lot. Look at it again, then write yours");
        }
        return view();
    }

    private WireLot lot(Body body, Authentication who) {
        return TypedInput.read(
                        WireLot.class,
                        Spelling.of(WireLot.class, body.typed() == null ? Map.of() : body.typed(), accounts.units(who)))
                .input();
    }

    private static String hand(Authentication who) {
        return People.of(who, Role.TECHNICIAN, Role.LEAD, Role.ADMIN).displayName();
    }
}
