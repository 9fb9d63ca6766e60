package app.brasskettle.server.events;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.json.StrictJson;
import app.brasskettle.server.sql.RowsByJob;
import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** What was done by name on jobs, in PostgreSQL. */
@Component
public class EventStore {

    private final JdbcClient db;
    private final StrictJson json;

    EventStore(JdbcClient db, StrictJson json) {
        this.db = db;
        this.json = json;
    }

    /** Lists what was done by name on some jobs, in its order. */
    public Map<Long, List<EventRow>> of(Collection<Long> jobs) {
        return RowsByJob.of(
                db.sql("select * from job_event where job_id = any(:ids) order by id")
                        .param("ids", jobs.toArray(Long[]::new)),
                (row, n) -> new EventRow(
                        Coded.parse(EventKind.class, row.getString("kind")).orElseThrow(),
                        json.stored(row.getString("detail")),
                        row.getBoolean("imported"),
                        row.getString("done_by"),
                        row.getObject("done_at", OffsetDateTime.class)));
    }

    /** Adds something done here. */
    public void add(long jobId, EventKind kind, Map<String, Object> detail, String by, OffsetDateTime at) {
        add(jobId, kind, detail, false, by, at);
    }

    /** Adds an event; one that a file brought is history and acts on nothing here. */
    /** Adds something done, here or as a file brought it. */
    public void add(
            long jobId, EventKind kind, Map<String, Object> detail, boolean imported, String by, OffsetDateTime at) {
        db.sql("""
                insert into job_event (job_id, kind, detail, imported, done_by, done_at)
                values (:id, :kind, :detail::jsonb, :imported, :by, :at)""")
                .param("imported", imported)
                .param("id", jobId)
                .param("kind", kind.code())
                .param("detail", json.text(detail))
                .param("by", by)
                .param("at", at)
                .update();
    }
}
