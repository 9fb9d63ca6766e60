package app.brasskettle.server.operations;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.IntPredicate;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import tools.jackson.databind.JsonNode;

/**
 * A shop of the first release, with its data, under this one.
 *
 * <p>{@code upgrade/first-release.sql} is what the first release's own demonstration held (schema 4: twelve jobs, 35 tests, five
 * people), dumped by pg_dump.
 */
@ExtendWith(RunningServer.class)
class UpgradeTest {

    private static final String URL = System.getenv("BRASSKETTLE_DB_URL");
    private static final String OLD = "upgrade_test_old";
    private static final String FRESH = "upgrade_test_fresh";
    /** The last migration written before constraints had to be added without looking at every row under a lock. */
    private static final int BEFORE_THE_RULE = 31;

    private static final List<String> TABLES =
            List.of("shop_user", "access_token", "job", "bench_test", "job_event", "job_sheet", "journal");

    @TempDir
    Path folder;

    private JdbcClient maintenance;

    @BeforeEach
    void databases(RunningServer.Running server) {
        maintenance = server.context().getBean(JdbcClient.class);
        List.of(OLD, FRESH)
                .forEach(name -> maintenance.sql("create database " + name).update());
    }

    @AfterEach
    void clear() {
        List.of(OLD, FRESH)
                .forEach(name -> maintenance
                        .sql("drop database if exists " + name + " with (force)")
                        .update());
    }

    private static String url(String database) {
        return URL.substring(0, URL.lastIndexOf('/') + 1) + database;
    }

    private static DriverManagerDataSource source(String database) {
        return new DriverManagerDataSource(
                url(database), System.getenv("BRASSKETTLE_DB_USER"), System.getenv("BRASSKETTLE_DB_PASSWORD"));
    }

    private static Flyway upTo(String database, String version) {
        return Flyway.configure().dataSource(source(database)).target(version).load();
    }

    private static void firstRelease() throws IOException {
        upTo(OLD, "4").migrate();
        String dump = Files.readString(Path.of("src/test/resources/upgrade/first-release.sql"));
        SingleConnectionDataSource one = new SingleConnectionDataSource(
                source(OLD).getUrl(), source(OLD).getUsername(), source(OLD).getPassword(), true);
        try {
            // A job may name a later one as what displaced it, so rows are not checked one by one.
            new JdbcTemplate(one).execute("begin; set local session_replication_role = replica;" + dump + "commit;");
        } finally {
            one.destroy();
        }
    }

    private static Map<String, Long> rows(JdbcClient db) {
        Map<String, Long> rows = new TreeMap<>();
        TABLES.forEach(t -> rows.put(
                t, db.sql("select count(*) from " + t).query(Long.class).single()));
        return rows;
    }

    /** Columns, constraints, indexes, triggers and functions, a line each. */
    private static List<String> schema(JdbcClient db) {
        return db.sql("""
                select format('%s.%s %s %s %s', table_name, column_name, data_type, is_nullable, column_default)
                from information_schema.columns where table_schema = 'public'
                union all select format('%s %s %s', conrelid::regclass, conname, pg_get_constraintdef(oid))
                from pg_constraint where connamespace = 'public'::regnamespace
                union all select indexdef from pg_indexes where schemaname = 'public'
                union all select pg_get_triggerdef(oid) from pg_trigger where not tgisinternal
                union all select prosrc from pg_proc where pronamespace = 'public'::regnamespace
                order by 1""").query(String.class).list();
    }

    @Test
    void aShopOfTheFirstReleaseEndsWithTheSchemaOfAFreshOneAndEveryJobReads() throws IOException {
        firstRelease();
        JdbcClient old = JdbcClient.create(source(OLD));
        Map<String, Long> before = rows(old);
        Flyway.configure().dataSource(source(FRESH)).load().migrate();
        try (RunningServer.Running upgraded = RunningServer.start("--spring.datasource.url=" + url(OLD))) {
            assertThat(schema(old))
                    .isEqualTo(schema(JdbcClient.create(source(FRESH))))
                    .hasSizeGreaterThan(200);
            assertThat(rows(old)).as("rows of each table").isEqualTo(before);
            Visitor lead = new Visitor(upgraded.port()).as("lead");
            List<String> tags =
                    old.sql("select tag from job").query(String.class).list();
            assertThat(tags).hasSize(12);
            for (String tag : tags) {
                JsonNode job = lead.get("/api/jobs/" + tag).with(200).json();
                assertThat(job.at("/gate/state").asString()).as(tag).isNotEmpty();
                for (String part : List.of("/journal", "/sheet.pdf", "/export.zip", "/photos")) {
                    lead.get("/api/jobs/" + tag + part).with(200);
                }
            }
            lead.get("/api/jobs").with(200);
            assertThat(lead.get("/api/jobs/TQ-0409")
                            .json()
                            .at("/bench/insulation/standing/judgement/verdict")
                            .asString())
                    .as("a test of that release is judged by this one")
                    .isNotEmpty();
        }
    }

    /** The next release's second migration fails: its first one stands, and this release, which knows neither, goes on working. */
    @Test
    void afterAFailedMigrationTheReleaseBeforeItStarts() throws IOException {
        Files.writeString(
                folder.resolve("V9001__later.sql"), "create table later (id bigint); insert into later values (1);");
        Files.writeString(folder.resolve("V9002__fails.sql"), "alter table job add column half text; select 1 / 0;");
        String database = "--spring.datasource.url=" + url(FRESH);
        assertThatThrownBy(() -> RunningServer.start(
                                database, "--spring.flyway.locations=classpath:db/migration,filesystem:" + folder)
                        .close())
                .rootCause()
                .hasMessageContaining("division by zero");
        JdbcClient db = JdbcClient.create(source(FRESH));
        assertThat(db.sql("select count(*) from later").query(Long.class).single())
                .isEqualTo(1);
        assertThat(schema(db)).noneMatch(line -> line.startsWith("job.half"));
        try (RunningServer.Running before = RunningServer.start(database, "--brasskettle.demo=false")) {
            new Visitor(before.port()).get("/actuator/health").with(200);
        }
    }

    /** A check over every row of a large table holds everybody for seconds: it is added not valid, and validated in the next file. */
    @Test
    void newConstraintsOnTablesThatHoldRowsAreAddedNotValid() {
        assertThat(checkingEveryRow(v -> v <= BEFORE_THE_RULE))
                .as("the search finds what was written before the rule")
                .isNotEmpty();
        assertThat(checkingEveryRow(v -> v > BEFORE_THE_RULE)).isEmpty();
    }

    private static List<String> checkingEveryRow(IntPredicate versions) {
        Pattern added =
                Pattern.compile("add\\s+(constraint\\s+\\w+\\s+)?(check|foreign key)[^;]*", Pattern.CASE_INSENSITIVE);
        return Arrays.stream(upTo(FRESH, "latest").info().all())
                .filter(m -> versions.test(Integer.parseInt(m.getVersion().getVersion())))
                .flatMap(m -> statements(m.getScript()))
                .filter(s ->
                        added.matcher(s).find() && !s.toLowerCase(Locale.ROOT).contains("not valid"))
                .toList();
    }

    private static Stream<String> statements(String script) {
        try {
            return Stream.of(new String(
                            UpgradeTest.class
                                    .getResourceAsStream("/db/migration/" + script)
                                    .readAllBytes(),
                            StandardCharsets.UTF_8)
                    .split(";"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
