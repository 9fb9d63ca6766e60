package app.brasskettle.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import app.brasskettle.server.throttle.Attempt;
import app.brasskettle.server.throttle.Throttle;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

@ExtendWith(RunningServer.class)
class SessionTest {

    private static final Map<String, String> WRONG = Map.of("username", "tech", "password", "nothing");

    @Test
    void saysWhoIsSignedIn(Visitor visitor) {
        assertThat(visitor.get("/api/session").with(200).json().get("person").isNull())
                .isTrue();
        visitor.as("lead");
        assertThat(visitor.get("/api/session").json().at("/person/role").asString())
                .isEqualTo("lead");
        visitor.delete("/api/session").with(200);
        assertThat(visitor.get("/api/session").json().get("person").isNull()).isTrue();
    }

    /** A page left open asks many times a minute: none of these calls writes, one of the next minute does. */
    @Test
    void lookingKeepsASessionAliveAndWritesItsRowOnceAMinute(Visitor visitor, RunningServer.Running server) {
        JdbcClient db = server.context().getBean(JdbcClient.class);
        visitor.as("office");
        visitor.get("/api/jobs").with(200);
        String mine = "from spring_session where principal_name = 'office' order by creation_time desc limit 1";
        String before = db.sql("select xmin::text || ' ' || last_access_time " + mine)
                .query(String.class)
                .single();
        for (int n = 0; n < 5; n++) {
            visitor.get("/api/jobs").with(200);
        }
        assertThat(db.sql("select xmin::text || ' ' || last_access_time " + mine)
                        .query(String.class)
                        .single())
                .isEqualTo(before);
        db.sql("""
                update spring_session set last_access_time = last_access_time - 61000
                where principal_name = 'office'""").update();
        long past = db.sql("select last_access_time " + mine).query(Long.class).single();
        visitor.get("/api/jobs").with(200);
        assertThat(db.sql("select last_access_time " + mine).query(Long.class).single())
                .isGreaterThanOrEqualTo(past + 61_000);
    }

    @Test
    void everyCallNeedsSomebodySignedIn(Visitor visitor) {
        for (String path : List.of(
                "/api/jobs",
                "/api/jobs/TQ-0401",
                "/api/worksheets",
                "/api/cause/vocabulary",
                "/api/jobs/TQ-0401/sheet.pdf",
                "/api/jobs/TQ-0401/journal")) {
            Visitor.Answer answer = visitor.get(path).with(401);
            assertThat(answer.type()).startsWith("application/problem+json");
        }
    }

    @Test
    void changesNeedTheTokenOfTheirOwnPage(Visitor visitor) {
        visitor.as("tech");
        Visitor.Answer answer = visitor.withoutToken("/api/jobs").with(403);
        assertThat(answer.json().get("title").asString()).isEqualTo("Not allowed");
    }

    @Test
    void aWrongPasswordTellsNothing(Visitor visitor, RunningServer.Running server) {
        visitor.get("/api/session");
        String unknown = visitor.post("/api/session", Map.of("username", "nobody", "password", "x"))
                .with(401)
                .text();
        String known = visitor.post("/api/session", WRONG).with(401).text();
        assertThat(known).isEqualTo(unknown).doesNotContain("tech");
        clear(server);
    }

    @Test
    void fiveWrongPasswordsBlockForAMinuteEvenTheRightOne(Visitor visitor, RunningServer.Running server) {
        visitor.get("/api/session");
        clear(server);
        for (int i = 0; i < 5; i++) {
            visitor.post("/api/session", WRONG).with(401);
        }
        visitor.post("/api/session", Map.of("username", "tech", "password", "tarnquay"))
                .with(429);
        clear(server);
        visitor.post("/api/session", Map.of("username", "TECH ", "password", "tarnquay"))
                .with(200);
    }

    private static void clear(RunningServer.Running server) {
        server.context().getBean(Throttle.class).clear(Attempt.SIGN_IN, "tech 127.0.0.1");
    }

    @Test
    void passwordsAreHashed(RunningServer.Running server) {
        List<String> hashes = server.context()
                .getBean(JdbcClient.class)
                .sql("select password_hash from shop_user")
                .query(String.class)
                .list();
        assertThat(hashes).isNotEmpty().allMatch(h -> h.startsWith("$2"));
    }

    @Test
    void aDeepLinkGetsThePageAndAnUnknownCallAProblem(Visitor visitor) {
        assertThat(visitor.get("/jobs/TQ-0401/bench/insulation").with(200).text())
                .contains("<div id=\"root\">");
        assertThat(visitor.get("/").with(200).text()).contains("<div id=\"root\">");
        visitor.get("/assets/none.js").with(404);
        visitor.as("tech");
        Visitor.Answer unknown = visitor.get("/api/no-such-call").with(404);
        assertThat(unknown.text()).doesNotContain("<html");
    }

    @Test
    void pagesMayRunNoForeignScript(Visitor visitor) throws Exception {
        var answer = java.net.http.HttpClient.newHttpClient()
                .send(
                        java.net.http.HttpRequest.newBuilder(
                                        java.net.URI.create("http://127.0.0.1:" + visitor.port() + "/"))
                                .build(),
                        java.net.http.HttpResponse.BodyHandlers.discarding());
        assertThat(answer.headers().firstValue("Content-Security-Policy").orElseThrow())
                .contains("script-src 'self'", "frame-ancestors 'none'");
        assertThat(answer.headers().firstValue("X-Content-Type-Options")).contains("nosniff");
    }

    @Test
    void aSessionLivesInTheDatabaseAndServesAtASecondServer(Visitor visitor) {
        visitor.as("office");
        try (RunningServer.Running second = RunningServer.start()) {
            assertThat(visitor.at(second.port())
                            .get("/api/session")
                            .json()
                            .at("/person/username")
                            .asString())
                    .isEqualTo("office");
        }
    }
}
