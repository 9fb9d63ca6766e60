package app.brasskettle.server.demo;

import app.brasskettle.core.wire.WireGrade;
import app.brasskettle.core.wire.WireLot;
import app.brasskettle.server.rack.RackStore;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The wire on the demonstration's rack, as {@code demo/rack.json} tells it. */
@Component
class DemoRack {

    private final RackStore rack;
    private final JsonMapper json;

    DemoRack(RackStore rack, JsonMapper json) {
        this.rack = rack;
        this.json = json;
    }

    /** A lot of the demonstration: grade 1 or 2, price in its crowns. */
    record Reels(String size, int grade, double onHandKg, int reels, String lot, double pricePerKg) {}

    /** Reads what the rack holds. */
    List<Reels> told() throws IOException {
        try (InputStream in = DemoRack.class.getResourceAsStream("/demo/rack.json")) {
            return json.readValue(in, json.getTypeFactory().constructCollectionType(List.class, Reels.class));
        }
    }

    void fill(String by, List<Reels> all) {
        all.forEach(r -> rack.add(
                new WireLot(
                        r.size(),
                        WireGrade.values()[r.grade() - 1],
                        Optional.empty(),
                        r.onHandKg(),
                        r.reels(),
                        Optional.of(r.lot()),
                        Optional.of(r.pricePerKg())),
                by));
    }
}
