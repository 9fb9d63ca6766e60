package app.brasskettle.server.jobs;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Keys by which a retried call is known, so that an answer lost on the way makes no second record. */
@Component
public class RequestKeyStore {

    private final JdbcClient db;

    public RequestKeyStore(JdbcClient db) {
        this.db = db;
    }

    /** Tag of the job the same call by the same person changed already. */
    public Optional<String> done(String key, String username) {
        return db.sql("""
                select j.tag from request_key k join job j on j.id = k.job_id
                where k.key = :key and k.username = :username""")
                .param("key", key)
                .param("username", username)
                .query(String.class)
                .optional();
    }

    public void remember(String key, String username, long jobId) {
        if (key.length() < 8 || key.length() > 80) {
            throw new InvalidInputException(List.of(new Problem(
                    "Idempotency-Key", Problem.Code.RANGE, "Idempotency-Key must have 8 to 80 characters")));
        }
        db.sql("insert into request_key (key, username, job_id, done_at) values (:key, :username, :job, now())")
                .param("key", key)
                .param("username", username)
                .param("job", jobId)
                .update();
    }
}
