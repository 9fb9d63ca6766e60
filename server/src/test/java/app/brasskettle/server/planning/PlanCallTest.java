package app.brasskettle.server.planning;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** A shop that is planned, disturbed and planned again. One plan for the whole shop: each test begins with one of its own. */
@ExtendWith(RunningServer.class)
@TestMethodOrder(MethodOrderer.MethodName.class)
class PlanCallTest {

    private Visitor lead;
    private Visitor tech;

    @BeforeEach
    void signIn(Visitor visitor) {
        lead = visitor.stranger().as("lead");
        tech = visitor.stranger().as("tech");
        // One search at a time in the whole shop: another test may have left one.
        lead.post("/api/plan/search/stop", Map.of()).with(200);
        searched();
    }

    private static Map<String, Object> motor(boolean rush) {
        Map<String, Object> typed = new HashMap<>();
        typed.put("words", "Fell Creamery, whey pump");
        typed.put("ratedPowerW", "15 kW");
        typed.put("poles", "4");
        typed.put("way", "rewind");
        typed.put("outageCostPerHour", "80");
        typed.put("rush", rush);
        return typed;
    }

    /** The search that was begun, once it is over. */
    private JsonNode searched() {
        long end = System.nanoTime() + Duration.ofSeconds(60).toNanos();
        while (true) {
            JsonNode search = lead.get("/api/plan/search").with(200).json().get("search");
            if (search.isNull() || !search.get("endedAt").isNull()) {
                return search;
            }
            assertThat(System.nanoTime())
                    .as("a search of a second is over within a minute")
                    .isLessThan(end);
        }
    }

    private JsonNode planned() {
        lead.post("/api/plan/search", Map.of("seconds", 1)).with(200);
        assertThat(searched().get("how").asString()).isEqualTo("found");
        return lead.get("/api/plan").with(200).json().get("proposal");
    }

    private JsonNode accepted() {
        long id = planned().get("id").asLong();
        return lead.post("/api/plan/proposals/" + id + "/accept", Map.of())
                .with(200)
                .json();
    }

    @Test
    void aPlanIsFoundBesideTheRequestsAndCountsOnceAccepted() {
        String tag = Plates.ready(tech);
        JsonNode proposal = planned();
        assertThat(proposal.get("items").toString()).contains(tag);
        assertThat(proposal.get("rulesProved").asInt()).isEqualTo(10);
        long id = proposal.get("id").asLong();
        JsonNode view = lead.post("/api/plan/proposals/" + id + "/accept", Map.of())
                .with(200)
                .json();
        assertThat(view.at("/told/id").asLong()).isEqualTo(id);
        assertThat(view.at("/told/decidedBy").asString()).isEqualTo("Ivo Dalby");
        assertThat(view.get("proposal").isNull()).isTrue();
        assertThat(lead.post("/api/plan/proposals/" + id + "/accept", Map.of()).status())
                .isEqualTo(409);
    }

    /** A core that the burnout harmed: the customer chooses again, and nobody is planned to wind it meanwhile. */
    @Test
    void aMotorBackAtTheChoiceIsNotPlanned() {
        assertThat(planned().get("items").toString()).doesNotContain("TQ-0399");
        assertThat(lead.get("/api/plan/drift")
                        .with(200)
                        .json()
                        .get("notPlanned")
                        .toString())
                .contains("TQ-0399");
    }

    @Test
    void aTechnicianReadsThePlanAndDecidesNothing() {
        long id = planned().get("id").asLong();
        tech.get("/api/plan").with(200);
        tech.post("/api/plan/proposals/" + id + "/accept", Map.of()).with(403);
        tech.post("/api/plan/search", Map.of("seconds", 1)).with(403);
        lead.post("/api/plan/proposals/" + id + "/discard", Map.of()).with(200);
    }

    @Test
    void oneSearchAtATimeAndAnybodyMayBreakItOff() {
        lead.post("/api/plan/search", Map.of("seconds", 200)).with(200);
        lead.post("/api/plan/search", Map.of("seconds", 1)).with(409);
        lead.post("/api/plan/search/stop", Map.of()).with(200);
        JsonNode over = searched();
        assertThat(over.get("seconds").asDouble()).isLessThan(60);
        assertThat(over.get("planId").isNull()).isFalse();
        lead.post("/api/plan/search", Map.of("seconds", 0)).with(400);
    }

    /** Two plans made of the same day: who accepts the second after the first is told, not obeyed. */
    @Test
    void aPlanMadeBeforeAnotherWasAcceptedIsStale() {
        long first = planned().get("id").asLong();
        lead.post("/api/plan/proposals/" + first + "/accept", Map.of()).with(200);
        String task =
                lead.get("/api/plan").with(200).json().at("/told/items/0/task").asString();
        JsonNode moved = lead.post("/api/plan/moves", Map.of("task", task, "earlier", false))
                .with(200)
                .json();
        long move = moved.at("/proposal/id").asLong();
        long second = planned().get("id").asLong();
        assertThat(lead.post("/api/plan/proposals/" + move + "/accept", Map.of())
                        .status())
                .isEqualTo(409);
        lead.post("/api/plan/proposals/" + second + "/accept", Map.of()).with(200);
    }

    /** Accepted the next morning it would tell people to do what was for yesterday. */
    @Test
    void aPlanOfFiveHoursAgoIsNotAccepted(RunningServer.Running server) {
        long id = planned().get("id").asLong();
        JdbcClient db = server.context().getBean(JdbcClient.class);
        db.sql("update shop_plan set base = base - interval '5 hours' where id = :id")
                .param("id", id)
                .update();
        assertThat(lead.post("/api/plan/proposals/" + id + "/accept", Map.of())
                        .with(409)
                        .text())
                .contains("four hours");
        lead.post("/api/plan/proposals/" + id + "/discard", Map.of()).with(200);
    }

    /** A search that one server runs is seen and broken off on another, and its plan read there. */
    @Test
    void anyServerSeesThePlanAndBreaksTheSearchOff() {
        lead.post("/api/plan/search", Map.of("seconds", 200)).with(200);
        try (RunningServer.Running other = RunningServer.start()) {
            Visitor there = lead.at(other.port());
            assertThat(there.get("/api/plan/search")
                            .with(200)
                            .json()
                            .at("/search/endedAt")
                            .isNull())
                    .isTrue();
            there.post("/api/plan/search", Map.of("seconds", 1)).with(409);
            there.post("/api/plan/search/stop", Map.of()).with(200);
            long plan = searched().get("planId").asLong();
            assertThat(there.get("/api/plan")
                            .with(200)
                            .json()
                            .at("/proposal/id")
                            .asLong())
                    .isEqualTo(plan);
        }
    }

    @Test
    void aRushJobIsAskedAboutAndNothingChangesUntilItIsAccepted() {
        JsonNode told = accepted();
        JsonNode promise = lead.post("/api/plan/promise", Map.of("typed", motor(true)))
                .with(200)
                .json();
        OffsetDateTime likely = OffsetDateTime.parse(promise.get("likely").asString());
        assertThat(OffsetDateTime.parse(promise.get("safe").asString())).isAfterOrEqualTo(likely);
        JsonNode usual = lead.post("/api/plan/promise", Map.of("typed", motor(false)))
                .with(200)
                .json();
        assertThat(OffsetDateTime.parse(usual.get("likely").asString())).isAfterOrEqualTo(likely);
        lead.post("/api/plan/what-if", Map.of("seconds", 2, "typed", motor(true)))
                .with(200);
        searched();
        JsonNode view = lead.get("/api/plan").with(200).json();
        JsonNode asked = view.get("proposal");
        String tag = asked.get("expectedTag").asString();
        assertThat(asked.get("question").asString()).isEqualTo("Fell Creamery, whey pump");
        assertThat(asked.get("items").toString()).contains(tag + "/wind-coils");
        assertThat(view.at("/told/id")).isEqualTo(told.at("/told/id"));
        assertThat(lead.get("/api/plan/drift").with(200).text()).doesNotContain(tag);
        JsonNode after = lead.post("/api/plan/proposals/" + asked.get("id").asLong() + "/accept", Map.of())
                .with(200)
                .json();
        assertThat(after.at("/told/motors").toString()).contains(tag);
        assertThat(planned().get("items").toString()).as("expected from now on").contains(tag);
        lead.post("/api/plan/expected/" + tag + "/end", Map.of("why", "sent elsewhere"))
                .with(200);
        assertThat(planned().get("items").toString()).doesNotContain(tag + "/");
        lead.post("/api/plan/expected/" + tag + "/end", Map.of("why", "again")).with(404);
    }

    @Test
    void aMotorThatCannotBeIsRefusedFieldByField() {
        Map<String, Object> typed = motor(true);
        typed.put("poles", "5");
        typed.put("ratedPowerW", "-3 kW");
        typed.put("arrivesAt", "tomorrow");
        assertThat(lead.post("/api/plan/promise", Map.of("typed", typed))
                        .with(400)
                        .problemFields())
                .containsExactlyInAnyOrder("poles", "ratedPowerW", "arrivesAt");
    }

    /** Somebody falls ill: the plan is said to be left, and the next one gives the work to others. */
    @Test
    void somebodyAwayLeavesThePlanAndTheNextOneGoesAroundThem() {
        Plates.ready(tech);
        JsonNode told = accepted().get("told");
        JsonNode roster = lead.get("/api/plan/roster").with(200).json();
        String who = "";
        for (JsonNode i : told.get("items")) {
            who = who.isEmpty() ? i.get("worker").asString() : who;
        }
        Map<String, Object> typed = typed(roster.get("roster"));
        String today =
                OffsetDateTime.parse(told.get("base").asString()).toLocalDate().toString();
        typed.put("away", List.of(Map.of("name", who, "from", today, "to", "2199-01-01")));
        lead.put("/api/plan/roster", Map.of("version", roster.get("version").asInt(), "typed", typed))
                .with(200);
        assertThat(lead.put(
                                "/api/plan/roster",
                                Map.of("version", roster.get("version").asInt(), "typed", typed))
                        .status())
                .isEqualTo(409);
        assertThat(lead.get("/api/plan/drift").with(200).text()).contains(who + " is away on");
        for (JsonNode i : planned().get("items")) {
            assertThat(i.get("worker").asString()).isNotEqualTo(who);
        }
        typed.put("away", List.of());
        int version =
                lead.get("/api/plan/roster").with(200).json().get("version").asInt();
        lead.put("/api/plan/roster", Map.of("version", version, "typed", typed)).with(200);
    }

    private static Map<String, Object> typed(JsonNode roster) {
        Map<String, Object> typed = new HashMap<>();
        List<Object> people = new ArrayList<>();
        for (JsonNode p : roster.get("people")) {
            List<String> skills = new ArrayList<>();
            p.get("skills").forEach(s -> skills.add(s.asString()));
            people.add(Map.of(
                    "name",
                    p.get("name").asString(),
                    "skills",
                    skills,
                    "hours",
                    p.get("hours").asString()));
        }
        List<Object> places = new ArrayList<>();
        for (JsonNode p : roster.get("places")) {
            places.add(Map.of(
                    "name", p.get("name").asString(),
                    "kind", p.get("kind").asString(),
                    "capacity", p.get("capacity").asString()));
        }
        typed.put("people", people);
        typed.put("places", places);
        typed.put("closed", List.of());
        typed.put("away", List.of());
        return typed;
    }

    /** The calendar of a person is read by another library than the one that wrote it. */
    @Test
    void theCalendarIsReadByItsAddressUntilThatIsTakenBack() {
        Plates.ready(tech);
        JsonNode told = accepted().get("told");
        JsonNode item = told.at("/items/0");
        JsonNode made = lead.post(
                        "/api/plan/feeds",
                        Map.of("kind", "person", "name", item.get("worker").asString()))
                .with(200)
                .json();
        String address = made.get("address").asString();
        String path = address.substring(address.indexOf("/api/"));
        Visitor stranger = lead.stranger();
        Visitor.Answer answer = stranger.get(path).with(200);
        assertThat(answer.type()).startsWith("text/calendar");
        ICalendar calendar = Biweekly.parse(answer.text()).first();
        long stretches = 0;
        for (JsonNode i : told.get("items")) {
            stretches +=
                    i.get("worker").equals(item.get("worker")) ? i.get("work").size() : 0;
        }
        assertThat(calendar.getEvents()).hasSize((int) stretches);
        VEvent first = calendar.getEvents().get(0);
        assertThat(first.getSummary().getValue())
                .isEqualTo(item.get("job").asString() + " " + item.get("name").asString());
        assertThat(first.getDateStart().getValue().toInstant())
                .isEqualTo(
                        OffsetDateTime.parse(item.get("work").get(0).get("from").asString())
                                .toInstant());
        assertThat(first.getLocation().getValue()).isEqualTo(item.get("place").asString());
        assertThat(Biweekly.parse(answer.text())
                        .first()
                        .validate(biweekly.ICalVersion.V2_0)
                        .isEmpty())
                .isTrue();
        long id = made.get("feeds").get(made.get("feeds").size() - 1).get("id").asLong();
        for (JsonNode f : made.get("feeds")) {
            id = Math.max(id, f.get("id").asLong());
        }
        lead.post("/api/plan/feeds/" + id + "/revoke", Map.of()).with(200);
        stranger.get(path).with(404);
        stranger.get("/api/plan").with(401);
    }

    @Test
    void thePlanIsPrintedForTheWall() {
        accepted();
        Visitor.Answer pdf = tech.get("/api/plan/wall.pdf").with(200);
        assertThat(pdf.type()).isEqualTo("application/pdf");
        assertThat(new String(pdf.bytes(), 0, 5, java.nio.charset.StandardCharsets.US_ASCII))
                .isEqualTo("%PDF-");
    }
}
