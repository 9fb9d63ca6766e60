package app.brasskettle.server.hours;

import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Which jobs have hours, by PostgreSQL. */
@Component
class HoursStore {

    private final JdbcClient db;

    HoursStore(JdbcClient db) {
        this.db = db;
    }

    /** Jobs that left with hours tapped on them, the latest first. */
    List<String> doneWithHours(int most) {
        return db.sql("""
                select j.tag from job j where j.left_at is not null and exists (select from job_event e
                  where e.job_id = j.id and e.kind = 'task-started' and not e.imported)
                order by j.left_at desc limit :most""").param("most", most).query(String.class).list();
    }
}
