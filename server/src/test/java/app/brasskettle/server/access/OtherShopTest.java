package app.brasskettle.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Every call of the table by people of another shop of the house: to them nothing of this shop is there. */
@ExtendWith(RunningServer.class)
class OtherShopTest {

    private static final String JOB = "TQ-0409";
    private static final String PASSWORD = "basalt lantern quay";
    private static int count;

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
    private final Visitor admin;
    private final JdbcClient db;
    private long shop;

    OtherShopTest(Visitor visitor, RunningServer.Running server) {
        this.lead = visitor.stranger().as("lead");
        this.admin = visitor.stranger().as("admin");
        this.db = server.context().getBean(JdbcClient.class);
    }

    @BeforeEach
    void aSecondShop() {
        count++;
        JsonNode shops = admin.post(
                        "/api/shops", Map.of("name", "Skerry Yard " + count, "tagPrefix", "S" + (char) ('A' + count)))
                .with(200)
                .json();
        shop = shops.get(shops.size() - 1).get("id").asLong();
    }

    /** The administrator is left in one shop, as other tests find them. */
    @AfterEach
    void theAdministratorIsOfTheFirstShopAgain() {
        db.sql(
                        "delete from shop_member where shop_id <> 1 and user_id = (select id from shop_user where username = 'admin')")
                .update();
    }

    private Visitor hired(Role role, Long... shops) {
        String username = "yard-" + role.code().charAt(0) + "-" + count + "-" + shops.length;
        admin.post(
                        "/api/people",
                        Map.of(
                                "username",
                                username,
                                "displayName",
                                "Somebody of the yard",
                                "role",
                                role.code(),
                                "password",
                                PASSWORD,
                                "shops",
                                List.of(shops)))
                .with(200);
        Visitor visitor = lead.stranger();
        visitor.get("/api/session").with(200);
        visitor.post("/api/session", Map.of("username", username, "password", PASSWORD))
                .with(200);
        visitor.get("/api/session").with(200);
        return visitor;
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
            strangers.put(role, hired(role, shop));
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

    @Test
    void aShopBeginsEmptyAndItsRowsAreItsOwn() {
        Visitor yard = hired(Role.LEAD, shop);
        assertThat(yard.get("/api/jobs").with(200).json()).isEmpty();
        assertThat(yard.get("/api/customers").with(200).json()).isEmpty();
        assertThat(yard.get("/api/settings")
                        .with(200)
                        .json()
                        .at("/settings/shopName")
                        .asString())
                .isEqualTo("Skerry Yard " + count);
        String name =
                lead.get("/api/customers").with(200).json().get(0).get("name").asString();
        Map<String, Object> receipt = Plates.receipt();
        receipt.put("customer", name);
        JsonNode job = yard.post("/api/jobs", receipt).with(200).json();
        String tag = job.at("/identity/tag").asString();
        assertThat(tag).startsWith("S" + (char) ('A' + count) + "-");
        assertThat(yard.get("/api/customers").with(200).json()).hasSize(1);
        lead.get("/api/jobs/" + tag).with(404);
        assertThat(lead.get("/api/jobs").with(200).text()).doesNotContain(tag);
        assertThat(yard.get("/api/plan/roster").with(200).text()).doesNotContain("Mara Orre");
    }

    @Test
    void somebodyOfTwoShopsSaysWhichAndReadsBothTogetherWhereTheyAskForIt() {
        Visitor yard = hired(Role.OFFICE, shop);
        String tag = yard.post("/api/jobs", Plates.receipt())
                .with(200)
                .json()
                .at("/identity/tag")
                .asString();
        Visitor both = hired(Role.OFFICE, 1L, shop);
        assertThat(both.get("/api/session").with(200).json().get("shops")).hasSize(2);
        assertThat(both.get("/api/jobs").with(400).problemFields()).containsExactly("shop");
        assertThat(both.post("/api/jobs", Plates.receipt()).with(400).problemFields())
                .containsExactly("shop");
        assertThat(both.get("/api/jobs?shop=999999").with(400).text()).contains("none of yours", "1 (Tarn Quay");
        assertThat(yard.get("/api/jobs?shop=1").with(400).text()).doesNotContain("TQ-");
        assertThat(yard.get("/api/jobs?shops=all").with(200).text())
                .contains(tag)
                .doesNotContain("TQ-");
        assertThat(tags(both, "?shop=1")).contains(JOB).doesNotContain(tag);
        assertThat(tags(both, "?shop=" + shop)).containsExactly(tag);
        assertThat(tags(both, "?shops=all")).contains(JOB, tag);
        assertThat(both.get("/api/figures?shop=1&shops=all")
                        .with(200)
                        .json()
                        .get("jobs")
                        .asInt())
                .isEqualTo(jobs(both, "1") + jobs(both, String.valueOf(shop)));
        // Hours are read in the shop of their job.
        yard.put("/api/jobs/" + tag + "/sheets/plate", Map.of("version", 0, "typed", Plates.typed()))
                .with(200);
        for (Visitor tapper : List.of(yard, lead)) {
            String its = tapper == yard ? tag : JOB;
            tapper.post("/api/jobs/" + its + "/hours", Map.of("task", "test", "starts", true))
                    .with(200);
            tapper.post("/api/jobs/" + its + "/hours", Map.of("task", "test", "starts", false))
                    .with(200);
        }
        both.get("/api/figures?from=2000-01-01&shops=all&shop=" + shop).with(200);
        assertThat(both.get("/api/customers?shop=1&shops=all").with(400).problemFields())
                .containsExactly("shops");
        assertThat(both.get("/api/jobs?shop=1&shops=both").with(400).problemFields())
                .containsExactly("shops");
        int here = size(both, "?shop=1");
        assertThat(here).isGreaterThan(300);
        assertThat(size(both, "?shop=" + shop)).isZero();
        assertThat(size(both, "?shop=" + shop + "&shops=all")).isEqualTo(here);
        // A job is worked on in its own shop, whichever the call says.
        assertThat(both.get("/api/jobs/" + tag + "?shop=1")
                        .with(200)
                        .json()
                        .at("/identity/shop")
                        .asLong())
                .isEqualTo(shop);
        both.get("/api/jobs/" + JOB + "?shop=" + shop).with(200);
    }

    private static List<String> tags(Visitor visitor, String query) {
        return StreamSupport.stream(
                        visitor.get("/api/jobs" + query).with(200).json().spliterator(), false)
                .map(j -> j.get("tag").asString())
                .toList();
    }

    private static int jobs(Visitor visitor, String which) {
        return visitor.get("/api/figures?shop=" + which)
                .with(200)
                .json()
                .get("jobs")
                .asInt();
    }

    private static int size(Visitor visitor, String query) {
        return visitor.post("/api/bank/search" + query, Map.of("poles", "4"))
                .with(200)
                .json()
                .get("size")
                .asInt();
    }

    @Test
    void peopleAreMovedBetweenShopsByAnAdministratorAndAreNeverInNone() {
        Visitor yard = hired(Role.TECHNICIAN, shop);
        String username = "yard-t-" + count + "-1";
        Map<String, Object> change = new HashMap<>(
                Map.of("displayName", "Somebody", "role", "technician", "closed", false, "shops", List.of()));
        assertThat(admin.put("/api/people/" + username, change).with(400).problemFields())
                .containsExactly("shops");
        change.put("shops", List.of(999_999));
        admin.put("/api/people/" + username, change).with(400);
        yard.get("/api/jobs/" + JOB).with(404);
        change.put("shops", List.of(1));
        admin.put("/api/people/" + username, change).with(200);
        yard.get("/api/session").with(200);
        yard.post("/api/session", Map.of("username", username, "password", PASSWORD))
                .with(200);
        yard.get("/api/jobs/" + JOB).with(200);
        assertThat(lead.get("/api/people").with(200).text()).contains("\"" + username + "\"");
    }

    @Test
    void aShopsNameAndLettersAreItsOwn() {
        assertThat(admin.post("/api/shops", Map.of("name", "skerry yard " + count, "tagPrefix", "TQ"))
                        .with(400)
                        .problemFields())
                .containsExactly("name");
        assertThat(admin.post("/api/shops", Map.of("name", "Third Yard", "tagPrefix", "TQ"))
                        .with(400)
                        .problemFields())
                .containsExactly("tagPrefix");
        assertThat(admin.post("/api/shops", Map.of("name", " ", "tagPrefix", "tq"))
                        .with(400)
                        .problemFields())
                .containsExactlyInAnyOrder("name", "tagPrefix");
        lead.post("/api/shops", Map.of("name", "Third Yard", "tagPrefix", "TY")).with(403);
    }
}
