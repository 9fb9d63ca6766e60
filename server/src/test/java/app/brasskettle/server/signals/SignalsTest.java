package app.brasskettle.server.signals;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.RunningServer;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;

/** What one server calls out is heard by another on the same database. */
@ExtendWith(RunningServer.class)
class SignalsTest {

    private final Signals caller;
    private final Signals other;
    private final JdbcClient db;
    private final TransactionTemplate together;
    private final BlockingQueue<Signal> looks = new LinkedBlockingQueue<>();

    SignalsTest(RunningServer.Running server) {
        this.caller = server.context().getBean(Signals.class);
        this.other = new Signals(server.context().getBean(SignalStore.class));
        this.db = server.context().getBean(JdbcClient.class);
        this.together = server.context().getBean(TransactionTemplate.class);
    }

    @BeforeEach
    void listen() throws InterruptedException {
        other.on(Signal.SEARCHES, () -> looks.add(Signal.SEARCHES));
        other.on(Signal.RUNS, () -> {
            looks.add(Signal.RUNS);
            throw new IllegalStateException("a listener of the test that fails");
        });
        other.start();
        looksAtEverything();
    }

    /** As whoever listens does once its line is open. */
    private void looksAtEverything() throws InterruptedException {
        assertThat(new Signal[] {next(), next()}).containsExactlyInAnyOrder(Signal.RUNS, Signal.SEARCHES);
    }

    @AfterEach
    void stop() {
        other.stop();
    }

    private Signal next() throws InterruptedException {
        return looks.poll(30, TimeUnit.SECONDS);
    }

    @Test
    void eachKindIsHeardByWhoeverAskedForItThoughAnotherListenerFails() throws Exception {
        caller.send(Signal.RUNS);
        assertThat(next()).isEqualTo(Signal.RUNS);
        caller.send(Signal.SEARCHES);
        assertThat(next()).isEqualTo(Signal.SEARCHES);
    }

    @Test
    void whatIsNotKeptIsNotCalledOut() throws Exception {
        together.executeWithoutResult(t -> {
            caller.send(Signal.RUNS);
            t.setRollbackOnly();
        });
        together.executeWithoutResult(t -> caller.send(Signal.SEARCHES));
        assertThat(next()).isEqualTo(Signal.SEARCHES);
        assertThat(looks).isEmpty();
    }

    @Test
    void afterTheLineWasDownEverythingIsLookedAtOnce() throws Exception {
        int cut = db.sql("select pg_terminate_backend(pid) from pg_stat_activity"
                        + " where datname = current_database() and application_name = 'brass-kettle signals'")
                .query()
                .listOfRows()
                .size();
        assertThat(cut).as("lines of this test and of its server").isGreaterThanOrEqualTo(2);
        looksAtEverything();
        caller.send(Signal.RUNS);
        assertThat(next()).isEqualTo(Signal.RUNS);
    }
}
