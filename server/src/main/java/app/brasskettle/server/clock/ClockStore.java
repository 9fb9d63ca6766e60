package app.brasskettle.server.clock;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** The database's clock, its jumps that were noticed, and the latest time on record. */
@Component
class ClockStore {

    /** Two servers notice the same jump within so long of each other. */
    private static final int SAME_WITHIN_S = 120;

    /** A job taken in from a file, or entered late, is written with an earlier time: the latest of the last few tells. */
    private static final int LAST = 50;

    private final JdbcClient db;
    private final TransactionTemplate together;

    ClockStore(JdbcClient db, TransactionTemplate together) {
        this.db = db;
        this.together = together;
    }

    OffsetDateTime now() {
        return db.sql("select clock_timestamp()")
                .query(OffsetDateTime.class)
                .single()
                .withOffsetSameInstant(ZoneOffset.UTC);
    }

    /** The latest time that anything was written with; nothing where nothing was. */
    Optional<OffsetDateTime> latest() {
        return db
                .sql("select at from journal order by id desc limit :last")
                .param("last", LAST)
                .query(OffsetDateTime.class)
                .list()
                .stream()
                .map(at -> at.withOffsetSameInstant(ZoneOffset.UTC))
                .max(OffsetDateTime::compareTo);
    }

    /** Notes a jump, unless another server has. */
    void note(OffsetDateTime at, Duration forward) {
        double seconds = forward.toMillis() / 1000.0;
        together.executeWithoutResult(t -> {
            db.sql("lock table clock_jump in share row exclusive mode").update();
            db.sql("""
                    insert into clock_jump (noticed_at, seconds) select :at, :seconds where not exists (
                      select from clock_jump where abs(extract(epoch from noticed_at - :at)) < :same and abs(seconds - :seconds) < 5)""")
                    .param("at", at)
                    .param("seconds", seconds)
                    .param("same", SAME_WITHIN_S)
                    .update();
        });
    }

    /** All jumps that were noticed. */
    List<JobClock.Jump> jumps() {
        return db.sql("select noticed_at, seconds from clock_jump order by id")
                .query((row, n) -> new JobClock.Jump(
                        JobClock.seconds(row.getObject("noticed_at", OffsetDateTime.class)), row.getDouble("seconds")))
                .list();
    }
}
