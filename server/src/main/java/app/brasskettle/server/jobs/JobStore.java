package app.brasskettle.server.jobs;

import app.brasskettle.core.worksheet.Word;
import app.brasskettle.server.json.StrictJson;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Jobs, their sheets, tests and events in PostgreSQL. */
@Component
class JobStore {

    private final JdbcClient db;
    private final StrictJson json;

    JobStore(JdbcClient db, StrictJson json) {
        this.db = db;
        this.json = json;
    }

    Optional<JobRow> byTag(String tag) {
        return db.sql("select * from job where tag = :tag")
                .param("tag", tag)
                .query(this::job)
                .optional();
    }

    /** The job, held until the transaction ends, so that changes of one job follow each other. */
    Optional<JobRow> lock(String tag) {
        return db.sql("select * from job where tag = :tag for update")
                .param("tag", tag)
                .query(this::job)
                .optional();
    }

    private JobRow job(ResultSet row, int n) throws SQLException {
        return new JobRow(
                row.getLong("id"),
                row.getString("tag"),
                row.getString("customer"),
                row.getString("machine"),
                row.getString("complaint"),
                row.getString("supply"),
                row.getString("urgency"),
                row.getBigDecimal("outage_cost_per_hour"),
                Optional.ofNullable(row.getObject("promised_at", OffsetDateTime.class)),
                row.getObject("received_at", OffsetDateTime.class),
                row.getString("received_by"),
                json.stored(row.getString("simulated_motor")),
                row.getInt("version"),
                setDown(row));
    }

    static Optional<FloorRow.SetDown> setDown(ResultSet row) throws SQLException {
        String by = row.getString("set_down_by");
        return by == null
                ? Optional.empty()
                : Optional.of(new FloorRow.SetDown(
                        by,
                        row.getObject("set_down_at", OffsetDateTime.class),
                        row.getString("hands_were"),
                        Optional.ofNullable(row.getString("displaced_by"))));
    }

    /** Sets a job down, or picks it up with nothing given. */
    void setDown(long jobId, Optional<FloorRow.SetDown> setDown) {
        db.sql("""
                update job set set_down_by = :by, set_down_at = :at, hands_were = :hands, displaced_by = :displaced
                where id = :id""")
                .param("by", setDown.map(FloorRow.SetDown::by).orElse(null))
                .param("at", setDown.map(FloorRow.SetDown::at).orElse(null), java.sql.Types.TIMESTAMP_WITH_TIMEZONE)
                .param("hands", setDown.map(FloorRow.SetDown::handsWere).orElse(null))
                .param(
                        "displaced",
                        setDown.flatMap(FloorRow.SetDown::displacedBy).orElse(null))
                .param("id", jobId)
                .update();
    }

    long insert(JobRow job) {
        return db.sql("""
                insert into job (tag, customer, machine, complaint, supply, urgency, outage_cost_per_hour, promised_at,
                  received_at, received_by, simulated_motor)
                values (:tag, :customer, :machine, :complaint, :supply, :urgency, :outage, :promised, :received, :by,
                  :motor::jsonb)
                returning id""")
                .param("tag", job.tag())
                .param("customer", job.customer())
                .param("machine", job.machine())
                .param("complaint", job.complaint())
                .param("supply", job.supply())
                .param("urgency", job.urgency())
                .param("outage", job.outageCostPerHour())
                .param("promised", job.promisedAt().orElse(null), java.sql.Types.TIMESTAMP_WITH_TIMEZONE)
                .param("received", job.receivedAt())
                .param("by", job.receivedBy())
                .param("motor", json.text(job.simulatedMotor()))
                .query(Long.class)
                .single();
    }

    String nextTag() {
        long number =
                db.sql("select nextval('job_tag_number')").query(Long.class).single();
        return String.format("TQ-%04d", number);
    }

    void simulatedMotor(long jobId, Map<String, Object> motor) {
        db.sql("update job set simulated_motor = :motor::jsonb where id = :id")
                .param("motor", json.text(motor))
                .param("id", jobId)
                .update();
    }

    /** Keeps what the core read, for the floor's list. */
    void summary(
            long jobId,
            String motor,
            String station,
            String action,
            String step,
            String worst,
            String gate,
            String find) {
        db.sql("""
                update job set version = version + 1, motor = :motor, station = :station, next_action = :action,
                  next_step = :step, worst = :worst, gate = :gate,
                  find_by = lower(concat_ws(' ', tag, customer, machine, complaint, :find::text))
                where id = :id""")
                .param("motor", motor)
                .param("station", station)
                .param("action", action)
                .param("step", step)
                .param("worst", worst)
                .param("gate", gate)
                .param("find", find)
                .param("id", jobId)
                .update();
    }

    List<JobRow.SheetRow> sheets(long jobId) {
        return db.sql("select * from job_sheet where job_id = :id")
                .param("id", jobId)
                .query((row, n) -> new JobRow.SheetRow(
                        Word.parse(SheetKind.class, row.getString("kind")).orElseThrow(),
                        row.getInt("version"),
                        json.stored(row.getString("typed")),
                        row.getString("written_by"),
                        row.getObject("written_at", OffsetDateTime.class)))
                .list();
    }

    void writeSheet(long jobId, SheetKind kind, int version, Map<String, Object> typed, String by, OffsetDateTime at) {
        db.sql("""
                insert into job_sheet (job_id, kind, version, typed, written_by, written_at)
                values (:id, :kind, :version, :typed::jsonb, :by, :at)
                on conflict (job_id, kind) do update set version = excluded.version, typed = excluded.typed,
                  written_by = excluded.written_by, written_at = excluded.written_at""")
                .param("id", jobId)
                .param("kind", kind.word())
                .param("version", version)
                .param("typed", json.text(typed))
                .param("by", by)
                .param("at", at)
                .update();
    }

    List<JobRow.TestRow> tests(long jobId) {
        return db.sql("select * from bench_test where job_id = :id order by taken_at, id")
                .param("id", jobId)
                .query((row, n) -> {
                    long superseder = row.getLong("superseded_by");
                    return new JobRow.TestRow(
                            row.getLong("id"),
                            Word.parse(TestKind.class, row.getString("kind")).orElseThrow(),
                            json.stored(row.getString("typed")),
                            json.stored(row.getString("input")),
                            json.stored(row.getString("result")),
                            row.getBoolean("simulated"),
                            row.getString("taken_by"),
                            row.getObject("taken_at", OffsetDateTime.class),
                            superseder == 0 ? Optional.empty() : Optional.of(superseder),
                            Optional.ofNullable(row.getString("superseded_because")));
                })
                .list();
    }

    /** Adds a test; the one that stood until now is superseded by it, for the reason given. */
    void addTest(long jobId, NewTest test) {
        long id = db.sql("select nextval(pg_get_serial_sequence('bench_test', 'id'))")
                .query(Long.class)
                .single();
        db.sql("""
                update bench_test set superseded_by = :new, superseded_because = :because
                where job_id = :job and kind = :kind and superseded_by is null""")
                .param("new", id)
                .param("because", test.because())
                .param("job", jobId)
                .param("kind", test.kind().word())
                .update();
        db.sql("""
                insert into bench_test (id, job_id, kind, typed, input, result, rule_version, simulated, taken_by, taken_at)
                values (:id, :job, :kind, :typed::jsonb, :input::jsonb, :result::jsonb, :rule, :simulated, :by, :at)""")
                .param("id", id)
                .param("job", jobId)
                .param("kind", test.kind().word())
                .param("typed", json.text(test.typed()))
                .param("input", json.text(test.input()))
                .param("result", json.text(test.result()))
                .param("rule", NewTest.RULE_VERSION)
                .param("simulated", test.simulated())
                .param("by", test.by())
                .param("at", test.at())
                .update();
    }

    List<JobRow.EventRow> events(long jobId) {
        return db.sql("select * from job_event where job_id = :id order by id")
                .param("id", jobId)
                .query((row, n) -> new JobRow.EventRow(
                        Word.parse(EventKind.class, row.getString("kind")).orElseThrow(),
                        json.stored(row.getString("detail")),
                        row.getString("done_by"),
                        row.getObject("done_at", OffsetDateTime.class)))
                .list();
    }

    void addEvent(long jobId, EventKind kind, Map<String, Object> detail, String by, OffsetDateTime at) {
        db.sql("""
                insert into job_event (job_id, kind, detail, done_by, done_at)
                values (:id, :kind, :detail::jsonb, :by, :at)""")
                .param("id", jobId)
                .param("kind", kind.word())
                .param("detail", json.text(detail))
                .param("by", by)
                .param("at", at)
                .update();
    }

    /** A test about to be stored. */
    record NewTest(
            TestKind kind,
            Map<String, Object> typed,
            Record input,
            Object result,
            boolean simulated,
            String because,
            String by,
            OffsetDateTime at) {
        static final String RULE_VERSION = "1";
    }
}
