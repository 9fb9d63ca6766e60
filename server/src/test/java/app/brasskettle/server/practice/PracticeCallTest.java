package app.brasskettle.server.practice;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class PracticeCallTest {

    private Visitor tech;
    private Visitor lead;

    @BeforeEach
    void signIn(Visitor visitor) {
        tech = visitor.stranger().as("tech");
        lead = visitor.stranger().as("lead");
    }

    private static JsonNode begin(Visitor who, String exercise, long seed) {
        return who.post("/api/practice/attempts", Map.of("exercise", exercise, "seed", seed))
                .with(200)
                .json();
    }

    private static JsonNode act(Visitor who, JsonNode attempt, String act) {
        return who.post("/api/practice/attempts/" + attempt.get("id").asLong() + "/acts", Map.of("act", act))
                .with(200)
                .json();
    }

    private static JsonNode answer(Visitor who, JsonNode attempt, String answer) {
        return who.post("/api/practice/attempts/" + attempt.get("id").asLong() + "/answer", Map.of("answer", answer))
                .with(200)
                .json();
    }

    /** Nothing gives away what is hidden before it is answered. */
    @Test
    void whatIsHiddenIsToldOnceItIsAnswered() {
        JsonNode attempt = begin(tech, "dead-ground", 5);
        JsonNode held = act(tech, attempt, "run");
        assertThat(held.at("/log/0/said/0").asString()).startsWith("Held: ");
        assertThat(held.get("debriefing").isNull()).isTrue();
        assertThat(held.toString()).doesNotContain("probability").doesNotContain("lesson");
        act(tech, attempt, "lock-out");
        act(tech, attempt, "insulation");
        JsonNode told = answer(tech, attempt, "ground-slot-edge").get("debriefing");
        assertThat(told.get("right").asBoolean()).isTrue();
        assertThat(told.get("unsafe").size()).isEqualTo(1);
        assertThat(told.at("/unsafe/0/unsafe/consequence").asString()).contains("V until the breaker opened");
        assertThat(told.get("replay").size()).isEqualTo(3);
        String path = "/api/practice/attempts/" + attempt.get("id").asLong();
        tech.post(path + "/acts", Map.of("act", "ask")).with(409);
        tech.post(path + "/answer", Map.of("answer", "overload")).with(409);
    }

    @Test
    void whatIsNotThereIsRefused() {
        tech.post("/api/practice/attempts", Map.of("exercise", "no-such", "seed", 1))
                .with(404);
        JsonNode attempt = begin(tech, "winder-group", 2);
        String path = "/api/practice/attempts/" + attempt.get("id").asLong();
        assertThat(tech.post(path + "/acts", Map.of("act", "surge")).with(400).problemFields())
                .containsExactly("act");
        assertThat(tech.post(path + "/answer", Map.of("answer", "overload"))
                        .with(400)
                        .problemFields())
                .containsExactly("answer");
        tech.get("/api/practice/drills/no-such/1").with(404);
    }

    /** Results are a person's own; a lead hand sees what was set and shown, and nothing else. */
    @Test
    void resultsAreOnesOwnUntilTheyAreShown() {
        JsonNode attempt = begin(tech, "wet-pump", 9);
        lead.get("/api/practice/attempts/" + attempt.get("id").asLong()).with(404);
        lead.post("/api/practice/sets", Map.of("exercise", "wet-pump", "seed", 77, "username", "tech"))
                .with(200);
        JsonNode mine =
                tech.get("/api/practice").with(200).json().get("setForMe").get(0);
        long set = mine.get("id").asLong();
        tech.post("/api/practice/sets/" + set + "/show", Map.of()).with(404);
        JsonNode asked = tech.post("/api/practice/attempts", Map.of("exercise", "wet-pump", "seed", 77, "setId", set))
                .with(200)
                .json();
        lead.post("/api/practice/attempts", Map.of("exercise", "wet-pump", "seed", 77, "setId", set))
                .with(404);
        answer(tech, asked, "moisture-or-dirt");
        assertThat(setBy(set).get("points").isNull()).isTrue();
        lead.get("/api/practice/sets/" + set + "/attempt").with(404);
        tech.post("/api/practice/sets/" + set + "/show", Map.of()).with(200);
        assertThat(setBy(set).get("points").asInt()).isPositive();
        lead.get("/api/practice/sets/" + set + "/attempt").with(200);
        lead.post("/api/practice/sets", Map.of("exercise", "wet-pump", "seed", 1, "username", "nobody"))
                .with(404);
    }

    private JsonNode setBy(long id) {
        for (JsonNode s : lead.get("/api/practice").with(200).json().get("setByMe")) {
            if (s.get("id").asLong() == id) {
                return s;
            }
        }
        throw new AssertionError("no such set");
    }

    /** What a call leaves behind whatever it is about: sessions, answers kept for a retry, attempts counted, the journal of sign-ins. */
    private static final Set<String> OF_CALLS = Set.of(
            "answered_call",
            "attempt",
            "known_address",
            "security_event",
            "spring_session",
            "spring_session_attributes");

    /** Every row of every table but practice's own, before and after somebody practised: a table more is held by itself. */
    @Test
    void nothingOfPracticeReachesJobsPriorsBankOrFigures(RunningServer.Running server) {
        JdbcClient db = server.context().getBean(JdbcClient.class);
        Map<String, String> before = hashes(db);
        String priors = tech.get("/api/cause/priors").with(200).text();
        String figures = tech.get("/api/figures?from=2000-01-01").with(200).text();
        JsonNode attempt = begin(tech, "one-fuse", 3);
        for (String act : List.of("ask", "run", "look-over", "read-plate", "lock-out", "resistance", "insulation")) {
            act(tech, attempt, act);
        }
        answer(tech, attempt, "lost-phase");
        tech.post("/api/practice/drills/count/4", Map.of("answer", "12")).with(200);
        assertThat(hashes(db)).isEqualTo(before);
        assertThat(tech.get("/api/cause/priors").with(200).text()).isEqualTo(priors);
        assertThat(tech.get("/api/figures?from=2000-01-01").with(200).text()).isEqualTo(figures);
    }

    private static Map<String, String> hashes(JdbcClient db) {
        Map<String, String> hashes = new LinkedHashMap<>();
        db
                .sql("select tablename from pg_tables where schemaname = 'public' order by 1")
                .query(String.class)
                .list()
                .stream()
                .filter(t -> !t.startsWith("practice_") && !OF_CALLS.contains(t))
                .forEach(t -> hashes.put(
                        t,
                        db.sql("select count(*) || ' ' || coalesce(sum(hashtextextended(x::text, 0)::numeric), 0) from "
                                        + t + " x")
                                .query(String.class)
                                .single()));
        assertThat(hashes).containsKeys("job", "bench_test", "closed_cause_count", "bank_winding", "shop_plan");
        return hashes;
    }
}
