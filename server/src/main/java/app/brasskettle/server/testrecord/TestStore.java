package app.brasskettle.server.testrecord;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.surge.EarlierTraces;
import app.brasskettle.core.testkind.InstrumentKind;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.json.StrictJson;
import app.brasskettle.server.sql.RowsByJob;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Bench tests in PostgreSQL: added, superseded, never changed. */
@Component
public class TestStore {

    private final JdbcClient db;
    private final StrictJson json;

    public TestStore(JdbcClient db, StrictJson json) {
        this.db = db;
        this.json = json;
    }

    /** Lists the tests of some jobs without their traces, which are most of their size. */
    public Map<Long, List<TestRow>> tests(Collection<Long> jobs) {
        return RowsByJob.of(
                db.sql("""
                        select job_id, id, kind, speed, typed, case when kind = any(:traced) then null else input end as input,
                          origin, origin_note, applied_v, instrument, instrument_kind, calibration_due, taken_by, taken_at,
                          superseded_by, superseded_because, corrected, earlier_traces is not null as beside_earlier
                        from bench_test where job_id = any(:ids) order by taken_at, id""")
                        .param("ids", jobs.toArray(Long[]::new))
                        .param(
                                "traced",
                                TestKinds.all().stream()
                                        .filter(TestKind::traces)
                                        .map(TestKind::code)
                                        .toArray(String[]::new)),
                this::row);
    }

    private TestRow row(ResultSet row, int n) throws SQLException {
        long superseder = row.getLong("superseded_by");
        String input = row.getString("input");
        return new TestRow(
                row.getLong("id"),
                TestKinds.named(row.getString("kind")).orElseThrow(),
                row.getInt("speed"),
                json.stored(row.getString("typed")),
                input == null ? Map.of() : json.stored(input),
                Coded.parse(Origin.class, row.getString("origin")).orElseThrow(),
                row.getString("origin_note"),
                Optional.ofNullable(row.getObject("applied_v", Double.class)),
                instrument(row),
                row.getString("taken_by"),
                row.getObject("taken_at", OffsetDateTime.class),
                superseder == 0 ? Optional.empty() : Optional.of(superseder),
                Optional.ofNullable(row.getString("superseded_because")),
                row.getBoolean("corrected"),
                row.getBoolean("beside_earlier"));
    }

    /**
     * What a test holds, whole.
     *
     * @param input its readings
     * @param result what was computed of them when they were recorded
     * @param earlierTraces traces of an earlier visit that were laid beside it
     * @param bytes how long the readings are as text
     */
    public record Whole(
            Map<String, Object> input,
            Map<String, Object> result,
            Optional<Map<String, Object>> earlierTraces,
            int bytes) {}

    /** Reads some tests whole. */
    public Map<Long, Whole> whole(Collection<Long> ids) {
        Map<Long, Whole> whole = new HashMap<>();
        if (!ids.isEmpty()) {
            db.sql("select id, input, result, earlier_traces from bench_test where id = any(:ids)")
                    .param("ids", ids.toArray(Long[]::new))
                    .query(row -> {
                        String input = row.getString("input");
                        whole.put(
                                row.getLong("id"),
                                new Whole(
                                        json.stored(input),
                                        json.stored(row.getString("result")),
                                        Optional.ofNullable(row.getString("earlier_traces"))
                                                .map(json::stored),
                                        input.length()));
                    });
        }
        return whole;
    }

    private static Optional<InstrumentRow> instrument(ResultSet row) throws SQLException {
        String name = row.getString("instrument");
        return name == null
                ? Optional.empty()
                : Optional.of(new InstrumentRow(
                        name,
                        Optional.ofNullable(row.getString("instrument_kind"))
                                .flatMap(k -> Coded.parse(InstrumentKind.class, k)),
                        row.getObject("calibration_due", LocalDate.class)));
    }

    /** Adds a test; the one that stood until now is superseded by it, for the reason given. */
    public long addTest(long jobId, NewTest test) {
        long id = db.sql("select nextval(pg_get_serial_sequence('bench_test', 'id'))")
                .query(Long.class)
                .single();
        db.sql("""
                update bench_test set superseded_by = :new, superseded_because = :because, corrected = :corrected
                where job_id = :job and kind = :kind and speed = :speed and superseded_by is null""")
                .param("new", id)
                .param("because", test.because())
                .param("corrected", test.correction())
                .param("job", jobId)
                .param("kind", test.kind().code())
                .param("speed", test.speed())
                .update();
        db.sql("""
                insert into bench_test (id, job_id, kind, speed, typed, input, result, origin, origin_note, applied_v, instrument,
                  instrument_kind, calibration_due, taken_by, taken_at, earlier_traces)
                values (:id, :job, :kind, :speed, :typed::jsonb, :input::jsonb, :result::jsonb, :origin, :note, :volts,
                  :instrument, :instrumentKind, :due, :by, :at, :earlier::jsonb)""")
                .param("id", id)
                .param("job", jobId)
                .param("kind", test.kind().code())
                .param("speed", test.speed())
                .param("instrument", test.instrument().map(InstrumentRow::name).orElse(null), Types.VARCHAR)
                .param(
                        "instrumentKind",
                        test.instrument()
                                .flatMap(InstrumentRow::kind)
                                .map(Coded::code)
                                .orElse(null),
                        Types.VARCHAR)
                .param(
                        "due",
                        test.instrument().map(InstrumentRow::calibrationDue).orElse(null),
                        Types.DATE)
                .param("typed", json.text(test.typed()))
                .param("input", json.text(test.input()))
                .param("result", json.text(test.result()))
                .param("origin", test.origin().code())
                .param("note", test.originNote())
                .param("volts", test.appliedV().orElse(null), Types.DOUBLE)
                .param("by", test.by())
                .param("at", test.at())
                .param("earlier", test.earlierTraces().map(json::text).orElse(null), Types.VARCHAR)
                .update();
        return id;
    }

    /** A test about to be stored. */
    public record NewTest(
            TestKind kind,
            int speed,
            Map<String, Object> typed,
            Record input,
            Object result,
            Origin origin,
            String originNote,
            Optional<Double> appliedV,
            Optional<InstrumentRow> instrument,
            String because,
            String by,
            OffsetDateTime at,
            Optional<EarlierTraces> earlierTraces,
            boolean correction) {}
}
