package app.brasskettle.server.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.brasskettle.server.passwords.CommonSecrets;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Together;
import app.brasskettle.server.testing.Visitor;
import app.brasskettle.server.throttle.Attempt;
import app.brasskettle.server.throttle.Throttle;
import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class AccessUnderPressureTest {

    private static final String PASSWORD = "coil varnish ladder";
    private static final String HERE = "127.0.0.1";

    private final RunningServer.Running server;
    private final Visitor admin;
    private final Throttle throttle;
    private final JdbcClient db;

    AccessUnderPressureTest(RunningServer.Running server, Visitor visitor) {
        this.server = server;
        this.admin = visitor.as("admin");
        this.throttle = server.context().getBean(Throttle.class);
        this.db = server.context().getBean(JdbcClient.class);
    }

    @BeforeEach
    @AfterEach
    void forget() {
        throttle.clear(Attempt.SIGN_IN_ADDRESS, HERE);
    }

    private String account(String role) {
        String username = "p" + Long.toString(System.nanoTime(), 36);
        admin.hire(username, "Pat " + username, role, PASSWORD);
        return username;
    }

    private Visitor signedIn(String username) {
        return admin.stranger().as(username, PASSWORD);
    }

    private List<Integer> guesses(String username, int many) {
        Visitor stranger = admin.stranger();
        stranger.get("/api/session");
        return Together.all(
                many,
                i -> stranger.post("/api/session", Map.of("username", username, "password", "guess number " + i))
                        .status());
    }

    /** A name that nobody has is answered like one that somebody has: the same statuses, as often. */
    @Test
    void ofManyGuessesAtOnceFiveAreJudgedWhoeverIsGuessedAt() {
        List<Integer> known = guesses(account("technician"), 40);
        forget();
        List<Integer> unknown = guesses("nobody" + System.nanoTime(), 40);

        assertThat(known).contains(429).containsOnly(401, 429);
        assertThat(known.stream().filter(s -> s == 401)).hasSize(5);
        assertThat(unknown.stream().filter(s -> s == 401)).hasSize(5);
    }

    @Test
    void guessesFromElsewhereLockNobodyOutWhereTheySignedInBefore() {
        Door door = server.context().getBean(Door.class);
        String username = account("admin");
        door.opened(username, PASSWORD, null, "10.1.0.1");
        for (int i = 0; i < 100; i++) {
            String address = "10.9.0." + i;
            assertThatThrownBy(() -> door.opened(username, "wrong", null, address))
                    .isInstanceOf(RefusedException.class)
                    .hasMessageContaining("not right");
        }

        assertThatThrownBy(() -> door.opened(username, PASSWORD, null, "10.9.1.1"))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("Too many");
        assertThat(door.opened(username, PASSWORD, null, "10.1.0.1").person().username())
                .isEqualTo(username);
        admin.put("/api/people/" + username, Map.of("displayName", "Pat", "role", "admin", "closed", true))
                .with(200);
    }

    @Test
    void ofTwoAdministratorsWhoCloseEachOtherOneStays() {
        String second = account("admin");
        Visitor other = signedIn(second);
        db.sql("update shop_user set closed = true where role = 'admin' and username not in ('admin', :second)")
                .param("second", second)
                .update();

        List<Integer> statuses = Together.all(
                2,
                i -> (i == 0 ? admin : other)
                        .put(
                                "/api/people/" + (i == 0 ? second : "admin"),
                                Map.of("displayName", "Administrator", "role", "admin", "closed", true))
                        .status());

        assertThat(db.sql("select count(*) from shop_user where role = 'admin' and not closed")
                        .query(Integer.class)
                        .single())
                .as("%s", statuses)
                .isEqualTo(1);
        db.sql("update shop_user set closed = (username <> 'admin') where role = 'admin'")
                .update();
    }

    private String token(Visitor visitor, Map<String, Object> body) {
        return visitor.post("/api/me/tokens", body)
                .with(200)
                .json()
                .get("token")
                .asString();
    }

    @Test
    void tokensRunOutAndEndWithResetClosingAndRole() {
        String username = account("technician");
        Visitor visitor = signedIn(username);
        visitor.post("/api/me/tokens", Map.of("name", "long", "days", 400)).with(400);
        String token = token(visitor, Map.of("name", "script", "days", 1));
        visitor.bearing(token, "/api/jobs").with(200);
        db.sql("update access_token set expires_at = now() - interval '1 second' where name = 'script'")
                .update();
        visitor.bearing(token, "/api/jobs").with(401);

        String reset = token(visitor, Map.of("name", "reset"));
        admin.post("/api/people/" + username + "/password", Map.of("password", PASSWORD))
                .with(200);
        visitor.bearing(reset, "/api/jobs").with(401);

        String moved = token(signedIn(username), Map.of("name", "role"));
        admin.put("/api/people/" + username, Map.of("displayName", "Pat", "role", "lead", "closed", false))
                .with(200);
        visitor.bearing(moved, "/api/jobs").with(401);

        String listed = token(signedIn(username), Map.of("name", "listed"));
        JsonNode seen =
                admin.get("/api/people/" + username + "/tokens").with(200).json();
        assertThat(seen.findValuesAsString("name")).containsExactly("listed");
        admin.delete("/api/people/" + username + "/tokens/" + seen.at("/0/id").asString())
                .with(200);
        visitor.bearing(listed, "/api/jobs").with(401);
    }

    @Test
    void aTurnMakesNoTokenANumberEndsWithTheResetAndTenGuessesAtOnceAreAll() {
        String username = account("technician");
        Visitor tablet = signedIn(username);
        tablet.post("/api/me/pin", Map.of("current", PASSWORD, "pin", "7294")).with(200);
        tablet.post("/api/session/turns", Map.of("username", username, "pin", "7294"))
                .with(200);
        tablet.get("/api/session");
        tablet.post("/api/me/tokens", Map.of("name", "mine")).with(403);

        String other = account("technician");
        Visitor others = signedIn(other);
        others.post("/api/me/pin", Map.of("current", PASSWORD, "pin", "7294")).with(200);
        List<Integer> statuses = Together.all(60, i -> {
            Visitor each = i % 4 == 0 ? tablet : others;
            return each.post("/api/session/turns", Map.of("username", other, "pin", "0" + (100 + i)))
                    .status();
        });
        assertThat(statuses).doesNotContain(200);
        assertThat(pinFailures(other)).as("judged").isLessThanOrEqualTo(10);

        admin.post("/api/people/" + username + "/password", Map.of("password", PASSWORD))
                .with(200);
        assertThat(db.sql("select pin_hash from shop_user where username = :u")
                        .param("u", username)
                        .query((row, n) -> Optional.ofNullable(row.getString(1)))
                        .single())
                .isEmpty();
    }

    private int pinFailures(String username) {
        return db.sql("select pin_failures from shop_user where username = :u")
                .param("u", username)
                .query(Integer.class)
                .single();
    }

    @ParameterizedTest
    @ValueSource(strings = {"password", "12345678", "iloveyou1", "qwertyuiop", "Password1", "administrator"})
    void passwordsThatAreGuessedFirstAreRefused(String password) {
        assertThat(admin.post(
                                "/api/people",
                                Map.of("username", "pq", "displayName", "P", "role", "lead", "password", password))
                        .with(400)
                        .problemFields())
                .containsExactly("password");
    }

    @ParameterizedTest
    @CsvSource({
        "1234,true",
        "9876,true",
        "0000,true",
        "1212,true",
        "2580,true",
        "1984,true",
        "112233,true",
        "7294,false",
        "80517,false",
        "4827193,false"
    })
    void numbersThatAreTriedFirstAreKnown(String pin, boolean common) {
        assertThat(CommonSecrets.pin(pin)).isEqualTo(common);
    }

    private static String code(String base32, int stepsAhead) throws Exception {
        TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator();
        return codes.generateOneTimePasswordString(
                new SecretKeySpec(new Base32().decode(base32), "HmacSHA1"),
                Instant.now().plus(codes.getTimeStep().multipliedBy(stepsAhead)));
    }

    @Test
    void aSecondFactorIsAskedForUsedUpAndTakenOff() throws Exception {
        String username = account("lead");
        Visitor lead = signedIn(username);
        String secret = lead.post("/api/me/second-factor", Map.of("current", PASSWORD))
                .with(200)
                .json()
                .get("secret")
                .asString();
        Map<String, Object> right = Map.of("username", username, "password", PASSWORD);
        lead.post("/api/me/second-factor/confirm", Map.of("code", "000000")).with(400);
        String first = code(secret, 0);
        lead.post("/api/me/second-factor/confirm", Map.of("code", first)).with(200);

        Visitor anew = admin.stranger();
        anew.get("/api/session");
        assertThat(anew.post("/api/session", right)
                        .with(401)
                        .json()
                        .get("title")
                        .asString())
                .isEqualTo("Code needed");
        assertThat(anew.post("/api/session", with(right, first)).with(401).text())
                .as("used up")
                .doesNotContain("Code needed");
        anew.post("/api/session", with(right, code(secret, 1))).with(200);

        admin.delete("/api/people/" + username + "/second-factor").with(200);
        signedIn(username);
        admin.stranger()
                .as("tech")
                .post("/api/me/second-factor", Map.of("current", "tarnquay"))
                .with(403);
    }

    private static Map<String, Object> with(Map<String, Object> signIn, String code) {
        return Map.of("username", signIn.get("username"), "password", PASSWORD, "code", code);
    }

    @Test
    void whatHappenedIsInTheSecurityJournalForAdministratorsAndStands() {
        String username = account("office");
        guesses(username, 1);
        Visitor office = signedIn(username);
        office.get("/api/floor.csv").with(200);

        List<String> told = admin.get("/api/security-journal")
                .with(200)
                .json()
                .valueStream()
                .filter(e -> (e.get("username").asString() + e.get("detail").asString()).contains(username))
                .map(e -> e.get("kind").asString())
                .toList();

        assertThat(told).containsExactly("exported", "signed-in", "sign-in-failed", "account-made");
        office.get("/api/security-journal").with(403);
        assertThatThrownBy(() -> db.sql("delete from security_event").update()).hasMessageContaining("not changed");
        assertThat(admin.get("/api/security-journal").text())
                .doesNotContain(PASSWORD)
                .doesNotContain("guess number");
    }

    @Test
    void aSessionEndsSomeTimeAfterItsPasswordHoweverBusy() {
        try (RunningServer.Running brief = RunningServer.start("--brasskettle.session-longest=0s")) {
            Visitor visitor = new Visitor(brief.port()).as("tech");
            assertThat(visitor.get("/api/session")
                            .with(200)
                            .json()
                            .get("person")
                            .isNull())
                    .isTrue();
            visitor.get("/api/jobs").with(401);
        }
    }

    @Test
    void whereAShopAsksForASecondFactorNothingElseIsOpenBefore() throws Exception {
        try (RunningServer.Running strict = RunningServer.start("--brasskettle.second-factor-required=true")) {
            String username = account("lead");
            Visitor lead = signedIn(username).at(strict.port());
            Visitor anew = new Visitor(strict.port());
            anew.get("/api/session");
            assertThat(anew.post("/api/session", Map.of("username", username, "password", PASSWORD))
                            .with(200)
                            .json()
                            .get("factorMissing")
                            .asBoolean())
                    .isTrue();
            anew.get("/api/session");
            anew.get("/api/jobs").with(403);
            String secret = anew.post("/api/me/second-factor", Map.of("current", PASSWORD))
                    .with(200)
                    .json()
                    .get("secret")
                    .asString();
            anew.post("/api/me/second-factor/confirm", Map.of("code", code(secret, 0)))
                    .with(200);
            anew.get("/api/jobs").with(200);
            lead.get("/api/jobs").with(200);
        }
    }
}
