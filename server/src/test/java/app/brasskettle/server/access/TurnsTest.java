package app.brasskettle.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningServer.class)
class TurnsTest {

    private Visitor admin;

    @BeforeEach
    void signIn(Visitor visitor) {
        admin = visitor.as("admin");
    }

    private String somebody(String role, String pin) {
        String username = "t" + System.nanoTime();
        admin.hire(username, "Turn " + username, role, "tarnquay-long");
        Visitor own = admin.stranger().as(username, "tarnquay-long");
        if (!pin.isEmpty()) {
            own.post("/api/me/pin", Map.of("current", "tarnquay-long", "pin", pin))
                    .with(200);
        }
        return username;
    }

    @Test
    void afterATurnEachEntryBearsTheOtherName() {
        String username = somebody("technician", "4711");
        Visitor tablet = admin.stranger().as("tech");
        assertThat(tablet.get("/api/session/turns").with(200).text()).contains(username);
        tablet.post("/api/session/turns", Map.of("username", username, "pin", "4711"))
                .with(200);
        tablet.get("/api/session").with(200);
        assertThat(tablet.get("/api/session").json().at("/person/username").asString())
                .isEqualTo(username);
        String tag = app.brasskettle.server.testing.Plates.received(tablet);
        assertThat(tablet.get("/api/jobs/" + tag)
                        .json()
                        .at("/identity/receivedBy")
                        .asString())
                .isEqualTo("Turn " + username);
    }

    @Test
    void aNumberOpensNothingWithoutASession() {
        String username = somebody("technician", "4711");
        Visitor stranger = admin.stranger();
        stranger.get("/api/session");
        assertThat(stranger.post("/api/session/turns", Map.of("username", username, "pin", "4711"))
                        .status())
                .isIn(401, 403);
    }

    @Test
    void tenWrongOnesInARowTakeTheNumberAway() {
        String username = somebody("technician", "4711");
        Visitor tablet = admin.stranger().as("tech");
        for (int i = 0; i < 10; i++) {
            assertThat(tablet.post("/api/session/turns", Map.of("username", username, "pin", "0000"))
                            .with(400)
                            .problemFields())
                    .containsExactly("pin");
        }
        tablet.post("/api/session/turns", Map.of("username", username, "pin", "4711"))
                .with(400);
        assertThat(tablet.get("/api/session").json().at("/person/username").asString())
                .isEqualTo("tech");
        assertThat(tablet.get("/api/session/turns").text()).doesNotContain(username);
    }

    @Test
    void theOfficeAndAClosedAccountTakeNoTurn() {
        Visitor office = admin.stranger().as("office");
        assertThat(office.post("/api/me/pin", Map.of("current", "tarnquay", "pin", "4711"))
                        .with(400)
                        .problemFields())
                .containsExactly("pin");
        String username = somebody("lead", "4711");
        admin.put("/api/people/" + username, Map.of("displayName", "Turn", "role", "lead", "closed", true))
                .with(200);
        admin.stranger()
                .as("tech")
                .post("/api/session/turns", Map.of("username", username, "pin", "4711"))
                .with(400);
    }

    @Test
    void aNumberNeedsThePasswordAndIsNotTheFirstThatAnybodyTries() {
        Visitor tech = admin.stranger().as("tech");
        for (String pin : List.of("123", "12a4", "7777", "123456789")) {
            assertThat(tech.post("/api/me/pin", Map.of("current", "tarnquay", "pin", pin))
                            .with(400)
                            .problemFields())
                    .as(pin)
                    .containsExactly("pin");
        }
        assertThat(tech.post("/api/me/pin", Map.of("current", "wrong", "pin", "4711"))
                        .with(400)
                        .problemFields())
                .containsExactly("current");
    }
}
