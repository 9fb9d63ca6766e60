package app.brasskettle.server.planning;

import app.brasskettle.core.worksheet.RecordReader;
import app.brasskettle.server.json.StrictJson;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.sql.ShopSql;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Plans and motors that are expected, in PostgreSQL, where every server sees them. */
@Component
class PlanStore {

    /** A plan as stored. */
    record Stored(
            long id,
            OffsetDateTime base,
            String kind,
            String question,
            Optional<String> expectedTag,
            PlanContent content,
            Optional<Long> fromPlan,
            String madeBy,
            OffsetDateTime madeAt,
            Optional<String> decided,
            Optional<String> decidedBy,
            Optional<OffsetDateTime> decidedAt) {}

    /** A plan about to be stored; the motor it was asked for, where it was asked for one. */
    record Fresh(
            OffsetDateTime base,
            String kind,
            String question,
            Optional<Expected> expected,
            PlanContent content,
            Optional<Long> fromPlan,
            String by) {}

    /** A motor that is expected, by the tag it has until it is here. */
    record Expected(String tag, ExpectedMotor motor) {}

    private final JdbcClient db;
    private final ShopSql shop;
    private final StrictJson json;

    PlanStore(JdbcClient db, ShopSql shop, StrictJson json) {
        this.db = db;
        this.shop = shop;
        this.json = json;
    }

    /** The plan that people were told: the one accepted last. */
    Optional<Stored> told() {
        return shop.here("""
                select * from shop_plan where shop_id = :shop and decided = 'accepted'
                order by decided_at desc, id desc limit 1""").query(this::plan).optional();
    }

    /** The newest plan that nobody decided about. */
    Optional<Stored> proposal() {
        return shop.here("select * from shop_plan where shop_id = :shop and decided is null order by id desc limit 1")
                .query(this::plan)
                .optional();
    }

    /** A plan, held until the transaction ends. */
    Optional<Stored> lock(long id) {
        return shop.here("select * from shop_plan where id = :id and shop_id = :shop for update")
                .param("id", id)
                .query(this::plan)
                .optional();
    }

    private Stored plan(ResultSet row, int n) throws SQLException {
        long from = row.getLong("from_plan");
        Optional<Long> fromPlan = row.wasNull() ? Optional.empty() : Optional.of(from);
        return new Stored(
                row.getLong("id"),
                row.getObject("base", OffsetDateTime.class),
                row.getString("kind"),
                row.getString("question"),
                Optional.ofNullable(row.getString("expected_tag")),
                RecordReader.read(PlanContent.class, json.stored(row.getString("content"))),
                fromPlan,
                row.getString("made_by"),
                row.getObject("made_at", OffsetDateTime.class),
                Optional.ofNullable(row.getString("decided")),
                Optional.ofNullable(row.getString("decided_by")),
                Optional.ofNullable(row.getObject("decided_at", OffsetDateTime.class)));
    }

    /** Stores a plan for somebody to decide about; what waited for that before is discarded by it. */
    long propose(Fresh plan, OffsetDateTime at) {
        shop.here("""
                update shop_plan set decided = 'discarded', decided_by = :by, decided_at = :at
                where shop_id = :shop and decided is null""").param("by", plan.by()).param("at", at).update();
        // The motor goes with its plan as it was asked for, and is expected from the moment somebody accepts it.
        return shop.here("""
                insert into shop_plan (shop_id, base, kind, question, expected_tag, expected_motor, content, from_plan, made_by,
                  made_at)
                values (:shop, :base, :kind, :question, :tag, :motor::jsonb, :content::jsonb, :from, :by, :at) returning id""")
                .param("base", plan.base())
                .param("kind", plan.kind())
                .param("question", plan.question())
                .param("tag", plan.expected().map(Expected::tag).orElse(null))
                .param("motor", plan.expected().map(e -> json.text(e.motor())).orElse(null))
                .param("content", json.text(plan.content()))
                .param("from", plan.fromPlan().orElse(null))
                .param("by", plan.by())
                .param("at", at)
                .query(Long.class)
                .single();
    }

    void decide(long id, String decided, String by, OffsetDateTime at) {
        if (shop.here("""
                update shop_plan set decided = :decided, decided_by = :by, decided_at = :at
                where id = :id and shop_id = :shop and decided is null""")
                        .param("decided", decided)
                        .param("by", by)
                        .param("at", at)
                        .param("id", id)
                        .update()
                == 0) {
            throw RefusedException.stale("Somebody has decided about this plan already");
        }
    }

    /** From now on the motor a plan was asked for is expected. */
    void expect(long planId, String by, OffsetDateTime at) {
        shop.here("""
                insert into expected_motor (shop_id, tag, motor, accepted_by, accepted_at)
                select shop_id, expected_tag, expected_motor, :by, :at from shop_plan
                where id = :id and shop_id = :shop and expected_tag is not null""").param("by", by).param("at", at).param("id", planId).update();
    }

    String nextExpectedTag() {
        return "E-"
                + db.sql("select nextval('expected_motor_number')")
                        .query(Long.class)
                        .single();
    }

    /** Motors that are expected and have not come. */
    List<Expected> expected() {
        return shop.here(
                        "select * from expected_motor where shop_id = :shop and ended_at is null order by accepted_at, tag")
                .query((row, n) -> new Expected(
                        row.getString("tag"),
                        RecordReader.read(ExpectedMotor.class, json.stored(row.getString("motor")))))
                .list();
    }

    /** A motor is expected no more; false where it was not. */
    boolean expectNoMore(String tag, String why, String by, OffsetDateTime at) {
        return shop.here("""
                update expected_motor set ended_by = :by, ended_at = :at, ended_why = :why
                where tag = :tag and shop_id = :shop and ended_at is null""")
                        .param("by", by)
                        .param("at", at)
                        .param("why", why)
                        .param("tag", tag)
                        .update()
                == 1;
    }
}
