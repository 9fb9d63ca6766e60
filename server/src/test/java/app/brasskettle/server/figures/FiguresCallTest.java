package app.brasskettle.server.figures;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** The figures against a recount that was written without them. */
@ExtendWith(RunningServer.class)
class FiguresCallTest {

    private static final String PERIOD = "?from=2000-01-01&to=2199-12-31";

    private Visitor tech;
    private JdbcClient db;

    @BeforeEach
    void begin(Visitor visitor, RunningServer.Running server) {
        tech = visitor.stranger().as("tech");
        db = server.context().getBean(JdbcClient.class);
    }

    private JsonNode table(String code) {
        for (JsonNode t : tech.get("/api/figures" + PERIOD).with(200).json().get("tables")) {
            if (t.get("code").asString().equals(code)) {
                return t;
            }
        }
        throw new AssertionError("no table " + code);
    }

    /** A column of figures by the words before it. */
    private Map<String, Double> column(String code, int figure) {
        Map<String, Double> column = new HashMap<>();
        for (JsonNode r : table(code).get("rows")) {
            StringBuilder words = new StringBuilder();
            r.get("words").forEach(w -> words.append(words.isEmpty() ? "" : "|").append(w.asString()));
            column.put(words.toString(), r.get("figures").get(figure).asDouble());
        }
        return column;
    }

    private Map<String, Double> recount(String sql) {
        Map<String, Double> counts = new HashMap<>();
        db.sql(sql)
                .query((row, n) -> counts.put(row.getString(1), row.getDouble(2)))
                .list();
        return counts;
    }

    @Test
    void causesMatchARecount() {
        assertThat(column("causes", 0)).isEqualTo(recount("""
                with last as (select job_id, max(id) as id from job_event where kind = 'concluded' group by job_id)
                select coalesce(nullif(e.detail ->> 'label', ''), 'not concluded') || '|'
                  || coalesce(nullif(e.detail ->> 'root', ''), '–') as words, count(*)
                from job j left join last l on l.job_id = j.id left join job_event e on e.id = l.id
                where j.shop_id = 1 group by 1"""));
        double shares =
                column("causes", 1).values().stream().mapToDouble(s -> s).sum();
        assertThat(shares).isCloseTo(100, within(1e-6));
    }

    @Test
    void customersMatchARecount() {
        assertThat(column("customers", 0))
                .isEqualTo(recount("select customer, count(*) from job where shop_id = 1 group by 1"));
        assertThat(column("customers", 2)).isEqualTo(recount("""
                select j.customer, count(*) filter (where (select detail ->> 'kind' from job_event e where e.job_id = j.id
                  and e.kind = 'chosen' order by id desc limit 1) = 'rewind') from job j where j.shop_id = 1 group by 1"""));
        double all = column("kinds", 0).values().stream().mapToDouble(v -> v).sum();
        assertThat(all)
                .isEqualTo(recount("select 'all', count(*) from job where shop_id = 1")
                        .get("all"));
    }

    @Test
    void returnsMatchARecount() {
        Map<String, Double> months = column("returns", 0);
        Map<String, Double> again = recount("""
                select j.tag || '|' || b.tag, extract(epoch from j.received_at - b.left_at) / 2629746 from job j join job b
                  on b.mark = j.mark and j.mark <> '' and b.received_at < j.received_at
                where not exists (select from job m where m.mark = j.mark and m.received_at > b.received_at
                    and m.received_at < j.received_at)
                  and b.left_at <= j.received_at and extract(epoch from j.received_at - b.left_at) / 2629746 <= 12""");
        assertThat(months).hasSameSizeAs(again);
        months.forEach((words, m) -> assertThat(again)
                .hasEntrySatisfying(
                        words.split("\\|")[0] + "|" + words.split("\\|")[1],
                        x -> assertThat(x).isCloseTo(m, within(1e-6))));
        assertThat(months).as("the demonstration has a motor that came back").isNotEmpty();
    }

    @Test
    void adviceMatchesARecount() {
        Map<String, Double> against = recount("""
                select j.tag || '|' || (q.content ->> 'advised') || '|' || (c.detail ->> 'option'), 1 from job j
                join lateral (select detail from job_event e where e.job_id = j.id and kind = 'chosen' order by id desc
                  limit 1) c on true
                join quote q on q.job_id = j.id and q.version::text = c.detail ->> 'quote'
                where q.content ->> 'advised' <> c.detail ->> 'option'""");
        assertThat(column("advice", 0).keySet().stream()
                        .map(k -> k.substring(0, k.lastIndexOf('|')))
                        .toList())
                .containsExactlyInAnyOrderElementsOf(against.keySet());
        assertThat(against).isNotEmpty();
    }

    @Test
    void detectionMatchesARecount() {
        double found =
                column("detection", 0).values().stream().mapToDouble(v -> v).sum();
        assertThat(found).isEqualTo(recount("""
                select 'all', count(distinct job_id) from bench_test
                where 'stop' in (result ->> 'verdict', result -> 'judgement' ->> 'verdict')""").get("all"));
        assertThat(found).isPositive();
    }

    @Test
    void promisesMatchARecount() {
        left("kept", "2 hours", "1 hour");
        left("broken", "3 hours", "5 hours");
        double broken = column("promises", 0).values().stream()
                        .mapToDouble(v -> v)
                        .sum()
                - column("promises", 1).values().stream().mapToDouble(v -> v).sum();
        assertThat(broken).isPositive();
        assertThat(column("promises", 0)).isEqualTo(recount("""
                select to_char(promised_at at time zone 'UTC', 'YYYY-MM'), count(*) from job
                where promised_at is not null and left_at is not null group by 1"""));
        assertThat(column("promises", 1)).isEqualTo(recount("""
                select to_char(promised_at at time zone 'UTC', 'YYYY-MM'), count(*) filter (where left_at <= promised_at)
                from job where promised_at is not null and left_at is not null group by 1"""));
    }

    /** A motor promised and gone so long after it came, ten hours ago. */
    private void left(String how, String promised, String gone) {
        db.sql("""
                update job set received_at = received_at - interval '10 hours',
                  promised_at = received_at - interval '10 hours' + :promised::interval,
                  left_at = received_at - interval '10 hours' + :gone::interval, left_how = :how where tag = :tag""")
                .param("promised", promised)
                .param("gone", gone)
                .param("how", how)
                .param("tag", Plates.received(tech))
                .update();
    }

    /** What is tapped on one motor more is what the station takes more. */
    @Test
    void hoursMatchARecount() {
        double before = column("hours", 1).getOrDefault("bench", 0.0);
        String tag = Plates.ready(tech);
        tech.post("/api/jobs/" + tag + "/hours", Map.of("task", "test", "starts", true))
                .with(200);
        tech.post("/api/jobs/" + tag + "/hours", Map.of("task", "test", "starts", false))
                .with(200);
        // An hour and a half, as if it had been begun then.
        db.sql("""
                update job_event set done_at = done_at - interval '90 minutes' where kind = 'task-started'
                  and job_id = (select id from job where tag = :tag)""").param("tag", tag).update();
        double tapped = db.sql("""
                        select extract(epoch from b.done_at - a.done_at) / 3600 from job_event a join job_event b
                          on b.job_id = a.job_id and b.kind = 'task-stopped'
                        where a.kind = 'task-started' and a.job_id = (select id from job where tag = :tag)""").param("tag", tag).query(Double.class).single();
        assertThat(tapped).isGreaterThan(1.5);
        assertThat(column("hours", 1).get("bench") - before).isCloseTo(tapped, within(1e-3));
    }

    /** No name of anybody who works here stands in any of it. */
    @Test
    void nothingIsAboutPersons() {
        String all = tech.get("/api/figures" + PERIOD).with(200).text();
        assertThat(all).doesNotContain("Mara Orre").doesNotContain("Ivo Dalby").doesNotContain("Petra Lunn");
    }

    @Test
    void filesHoldTheSameFigures() throws IOException {
        JsonNode table = table("customers");
        List<CSVRecord> lines = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(tech.get("/api/figures/customers.csv" + PERIOD)
                        .with(200)
                        .text()))
                .getRecords();
        assertThat(lines).hasSize(table.get("rows").size());
        assertThat(lines.get(0).get("customer"))
                .isEqualTo(table.at("/rows/0/words/0").asString());
        assertThat(Double.parseDouble(lines.get(0).get("jobs")))
                .isEqualTo(table.at("/rows/0/figures/0").asDouble());
        byte[] xlsx = tech.get("/api/figures.xlsx" + PERIOD).with(200).bytes();
        try (ReadableWorkbook book = new ReadableWorkbook(new ByteArrayInputStream(xlsx))) {
            Sheet sheet = book.findSheet("Customers").orElseThrow();
            List<Row> rows = sheet.read();
            assertThat(rows).hasSize(table.get("rows").size() + 1);
            assertThat(rows.get(1).getCellText(0))
                    .isEqualTo(table.at("/rows/0/words/0").asString());
            assertThat(rows.get(1).getCellAsNumber(1).orElseThrow().doubleValue())
                    .isEqualTo(table.at("/rows/0/figures/0").asDouble());
            assertThat(book.getSheets()).hasSize(8);
        }
    }

    @Test
    void aPeriodThatCannotBeIsRefused() {
        assertThat(tech.get("/api/figures?from=soon").with(400).problemFields()).containsExactly("from");
        assertThat(tech.get("/api/figures?from=2026-02-01&to=2026-01-01")
                        .with(400)
                        .problemFields())
                .containsExactly("from");
        tech.get("/api/figures/no-such.csv").with(404);
    }
}
