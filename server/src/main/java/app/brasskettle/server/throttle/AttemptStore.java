package app.brasskettle.server.throttle;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Counts of attempts. They stand whatever becomes of the call that made them. */
@Component
class AttemptStore {

    private final JdbcClient db;

    AttemptStore(JdbcClient db) {
        this.db = db;
    }

    /** Counts an attempt; how many there were with it since the window began. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public int counted(Attempt kind, String subject) {
        int count = db.sql("""
                insert into attempt (kind, subject, since, count) values (:kind, :subject, now(), 1)
                on conflict (kind, subject) do update set
                  count = case when attempt.since < now() - :window * interval '1 second' then 1 else attempt.count + 1 end,
                  since = case when attempt.since < now() - :window * interval '1 second' then now() else attempt.since end
                returning count""")
                .param("kind", kind.name())
                .param("subject", subject)
                .param("window", kind.windowS())
                .query(Integer.class)
                .single();
        if (count == 1) {
            db.sql("""
                    delete from attempt where (kind, subject) in (
                        select kind, subject from attempt where since < now() - interval '1 day' limit 20
                        for update skip locked)""").update();
        }
        return count;
    }

    /** Attempts in the window that is open; 0 where none is. */
    int count(Attempt kind, String subject) {
        return db.sql("""
                select coalesce(max(count), 0) from attempt
                where kind = :kind and subject = :subject and since >= now() - :window * interval '1 second'""")
                .param("kind", kind.name())
                .param("subject", subject)
                .param("window", kind.windowS())
                .query(Integer.class)
                .single();
    }

    /** Takes back what was counted, because it was right. */
    public void takenBack(Attempt kind, String subject) {
        db.sql("update attempt set count = greatest(0, count - 1) where kind = :kind and subject = :subject")
                .param("kind", kind.name())
                .param("subject", subject)
                .update();
    }

    /** Begins anew. */
    public void cleared(Attempt kind, String subject) {
        db.sql("delete from attempt where kind = :kind and subject = :subject")
                .param("kind", kind.name())
                .param("subject", subject)
                .update();
    }
}
