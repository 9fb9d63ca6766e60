package app.brasskettle.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Every call of the table by people of another shop of the house: to them nothing of this shop is there. */
@ExtendWith(RunningServer.class)
class OtherShopTest {

    private static final String JOB = "TQ-0409";

    /** Calls on what belongs to the house or to a person, whatever the shop. */
    private static final Set<String> OF_THE_HOUSE = Set.of(
            "/api/people",
            "/api/me/",
            "/api/practice",
            "/api/session",
            "/api/worksheets",
            "/api/shops",
            "/api/security-journal");

    private final Visitor lead;
    private final JdbcClient db;
    private final SecondShop yard;

    OtherShopTest(Visitor visitor, RunningServer.Running server) {
        this.lead = visitor.stranger().as("lead");
        this.db = server.context().getBean(JdbcClient.class);
        this.yard = new SecondShop(visitor, db);
    }

    @AfterEach
    void closed() {
        yard.close();
    }

    private static String first(Visitor visitor, String path, String field) {
        return visitor.get(path).with(200).json().get(0).get(field).asString();
    }

    /** Number of a row that the API makes only at the end of a long way; its contents are never read here. */
    private String row(String sql) {
        return db.sql(sql).query(String.class).single();
    }

    /** What there is in the first shop, by the part of the path that asks for it. */
    private Map<String, Map<String, String>> there() {
        Map<String, Map<String, String>> there = new HashMap<>();
        there.put("/api/jobs/", Map.of("{tag}", JOB, "{id}", row("select coalesce(min(p.id), 1)::text from photo p")));
        there.put("/api/customers/", Map.of("{id}", first(lead, "/api/customers", "id")));
        there.put("/api/instruments/", Map.of("{id}", first(lead, "/api/instruments", "id")));
        there.put(
                "/api/rack/",
                Map.of(
                        "{id}",
                        lead.get("/api/rack").with(200).json().at("/lots/0/id").asString()));
        there.put("/api/triage/", Map.of("{id}", first(lead, "/api/triage", "id")));
        lead.post("/api/plan/feeds", Map.of("kind", "person", "name", "Mara Orre"))
                .with(200);
        there.put("/api/plan/feeds/", Map.of("{id}", row("select max(id)::text from calendar_feed where shop_id = 1")));
        there.put("/api/plan/proposals/", Map.of("{id}", row("""
                insert into shop_plan (shop_id, base, kind, question, content, made_by, made_at, decided, decided_by, decided_at)
                values (1, now(), 'week', 'test', '{}', 'test', now(), 'discarded', 'test', now()) returning id::text""")));
        there.put("/api/plan/expected/", Map.of("{expected}", row("""
                insert into expected_motor (shop_id, tag, motor, accepted_by, accepted_at, ended_by, ended_at, ended_why)
                values (1, 'E-77' || nextval('expected_motor_number'), '{}', 'test', now(), 'test', now(), 'test') returning tag""")));
        return there;
    }

    private static final Map<String, String> BODIES = Map.of(
            "/api/instruments/",
            "{\"name\":\"tester\",\"serial\":\"1\",\"kind\":\"surge-set\",\"calibrationDue\":\"2030-01-01\",\"retired\":false}",
            "/api/customers/",
            "{\"version\":1,\"name\":\"Taken over\",\"note\":\"\",\"contacts\":[]}",
            "/api/rack/",
            "{\"version\":1,\"typed\":{\"size\":\"0.9 mm\",\"grade\":\"grade-2\",\"onHandKg\":\"1\",\"reels\":\"1\"}}",
            "/api/plan/expected/",
            "{\"why\":\"not ours\"}");

    /** What stands in every table whose rows are a shop's or a job's. */
    private Map<String, String> rows() {
        Map<String, String> rows = new TreeMap<>();
        db.sql("""
                select distinct table_name from information_schema.columns where table_schema = 'public'
                  and column_name in ('shop_id', 'job_id', 'quote_id', 'customer_id') and table_name <> 'shop_member'""")
                .query(String.class)
                .list()
                .forEach(t -> rows.put(
                        t,
                        db.sql("select count(*) || ' ' || coalesce(sum(hashtextextended(t::text, 0)::numeric), 0) from "
                                        + t + " t")
                                .query(String.class)
                                .single()));
        return rows;
    }

    @Test
    void nothingOfAnotherShopIsThereForAnyCallOfTheTable() {
        Map<String, Map<String, String>> there = there();
        Map<Role, Visitor> strangers = new TreeMap<>();
        for (Role role : Role.values()) {
            strangers.put(role, yard.hired(role, yard.id()));
        }
        Map<String, String> before = rows();
        List<String> names = db.sql("""
                select tag from job where shop_id = 1 union select name from customer where shop_id = 1
                union select serial from shop_instrument where shop_id = 1 union select lot from wire_lot where lot <> ''
                union select key from bank_winding where shop_id = 1""").query(String.class).list();
        assertThat(names).hasSizeGreaterThan(300);
        int asked = 0;
        for (Map.Entry<String, Set<Role>> row : CallTable.ROLES.entrySet()) {
            String call = row.getKey();
            String path = call.split(" ")[1];
            if (OF_THE_HOUSE.stream().anyMatch(path::startsWith)) {
                continue;
            }
            String place = there.keySet().stream()
                    .filter(path::startsWith)
                    .filter(p -> path.contains("{"))
                    .findFirst()
                    .orElse("");
            if (place.isEmpty() && !call.startsWith("GET")) {
                continue;
            }
            for (Map.Entry<Role, Visitor> stranger : strangers.entrySet()) {
                Visitor.Answer answer = CallTable.send(
                        stranger.getValue(), call, there.getOrDefault(place, Map.of()), BODIES.get(place));
                String as = call + " by " + stranger.getKey() + " of another shop: " + answer.status();
                boolean may = row.getValue().contains(stranger.getKey());
                if (place.isEmpty()) {
                    assertThat(names).as(as).noneMatch(n -> answer.text().contains(n));
                } else {
                    assertThat(answer.status()).as(as).isEqualTo(may || path.startsWith("/api/jobs/") ? 404 : 403);
                }
                asked++;
            }
        }
        assertThat(asked).isGreaterThan(400);
        assertThat(rows()).as("nothing was changed").isEqualTo(before);
    }

    @Test
    void whoeverWorksHereFindsWhatIsHere() {
        Map<String, Map<String, String>> there = there();
        for (String call : CallTable.ROLES.keySet()) {
            String path = call.split(" ")[1];
            String place = there.keySet().stream()
                    .filter(path::startsWith)
                    .filter(p -> path.contains("{"))
                    .findFirst()
                    .orElse("");
            boolean read = call.startsWith("GET")
                    && !path.contains("/tests/")
                    && !path.contains("certificate")
                    && !path.contains("release-label")
                    && !path.contains("coil-ticket")
                    && !path.contains("/photos/")
                    && !path.contains("connection.pdf")
                    && !path.contains("/drill/");
            if (read && !place.isEmpty()) {
                assertThat(CallTable.send(lead, call, there.get(place), null).status())
                        .as(call)
                        .isNotEqualTo(404);
            }
        }
    }
}
