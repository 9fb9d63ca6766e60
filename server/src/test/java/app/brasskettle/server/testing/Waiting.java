package app.brasskettle.server.testing;

import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Time that passes on a job without anybody waiting for it. */
public final class Waiting {

    private Waiting() {}

    /** Ten minutes, by which a winding discharges: all that is on record lies so much further back. */
    public static void tenMinutes(JdbcClient db, String tag) {
        for (String set : List.of(
                "bench_test set taken_at = taken_at",
                "job_event set done_at = done_at",
                "job_sheet set written_at = written_at",
                "job_sheet_past set written_at = written_at")) {
            db.sql("update " + set + " - interval '10 minutes' where job_id = (select id from job where tag = :tag)")
                    .param("tag", tag)
                    .update();
        }
    }
}
