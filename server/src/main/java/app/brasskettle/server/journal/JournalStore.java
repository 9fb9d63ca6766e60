package app.brasskettle.server.journal;

import app.brasskettle.server.json.StrictJson;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** The journal of a job: who changed what, when, from what to what. Rows are added and never touched again. */
@Component
public class JournalStore {

    /** Entries on a page. */
    public static final int PAGE = 100;

    /** One change; its number asks for the page after it. */
    public record Entry(
            long id,
            OffsetDateTime at,
            String by,
            String what,
            Optional<Map<String, Object>> before,
            Optional<Map<String, Object>> after) {}

    private final JdbcClient db;
    private final StrictJson json;

    public JournalStore(JdbcClient db, StrictJson json) {
        this.db = db;
        this.json = json;
    }

    public void write(long jobId, String by, OffsetDateTime at, String what, Object before, Object after) {
        db.sql("""
                insert into journal (job_id, at, by_whom, what, before, after)
                values (:job, :at, :by, :what, :before::jsonb, :after::jsonb)""")
                .param("job", jobId)
                .param("at", at)
                .param("by", by)
                .param("what", what)
                .param("before", before == null ? null : json.text(before))
                .param("after", after == null ? null : json.text(after))
                .update();
    }

    /** A page of a job's journal, newest first. */
    public List<Entry> page(long jobId, long before) {
        return entries(jobId, before, PAGE);
    }

    /** All of a job's journal, newest first. */
    public List<Entry> of(long jobId) {
        return entries(jobId, Long.MAX_VALUE, Integer.MAX_VALUE);
    }

    private List<Entry> entries(long jobId, long before, int most) {
        return db.sql("select * from journal where job_id = :job and id < :before order by id desc limit :most")
                .param("job", jobId)
                .param("before", before)
                .param("most", most)
                .query((row, n) -> new Entry(
                        row.getLong("id"),
                        row.getObject("at", OffsetDateTime.class),
                        row.getString("by_whom"),
                        row.getString("what"),
                        Optional.ofNullable(row.getString("before")).map(json::stored),
                        Optional.ofNullable(row.getString("after")).map(json::stored)))
                .list();
    }
}
