package app.brasskettle.server.jobs;

import app.brasskettle.core.release.EarlierRelease;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.jobrecord.JobRow;
import app.brasskettle.server.json.StrictJson;
import app.brasskettle.server.sheets.SheetKind;
import app.brasskettle.server.sheets.SheetRow;
import app.brasskettle.server.shops.ShopStore;
import app.brasskettle.server.sql.RowsByJob;
import app.brasskettle.server.sql.ShopSql;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Jobs, their sheets, tests and events in PostgreSQL. */
@Component
public class JobStore {

    private final JdbcClient db;
    private final ShopSql shop;
    private final ShopStore shops;
    private final StrictJson json;

    public JobStore(JdbcClient db, ShopSql shop, ShopStore shops, StrictJson json) {
        this.db = db;
        this.shop = shop;
        this.shops = shops;
        this.json = json;
    }

    /** Whether a job of that tag is anywhere in the house: tags are counted for all its shops together. */
    public boolean taken(String tag) {
        return shops.hasJob(tag);
    }

    public Optional<JobRow> byTag(String tag) {
        return shop.here("select * from job where tag = :tag and shop_id = :shop")
                .param("tag", tag)
                .query(this::job)
                .optional();
    }

    /** The job, held until the transaction ends, so that changes of one job follow each other. */
    public Optional<JobRow> lock(String tag) {
        return shop.here("select * from job where tag = :tag and shop_id = :shop for update")
                .param("tag", tag)
                .query(this::job)
                .optional();
    }

    private JobRow job(ResultSet row, int n) throws SQLException {
        return new JobRow(
                row.getLong("id"),
                row.getLong("shop_id"),
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
                row.getLong("customer_id"),
                row.getString("mark"),
                row.getString("asked_by"),
                setDown(row),
                waiting(row),
                left(row));
    }

    public static Optional<JobRow.SetDown> setDown(ResultSet row) throws SQLException {
        String by = row.getString("set_down_by");
        return by == null
                ? Optional.empty()
                : Optional.of(new JobRow.SetDown(
                        by,
                        row.getObject("set_down_at", OffsetDateTime.class),
                        row.getString("work_note"),
                        Optional.ofNullable(row.getString("displaced_by"))));
    }

    public static Optional<JobRow.Waiting> waiting(ResultSet row) throws SQLException {
        String what = row.getString("waits_for");
        return what == null ? Optional.empty() : Optional.of(new JobRow.Waiting(what, row.getString("waits_because")));
    }

    public static Optional<JobRow.Left> left(ResultSet row) throws SQLException {
        OffsetDateTime at = row.getObject("left_at", OffsetDateTime.class);
        return at == null ? Optional.empty() : Optional.of(new JobRow.Left(at, row.getString("left_how")));
    }

    /** Puts a job on hold, or takes it up again with nothing given. */
    public void waiting(long jobId, Optional<JobRow.Waiting> waiting) {
        db.sql("update job set waits_for = :what, waits_because = :because where id = :id")
                .param("what", waiting.map(JobRow.Waiting::what).orElse(null))
                .param("because", waiting.map(JobRow.Waiting::reason).orElse(null))
                .param("id", jobId)
                .update();
    }

    /** Lets a job leave the shop, or takes it back with nothing given. */
    public void left(long jobId, Optional<JobRow.Left> left) {
        db.sql("update job set left_at = :at, left_how = :how where id = :id")
                .param("at", left.map(JobRow.Left::at).orElse(null), Types.TIMESTAMP_WITH_TIMEZONE)
                .param("how", left.map(JobRow.Left::how).orElse(null))
                .param("id", jobId)
                .update();
    }

    /** Lists the jobs in the shop, the first that came first. */
    List<JobRow> live() {
        return shop.here("select * from job where shop_id = :shop and left_at is null order by received_at, id")
                .query(this::job)
                .list();
    }

    /** Lists the jobs of the motor so marked, newest first. */
    public List<JobRow> byMark(String mark) {
        return shop.here("""
                select * from job where mark = :mark and mark <> '' and shop_id = :shop
                order by received_at desc, id desc limit 50""").param("mark", mark).query(this::job).list();
    }

    /** The last time the motor so marked was released by two people before this job came, with what was advised then. */
    Optional<EarlierRelease> released(String mark, long jobId, OffsetDateTime receivedAt) {
        return shop.here("""
                select j.tag, e.done_at,
                  (select c.detail from job_event c where c.job_id = j.id and c.kind = 'concluded'
                   order by c.id desc limit 1) as concluded
                from job j join job_event e on e.job_id = j.id and e.kind = 'hand-done' and not e.imported
                  and e.detail ->> 'act' = 'signed' and e.detail ->> 'place' = '2'
                where j.mark = :mark and j.shop_id = :shop and j.id <> :id and j.left_at is not null and j.received_at < :received
                order by e.done_at desc limit 1""")
                .param("mark", mark)
                .param("id", jobId)
                .param("received", receivedAt)
                .query((row, n) -> new EarlierRelease(
                        row.getString("tag"),
                        JobClock.seconds(row.getObject("done_at", OffsetDateTime.class)),
                        advice(row.getString("concluded"))))
                .optional();
    }

    private List<String> advice(String concluded) {
        return concluded != null && json.stored(concluded).get("recommendations") instanceof List<?> told
                ? told.stream().map(String::valueOf).toList()
                : List.of();
    }

    /** Counts tags anew while there is no job; what a set-up that was broken off had counted stays counted in a sequence. */
    public void countTagsAnew() {
        db.sql("select setval('job_tag_number', 401, false) where not exists (select from job)")
                .query(Long.class)
                .optional();
    }

    /** Sets a job down, or picks it up with nothing given. */
    public void setDown(long jobId, Optional<JobRow.SetDown> setDown) {
        db.sql("""
                update job set set_down_by = :by, set_down_at = :at, work_note = :note, displaced_by = :displaced
                where id = :id""")
                .param("by", setDown.map(JobRow.SetDown::by).orElse(null))
                .param("at", setDown.map(JobRow.SetDown::at).orElse(null), Types.TIMESTAMP_WITH_TIMEZONE)
                .param("note", setDown.map(JobRow.SetDown::workNote).orElse(null))
                .param("displaced", setDown.flatMap(JobRow.SetDown::displacedBy).orElse(null))
                .param("id", jobId)
                .update();
    }

    public long insert(JobRow job) {
        return shop.here("""
                insert into job (shop_id, tag, customer, machine, complaint, supply, urgency, outage_cost_per_hour, promised_at,
                  received_at, received_by, simulated_motor, customer_id, mark, asked_by)
                values (:shop, :tag, :customer, :machine, :complaint, :supply, :urgency, :outage, :promised, :received, :by,
                  :motor::jsonb, :customerId, :mark, :askedBy)
                returning id""")
                .param("tag", job.tag())
                .param("customer", job.customer())
                .param("machine", job.machine())
                .param("complaint", job.complaint())
                .param("supply", job.supply())
                .param("urgency", job.urgency())
                .param("outage", job.outageCostPerHour())
                .param("promised", job.promisedAt().orElse(null), Types.TIMESTAMP_WITH_TIMEZONE)
                .param("received", job.receivedAt())
                .param("by", job.receivedBy())
                .param("motor", json.text(job.simulatedMotor()))
                .param("customerId", job.customerId())
                .param("mark", job.mark())
                .param("askedBy", job.askedBy())
                .query(Long.class)
                .single();
    }

    public String nextTag(String prefix) {
        String tag;
        do {
            long number =
                    db.sql("select nextval('job_tag_number')").query(Long.class).single();
            tag = String.format("%s-%04d", prefix, number);
            // A job taken in from another house may stand under a number that this one has not reached yet.
        } while (shops.hasJob(tag));
        return tag;
    }

    public void simulatedMotor(long jobId, Map<String, Object> motor) {
        db.sql("update job set simulated_motor = :motor::jsonb where id = :id")
                .param("motor", json.text(motor))
                .param("id", jobId)
                .update();
    }

    /** Keeps what the core read, for the floor's list. */
    public void summary(
            long jobId,
            String motor,
            String station,
            String action,
            String step,
            String worst,
            String gate,
            Optional<OffsetDateTime> gateUntil,
            Optional<String> mark,
            String find) {
        db.sql("""
                update job set version = version + 1, motor = :motor, station = :station, next_action = :action,
                  next_step = :step, worst = :worst, gate = :gate, gate_until = :gateUntil, mark = coalesce(:mark, mark),
                  find_by = lower(concat_ws(' ', tag, customer, machine, complaint, mark, :find::text))
                where id = :id""")
                .param("motor", motor)
                .param("station", station)
                .param("action", action)
                .param("step", step)
                .param("worst", worst)
                .param("gate", gate)
                .param("gateUntil", gateUntil.orElse(null), Types.TIMESTAMP_WITH_TIMEZONE)
                .param("mark", mark.orElse(null), Types.VARCHAR)
                .param("find", find)
                .param("id", jobId)
                .update();
    }

    /** Lists the sheets of some jobs as they stand. */
    public Map<Long, List<SheetRow>> sheets(Collection<Long> jobs) {
        return RowsByJob.of(
                db.sql("select * from job_sheet where job_id = any(:ids) order by kind")
                        .param("ids", jobs.toArray(Long[]::new)),
                this::sheet);
    }

    /** What was typed in an earlier version of a sheet. */
    public Optional<Map<String, Object>> past(long jobId, SheetKind kind, int version) {
        return db.sql("select typed from job_sheet_past where job_id = :id and kind = :kind and version = :version")
                .param("id", jobId)
                .param("kind", kind.code())
                .param("version", version)
                .query(String.class)
                .optional()
                .map(json::stored);
    }

    /** Lists every version of a sheet of some jobs, the one that stands last. */
    public Map<Long, List<SheetRow>> versions(Collection<Long> jobs, SheetKind kind) {
        return RowsByJob.of(
                db.sql("""
                        select job_id, kind, version, typed, imported, written_by, written_at from job_sheet_past
                        where job_id = any(:ids) and kind = :kind
                        union all
                        select job_id, kind, version, typed, imported, written_by, written_at from job_sheet
                        where job_id = any(:ids) and kind = :kind
                        order by version""").param("ids", jobs.toArray(Long[]::new)).param("kind", kind.code()), this::sheet);
    }

    private SheetRow sheet(ResultSet row, int n) throws SQLException {
        return new SheetRow(
                Coded.parse(SheetKind.class, row.getString("kind")).orElseThrow(),
                row.getInt("version"),
                json.stored(row.getString("typed")),
                row.getBoolean("imported"),
                row.getString("written_by"),
                row.getObject("written_at", OffsetDateTime.class));
    }

    /** Writes a sheet; what stood there is kept beside it. */
    public void writeSheet(
            long jobId,
            SheetKind kind,
            int version,
            Map<String, Object> typed,
            boolean imported,
            String by,
            OffsetDateTime at) {
        db.sql("""
                insert into job_sheet_past (job_id, kind, version, typed, imported, written_by, written_at)
                select job_id, kind, version, typed, imported, written_by, written_at from job_sheet
                where job_id = :id and kind = :kind""").param("id", jobId).param("kind", kind.code()).update();
        db.sql("""
                insert into job_sheet (job_id, kind, version, typed, imported, written_by, written_at)
                values (:id, :kind, :version, :typed::jsonb, :imported, :by, :at)
                on conflict (job_id, kind) do update set version = excluded.version, typed = excluded.typed,
                  imported = excluded.imported, written_by = excluded.written_by, written_at = excluded.written_at""")
                .param("id", jobId)
                .param("kind", kind.code())
                .param("version", version)
                .param("typed", json.text(typed))
                .param("imported", imported)
                .param("by", by)
                .param("at", at)
                .update();
    }

    /** Lists what the photographs of some jobs show, as they are filed: the finding, and the step they were taken at. */
    public Map<Long, List<String>> photographed(Collection<Long> jobs) {
        return RowsByJob.of(db.sql("""
                        select job_id, finding as shows from photo
                        where job_id = any(:ids) and finding <> '' and removed_because is null
                        union select job_id, 'step ' || step from photo
                        where job_id = any(:ids) and removed_because is null""").param("ids", jobs.toArray(Long[]::new)), (row, n) -> row.getString("shows"));
    }
}
