package app.brasskettle.server.practice;

import app.brasskettle.core.practice.PracticeAct;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.json.StrictJson;
import app.brasskettle.server.sql.ShopSql;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Practice in PostgreSQL, each person's own. */
@Component
class PracticeStore {

    /** An attempt as stored. */
    record Attempt(
            long id,
            String exercise,
            long seed,
            List<PracticeAct> acts,
            Optional<String> answer,
            Optional<Integer> points,
            OffsetDateTime begunAt,
            Optional<OffsetDateTime> endedAt,
            Optional<Long> setId) {}

    /** What a lead hand set somebody, with what came of it where it is shown. */
    record SetExercise(
            long id,
            String exercise,
            long seed,
            String forWhom,
            String by,
            OffsetDateTime at,
            boolean shown,
            Optional<Integer> points,
            Optional<Long> attempt) {}

    private final JdbcClient db;
    private final ShopSql shop;
    private final StrictJson json;
    private final JsonMapper mapper;

    PracticeStore(JdbcClient db, ShopSql shop, StrictJson json, JsonMapper mapper) {
        this.db = db;
        this.shop = shop;
        this.json = json;
        this.mapper = mapper;
    }

    long begin(String username, String exercise, long seed, Optional<Long> set, OffsetDateTime at) {
        return db.sql("""
                insert into practice_attempt (user_id, exercise, seed, begun_at, set_id)
                select id, :exercise, :seed, :at, :set from shop_user where username = :username returning id""")
                .param("exercise", exercise)
                .param("seed", seed)
                .param("at", at)
                .param("set", set.orElse(null), Types.BIGINT)
                .param("username", username)
                .query(Long.class)
                .single();
    }

    /** An attempt of a person, held until the transaction ends. */
    Optional<Attempt> lock(String username, long id) {
        return db.sql("""
                select a.* from practice_attempt a join shop_user u on u.id = a.user_id
                where u.username = :username and a.id = :id for update of a""")
                .param("username", username)
                .param("id", id)
                .query(this::attempt)
                .optional();
    }

    List<Attempt> of(String username) {
        return db.sql("""
                select a.* from practice_attempt a join shop_user u on u.id = a.user_id
                where u.username = :username order by a.id desc limit 100""").param("username", username).query(this::attempt).list();
    }

    void acts(long id, List<PracticeAct> acts) {
        db.sql("update practice_attempt set acts = :acts::jsonb where id = :id")
                .param("acts", json.text(acts.stream().map(Coded::code).toList()))
                .param("id", id)
                .update();
    }

    void answer(long id, String answer, int points, OffsetDateTime at) {
        db.sql("update practice_attempt set answer = :answer, points = :points, ended_at = :at where id = :id")
                .param("answer", answer)
                .param("points", points)
                .param("at", at)
                .param("id", id)
                .update();
    }

    /** Sets an exercise; false where nobody of that name works here. */
    boolean set(String forWhom, String exercise, long seed, String by, OffsetDateTime at) {
        return shop.here("""
                insert into practice_set (user_id, exercise, seed, set_by, set_at)
                select u.id, :exercise, :seed, l.id, :at from shop_user u, shop_user l
                where u.username = :whom and not u.closed and l.username = :by
                  and exists (select from shop_member m where m.user_id = u.id and m.shop_id = :shop)""")
                        .param("exercise", exercise)
                        .param("seed", seed)
                        .param("at", at)
                        .param("whom", forWhom)
                        .param("by", by)
                        .update()
                == 1;
    }

    private static final String SETS = """
            select s.id, s.exercise, s.seed, u.display_name as whom, l.display_name as by_whom, s.set_at,
              s.shown_at is not null as shown, a.points, a.id as attempt
            from practice_set s join shop_user u on u.id = s.user_id join shop_user l on l.id = s.set_by
            left join lateral (select id, points from practice_attempt p where p.set_id = s.id and p.ended_at is not null
              order by p.id limit 1) a on true
            """;

    List<SetExercise> setFor(String username) {
        return sets("where u.username = :username order by s.id desc limit 50", username);
    }

    List<SetExercise> setBy(String username) {
        return sets("where l.username = :username order by s.id desc limit 50", username);
    }

    private List<SetExercise> sets(String where, String username) {
        return db.sql(SETS + where)
                .param("username", username)
                .query((row, n) -> new SetExercise(
                        row.getLong("id"),
                        row.getString("exercise"),
                        row.getLong("seed"),
                        row.getString("whom"),
                        row.getString("by_whom"),
                        row.getObject("set_at", OffsetDateTime.class),
                        row.getBoolean("shown"),
                        Optional.ofNullable(row.getObject("points", Integer.class)),
                        Optional.ofNullable(row.getObject("attempt", Long.class))))
                .list();
    }

    /** The person shows what came of it; false where nothing was set them, or nothing is done yet. */
    boolean show(String username, long set, OffsetDateTime at) {
        return db.sql("""
                update practice_set s set shown_at = :at from shop_user u
                where u.id = s.user_id and u.username = :username and s.id = :id and exists (select from practice_attempt p
                  where p.set_id = s.id and p.ended_at is not null)""")
                        .param("at", at)
                        .param("username", username)
                        .param("id", set)
                        .update()
                == 1;
    }

    /** The attempt at something set, as the lead hand who set it may see it: where it was shown. */
    Optional<Attempt> shown(String leadUsername, long set) {
        return db.sql("""
                select a.* from practice_set s join shop_user l on l.id = s.set_by join practice_attempt a on a.set_id = s.id
                where l.username = :lead and s.id = :id and s.shown_at is not null and a.ended_at is not null
                order by a.id limit 1""")
                .param("lead", leadUsername)
                .param("id", set)
                .query(this::attempt)
                .optional();
    }

    private Attempt attempt(ResultSet row, int n) throws SQLException {
        return new Attempt(
                row.getLong("id"),
                row.getString("exercise"),
                row.getLong("seed"),
                Arrays.stream(mapper.readValue(row.getString("acts"), String[].class))
                        .map(a -> Coded.parse(PracticeAct.class, a).orElseThrow())
                        .toList(),
                Optional.ofNullable(row.getString("answer")),
                Optional.ofNullable(row.getObject("points", Integer.class)),
                row.getObject("begun_at", OffsetDateTime.class),
                Optional.ofNullable(row.getObject("ended_at", OffsetDateTime.class)),
                Optional.ofNullable(row.getObject("set_id", Long.class)));
    }
}
