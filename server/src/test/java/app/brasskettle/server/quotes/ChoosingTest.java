package app.brasskettle.server.quotes;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class ChoosingTest {

    private static Visitor.Answer answer(Visitor visitor, String tag, String option) {
        return visitor.post(
                "/api/jobs/" + tag + "/quotes/1/answer",
                Map.of("option", option, "customer", "R. Ashe", "how", "telephone", "reason", "Soonest."));
    }

    @Test
    void theEstimateIsPricedQuotedAndAnswered(Visitor visitor) {
        String tag = Plates.plated(visitor.as("office"));
        String quotes = "/api/jobs/" + tag + "/quotes";
        assertThat(visitor.post(quotes, Map.of()).with(409).json().get("detail").asString())
                .contains("Nothing is offered");
        JsonNode job = Plates.sheet(visitor, tag, "offers", Plates.offers(visitor, tag));
        assertThat(job.at("/choice/options").size()).isGreaterThanOrEqualTo(3);
        assertThat(job.at("/choice/options/1/price").asDouble()).isPositive();
        answer(visitor, tag, "rewind").with(404);
        visitor.post(quotes, Map.of()).with(200);
        JsonNode chosen = answer(visitor, tag, "rewind").with(200).json();
        assertThat(chosen.at("/chosen/option").asString()).isEqualTo("Rewind");
        assertThat(chosen.at("/chosen/quote").asInt()).isEqualTo(1);
        assertThat(chosen.at("/chosen/price").asString())
                .isEqualTo(visitor.get(quotes).json().at("/0/options/1/net").asString());
        assertThat(chosen.at("/chosen/done/by").asString()).isEqualTo("Petra Lunn");
    }

    @Test
    void anOptionThatConditionRulesOutCannotBeChosen(Visitor visitor) {
        String tag = Plates.plated(visitor.as("lead"));
        Map<String, Object> plate = Plates.typed();
        plate.put("hazardousArea", true);
        visitor.put("/api/jobs/" + tag + "/sheets/plate", Map.of("version", 1, "typed", plate))
                .with(200);
        Plates.sheet(visitor, tag, "offers", Plates.offers(visitor, tag));
        visitor.post("/api/jobs/" + tag + "/quotes", Map.of()).with(200);
        Visitor.Answer refused = answer(visitor, tag, "rewind").with(400);
        assertThat(refused.json().toString()).contains("certified repairer");
        answer(visitor, tag, "New motor, IE3").with(200);
    }

    /** An option that nobody priced stands in the quote, and nobody can order it, by no way of answering. */
    @Test
    void anOptionWithoutAPriceCannotBeChosen(Visitor visitor) {
        String tag = Plates.plated(visitor.as("office"));
        Map<String, Object> typed = Plates.offers(visitor, tag);
        JsonNode offers = ((JsonNode) typed.get("offers")).deepCopy();
        offers.forEach(o -> {
            if (o.get("kind").asString().equals("rewind")) {
                ((ObjectNode) o).putArray("lines");
            }
        });
        typed.put("offers", offers);
        Plates.sheet(visitor, tag, "offers", typed);
        visitor.post("/api/jobs/" + tag + "/quotes", Map.of()).with(200);
        Visitor.Answer refused = answer(visitor, tag, "rewind").with(400);
        assertThat(refused.json().toString()).contains("no price yet");
        assertThat(visitor.get("/api/jobs/" + tag).json().at("/chosen/option").isMissingNode())
                .isTrue();
    }

    @Test
    void theAnswerNeedsItsWords(Visitor visitor) {
        String tag = Plates.plated(visitor.as("office"));
        Plates.sheet(visitor, tag, "offers", Plates.offers(visitor, tag));
        visitor.post("/api/jobs/" + tag + "/quotes", Map.of()).with(200);
        String answer = "/api/jobs/" + tag + "/quotes/1/answer";
        assertThat(visitor.post(answer, Map.of("option", "", "customer", "", "how", "telephone"))
                        .with(400)
                        .problemFields())
                .containsExactlyInAnyOrder("who", "option");
        assertThat(visitor.post(answer, Map.of("option", "rewind", "customer", "x", "how", "dream"))
                        .with(400)
                        .problemFields())
                .containsExactly("how");
    }

    /** Roles of the product: the bench looks, the office, the lead and the administrator price and take the answer. */
    @ParameterizedTest
    @CsvSource({"tech, 403", "lead, 200", "office, 200", "admin, 200"})
    void pricesAreTheOfficesWord(String username, int status, Visitor visitor) {
        String tag = Plates.plated(visitor.as(username));
        Map<String, Object> typed = Plates.offers(visitor, tag);
        Visitor.Answer answer = visitor.put("/api/jobs/" + tag + "/sheets/offers", Map.of("version", 0, "typed", typed))
                .with(status);
        if (status == 403) {
            assertThat(answer.json().get("detail").asString()).contains("office");
            visitor.post("/api/jobs/" + tag + "/quotes", Map.of()).with(403);
            visitor.post("/api/jobs/" + tag + "/sheets/offers/preview", typed).with(200);
        }
    }

    @Test
    void badPricesAreRefusedByLine(Visitor visitor) {
        String tag = Plates.plated(visitor.as("office"));
        Map<String, Object> typed = Plates.offers(visitor, tag);
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
