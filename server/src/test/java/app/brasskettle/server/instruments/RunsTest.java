package app.brasskettle.server.instruments;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.runs.RunStore;
import app.brasskettle.server.signals.Signals;
import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.RunningServer.Running;
import app.brasskettle.server.testing.Streams;
import app.brasskettle.server.testing.Visitor;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Voltage is on record before it is on: one run on a motor, seen, stopped and reckoned with by every server. */
@ExtendWith(RunningServer.class)
class RunsTest {

    private Visitor visitor;
    private JdbcClient db;
    private RunStore store;
    private Signals signals;

    @BeforeEach
    void signIn(Visitor visitor, Running running) {
        this.visitor = visitor.as("tech");
        this.db = running.context().getBean(JdbcClient.class);
        this.store = running.context().getBean(RunStore.class);
        this.signals = running.context().getBean(Signals.class);
    }

    private static InputStream ramp(Visitor at, String tag) throws Exception {
        return at.open("/api/jobs/" + tag + "/instruments/step-ramp", Map.of("pace", 1));
    }

    /** Reads until the stream has told about {@code event}. */
    private static String until(InputStream stream, String event) throws Exception {
        StringBuilder told = new StringBuilder();
        for (int c = stream.read(); c >= 0; c = stream.read()) {
            told.append((char) c);
            if (told.toString().contains("event:" + event + "\n")
                    && told.toString().endsWith("\n\n")) {
                break;
            }
        }
        return told.toString();
    }

    private static boolean aborted(InputStream stream) throws Exception {
        String rest = new String(stream.readAllBytes(), StandardCharsets.UTF_8);
        String event = "event:ended" + rest.substring(rest.indexOf("event:ended") + "event:ended".length());
        return Streams.events(event, "ended").get(0).get("aborted").asBoolean();
    }

    private JsonNode job(String tag) {
        return visitor.get("/api/jobs/" + tag).with(200).json();
    }

    @Test
    void whileAVoltageIsOnNothingElseMayBeDoneToThatMotor() throws Exception {
        String tag = Plates.forHighVoltage(visitor);
        try (InputStream stream = ramp(visitor, tag)) {
            until(stream, "begun");
            JsonNode job = job(tag);
            assertThat(job.at("/gate/holding").toString()).contains("run-under-way");
            assertThat(job.at("/gate/leads/mayConnect").asBoolean()).isFalse();
            assertThat(job.at("/highVoltage/permitted").asBoolean()).isFalse();
            String at = "/api/jobs/" + tag;
            for (String instrument : new String[] {"step-ramp", "withstand-set", "surge-rise"}) {
                visitor.post(at + "/instruments/" + instrument, Map.of("pace", 600, "rotorFitted", false))
                        .with(409);
            }
            visitor.post(at + "/instruments/insulation-tester", Map.of("seconds", 60, "pace", 600))
                    .with(409);
            visitor.post(at + "/instruments/surge-set", Map.of("rotorFitted", false, "pace", 600, "because", ""))
                    .with(409);
            visitor.post(at + "/worked", Map.of("work", "opened")).with(409);
            visitor.post(at + "/instruments/off", Map.of()).with(200);
            assertThat(aborted(stream)).isTrue();
        }
    }

    @Test
    void aRunIsTakenOffFromAnotherServer() throws Exception {
        String tag = Plates.forHighVoltage(visitor);
        try (Running other = RunningServer.start();
                InputStream stream = ramp(visitor, tag)) {
            until(stream, "begun");
            JsonNode off = visitor.at(other.port())
                    .post("/api/jobs/" + tag + "/instruments/off", Map.of())
                    .with(200)
                    .json();
            assertThat(off.get("stopped").asInt()).isEqualTo(1);
            assertThat(off.get("stillOn").asInt()).isZero();
            assertThat(aborted(stream)).isTrue();
        }
        assertThat(job(tag).at("/discharge/secondsLeft").asDouble()).isPositive();
    }

    /** Its heart does not beat here: only the call of another server can tell it. */
    @Test
    void aServerHearsAtOnceThatItsVoltageIsWantedOff() throws Exception {
        String tag = Plates.forHighVoltage(visitor);
        long jobId = db.sql("select id from job where tag = :tag")
                .param("tag", tag)
                .query(Long.class)
                .single();
        RunsUnderWay other = new RunsUnderWay(store, signals);
        long run = other.claim(new RunStore.Claim(jobId, "step-voltage", 1, "ramp", false, 1, "Mara Orre"));
        CountDownLatch off = new CountDownLatch(1);
        Stream stream = new Stream(60_000, ended -> {});
        stream.start(
                new Instrument() {
                    @Override
                    public boolean simulated() {
                        return false;
                    }

                    @Override
                    public Run start(Listener listener) {
                        return off::countDown;
                    }
                },
                new Stream.Begun(run, other.began(run, tag, stream), null));
        assertThat(store.askOff(jobId)).isEqualTo(1);
        assertThat(off.await(30, TimeUnit.SECONDS)).isTrue();
        other.ended(run, new Instrument.Ended(1, true, ""), () -> {});
    }

    @Test
    void aServerToldToStopTakesItsVoltageOffFirst() throws Exception {
        String tag = Plates.forHighVoltage(visitor);
        Running other = RunningServer.start();
        InputStream stream = ramp(visitor.at(other.port()), tag);
        until(stream, "begun");
        other.close();
        stream.close();
        Map<String, Object> run = db.sql("""
                        select r.* from instrument_run r join job j on j.id = r.job_id
                        where j.tag = :tag and r.kind = 'step-voltage' order by r.id desc limit 1""").param("tag", tag).query().singleRow();
        assertThat(run.get("how")).isEqualTo("broken off");
        assertThat(job(tag).at("/discharge/secondsLeft").asDouble()).isPositive();
    }

    /** As a server killed 22 s into a ramp leaves it: a claim that nobody keeps alive. */
    @Test
    void aRunWhoseServerIsGoneCountsAsVoltageUntilNow() {
        String tag = Plates.ready(visitor);
        db.sql("""
                insert into instrument_run (job_id, kind, speed, instrument, simulated, server, pace, begun_by, begun_at,
                  alive_at)
                select id, 'step-voltage', 1, 'ramp', false, 'gone', 1, 'Mara Orre',
                  clock_timestamp() - interval '22 seconds', clock_timestamp() - interval '21 seconds'
                from job where tag = :tag""").param("tag", tag).update();
        JsonNode discharge;
        do {
            Thread.onSpinWait();
            discharge = job(tag).get("discharge");
        } while (discharge.get("secondsLeft").asDouble() == 0);
        assertThat(discharge.get("secondsLeft").asDouble()).isBetween(4 * 15.0, 4 * 60.0);
        assertThat(job(tag).at("/gate/holding").toString()).contains("discharging");
    }

    /** A claim that is alive on a server which does not answer is still on, and nobody says otherwise. */
    @Test
    void offSaysTrulyWhatIsStillOn() {
        String tag = Plates.forHighVoltage(visitor);
        db.sql("""
                insert into instrument_run (job_id, kind, speed, instrument, simulated, server, pace, begun_by, alive_at)
                select id, 'step-voltage', 1, 'ramp', false, 'deaf', 1, 'Mara Orre', clock_timestamp() + interval '1 hour'
                from job where tag = :tag""").param("tag", tag).update();
        JsonNode off = visitor.post("/api/jobs/" + tag + "/instruments/off", Map.of())
                .with(200)
                .json();
        assertThat(off.get("stopped").asInt()).isZero();
        assertThat(off.get("stillOn").asInt()).isEqualTo(1);
        assertThat(job(tag).at("/gate/state").asString()).isEqualTo("blocked");
        db.sql(
                        "update instrument_run set ended_at = clock_timestamp(), seconds = 1, how = 'test' where server = 'deaf'")
                .update();
    }

    /** The key that a run's page was given needs no session, which lives in the database; any other key does nothing. */
    @Test
    void theKeyOfARunTakesItOffWithoutSigningIn() throws Exception {
        String tag = Plates.forHighVoltage(visitor);
        try (InputStream stream = ramp(visitor, tag)) {
            String begun = until(stream, "begun");
            String key = Streams.events(begun, "begun").get(0).get("off").asString();
            Visitor stranger = visitor.stranger();
            assertThat(stranger.post("/api/off/" + "0".repeat(key.length()), Map.of())
                            .with(200)
                            .json()
                            .get("stopped")
                            .asInt())
                    .isZero();
            assertThat(stranger.post("/api/off/" + key, Map.of())
                            .with(200)
                            .json()
                            .get("stopped")
                            .asInt())
                    .isEqualTo(1);
            assertThat(aborted(stream)).isTrue();
        }
    }
}
