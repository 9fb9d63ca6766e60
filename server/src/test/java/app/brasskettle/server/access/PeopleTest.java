package app.brasskettle.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class PeopleTest {

    private static int count;

    private static String hire(Visitor admin, String role) {
        String username = "hand" + ++count;
        admin.hire(username, "Hand " + count, role, "first-day");
        return username;
    }

    private static Visitor.Answer signIn(Visitor visitor, String username, String password) {
        visitor.get("/api/session").with(200);
        Visitor.Answer answer = visitor.post("/api/session", Map.of("username", username, "password", password));
        visitor.get("/api/session").with(200);
        return answer;
    }

    @Test
    void anAdministratorMakesAnAccountThatWorks(Visitor visitor) {
        String username = hire(visitor.as("admin"), "technician");
        Visitor hand = visitor.stranger();
        signIn(hand, username, "first-day").with(200);
        assertThat(hand.get("/api/session").json().at("/person/role").asString())
                .isEqualTo("technician");
    }

    @Test
    void aClosedAccountIsOutAtOnceAndItsNameStays(Visitor visitor) {
        String username = hire(visitor.as("admin"), "technician");
        Visitor hand = visitor.stranger();
        signIn(hand, username, "first-day").with(200);
        JsonNode token =
                hand.post("/api/me/tokens", Map.of("name", "script")).with(200).json();
        hand.get("/api/jobs").with(200);
        visitor.put("/api/people/" + username, Map.of("displayName", "Hand", "role", "technician", "closed", true))
                .with(200);
        hand.get("/api/jobs").with(401);
        signIn(visitor.stranger(), username, "first-day").with(401);
        visitor.stranger().bearing(token.get("token").asString(), "/api/jobs").with(401);
        assertThat(visitor.get("/api/people").json().toString()).contains(username);
    }

    @Test
    void aChangedRoleCountsFromTheNextSignIn(Visitor visitor) {
        String username = hire(visitor.as("admin"), "technician");
        Visitor hand = visitor.stranger();
        signIn(hand, username, "first-day").with(200);
        visitor.put("/api/people/" + username, Map.of("displayName", "Hand", "role", "lead", "closed", false))
                .with(200);
        hand.get("/api/people").with(401);
        signIn(hand, username, "first-day").with(200);
        hand.get("/api/people").with(200);
    }

    @Test
    void theLastAdministratorStays(Visitor visitor) {
        visitor.as("admin");
        for (Map<String, Object> change : java.util.List.<Map<String, Object>>of(
                Map.of("displayName", "A", "role", "admin", "closed", true),
                Map.of("displayName", "A", "role", "office", "closed", false))) {
            assertThat(visitor.put("/api/people/admin", change).with(400).problemFields())
                    .containsExactly("closed");
        }
        visitor.get("/api/people").with(200);
    }

    @ParameterizedTest
    @CsvSource({
        "'', X, technician, long-enough, username",
        "Mara, X, technician, long-enough, username",
        "tech, X, technician, long-enough, username",
        "somebody, '', technician, long-enough, displayName",
        "somebody, X, king, long-enough, role",
        "somebody, X, technician, short, password",
        "somebody, X, technician, 'éééééééééééééééééééééééééééééééééééééééé', password"
    })
    void badAccountsAreRefusedByField(
            String username, String name, String role, String password, String blamed, Visitor visitor) {
        assertThat(visitor.as("admin")
                        .post(
                                "/api/people",
                                Map.of("username", username, "displayName", name, "role", role, "password", password))
                        .with(400)
                        .problemFields())
                .containsExactly(blamed);
    }

    @Test
    void oneChangesOnesOwnPasswordAndOtherSessionsEnd(Visitor visitor) {
        String username = hire(visitor.as("admin"), "office");
        Visitor here = visitor.stranger();
        Visitor there = visitor.stranger();
        signIn(here, username, "first-day").with(200);
        signIn(there, username, "first-day").with(200);
        assertThat(here.post("/api/me/password", Map.of("current", "wrong", "fresh", "x"))
                        .with(400)
                        .problemFields())
                .containsExactlyInAnyOrder("current", "fresh");
        here.post("/api/me/password", Map.of("current", "first-day", "fresh", "second-day"))
                .with(200);
        here.get("/api/jobs").with(200);
        there.get("/api/jobs").with(401);
        signIn(visitor.stranger(), username, "first-day").with(401);
        signIn(visitor.stranger(), username, "second-day").with(200);
    }

    @Test
    void anAdministratorSetsAForgottenPassword(Visitor visitor) {
        String username = hire(visitor.as("admin"), "technician");
        visitor.post("/api/people/" + username + "/password", Map.of("password", "found-again"))
                .with(200);
        signIn(visitor.stranger(), username, "found-again").with(200);
        visitor.post("/api/people/nobody/password", Map.of("password", "found-again"))
                .with(404);
    }

    @Test
    void aTokenSpeaksForItsPersonUntilTakenBack(Visitor visitor, RunningServer.Running server) {
        visitor.as("tech");
        JsonNode made = visitor.post("/api/me/tokens", Map.of("name", "nightly check"))
                .with(200)
                .json();
        String token = made.get("token").asString();
        Visitor script = visitor.stranger();
        script.bearing(token, "/api/jobs").with(200);
        assertThat(script.bearing(token, "/api/session")
                        .json()
                        .at("/person/username")
                        .asString())
                .isEqualTo("tech");
        assertThat(script.bearingPost(token, "/api/worksheets/supply-unbalance", "{\"lineVoltagesV\":[400,400,400]}")
                        .with(200)
                        .json()
                        .get("verdict")
                        .asString())
                .as("a change by token needs no page's token")
                .isEqualTo("holds");
        script.bearing(token, "/api/people").with(403);
        assertThat(server.context()
                        .getBean(JdbcClient.class)
                        .sql("select count(*) from access_token where position(convert_to(:token, 'UTF8') in hash) > 0"
                                + " or length(hash) <> 32")
                        .param("token", token)
                        .query(Integer.class)
                        .single())
                .as("only hashes are kept")
                .isZero();
        long id = made.at("/tokens/0/id").asLong();
        visitor.delete("/api/me/tokens/" + id).with(200);
        script.bearing(token, "/api/jobs").with(401);
        visitor.delete("/api/me/tokens/" + id).with(404);
        script.bearing("bk_forged", "/api/jobs").with(401);
    }

    @Test
    void nobodyTakesBackAnothersToken(Visitor visitor) {
        long id = visitor.as("tech")
                .post("/api/me/tokens", Map.of("name", "mine"))
                .with(200)
                .json()
                .at("/tokens/0/id")
                .asLong();
        visitor.stranger().as("office").delete("/api/me/tokens/" + id).with(404);
        visitor.delete("/api/me/tokens/" + id).with(200);
    }
}
