package app.brasskettle.server.runs;

import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.signals.Signal;
import app.brasskettle.server.signals.Signals;
import app.brasskettle.server.sql.RowsByJob;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Runs of instruments in PostgreSQL, which every server sees. When they began and ended is the record's time; whether their server still
 * lives is between it and the database's clock.
 */
@Component
public class RunStore {

    /** A run that nobody kept alive for so long has lost its server; its voltage counts as on until then. */
    public static final int DEAD_AFTER_S = 10;

    private final JdbcClient db;
    private final Signals signals;

    RunStore(JdbcClient db, Signals signals) {
        this.db = db;
        this.signals = signals;
    }

    /**
     * A run about to begin.
     *
     * @param jobId whose motor
     * @param kind the test it reads
     * @param speed the speed it reads
     * @param instrument what has the voltage on, as people call it
     * @param simulated true for one of the product's own stand-ins
     * @param pace seconds of the instrument in one of the wall
     * @param by who begins it
     */
    public record Claim(
            long jobId, String kind, int speed, String instrument, boolean simulated, double pace, String by) {}

    /**
     * Claims a motor for a run, before any voltage is on.
     *
     * @param claim the run
     * @param server the server that will have the voltage on
     * @return the run's number
     * @throws RefusedException when another run is under way on this motor
     */
    public long claim(Claim claim, String server) {
        sweep();
        try {
            return bound("""
                            insert into instrument_run (job_id, kind, speed, instrument, simulated, server, pace, begun_by, begun_at)
                            values (:job, :kind, :speed, :instrument, :simulated, :server, :pace, :by, :now) returning id""", claim, server).query(Long.class).single();
        } catch (DuplicateKeyException underWay) {
            throw RefusedException.gated("Voltage is on this motor already: one instrument at a time");
        }
    }

    /** Adds a reading that was over at once, with the time it counts under voltage. */
    public void addEnded(Claim claim, String server, double seconds) {
        bound("""
                insert into instrument_run (job_id, kind, speed, instrument, simulated, server, pace, begun_by, begun_at,
                  ended_at, seconds, how)
                values (:job, :kind, :speed, :instrument, :simulated, :server, :pace, :by, :now, :now, :seconds,
                  'read at once')""", claim, server).param("seconds", seconds).update();
    }

    private JdbcClient.StatementSpec bound(String sql, Claim claim, String server) {
        return db.sql(sql)
                .param("job", claim.jobId())
                .param("kind", claim.kind())
                .param("speed", claim.speed())
                .param("instrument", claim.instrument())
                .param("simulated", claim.simulated())
                .param("server", server)
                .param("pace", claim.pace())
                .param("by", claim.by())
                .param("now", JobClock.now());
    }

    /** Says that the voltage is still on; whether somebody, on whichever server, asked to take it off. */
    public boolean stillOn(long id) {
        return db.sql("""
                        update instrument_run set alive_at = clock_timestamp() where id = :id and ended_at is null
                        returning stop_asked""").param("id", id).query(Boolean.class).optional().orElse(true);
    }

    /**
     * Says that the voltage is off.
     *
     * @param id the run
     * @param seconds time under voltage, as the instrument counts
     * @param how how it ended
     */
    public void ended(long id, double seconds, String how) {
        db.sql("""
                update instrument_run set ended_at = greatest(begun_at, :now), seconds = :seconds, how = :how
                where id = :id and ended_at is null""")
                .param("id", id)
                .param("now", JobClock.now())
                .param("seconds", seconds)
                .param("how", how)
                .update();
    }

    /** Asks whichever server has a voltage on this motor to take it off; how many runs were asked. */
    public int askOff(long jobId) {
        int asked = db.sql("update instrument_run set stop_asked = true where job_id = :job and ended_at is null")
                .param("job", jobId)
                .update();
        signals.send(Signal.RUNS);
        return asked;
    }

    /** How many runs are still under way on this motor. */
    public int underWay(long jobId) {
        return db.sql("select count(*) from instrument_run where job_id = :job and ended_at is null")
                .param("job", jobId)
                .query(Integer.class)
                .single();
    }

    /** Ends the runs whose server is gone: voltage counts as on until now, which starts the discharge clock. */
    public int sweep() {
        return db.sql("""
                update instrument_run set ended_at = greatest(begun_at, :now),
                  seconds = pace * extract(epoch from greatest(begun_at, :now) - begun_at), how = 'its server is gone'
                where ended_at is null and alive_at < clock_timestamp() - make_interval(secs => :dead)""")
                .param("dead", DEAD_AFTER_S)
                .param("now", JobClock.now())
                .update();
    }

    /** Lists the runs on the motors of some jobs, in their order. */
    public Map<Long, List<RunRow>> of(Collection<Long> jobs) {
        return RowsByJob.of(
                db.sql("select * from instrument_run where job_id = any(:ids) order by id")
                        .param("ids", jobs.toArray(Long[]::new)),
                RunStore::row);
    }

    /** Notes that a test was recorded from a run. */
    public void use(long id, long testId) {
        db.sql("update instrument_run set used_by_test = :test where id = :id")
                .param("test", testId)
                .param("id", id)
                .update();
    }

    private static RunRow row(ResultSet row, int n) throws SQLException {
        return new RunRow(
                row.getLong("id"),
                row.getString("kind"),
                row.getInt("speed"),
                row.getString("instrument"),
                row.getBoolean("simulated"),
                row.getDouble("pace"),
                row.getString("begun_by"),
                row.getObject("begun_at", OffsetDateTime.class),
                Optional.ofNullable(row.getObject("ended_at", OffsetDateTime.class)),
                row.getDouble("seconds"),
                row.getObject("used_by_test") != null);
    }
}
