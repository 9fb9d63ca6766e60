package app.brasskettle.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.RunningServer.Running;
import app.brasskettle.server.testing.Visitor;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.core.env.Environment;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class DemoShopTest {

    private static final List<String> TAGS = IntStream.rangeClosed(401, 414)
            .mapToObj(n -> String.format("TQ-%04d", n))
            .toList();

    @Test
    void itsJobsStandAtAllStationsThatNeedHands(Visitor visitor) {
        visitor.as("tech");
        Set<String> stations = TAGS.stream()
                .map(t -> visitor.get("/api/jobs/" + t)
                        .with(200)
                        .json()
                        .at("/next/station")
                        .asString())
                .collect(Collectors.toSet());
        assertThat(stations).contains("receive", "bench", "teardown", "cause", "choose");
    }

    /** A first start that was killed leaves tags counted and nothing else; the next one tells the same stories. */
    @Test
    void aSetUpThatWasBrokenOffIsMadeAnew(Running server) {
        JdbcClient db = server.context().getBean(JdbcClient.class);
        db.sql("drop database if exists broken_off with (force)").update();
        db.sql("create database broken_off").update();
        Environment environment = server.context().getEnvironment();
        String url = environment.getRequiredProperty("spring.datasource.url").replaceFirst("/[^/]*$", "/broken_off");
        DataSource brokenOff = new DriverManagerDataSource(
                url,
                environment.getRequiredProperty("spring.datasource.username"),
                environment.getRequiredProperty("spring.datasource.password"));
        Flyway.configure().dataSource(brokenOff).load().migrate();
        JdbcClient.create(brokenOff)
                .sql("select nextval('job_tag_number') from generate_series(1, 5)")
                .query(Long.class)
                .list();
        try (Running again = RunningServer.start("--spring.datasource.url=" + url)) {
            Visitor visitor = new Visitor(again.port()).as("tech");
            visitor.get("/api/jobs/TQ-0401").with(200);
        }
    }

    @Test
    void everyJobComputes(Visitor visitor) {
        visitor.as("tech");
        for (String tag : TAGS) {
            JsonNode job = visitor.get("/api/jobs/" + tag).with(200).json();
            double sum = StreamSupport.stream(job.at("/ranking/ranking").spliterator(), false)
                    .mapToDouble(r -> r.get("probability").asDouble())
                    .sum();
            assertThat(sum).as(tag).isBetween(0.999999, 1.000001);
            // Proof and release stand there once they are wanted.
            assertThat(job.at("/stations").size()).as(tag).isBetween(7, 9);
            assertThat(job.at("/gate/state").asString()).isIn("blocked", "test-power-only");
        }
    }

    /** What the shop shows on its first day: a phase lost in wye, one in delta, a wet motor, a shorted turn, a false alarm. */
    @Test
    void itsFaultsAreFoundFromItsReadings(Visitor visitor) {
        visitor.as("tech");
        assertThat(leader(visitor, "TQ-0401")).isEqualTo("lost-phase");
        assertThat(leader(visitor, "TQ-0402")).isEqualTo("moisture-or-dirt");
        assertThat(leader(visitor, "TQ-0403")).isEqualTo("turn-short");
        assertThat(leader(visitor, "TQ-0404")).isEqualTo("overload");
        assertThat(leader(visitor, "TQ-0408")).isEqualTo("rotor-drag");
        assertThat(leader(visitor, "TQ-0409")).isEqualTo("lost-phase");
        assertThat(visitor.get("/api/jobs/TQ-0407").json().at("/worst/verdict").asString())
                .isEqualTo("holds");
        assertThat(visitor.get("/api/jobs/TQ-0406")
                        .json()
                        .at("/winding/result/misreading")
                        .asString())
                .contains("half as many circuits");
    }

    /** What left a season ago stood here 90 hours, and costs no outage since. */
    @Test
    void aMotorThatLeftStandsHereNoLonger(Visitor visitor) {
        visitor.as("tech");
        JsonNode identity = visitor.get("/api/jobs/TQ-0366").with(200).json().get("identity");
        assertThat(identity.get("hoursInShop").asDouble()).isBetween(89.9, 90.1);
        assertThat(identity.get("outageSoFar").asDouble()).isBetween(30 * 89.9, 30 * 90.1);
    }

    private static String leader(Visitor visitor, String tag) {
        return visitor.get("/api/jobs/" + tag)
                .json()
                .at("/ranking/ranking/0/explanation")
                .asString();
    }
}
