package app.brasskettle.server.jobs;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.surge.EarlierTraces;
import app.brasskettle.core.testkind.InstrumentKind;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.core.worksheet.Word;
import app.brasskettle.server.json.StrictJson;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Bench tests in PostgreSQL: added, superseded, never changed. */
@Component
class TestStore {

    private final JdbcClient db;
    private final StrictJson json;

    TestStore(JdbcClient db, StrictJson json) {
        this.db = db;
        this.json = json;
    }

    List<JobRow.TestRow> tests(long jobId) {
        return db.sql("select * from bench_test where job_id = :id order by taken_at, id")
                .param("id", jobId)
                .query((row, n) -> {
                    long superseder = row.getLong("superseded_by");
                    return new JobRow.TestRow(
                            row.getLong("id"),
                            TestKinds.named(row.getString("kind")).orElseThrow(),
                            row.getInt("speed"),
                            json.stored(row.getString("typed")),
                            json.stored(row.getString("input")),
                            json.stored(row.getString("result")),
                            Word.parse(Origin.class, row.getString("origin")).orElseThrow(),
                            row.getString("origin_note"),
                            Optional.ofNullable(row.getObject("applied_v", Double.class)),
                            instrument(row),
                            row.getString("taken_by"),
                            row.getObject("taken_at", OffsetDateTime.class),
                            superseder == 0 ? Optional.empty() : Optional.of(superseder),
                            Optional.ofNullable(row.getString("superseded_because")),
                            Optional.ofNullable(row.getString("earlier_traces")).map(json::stored));
                })
                .list();
    }

    private static Optional<JobRow.Instrument> instrument(ResultSet row) throws SQLException {
        String name = row.getString("instrument");
        return name == null
                ? Optional.empty()
                : Optional.of(new JobRow.Instrument(
                        name,
                        Optional.ofNullable(row.getString("instrument_kind"))
                                .flatMap(k -> Word.parse(InstrumentKind.class, k)),
                        row.getObject("calibration_due", LocalDate.class)));
    }

    /** Adds a test; the one that stood until now is superseded by it, for the reason given. */
    long addTest(long jobId, NewTest test) {
        long id = db.sql("select nextval(pg_get_serial_sequence('bench_test', 'id'))")
                .query(Long.class)
                .single();
        db.sql("""
                update bench_test set superseded_by = :new, superseded_because = :because
                where job_id = :job and kind = :kind and speed = :speed and superseded_by is null""")
                .param("new", id)
                .param("because", test.because())
                .param("job", jobId)
                .param("kind", test.kind().word())
                .param("speed", test.speed())
                .update();
        db.sql("""
                insert into bench_test (id, job_id, kind, speed, typed, input, result, origin, origin_note, applied_v, instrument,
                  instrument_kind, calibration_due, taken_by, taken_at, earlier_traces)
                values (:id, :job, :kind, :speed, :typed::jsonb, :input::jsonb, :result::jsonb, :origin, :note, :volts,
                  :instrument, :instrumentKind, :due, :by, :at, :earlier::jsonb)""")
                .param("id", id)
                .param("job", jobId)
                .param("kind", test.kind().word())
                .param("speed", test.speed())
                .param(
                        "instrument",
                        test.instrument().map(JobRow.Instrument::name).orElse(null),
                        Types.VARCHAR)
                .param(
                        "instrumentKind",
                        test.instrument()
                                .flatMap(JobRow.Instrument::kind)
                                .map(Word::word)
                                .orElse(null),
                        Types.VARCHAR)
                .param(
                        "due",
                        test.instrument().map(JobRow.Instrument::calibrationDue).orElse(null),
                        Types.DATE)
                .param("typed", json.text(test.typed()))
                .param("input", json.text(test.input()))
                .param("result", json.text(test.result()))
                .param("origin", test.origin().word())
                .param("note", test.originNote())
                .param("volts", test.appliedV().orElse(null), Types.DOUBLE)
                .param("by", test.by())
                .param("at", test.at())
                .param("earlier", test.earlierTraces().map(json::text).orElse(null), Types.VARCHAR)
                .update();
        return id;
    }

    /** A test about to be stored. */
    record NewTest(
            TestKind kind,
            int speed,
            Map<String, Object> typed,
            Record input,
            Object result,
            Origin origin,
            String originNote,
            Optional<Double> appliedV,
            Optional<JobRow.Instrument> instrument,
            String because,
            String by,
            OffsetDateTime at,
            Optional<EarlierTraces> earlierTraces) {}
}
