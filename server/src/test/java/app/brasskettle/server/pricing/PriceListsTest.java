package app.brasskettle.server.pricing;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class PriceListsTest {

    private static Map<String, Object> prices(String from, String csv) {
        return Map.of("kind", "prices", "validFrom", from, "csv", csv);
    }

    /** Hours that a shop reckons with instead of the shipped ones stand in the next estimate. */
    @Test
    void aShopsOwnTaskTableBuildsTheLabour(Visitor visitor) {
        String csv = visitor.as("office").get("/api/prices/tasks.csv").with(200).text();
        String tag = Plates.plated(visitor);
        String estimate = "/api/jobs/" + tag + "/offers/estimate";
        double before =
                visitor.get(estimate).json().at("/offers/0/lines/0/quantity").asDouble();
        assertThat(visitor.post("/api/prices", Map.of("kind", "guesses", "validFrom", "2026-01-01", "csv", csv))
                        .with(400)
                        .problemFields())
                .containsExactly("kind");
        try {
            visitor.post(
                            "/api/prices",
                            Map.of(
                                    "kind",
                                    "tasks",
                                    "validFrom",
                                    "2026-01-01",
                                    "csv",
                                    "code,task,station,for,h100\ndismantle,Take apart,teardown,recondition,77\n"))
                    .with(200);
            assertThat(visitor.get(estimate)
                            .json()
                            .at("/offers/0/lines/0/quantity")
                            .asDouble())
                    .isEqualTo(77)
                    .isNotEqualTo(before);
        } finally {
            visitor.post("/api/prices", Map.of("kind", "tasks", "validFrom", "2026-01-01", "csv", csv))
                    .with(200);
        }
        assertThat(visitor.get(estimate).json().at("/offers/0/lines/0/quantity").asDouble())
                .isEqualTo(before);
    }

    @Test
    void aListIsTakenWholeAndFromItsDayOn(Visitor visitor) {
        visitor.as("office");
        String csv = visitor.get("/api/prices/prices.csv").with(200).text();
        String tag = Plates.plated(visitor);
        JsonNode before = visitor.get("/api/jobs/" + tag + "/offers/estimate").json();
        assertThat(visitor.post("/api/prices", prices("2026-01-01", csv.replace(",IE3,", ",,")))
                        .with(400)
                        .problemFields())
                .hasSize(81);
        assertThat(visitor.post("/api/prices", prices("soon", csv)).with(400).problemFields())
                .containsExactly("validFrom");
        int lists = visitor.get("/api/prices").json().get("tables").size();
        visitor.post("/api/prices", prices("2999-01-01", csv.replaceAll(",IE3,", ",IE9,")))
                .with(200);
        assertThat(visitor.get("/api/prices").json().get("tables").size()).isEqualTo(lists + 1);
        assertThat(visitor.get("/api/jobs/" + tag + "/offers/estimate").json())
                .as("not before its day")
                .isEqualTo(before);
    }
}
