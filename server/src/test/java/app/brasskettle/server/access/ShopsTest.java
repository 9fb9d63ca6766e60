package app.brasskettle.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Several shops of one house, and somebody who belongs to two of them. */
@ExtendWith(RunningServer.class)
class ShopsTest {

    private static final String JOB = "TQ-0409";

    private final Visitor lead;
    private final SecondShop shop;

    ShopsTest(Visitor visitor, RunningServer.Running server) {
        this.lead = visitor.stranger().as("lead");
        this.shop = new SecondShop(visitor, server.context().getBean(JdbcClient.class));
    }

    @AfterEach
    void closed() {
        shop.close();
    }

    @Test
    void aShopBeginsEmptyAndItsRowsAreItsOwn() {
        Visitor yard = shop.hired(Role.LEAD, shop.id());
        assertThat(yard.get("/api/jobs").with(200).json()).isEmpty();
        assertThat(yard.get("/api/customers").with(200).json()).isEmpty();
        assertThat(yard.get("/api/settings")
                        .with(200)
                        .json()
                        .at("/settings/shopName")
                        .asString())
                .isEqualTo(shop.name());
        String name =
                lead.get("/api/customers").with(200).json().get(0).get("name").asString();
        Map<String, Object> receipt = Plates.receipt();
        receipt.put("customer", name);
        JsonNode job = yard.post("/api/jobs", receipt).with(200).json();
        String tag = job.at("/identity/tag").asString();
        assertThat(tag).startsWith(shop.letters() + "-");
        assertThat(yard.get("/api/customers").with(200).json()).hasSize(1);
        lead.get("/api/jobs/" + tag).with(404);
        assertThat(lead.get("/api/jobs").with(200).text()).doesNotContain(tag);
        assertThat(yard.get("/api/plan/roster").with(200).text()).doesNotContain("Mara Orre");
        // A job goes to another shop as a file; its tag stays with the one it is from.
        byte[] file = lead.get("/api/jobs/" + JOB + "/export.zip").with(200).bytes();
        String there = yard.postFile("/api/jobs/import", file)
                .with(200)
                .json()
                .at("/identity/tag")
                .asString();
        assertThat(there).startsWith(shop.letters() + "-");
        lead.get("/api/jobs/" + there).with(404);
        yard.get("/api/jobs/" + JOB).with(404);
    }

    @Test
    void somebodyOfTwoShopsSaysWhichAndReadsBothTogetherWhereTheyAskForIt() {
        Visitor yard = shop.hired(Role.OFFICE, shop.id());
        String tag = yard.post("/api/jobs", Plates.receipt())
                .with(200)
                .json()
                .at("/identity/tag")
                .asString();
        Visitor both = shop.hired(Role.OFFICE, 1L, shop.id());
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
        assertThat(tags(both, "?shop=" + shop.id())).containsExactly(tag);
        assertThat(tags(both, "?shops=all")).contains(JOB, tag);
        assertThat(both.get("/api/figures?shop=1&shops=all")
                        .with(200)
                        .json()
                        .get("jobs")
                        .asInt())
                .isEqualTo(jobs(both, "1") + jobs(both, String.valueOf(shop.id())));
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
        both.get("/api/figures?from=2000-01-01&shops=all&shop=" + shop.id()).with(200);
        assertThat(both.get("/api/customers?shop=1&shops=all").with(400).problemFields())
                .containsExactly("shops");
        assertThat(both.get("/api/jobs?shop=1&shops=both").with(400).problemFields())
                .containsExactly("shops");
        int here = size(both, "?shop=1");
        assertThat(here).isGreaterThan(300);
        assertThat(size(both, "?shop=" + shop.id())).isZero();
        assertThat(size(both, "?shop=" + shop.id() + "&shops=all")).isEqualTo(here);
        // A job is worked on in its own shop, whichever the call says.
        assertThat(both.get("/api/jobs/" + tag + "?shop=1")
                        .with(200)
                        .json()
                        .at("/identity/shop")
                        .asLong())
                .isEqualTo(shop.id());
        both.get("/api/jobs/" + JOB + "?shop=" + shop.id()).with(200);
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
        Visitor yard = shop.hired(Role.TECHNICIAN, shop.id());
        String username = shop.username(Role.TECHNICIAN, 1);
        Map<String, Object> change = new HashMap<>(
                Map.of("displayName", "Somebody", "role", "technician", "closed", false, "shops", List.of()));
        assertThat(shop.admin().put("/api/people/" + username, change).with(400).problemFields())
                .containsExactly("shops");
        change.put("shops", List.of(999_999));
        shop.admin().put("/api/people/" + username, change).with(400);
        yard.get("/api/jobs/" + JOB).with(404);
        change.put("shops", List.of(1));
        shop.admin().put("/api/people/" + username, change).with(200);
        shop.signedIn(username).get("/api/jobs/" + JOB).with(200);
        assertThat(lead.get("/api/people").with(200).text()).contains("\"" + username + "\"");
    }

    @Test
    void aShopsNameAndLettersAreItsOwn() {
        assertThat(shop.admin()
                        .post("/api/shops", Map.of("name", shop.name().toLowerCase(Locale.ROOT), "tagPrefix", "TQ"))
                        .with(400)
                        .problemFields())
                .containsExactly("name");
        assertThat(shop.admin()
                        .post("/api/shops", Map.of("name", "Third Yard", "tagPrefix", "TQ"))
                        .with(400)
                        .problemFields())
                .containsExactly("tagPrefix");
        assertThat(shop.admin()
                        .post("/api/shops", Map.of("name", " ", "tagPrefix", "tq"))
                        .with(400)
                        .problemFields())
                .containsExactlyInAnyOrder("name", "tagPrefix");
        lead.post("/api/shops", Map.of("name", "Third Yard", "tagPrefix", "TY")).with(403);
    }
}
