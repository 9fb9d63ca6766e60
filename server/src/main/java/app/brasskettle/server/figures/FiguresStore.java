package app.brasskettle.server.figures;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.figures.JobFacts;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.sql.ShopSql;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Jobs of a period as the figures take them; rows only, nothing is counted here. */
@Component
class FiguresStore {

    private final ShopSql shop;

    FiguresStore(ShopSql shop) {
        this.shop = shop;
    }

    private static final String CONCLUDED = """
            left join lateral (select e.detail from job_event e where e.job_id = %1$s.id and e.kind = 'concluded'
              order by e.id desc limit 1) %2$s on true
            """;

    private static final String FACTS = """
            select j.tag, j.customer, j.received_at, j.left_at, j.promised_at,
              p.typed ->> 'phases' as phases, p.typed ->> 'ratedPowerW' as power,
              c.detail ->> 'label' as cause, c.detail ->> 'root' as root,
              ch.detail ->> 'kind' as way, ch.detail ->> 'option' as option, q.content ->> 'advised' as advised,
              t.kind as found_by,
              b.tag as before_tag, b.received_at as before_received, b.left_at as before_left,
              bc.detail ->> 'label' as before_cause,
              n.tag as next_tag, n.received_at as next_received, n.left_at as next_left, nc.detail ->> 'label' as next_cause
            from job j
            left join job_sheet p on p.job_id = j.id and p.kind = 'plate'
            """
            + CONCLUDED.formatted("j", "c")
            + """
            left join lateral (select e.detail from job_event e where e.job_id = j.id and e.kind = 'chosen'
              order by e.id desc limit 1) ch on true
            left join quote q on q.job_id = j.id and q.version = (ch.detail ->> 'quote')::int
            left join lateral (select t.kind from bench_test t where t.job_id = j.id
              and coalesce(t.result ->> 'verdict', t.result #>> '{judgement,verdict}') = 'stop'
              order by t.taken_at, t.id limit 1) t on true
            left join lateral (select x.* from job x where x.mark = j.mark and j.mark <> '' and x.id <> j.id
              and x.shop_id = any(:shops) and x.received_at < j.received_at order by x.received_at desc, x.id desc limit 1) b on true
            """
            + CONCLUDED.formatted("b", "bc")
            + """
            left join lateral (select x.* from job x where x.mark = j.mark and j.mark <> '' and x.id <> j.id
              and x.shop_id = any(:shops) and x.received_at > j.received_at order by x.received_at, x.id limit 1) n on true
            """
            + CONCLUDED.formatted("n", "nc")
            + """
            where j.shop_id = any(:shops) and j.received_at >= :from and j.received_at < :to order by j.received_at, j.id limit :most
            """;

    List<JobFacts> facts(OffsetDateTime from, OffsetDateTime to, int most) {
        return shop.together(FACTS)
                .param("from", from)
                .param("to", to)
                .param("most", most)
                .query(FiguresStore::facts)
                .list();
    }

    /** Tags of jobs of a period with hours tapped on them, by the number of their shop. */
    Map<Long, List<String>> withHours(OffsetDateTime from, OffsetDateTime to) {
        return shop
                .together("""
                select j.shop_id, j.tag from job j where j.shop_id = any(:shops) and j.received_at >= :from and j.received_at < :to
                  and exists (select from job_event e where e.job_id = j.id and e.kind = 'task-started' and not e.imported)
                order by j.id""")
                .param("from", from)
                .param("to", to)
                .query((row, n) -> Map.entry(row.getLong("shop_id"), row.getString("tag")))
                .list()
                .stream()
                .collect(Collectors.groupingBy(
                        Map.Entry::getKey, TreeMap::new, Collectors.mapping(Map.Entry::getValue, Collectors.toList())));
    }

    private static JobFacts facts(ResultSet row, int n) throws SQLException {
        return new JobFacts(
                row.getString("tag"),
                row.getString("customer"),
                Optional.ofNullable(row.getString("phases")).map(p -> (int) Double.parseDouble(p)),
                text(row, "power").flatMap(FiguresStore::watt),
                seconds(row, "received_at").orElseThrow(),
                seconds(row, "left_at"),
                seconds(row, "promised_at"),
                text(row, "cause"),
                text(row, "root"),
                text(row, "way"),
                text(row, "option"),
                text(row, "advised"),
                text(row, "found_by").map(FiguresStore::label),
                visit(row, "before"),
                visit(row, "next"));
    }

    /** The power of a plate, read as it was typed. */
    public record TypedPower(double ratedPowerW) {}

    private static Optional<Double> watt(String typed) {
        try {
            return Optional.of(TypedInput.read(TypedPower.class, Map.of("ratedPowerW", typed))
                    .input()
                    .ratedPowerW());
        } catch (InvalidInputException unread) {
            return Optional.empty();
        }
    }

    private static String label(String kind) {
        return TestKinds.named(kind).map(TestKind::label).orElse(kind);
    }

    private static Optional<JobFacts.Visit> visit(ResultSet row, String which) throws SQLException {
        String tag = row.getString(which + "_tag");
        return tag == null
                ? Optional.empty()
                : Optional.of(new JobFacts.Visit(
                        tag,
                        seconds(row, which + "_received").orElseThrow(),
                        seconds(row, which + "_left"),
                        text(row, which + "_cause")));
    }

    private static Optional<String> text(ResultSet row, String column) throws SQLException {
        return Optional.ofNullable(row.getString(column)).filter(t -> !t.isBlank());
    }

    private static Optional<Double> seconds(ResultSet row, String column) throws SQLException {
        return Optional.ofNullable(row.getObject(column, OffsetDateTime.class)).map(JobClock::seconds);
    }
}
