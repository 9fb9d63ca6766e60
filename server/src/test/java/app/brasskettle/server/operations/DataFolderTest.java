package app.brasskettle.server.operations;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A database in the checkout, as an earlier release kept it, is found and moved out of it once, whatever it was doing. */
class DataFolderTest {

    private Path checkout;
    private Path home;

    /** Others may pass through, as the database's account must. */
    private static Path open(String parent) throws IOException {
        return Files.createTempDirectory(
                Path.of(parent),
                "brass-kettle-data-test",
                PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwxr-xr-x")));
    }

    @BeforeEach
    void folders() throws IOException {
        checkout = open("/tmp");
        homeOn("/tmp");
    }

    private void homeOn(String disk) throws IOException {
        if (home != null) {
            Files.delete(home);
        }
        home = open(disk);
    }

    @AfterEach
    void clear() throws Exception {
        bash(
                "for d in \"$ROOT/.data/postgres\" \"$HOME_DB\"; do stop_cluster \"$d\"; done; rm -rf \"$ROOT\" \"$BRASSKETTLE_HOME\"");
    }

    private record Ran(int code, String said) {}

    private Ran bash(String script) throws IOException, InterruptedException {
        ProcessBuilder builder = new ProcessBuilder("bash", "-c", """
                set -euo pipefail
                LOG="$ROOT/log"
                . "$SCRIPTS/machine.sh"
                . "$SCRIPTS/home.sh"
                need_postgres
                HOME_DB="$(shop_home)/postgres"
                sql() {
                  PGPASSWORD=$(as_db cat "$HOME_DB/password") "$PGBIN/psql" -X -qAt -h 127.0.0.1 -p "$DB_PORT" -U brasskettle \\
                    -d postgres "$@"
                }
                """ + script).redirectErrorStream(true);
        builder.environment().put("ROOT", checkout.toString());
        builder.environment().put("BRASSKETTLE_HOME", home.toString());
        builder.environment()
                .put(
                        "SCRIPTS",
                        Path.of("..", "scripts").toAbsolutePath().normalize().toString());
        Process process = builder.start();
        process.getOutputStream().close();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(2, TimeUnit.MINUTES)).isTrue();
        return new Ran(process.exitValue(), said);
    }

    /** A cluster where an earlier release put it, running, with a table to write into. */
    private static final String EARLIER = """
            HOME_DB=$(cluster_home postgres)
            make_cluster "$HOME_DB"
            start_cluster "$HOME_DB" 5750
            sql -c "create table entry (n int)"
            """;

    @ParameterizedTest
    @ValueSource(strings = {"/tmp", "/dev/shm"})
    void everyAcknowledgedRowIsThereAfterTheMoveOnThisDiskAndToAnother(String disk) throws Exception {
        homeOn(disk);
        Ran moved = bash(EARLIER + """
                (for n in $(seq 1 100000); do sql -c "insert into entry values ($n)" 2>/dev/null || break; echo "$n" >"$ROOT/acknowledged"; done) &
                until [ -s "$ROOT/acknowledged" ] && [ "$(cat "$ROOT/acknowledged")" -ge 20 ]; do :; done
                open_home
                wait
                start_cluster "$HOME_DB" 5750
                [ "$HOME_DB" = "$BRASSKETTLE_HOME/postgres" ]
                [ "$(sql -c "select max(n) from entry")" -ge "$(cat "$ROOT/acknowledged")" ] && echo "all there"
                stop_cluster "$HOME_DB"
                """);
        assertThat(moved.said()).contains("moving the database").contains("all there");
        assertThat(moved.code()).isZero();
        Ran again = bash("open_home; start_cluster \"$HOME_DB\" 5750; sql -c 'select count(*) > 0 from entry'");
        assertThat(again.said()).doesNotContain("moving").contains("t\n");
        assertThat(again.code()).isZero();
    }

    @Test
    void aDatabaseOfAnotherMajorVersionIsRefusedAndNotTouched() throws Exception {
        Ran made = bash("""
                open_home; make_cluster "$HOME_DB"
                echo 99 | as_db tee "$HOME_DB/cluster/PG_VERSION" >/dev/null
                """);
        assertThat(made.code()).as(made.said()).isZero();
        Ran refused = bash("open_home; echo opened");
        assertThat(refused.code()).isNotZero();
        assertThat(refused.said())
                .contains("is of PostgreSQL 99", "Nothing was touched", "postgresql-99")
                .doesNotContain("opened");
    }

    @Test
    void aCopyThatWasCutOffIsMadeAgainAndNothingFullIsOverwritten() throws Exception {
        homeOn("/dev/shm");
        Ran cut = bash(EARLIER + """
                sql -c "insert into entry values (7)"
                stop_cluster "$HOME_DB"
                mkdir -p "$BRASSKETTLE_HOME/postgres.moving/cluster"
                echo half >"$BRASSKETTLE_HOME/postgres.moving/cluster/PG_VERSION"
                open_home
                start_cluster "$HOME_DB" 5750
                sql -c "select n from entry"
                stop_cluster "$HOME_DB"
                rm "$ROOT/.data/postgres/moved"
                """);
        assertThat(cut.code()).as(cut.said()).isZero();
        assertThat(cut.said()).contains("7\n");
        // An earlier cluster that turns up beside the shop's own is named, and the shop's own is used.
        Ran both = bash("open_home; echo \"uses $HOME_DB\"");
        assertThat(both.said())
                .contains("an earlier one still lies in")
                .contains("uses " + home)
                .doesNotContain("moving");
    }

    /** A server that a killed start left behind is stopped by the next start of its program or its data, and by no copy's. */
    @ParameterizedTest
    @ValueSource(strings = {"$ROOT/copy /nowhere kept", "$ROOT/app /nowhere stopped", "$ROOT/copy $ROOT/data stopped"})
    void aCopiedCheckoutLeavesTheServerItWasCopiedFromAlone(String start) throws Exception {
        String[] words = start.split(" ");
        Ran ran = bash("""
                mkdir -p "$ROOT/app" "$ROOT/data" "$ROOT/copy"
                (cd "$ROOT/app" && exec -a brass-kettle sleep 100) >"$LOG" 2>&1 &
                left=$!
                until [ "$(readlink "/proc/$left/cwd")" = "$ROOT/app" ] && grep -qs brass-kettle "/proc/$left/cmdline"; do :; done
                printf '%%s %%s\n%%s\n%%s\n' "$left" "$ROOT/app" 8080 "$ROOT/data" >"$ROOT/server.pid"
                stop_left "$ROOT/server.pid" "%s" "%s"
                stop_left "$ROOT/none.pid" "%s" "%s"
                if kill -0 "$left" 2>/dev/null; then echo kept; kill "$left"; else echo stopped; fi
                """.formatted(words[0], words[1], words[0], words[1]));
        assertThat(ran.code()).as(ran.said()).isZero();
        assertThat(ran.said().strip()).endsWith(words[2]);
    }
}
