package app.brasskettle.server.floor;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class FloorTest {

    private Visitor visitor;

    @BeforeEach
    void signIn(Visitor visitor) {
        this.visitor = visitor.as("tech");
    }

    private List<String> found(String words) {
        return StreamSupport.stream(
                        visitor.get("/api/jobs?find="
                                        + java.net.URLEncoder.encode(words, java.nio.charset.StandardCharsets.UTF_8))
                                .with(200)
                                .json()
                                .spliterator(),
                        false)
                .map(r -> r.get("tag").asString())
                .toList();
    }

    /** Tag, customer, machine, serial, maker, rating and words of the complaint, in any order and case, parts of words too. */
    @ParameterizedTest
    @CsvSource({
        "tq-0401, TQ-0401",
        "ELEVATOR harrow, TQ-0401",
        "HP-30-11872, TQ-0401",
        "mole electric, TQ-0405",
        "132 kw, TQ-0404",
        "flooded saturday, TQ-0402",
        "polish, TQ-0408"
    })
    void findsByWhatPeopleRemember(String words, String tag) {
        assertThat(found(words)).contains(tag);
        assertThat(found(words + " zebra")).isEmpty();
    }

    @Test
    void wildcardsOfTheStoreMeanThemselves() {
        assertThat(found("%")).isEmpty();
        assertThat(found("_")).isEmpty();
        assertThat(found("' or 1=1 --")).isEmpty();
    }

    /** With 100,000 jobs the search goes by the index; told by the plan, not by a clock. */
    @Test
    void searchUsesItsIndexAmongAHundredThousandJobs(RunningServer.Running server) {
        JdbcClient db = server.context().getBean(JdbcClient.class);
        new TransactionTemplate(server.context().getBean(PlatformTransactionManager.class)).executeWithoutResult(tx -> {
            db.sql("""
                    insert into job (shop_id, tag, customer, machine, complaint, supply, urgency, outage_cost_per_hour, received_at,
                      received_by, simulated_motor, find_by, customer_id)
                    select 1, 'ZZ-' || lpad(n::text, 6, '0'), 'customer ' || md5(n::text), 'machine', '', '', 'usual', 0, now(),
                      'x', '{}', 'zz-' || n || ' customer ' || md5(n::text) || ' pump ' || md5((n * 7)::text),
                      (select min(id) from customer)
                    from generate_series(1, 100000) n""").update();
            db.sql("analyze job").update();
            String plan = String.join(
                    "\n",
                    db.sql("explain " + FloorStore.query(FloorStore.Show.LIVE, 2, true, false))
                            .param("shop", 1)
                            .param("now", OffsetDateTime.now())
                            .param("word0", FloorStore.pattern("elevator"))
                            .param("word1", FloorStore.pattern("harrow"))
                            .param("after", "TQ-0402")
                            .query(String.class)
                            .list());
            assertThat(plan).contains("job_by_words").doesNotContain("Seq Scan");
            tx.setRollbackOnly();
        });
    }

    @Test
    void workIsSetDownAndPickedUpWithItsNote() {
        Map<String, Object> rush = Plates.receipt();
        rush.put("urgency", "rush");
        rush.put("askedBy", "plant manager");
        String rushTag = visitor.post("/api/jobs", rush)
                .with(200)
                .json()
                .at("/identity/tag")
                .asString();
        String tag = Plates.received(visitor);
        JsonNode down = visitor.post(
                        "/api/jobs/" + tag + "/set-down",
                        Map.of("workNote", "cap off, washer in tray 4", "displacedBy", rushTag))
                .with(200)
                .json();
        assertThat(down.at("/identity/setDown/by").asString()).isEqualTo("Mara Orre");
        assertThat(down.at("/identity/setDown/displacedBy").asString()).isEqualTo(rushTag);
        assertThat(visitor.post("/api/jobs/" + tag + "/set-down", Map.of("workNote", "again"))
                        .with(409)
                        .text())
                .contains("has set it down already");
        JsonNode up = visitor.post("/api/jobs/" + tag + "/pick-up", Map.of())
                .with(200)
                .json();
        assertThat(up.at("/identity/setDown").isNull()).isTrue();
        assertThat(up.at("/ledger").toString()).contains("cap off, washer in tray 4");
        visitor.post("/api/jobs/" + tag + "/pick-up", Map.of()).with(409);
        assertThat(visitor.get("/api/jobs/" + tag + "/journal")
                        .json()
                        .at("/0/before/workNote")
                        .asString())
                .isEqualTo("cap off, washer in tray 4");
    }

    @Test
    void settingDownNeedsALineAndARushJobThatIsOne() {
        String tag = Plates.received(visitor);
        assertThat(visitor.post("/api/jobs/" + tag + "/set-down", Map.of("workNote", " ", "displacedBy", "TQ-0402"))
                        .with(400)
                        .problemFields())
                .containsExactlyInAnyOrder("workNote", "displacedBy");
        assertThat(visitor.post("/api/jobs/" + tag + "/set-down", Map.of("workNote", "x".repeat(301)))
                        .with(400)
                        .problemFields())
                .containsExactly("workNote");
    }

    @Test
    void whatIsSetDownStandsBelowWhatIsInHand() {
        List<String> tags = found("TQ-04");
        assertThat(tags.indexOf("TQ-0408")).isGreaterThan(tags.indexOf("TQ-0412"));
        assertThat(tags.indexOf("TQ-0403")).isLessThan(tags.indexOf("TQ-0409"));
    }
}
