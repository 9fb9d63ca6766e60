package app.brasskettle.server.rack;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class RackCallTest {

    private Visitor tech;
    private Visitor office;

    @BeforeEach
    void signIn(Visitor visitor) {
        tech = visitor.as("tech");
        office = visitor.stranger().as("office");
    }

    private static Map<String, Object> lot(String size, String kg, String lot) {
        Map<String, Object> typed = new HashMap<>();
        typed.put("size", size);
        typed.put("grade", "grade-2");
        typed.put("overallDiameterMm", "");
        typed.put("onHandKg", kg);
        typed.put("reels", "1");
        typed.put("lot", lot);
        typed.put("pricePerKg", "");
        return typed;
    }

    private JsonNode lotOf(JsonNode view, String lot) {
        return StreamSupport.stream(view.get("lots").spliterator(), false)
                .filter(l -> l.at("/wire/lot").asString("").equals(lot))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aLotIsPutOnTheRackDrawnFromAndUsedUp() {
        JsonNode added = tech.post("/api/rack", Map.of("version", 0, "typed", lot("AWG 21.5", "7.5 kg", "RC-1")))
                .with(200)
                .json();
        JsonNode lot = lotOf(added, "RC-1");
        assertThat(lot.at("/wire/size").asString()).isEqualTo("AWG 21.5");
        String path = "/api/rack/" + lot.get("id").asLong();
        JsonNode drawn = tech.put(path, Map.of("version", 1, "typed", lot("AWG 21.5", "0", "RC-1")))
                .with(200)
                .json();
        assertThat(lotOf(drawn, "RC-1").at("/wire/onHandKg").asDouble()).isZero();
        assertThat(StreamSupport.stream(drawn.at("/rack/wires").spliterator(), false))
                .noneMatch(w -> w.get("name").asString().equals("AWG 21.5"));
        // Who still sees the first version is told, and nothing is written.
        tech.put(path, Map.of("version", 1, "typed", lot("AWG 21.5", "9", "RC-1")))
                .with(409);
        assertThat(lotOf(tech.get("/api/rack").with(200).json(), "RC-1")
                        .at("/wire/onHandKg")
                        .asDouble())
                .isZero();
    }

    @Test
    void unitsThatAreMixedAreRefusedAtTheField() {
        JsonNode refused = tech.post("/api/rack", Map.of("version", 0, "typed", lot("18", "7 mm", "RC-2")))
                .with(400)
                .json();
        assertThat(refused.get("problems"))
                .extracting(p -> p.get("field").asString())
                .contains("size", "onHandKg");
        assertThat(refused.toString()).contains("AWG 18");
        assertThat(tech.get("/api/rack").json().toString()).doesNotContain("RC-2");
    }

    @Test
    void theOfficeReadsTheRackAndDoesNotKeepIt() {
        office.get("/api/rack").with(200);
        office.post("/api/rack", Map.of("version", 0, "typed", lot("1 mm", "5", "RC-3")))
                .with(403);
    }
}
