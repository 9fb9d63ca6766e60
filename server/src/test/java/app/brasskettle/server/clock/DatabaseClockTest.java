package app.brasskettle.server.clock;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A jump of the clock on record, and a winding that discharges meanwhile. */
@ExtendWith(RunningServer.class)
class DatabaseClockTest {

    private static final String JOB = "TQ-0404";

    private final Visitor lead;
    private final JdbcClient db;
    private final DatabaseClock clock;
    private final ClockStore store;

    DatabaseClockTest(Visitor visitor, RunningServer.Running server) {
        this.lead = visitor.as("lead");
        this.db = server.context().getBean(JdbcClient.class);
        this.clock = server.context().getBean(DatabaseClock.class);
        this.store = server.context().getBean(ClockStore.class);
    }

    @AfterEach
    void noJumpAndNoVoltage() {
        db.sql("delete from clock_jump").update();
        db.sql("delete from job_event where kind = 'voltage-applied' and detail ->> 'test' = 'of the clock'")
                .update();
        clock.look();
    }

    private double secondsLeft() {
        return lead.get("/api/jobs/" + JOB)
                .with(200)
                .json()
                .at("/discharge/secondsLeft")
                .asDouble();
    }

    @Test
    void aWindingDischargesAsLongAsBeforeWhenTheClockIsPutForward() {
        db.sql("""
                insert into job_event (job_id, kind, detail, done_by, done_at)
                select id, 'voltage-applied', '{"seconds": 600, "pace": 1, "test": "of the clock"}', 'test', now() - interval '10 minutes'
                from job where tag = :tag""").param("tag", JOB).update();
        double before = secondsLeft();
        assertThat(before).as("four times ten minutes, ten of them over").isBetween(1700.0, 1801.0);
        // What a server writes that finds the clock an hour further on; the hour itself is taken off the voltage's time
        // here.
        db.sql("update job_event set done_at = done_at - interval '1 hour' where kind = 'voltage-applied'"
                        + " and detail ->> 'test' = 'of the clock'")
                .update();
        assertThat(secondsLeft()).as("believed, it would be over").isZero();
        db.sql("insert into clock_jump (noticed_at, seconds) values (now(), 3600)")
                .update();
        clock.look();
        assertThat(secondsLeft()).isBetween(before - 60, before);
    }

    @Test
    void twoServersNoteTheSameJumpOnce() {
        store.note(store.now(), java.time.Duration.ofMinutes(5));
        store.note(store.now(), java.time.Duration.ofMinutes(5).plusMillis(400));
        assertThat(store.jumps()).hasSize(1);
        store.note(store.now(), java.time.Duration.ofMinutes(9));
        assertThat(store.jumps()).hasSize(2);
    }
}
