package app.brasskettle.server.demo;

import app.brasskettle.core.plan.PlaceKind;
import app.brasskettle.server.roster.Roster;
import app.brasskettle.server.roster.RosterStore;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** People and places of the demonstration. */
@Component
@ConditionalOnProperty("brasskettle.demo")
class DemoRoster {

    private static final String WEEK = "mon-fri 7:00-12:00, 12:45-15:45";

    private final RosterStore store;

    DemoRoster(RosterStore store) {
        this.store = store;
    }

    void write(OffsetDateTime at) {
        List<Roster.Member> people = List.of(
                new Roster.Member(
                        "Mara Orre", List.of("test", "dismantle", "wash", "dip", "assemble", "balance"), WEEK),
                new Roster.Member("Ivo Dalby", List.of("test", "wind", "connect", "exchange", "base"), WEEK),
                new Roster.Member(
                        "Jonna Reke",
                        List.of("dismantle", "strip", "wind", "connect", "varnish", "dip"),
                        "mon-thu 6:30-12:00, 12:30-16:30"),
                new Roster.Member(
                        "Aksel Holm",
                        List.of("dismantle", "wash", "dip", "strip", "varnish", "assemble", "balance"),
                        WEEK + "; sat 8:00-12:00"));
        List<Roster.ShopPlace> places = new ArrayList<>();
        for (int i = 1; i <= 4; i++) {
            places.add(new Roster.ShopPlace("Bench " + i, PlaceKind.BENCH, 1));
        }
        places.add(new Roster.ShopPlace("Winder", PlaceKind.WINDER, 1));
        places.add(new Roster.ShopPlace("Burnout oven", PlaceKind.BURNOUT_OVEN, 2));
        places.add(new Roster.ShopPlace("Bake oven", PlaceKind.BAKE_OVEN, 3));
        places.add(new Roster.ShopPlace("Dip tank", PlaceKind.DIP_TANK, 1));
        places.add(new Roster.ShopPlace("Lathe", PlaceKind.LATHE, 1));
        places.add(new Roster.ShopPlace("Balancer", PlaceKind.BALANCER, 1));
        places.add(new Roster.ShopPlace("Test bay", PlaceKind.TEST_BAY, 1));
        places.add(new Roster.ShopPlace("Outside", PlaceKind.OUTSIDE, 20));
        store.write(0, new Roster(people, places, List.of(), List.of()), "Sunniva Tarn", at);
    }
}
