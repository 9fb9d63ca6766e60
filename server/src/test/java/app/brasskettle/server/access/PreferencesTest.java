package app.brasskettle.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class PreferencesTest {

    private Visitor lead;

    @BeforeEach
    void signIn(Visitor visitor) {
        lead = visitor.as("lead");
        prefer("us-customary", "dark");
    }

    @AfterEach
    void backToMetric() {
        prefer("metric", "light");
    }

    private void prefer(String units, String setting) {
        lead.put("/api/me/preferences", Map.of("units", units, "setting", setting))
                .with(200);
    }

    @Test
    void areToldWithTheSessionAndBelongToOnePerson() {
        assertThat(lead.get("/api/session").json().at("/preferences/units").asString())
                .isEqualTo("us-customary");
        assertThat(lead.stranger()
                        .as("tech")
                        .get("/api/session")
                        .json()
                        .at("/preferences/units")
                        .asString())
                .isEqualTo("metric");
        lead.put("/api/me/preferences", Map.of("units", "cubits", "setting", "dark"))
                .with(400);
    }

    @Test
    void aBareFigureIsKeptWithTheUnitItsWriterMeant() {
        String tag = Plates.received(lead);
        Map<String, Object> typed = new HashMap<>(Plates.typed());
        typed.put("ratedPowerW", "20");
        typed.put("details", Map.of("ambientTemperatureC", "104"));
        assertThat(lead.post("/api/jobs/" + tag + "/sheets/plate/preview", typed)
                        .with(200)
                        .json()
                        .at("/shown/ratedPowerW")
                        .asString())
                .isEqualTo("20 hp · 14.91 kW");
        JsonNode job = Plates.sheet(lead, tag, "plate", typed);
        assertThat(job.at("/sheets/plate/typed/ratedPowerW").asString()).isEqualTo("20 hp");
        assertThat(job.at("/sheets/plate/typed/details/ambientTemperatureC").asString())
                .isEqualTo("104 °F");
        assertThat(job.at("/identity/motor").asString()).startsWith("14.91 kW");
    }

    /** What a metric hand wrote bare must not turn into inches when somebody else saves the sheet. */
    @Test
    void anothersBareFigureKeepsItsMeaning() {
        Visitor tech = lead.stranger().as("tech");
        String tag = Plates.received(tech);
        Map<String, Object> typed = new HashMap<>(Plates.typed());
        typed.put("ratedPowerW", "15");
        JsonNode theirs = Plates.sheet(tech, tag, "plate", typed);
        Map<String, Object> seen = new HashMap<>(Plates.typed());
        seen.put("ratedPowerW", theirs.at("/sheets/plate/typed/ratedPowerW").asString());
        seen.put("maker", "Holm Dynamo");
        JsonNode mine = lead.put("/api/jobs/" + tag + "/sheets/plate", Map.of("version", 1, "typed", seen))
                .with(200)
                .json();
        assertThat(mine.at("/identity/motor").asString()).startsWith("15 kW");
        assertThat(mine.at("/sheets/plate/typed/ratedPowerW").asString()).isEqualTo("15 kW");
    }

    /** The bank, the rack and a motor asked about on the telephone read a bare figure as the label beside the field says it. */
    @Test
    void whereverAFigureIsTypedItIsReadSo() {
        JsonNode bank = lead.post("/api/bank/search", Map.of("ratedPowerW", "20", "boreDiameterM", "7.5"))
                .with(200)
                .json();
        assertThat(bank.at("/shown/ratedPowerW").asString()).isEqualTo("20 hp · 14.91 kW");
        assertThat(bank.at("/shown/boreDiameterM").asString()).contains("190.5 mm");
        Map<String, Object> lot =
                Map.of("size", "AWG 17.5", "grade", "grade-2", "onHandKg", "10", "reels", "1", "lot", "US-1");
        JsonNode rack = lead.post("/api/rack", Map.of("version", 0, "typed", lot))
                .with(200)
                .json();
        assertThat(rack.get("lots")).anySatisfy(l -> {
            assertThat(l.at("/wire/lot").asString("")).isEqualTo("US-1");
            assertThat(l.at("/wire/onHandKg").asDouble())
                    .isCloseTo(4.536, org.assertj.core.api.Assertions.within(0.001));
        });
        // 26,000 hp are 19.4 MW; 26,000 kW would be more than is built.
        Map<String, Object> asked = Map.of(
                "words",
                "Whey pump",
                "ratedPowerW",
                "26000",
                "poles",
                "4",
                "way",
                "rewind",
                "outageCostPerHour",
                "80",
                "rush",
                true);
        lead.post("/api/plan/promise", Map.of("typed", asked)).with(200);
        prefer("metric", "light");
        assertThat(lead.post("/api/plan/promise", Map.of("typed", asked))
                        .with(400)
                        .problemFields())
                .containsExactly("ratedPowerW");
    }

    @Test
    void worksheetsReadItTheSameWay() {
        JsonNode answer = lead.post(
                        "/api/worksheets/temperature-rise/typed",
                        Map.of(
                                "coldOhm",
                                "0.8",
                                "coldTemperatureC",
                                "68",
                                "hotOhm",
                                "1",
                                "ambientTemperatureC",
                                "68",
                                "conductor",
                                "copper",
                                "insulationClass",
                                "F",
                                "serviceFactor",
                                "1"))
                .with(200)
                .json();
        assertThat(answer.at("/output/riseK").asDouble()).isCloseTo(63.6, org.assertj.core.api.Assertions.within(0.05));
    }
}
