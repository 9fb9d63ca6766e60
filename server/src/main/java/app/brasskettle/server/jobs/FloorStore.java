package app.brasskettle.server.jobs;

import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** The floor's list and the search in it. */
@Component
class FloorStore {

    private static final int MOST_ROWS = 500;
    private static final int MOST_WORDS = 6;

    private final JdbcClient db;

    FloorStore(JdbcClient db) {
        this.db = db;
    }

    /** Jobs that hold every word of {@code find}, rush first, set-down ones last, then in the order they came in. */
    List<FloorRow> rows(String find) {
        List<String> words = words(find);
        JdbcClient.StatementSpec query = db.sql(query(words.size()));
        for (int i = 0; i < words.size(); i++) {
            query = query.param("word" + i, pattern(words.get(i)));
        }
        return query.query((r, n) -> {
                    double hours = Math.max(0, r.getDouble("hours"));
                    return new FloorRow(
                            r.getString("tag"),
                            r.getString("customer"),
                            r.getString("machine"),
                            r.getString("motor"),
                            r.getString("station"),
                            r.getString("next_action"),
                            r.getString("next_step"),
                            r.getString("worst"),
                            r.getString("gate"),
                            r.getString("urgency"),
                            Optional.ofNullable(r.getObject("promised_at", OffsetDateTime.class)),
                            hours,
                            hours * r.getDouble("outage_cost_per_hour"),
                            JobStore.setDown(r));
                })
                .list();
    }

    static List<String> words(String find) {
        return Arrays.stream((find == null ? "" : find)
                        .strip()
                        .toLowerCase(Locale.ROOT)
                        .split("\\s+"))
                .filter(w -> !w.isEmpty())
                .limit(MOST_WORDS)
                .toList();
    }

    /** A word anywhere in the text; the store's own wildcards in it mean themselves. */
    static String pattern(String word) {
        return "%" + word.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%";
    }

    static String query(int words) {
        StringBuilder where = new StringBuilder("true");
        for (int i = 0; i < words; i++) {
            where.append(" and find_by like :word").append(i);
        }
        return """
                select *, extract(epoch from now() - received_at) / 3600 as hours from job
                where %s
                order by (urgency <> 'rush'), (set_down_by is not null), received_at, id limit %d""".formatted(where, MOST_ROWS);
    }
}
