package app.brasskettle.server.operations;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** Backed up while people work, destroyed, restored, compared: by the commands themselves. */
@ExtendWith(RunningServer.class)
class BackupTest {

    private static final String URL = System.getenv("BRASSKETTLE_DB_URL");
    private static final String ELSEWHERE = "backup_test_restored";

    @TempDir
    Path folder;

    private JdbcClient db;

    /** What a command said and how it ended. */
    private record Ran(int code, String said) {}

    private static Ran run(String database, String... command) throws IOException, InterruptedException {
        return runAt(URL.substring(0, URL.lastIndexOf('/') + 1) + database, command);
    }

    private static Ran runAt(String url, String... command) throws IOException, InterruptedException {
        List<String> words = new ArrayList<>(List.of(command));
        words.set(0, Path.of("..", words.get(0)).toAbsolutePath().normalize().toString());
        ProcessBuilder builder = new ProcessBuilder(words).redirectErrorStream(true);
        builder.environment().put("BRASSKETTLE_DB_URL", url);
        Process process = builder.start();
        process.getOutputStream().close();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(5, TimeUnit.MINUTES)).isTrue();
        return new Ran(process.exitValue(), said);
    }

    private static String ours() {
        return URL.substring(URL.lastIndexOf('/') + 1).replaceAll("\\?.*", "");
    }

    @AfterEach
    void clear() {
        if (db != null) {
            db.sql("select datname from pg_database where datname like :name")
                    .param("name", ELSEWHERE + "%")
                    .query(String.class)
                    .list()
                    .forEach(name -> db.sql("drop database \"" + name + "\"").update());
        }
    }

    @Test
    void whatWasAcknowledgedBeforeABackupIsInItAndComesBack(Visitor visitor, RunningServer.Running server)
            throws Exception {
        db = server.context().getBean(JdbcClient.class);
        Visitor tech = visitor.stranger().as("tech");
        List<String> before = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            before.add(Plates.received(tech));
        }
        AtomicBoolean working = new AtomicBoolean(true);
        ConcurrentLinkedQueue<Throwable> failed = new ConcurrentLinkedQueue<>();
        Thread work = new Thread(() -> {
            while (working.get()) {
                try {
                    Plates.received(tech);
                } catch (Throwable any) {
                    failed.add(any);
                    return;
                }
            }
        });
        work.start();
        Path file = folder.resolve("shop.dump");
        Ran backup = run(ours(), "backup", file.toString());
        working.set(false);
        work.join();
        assertThat(backup.said()).contains("read back and equal");
        assertThat(backup.code()).isZero();
        assertThat(failed).isEmpty();

        assertThat(run(ELSEWHERE, "restore", file.toString()).code()).isZero();
        List<String> sums = Files.readAllLines(Path.of(file + ".sums"));
        String jobs =
                sums.stream().filter(l -> l.startsWith("job|")).findFirst().orElseThrow();
        Path again = folder.resolve("again.dump");
        assertThat(run(ELSEWHERE, "backup", again.toString()).code()).isZero();
        List<String> twice = Files.readAllLines(Path.of(again + ".sums"));
        assertThat(twice.subList(0, twice.size() - 1))
                .as("a backup of what was restored")
                .isEqualTo(sums.subList(0, sums.size() - 1));
        long here = db.sql("select count(*) from job").query(Long.class).single();
        long there = Long.parseLong(jobs.split("\\|")[1]);
        assertThat(there).as("work went on while it was backed up").isLessThan(here);
        JdbcClient restored = JdbcClient.create(new DriverManagerDataSource(
                URL.substring(0, URL.lastIndexOf('/') + 1) + ELSEWHERE,
                System.getenv("BRASSKETTLE_DB_USER"),
                System.getenv("BRASSKETTLE_DB_PASSWORD")));
        Long acknowledged = restored.sql("select count(*) from job where tag = any(:tags)")
                .param("tags", before.toArray(String[]::new))
                .query(Long.class)
                .single();
        assertThat(acknowledged).isEqualTo(5);
        overwritesOnlyWhenToldTwice(file);
    }

    private void overwritesOnlyWhenToldTwice(Path file) throws Exception {
        assertThat(run(ELSEWHERE, "restore", file.toString())).satisfies(r -> {
            assertThat(r.code()).isNotZero();
            assertThat(r.said()).contains("is there already");
        });
        assertThat(run(ELSEWHERE, "restore", file.toString(), "--replace").said())
                .contains("told once");
        Ran replaced = run(ELSEWHERE, "restore", file.toString(), "--replace", "--yes-replace");
        assertThat(replaced.code()).as(replaced.said()).isZero();
        assertThat(replaced.said()).contains("is kept as " + ELSEWHERE + "_before_");
        // Nobody takes the database from under a server that runs.
        assertThat(run(ours(), "restore", file.toString(), "--replace", "--yes-replace")
                        .said())
                .contains("stop the server first");
        byte[] bytes = Files.readAllBytes(file);
        bytes[bytes.length / 2] ^= 1;
        Files.write(file, bytes);
        assertThat(run(ELSEWHERE + "_2", "restore", file.toString()).said()).contains("is damaged");
        assertThat(run(ours(), "backup", file.toString()).said()).contains("overwrites nothing");
    }

    @Test
    void ofTheNightlyOnesTheNewestStay() throws Exception {
        for (String night : List.of("20200101T020000Z", "20200102T020000Z", "20200103T020000Z")) {
            Files.writeString(folder.resolve("brass-kettle-" + night + ".dump"), "old");
        }
        assertThat(run(ours(), "backup", "--keep", "2", folder.toString()).code())
                .isZero();
        try (Stream<Path> left = Files.list(folder)) {
            List<String> names = left.map(p -> p.getFileName().toString())
                    .filter(n -> n.endsWith(".dump"))
                    .sorted()
                    .toList();
            assertThat(names).hasSize(2).contains("brass-kettle-20200103T020000Z.dump");
        }
        assertThat(run(ours(), "backup", "--keep", "none", folder.toString()).code())
                .isNotZero();
    }

    /** What an address says of the way to the database holds for its own tools too. */
    @Test
    void anAddressOfSeveralMachinesMeansThePrimaryAndOneThatWantsAnEncryptedLineGetsNoOther() throws Exception {
        String several =
                "jdbc:postgresql://127.0.0.1:9," + URL.substring(URL.indexOf("//") + 2) + "?targetServerType=primary";
        assertThat(runAt(several, "backup", folder.resolve("several.dump").toString()))
                .satisfies(r -> assertThat(r.said()).contains("read back and equal"));
        Ran bare = runAt(
                URL + "?sslmode=require",
                "backup",
                folder.resolve("encrypted.dump").toString());
        assertThat(bare.code()).isNotZero();
        assertThat(folder.resolve("encrypted.dump")).doesNotExist();
    }
}
