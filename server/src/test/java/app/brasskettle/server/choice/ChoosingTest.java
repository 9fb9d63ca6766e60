package app.brasskettle.server.choice;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class ChoosingTest {

    private static Map<String, Object> estimate(Visitor visitor, String tag) {
        Map<String, Object> typed = new HashMap<>();
        visitor.get("/api/jobs/" + tag + "/offers/estimate")
                .with(200)
                .json()
                .propertyStream()
                .forEach(p -> typed.put(p.getKey(), p.getValue()));
        return typed;
    }

    private static Visitor.Answer answer(Visitor visitor, String tag, String option) {
        return visitor.post(
                "/api/jobs/" + tag + "/choice",
                Map.of("option", option, "customer", "R. Ashe", "how", "telephone", "reason", "Soonest."));
    }

    @Test
    void theEstimateIsPricedKeptAndAnswered(Visitor visitor) {
        String tag = Plates.plated(visitor.as("office"));
        assertThat(answer(visitor, tag, "rewind").with(409).json().get("detail").asString())
                .contains("Nothing is offered");
        JsonNode job = Plates.sheet(visitor, tag, "offers", estimate(visitor, tag));
        assertThat(job.at("/choice/options").size()).isEqualTo(3);
        assertThat(job.at("/choice/options/1/price").asDouble()).isPositive();
        JsonNode chosen = answer(visitor, tag, "rewind").with(200).json();
        assertThat(chosen.at("/chosen/option").asString()).isEqualTo("Rewind");
        assertThat(chosen.at("/chosen/done/by").asString()).isEqualTo("Petra Lunn");
    }

    @Test
    void anOptionThatConditionRulesOutCannotBeChosen(Visitor visitor) {
        String tag = Plates.plated(visitor.as("lead"));
        Map<String, Object> plate = Plates.typed();
        plate.put("hazardousArea", true);
        visitor.put("/api/jobs/" + tag + "/sheets/plate", Map.of("version", 1, "typed", plate))
                .with(200);
        Plates.sheet(visitor, tag, "offers", estimate(visitor, tag));
        Visitor.Answer refused = answer(visitor, tag, "rewind").with(400);
        assertThat(refused.json().toString()).contains("certified repairer");
        answer(visitor, tag, "replace").with(200);
    }

    @Test
    void theAnswerNeedsItsWords(Visitor visitor) {
        String tag = Plates.plated(visitor.as("office"));
        Plates.sheet(visitor, tag, "offers", estimate(visitor, tag));
        assertThat(visitor.post("/api/jobs/" + tag + "/choice", Map.of("option", "", "customer", "", "how", "dream"))
                        .with(400)
                        .problemFields())
                .containsExactlyInAnyOrder("customer", "reason", "how", "option");
    }

    /** Roles of the product: the bench looks, the office, the lead and the administrator price and take the answer. */
    @ParameterizedTest
    @CsvSource({"tech, 403", "lead, 200", "office, 200", "admin, 200"})
    void pricesAreTheOfficesWord(String username, int status, Visitor visitor) {
        String tag = Plates.plated(visitor.as(username));
        Map<String, Object> typed = estimate(visitor, tag);
        Visitor.Answer answer = visitor.put("/api/jobs/" + tag + "/sheets/offers", Map.of("version", 0, "typed", typed))
                .with(status);
        if (status == 403) {
            assertThat(answer.json().get("detail").asString()).contains("office");
            answer(visitor, tag, "rewind").with(403);
            visitor.post("/api/jobs/" + tag + "/sheets/offers/preview", typed).with(200);
        }
    }

    @Test
    void badPricesAreRefusedByLine(Visitor visitor) {
        String tag = Plates.plated(visitor.as("office"));
        Map<String, Object> typed = estimate(visitor, tag);
        typed.put(
                "offers",
                List.of(Map.of(
                        "kind",
                        "rewind",
                        "lines",
                        List.of(Map.of("task", "", "quantity", "-1", "unit", "h", "rate", "dear")),
                        "leadTimeHours",
                        "8 d",
                        "efficiencyPercent",
                        "101",
                        "expectedLifeYears",
                        "0")));
        assertThat(visitor.put("/api/jobs/" + tag + "/sheets/offers", Map.of("version", 0, "typed", typed))
                        .with(400)
                        .problemFields())
                .containsExactlyInAnyOrder(
                        "offers[0].lines[0].task",
                        "offers[0].lines[0].quantity",
                        "offers[0].lines[0].rate",
                        "offers[0].efficiencyPercent",
                        "offers[0].expectedLifeYears");
    }
}
