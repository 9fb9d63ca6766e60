package app.brasskettle.server.sql;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.brasskettle.server.shops.CurrentShop;
import app.brasskettle.server.shops.Shop;
import app.brasskettle.server.testing.RunningServer;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Statements on rows that belong to a shop say the shop. */
@ExtendWith(RunningServer.class)
class ShopSqlTest {

    /** The statements that may leave it out: the shop of a row that was read before, or the house on purpose. */
    private static final Set<String> ON_PURPOSE = Set.of(
            // Which shops there are, and which one a job is in, is what this store answers.
            "ShopStore",
            // By a secret that opens one row, which says its shop.
            "FeedStore: select * from calendar_feed where hash = :hash and revoked_at is null",
            // Whatever shop it was for.
            "SearchStore: update plan_search set ended_at = clock_timestamp(), how = 'its server is gone'",
            "JobStore: select setval('job_tag_number'");

    private static final Pattern BARE =
            Pattern.compile("\\bdb\\s*\\.sql\\(\\s*(?:\"\"\"(.*?)\"\"\"|\"((?:[^\"\\\\]|\\\\.)*)\")", Pattern.DOTALL);

    private final CurrentShop current;
    private final ShopSql sql;
    private final JdbcClient db;

    ShopSqlTest(RunningServer.Running server) {
        this.current = server.context().getBean(CurrentShop.class);
        this.sql = server.context().getBean(ShopSql.class);
        this.db = server.context().getBean(JdbcClient.class);
    }

    @Test
    void noStoreReachesARowOfAShopWithoutSayingTheShop() throws IOException {
        List<String> tables = db.sql("""
                select table_name from information_schema.columns where table_schema = 'public' and column_name = 'shop_id'
                  and table_name <> 'shop_member'""").query(String.class).list();
        assertThat(tables).hasSize(16);
        Pattern named = Pattern.compile("(?:from|join|into|update|using)\\s+(" + String.join("|", tables) + ")\\b");
        List<String> wrong = new ArrayList<>();
        int read = 0;
        try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
            for (Path file :
                    files.filter(f -> f.toString().endsWith("Store.java")).toList()) {
                String store = file.getFileName().toString().replace(".java", "");
                Matcher m = BARE.matcher(Files.readString(file));
                while (m.find()) {
                    String text = (m.group(1) == null ? m.group(2) : m.group(1))
                            .strip()
                            .replaceAll("\\s+", " ");
                    read++;
                    boolean byNumber = text.matches(".*(?:update|from) \\w+ .*\\bid = :id.*");
                    if (named.matcher(text).find() && !byNumber) {
                        wrong.add(store + ": " + text);
                    }
                }
            }
        }
        assertThat(read).isGreaterThan(80);
        assertThat(wrong).allSatisfy(w -> assertThat(ON_PURPOSE).as(w).anyMatch(w::startsWith));
    }

    /** A column added to a table makes it one of these; what hangs on a job must not have its own. */
    @Test
    void everyTableIsTheHousesOrHangsOnAShopOrAJobOrAPerson() {
        Set<String> house = Set.of(
                "shop",
                "shop_user",
                "bank_version",
                "clock_jump",
                "attempt",
                "known_address",
                "security_event",
                "answered_call",
                "request_key",
                "spring_session",
                "spring_session_attributes",
                "flyway_schema_history");
        List<String> others = db.sql("""
                select t.table_name from information_schema.tables t where t.table_schema = 'public' and not exists (
                  select from information_schema.columns c where c.table_schema = 'public' and c.table_name = t.table_name
                    and c.column_name in ('shop_id', 'job_id', 'quote_id', 'customer_id', 'user_id'))""").query(String.class).list();
        assertThat(house).containsAll(others);
    }

    @Test
    void aStatementThatForgetsTheShopIsRefused() {
        assertThatThrownBy(() -> current.in(Shop.FIRST, () -> sql.here("select count(*) from job")))
                .hasMessageContaining(":shop");
        assertThatThrownBy(() -> current.in(Shop.FIRST, () -> sql.together("select count(*) from job")))
                .hasMessageContaining(":shops");
    }

    @Test
    void workThatSaysNoShopReadsNothing() {
        assertThatThrownBy(() -> sql.here("select tag from job where shop_id = :shop"))
                .isInstanceOf(IllegalStateException.class);
        int jobs = current.in(
                Shop.FIRST,
                () -> sql.here("select count(*) from job where shop_id = :shop")
                        .query(Integer.class)
                        .single());
        assertThat(jobs).isPositive();
        assertThatThrownBy(current::id)
                .as("afterwards no shop is left on the thread")
                .isInstanceOf(IllegalStateException.class);
    }
}
