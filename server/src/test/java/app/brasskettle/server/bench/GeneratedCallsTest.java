package app.brasskettle.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.bench.RuleOracle.Stop;
import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import app.brasskettle.server.testing.Waiting;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Function;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/**
 * Generated sequences of every kind of call that changes a job, by a technician and a lead hand in a hurry. After each call that was taken:
 * where nothing but the day holds power, where it reads as released, or where a certificate is given, {@link RuleOracle} says so too.
 * {@code -Dbrasskettle.calls=50000} for a long search; a sequence that ever opened something stands in {@link GateAttemptsTest}.
 */
@Tag("generated")
@ExtendWith(RunningServer.class)
class GeneratedCallsTest {

    private static final int CALLS = Integer.getInteger("brasskettle.calls", 3000);
    private static final int CALLS_A_MOTOR = 60;
    private static final int CERTIFICATE_EVERY = 15;
    private static final long SEED = Long.getLong("brasskettle.calls.seed", 1);
    /** Reasons that say something of this day on the bench only. */
    private static final Set<String> OF_THE_DAY = Set.of("no-lock-out", "not-released", "discharging");

    private static final List<String> DISPATCH =
            List.of("terminal-box", "rotation", "grease", "paint", "shaft-end", "key", "label");

    private Visitor tech;
    private Visitor lead;
    private JdbcClient db;

    @BeforeEach
    void signIn(Visitor visitor, RunningServer.Running server) {
        tech = visitor.as("tech");
        lead = visitor.stranger().as("lead");
        db = server.context().getBean(JdbcClient.class);
    }

    /** A motor on which calls are made, by whoever has the tablet. */
    private final class Motor {
        private final String tag;
        private final RuleOracle oracle = new RuleOracle();
        private Visitor hand = tech;
        private JsonNode job;

        Motor() {
            tag = Plates.ready(tech);
            oracle.shaft(true);
        }

        String by() {
            return hand == tech ? "tech" : "lead";
        }

        Visitor.Answer post(String path, Object body) {
            return hand.post("/api/jobs/" + tag + "/" + path, body);
        }

        Visitor.Answer sheet(String kind, Map<String, Object> typed) {
            int version = hand.get("/api/jobs/" + tag)
                    .json()
                    .at("/sheets/" + kind + "/version")
                    .asInt(0);
            return hand.put(
                    "/api/jobs/" + tag + "/sheets/" + kind,
                    Map.of("version", version, "typed", typed, "because", hand == lead ? "seen so" : ""));
        }

        Visitor.Answer test(String kind, Map<String, Object> typed, Map<String, Object> more) {
            Map<String, Object> body = new HashMap<>(Map.of("typed", typed, "because", "again"));
            body.putAll(more);
            return post("tests/" + kind, body);
        }
    }

    /** A call, and what it means where it was taken. */
    private record Deed(String name, Function<Motor, Visitor.Answer> call, BiConsumer<Motor, RuleOracle> taken) {}

    private static Map<String, Object> ohms(String ca) {
        return Map.of(
                "terminalOhms", Map.of("ab", "0.5", "bc", "0.5", "ca", ca),
                "windingTemperatureC", "40",
                "conductor", "copper");
    }

    private static Deed insulation(String name, String megohm, String volts, boolean good, Stop stop) {
        return new Deed(
                name,
                m -> m.test(
                        "insulation-resistance",
                        Map.of(
                                "windingTemperatureC",
                                "40",
                                "readings",
                                List.of(Map.of("seconds", "60", "megohm", megohm))),
                        Map.of("appliedVoltageV", volts)),
                (m, o) -> o.insulation(good, stop, m.by()));
    }

    private static Deed worked(String work, BiConsumer<Motor, RuleOracle> taken) {
        return new Deed(work, m -> m.post("worked", Map.of("work", work)), taken);
    }

    private static Deed repaired(String remedy, String place, BiConsumer<Motor, RuleOracle> taken) {
        return new Deed(
                "repaired " + remedy,
                m -> m.post("worked", Map.of("work", "repaired", "remedy", remedy, "place", place)),
                taken);
    }

    private static Deed surge(boolean good) {
        return new Deed(
                good ? "surge alike" : "surge shorted",
                m -> {
                    m.hand.put(
                                    "/api/jobs/" + m.tag + "/instruments/motor",
                                    Map.of(
                                            "faults",
                                            good ? new String[0] : new String[] {"turn-short"},
                                            "windingTemperatureC",
                                            40,
                                            "seed",
                                            11))
                            .with(200);
                    return m.post(
                            "instruments/surge-set", Map.of("rotorFitted", false, "pace", 600, "because", "again"));
                },
                (m, o) -> o.surge(good, m.by()));
    }

    private static Deed plate(String name, Map<String, Object> change, boolean sound) {
        return new Deed(
                name,
                m -> {
                    Map<String, Object> plate = Plates.typed();
                    plate.putAll(change);
                    return m.sheet("plate", plate);
                },
                (m, o) -> o.plate(sound));
    }

    private static Deed run(boolean good) {
        return new Deed(
                good ? "runs" : "loses a phase",
                m -> m.test(
                        "no-load-run",
                        Map.of(
                                "lineCurrentsA",
                                good ? List.of("10", "10.1", "10") : List.of("12", "12.1", "0"),
                                "lineVoltagesV",
                                List.of("400", "400", "400"),
                                "lockedRotorRatio",
                                ""),
                        Map.of()),
                (m, o) -> o.ran(good, m.by()));
    }

    private static final List<Deed> CAREFULLY = List.of(
            worked("reassembled", (m, o) -> o.together()),
            new Deed("turns the shaft", m -> m.post("shaft", Map.of("shaft", "free")), (m, o) -> o.shaft(true)),
            new Deed("locks out", m -> m.post("lock-out", Map.of("means", "two testers")), (m, o) -> {}),
            new Deed(
                    "proves the tester",
                    m -> m.test(
                            "tester-proof",
                            Map.of("rangeMegohm", "20 G", "apartOverRange", true, "togetherMegohm", "0"),
                            Map.of()),
                    (m, o) -> o.recorded()),
            new Deed(
                    "copper equal",
                    m -> m.test("winding-resistance", ohms("0.5"), Map.of()),
                    (m, o) -> o.copper(true, null, m.by())),
            insulation("insulation holds", "900", "500", true, null),
            surge(true),
            insulation("insulation holds", "901", "500", true, null),
            new Deed(
                    "stands voltage",
                    m -> m.test(
                            "withstand-record",
                            Map.of(
                                    "supply",
                                    "direct",
                                    "appliedVoltageV",
                                    "3060",
                                    "heldSeconds",
                                    "60",
                                    "brokeDown",
                                    false),
                            Map.of()),
                    (m, o) -> o.withstand()),
            insulation("insulation holds", "902", "500", true, null),
            new Deed("locks out", m -> m.post("lock-out", Map.of("means", "two testers")), (m, o) -> {}),
            new Deed(
                    "releases to run",
                    m -> m.post(
                            "run-release",
                            Map.of(
                                    "checked",
                                    List.of("bolted-down", "coupling-guarded", "key-captured"),
                                    "atTheStop",
                                    "Ivo Dalby",
                                    "rotation",
                                    "clockwise")),
                    (m, o) -> {}),
            run(true));

    /** Low by any plate, even by one of before 1970 and with a waiver: what a lead hand may write in a hurry makes it no better. */
    private static final List<Deed> HURRIED = hurried();

    private static List<Deed> hurried() {
        List<Deed> all = new ArrayList<>(CAREFULLY);
        all.addAll(List.of(
                insulation("insulation low", "0.8", "500", false, Stop.LEAKAGE),
                insulation("dead ground", "0.02", "500", false, Stop.GROUND),
                insulation("insulation at 100 V", "900", "100", false, null),
                new Deed(
                        "copper unbalanced",
                        m -> m.test("winding-resistance", ohms("0.7"), Map.of()),
                        (m, o) -> o.copper(false, Stop.RESISTANCE, m.by())),
                new Deed(
                        "open circuit",
                        m -> m.test(
                                "winding-resistance",
                                Map.of(
                                        "terminalOhms",
                                        Map.of("ab", "0.5", "bc", "open", "ca", "open"),
                                        "windingTemperatureC",
                                        "40",
                                        "conductor",
                                        "copper"),
                                Map.of()),
                        (m, o) -> o.copper(false, Stop.OPEN, m.by())),
                surge(false),
                run(false),
                new Deed(
                        "air gap far off",
                        m -> m.test(
                                "air-gap",
                                Map.of("gapsMm", List.of("0.2", "0.5", "0.5", "0.5", "0.8", "0.5", "0.5", "0.5")),
                                Map.of()),
                        (m, o) -> o.other(Stop.AIR_GAP, false, m.by())),
                new Deed(
                        "air gap even",
                        m -> m.test(
                                "air-gap",
                                Map.of("gapsMm", List.of("0.5", "0.5", "0.5", "0.5", "0.5", "0.5", "0.5", "0.5")),
                                Map.of()),
                        (m, o) -> o.other(Stop.AIR_GAP, true, m.by())),
                new Deed("shaft binds", m -> m.post("shaft", Map.of("shaft", "binds")), (m, o) -> o.shaft(false)),
                worked("opened", (m, o) -> o.opened()),
                worked("washed", (m, o) -> o.wetOrHot(true, false, Stop.LEAKAGE)),
                worked("dried", (m, o) -> o.wetOrHot(false, false, Stop.LEAKAGE)),
                worked("dipped", (m, o) -> o.wetOrHot(true, true)),
                worked("baked", (m, o) -> o.wetOrHot(true, true, Stop.LEAKAGE)),
                worked("machined", (m, o) -> o.turningRepaired(true)),
                worked("reconnected", (m, o) -> o.windingRepaired(Stop.RESISTANCE, Stop.OPEN, Stop.LOST_PHASE)),
                worked("stripped", (m, o) -> o.windingRepaired()),
                worked("rewound", (m, o) -> o.windingRepaired()),
                worked("partly-rewound", (m, o) -> o.windingRepaired()),
                repaired(
                        "coil",
                        "group 5",
                        (m, o) -> o.windingRepaired(
                                Stop.RESISTANCE, Stop.OPEN, Stop.TURNS, Stop.GROUND, Stop.LEAKAGE, Stop.LOST_PHASE)),
                repaired(
                        "joint",
                        "T1",
                        (m, o) -> o.windingRepaired(Stop.RESISTANCE, Stop.OPEN, Stop.TURNS, Stop.LOST_PHASE)),
                repaired("slot-insulation", "slot 7", (m, o) -> o.windingRepaired(Stop.GROUND, Stop.LEAKAGE)),
                repaired("bearing", "drive end", (m, o) -> o.turningRepaired(true, Stop.AIR_GAP, Stop.VIBRATION)),
                repaired("seal", "drive end", (m, o) -> o.turningRepaired(true)),
                repaired("supply", "fuse of line 3", (m, o) -> o.turningRepaired(false, Stop.LOST_PHASE)),
                plate("plate before 1970", Map.of("madeBefore1970", true), true),
                plate("plate of class H", Map.of("insulationClass", "H"), true),
                plate("plate impossible", Map.of("ratedCurrentA", "10"), false),
                plate("plate as it was", Map.of(), true),
                new Deed(
                        "new bearing on the sheet",
                        m -> m.sheet(
                                "renewal",
                                Map.of(
                                        "parts",
                                        List.of(Map.of(
                                                "kind", "bearing", "end", "drive-end", "type", "6309", "done", true)))),
                        (m, o) -> o.recorded()),
                new Deed(
                        "corrects insulation",
                        m -> m.test(
                                "insulation-resistance",
                                Map.of(
                                        "windingTemperatureC",
                                        "40",
                                        "readings",
                                        List.of(Map.of("seconds", "60", "megohm", "0.7"))),
                                Map.of("appliedVoltageV", "500", "correction", true)),
                        (m, o) -> o.insulation(false, Stop.LEAKAGE, m.by())),
                new Deed(
                        "waives",
                        m -> m.post("gate", Map.of("code", "insulation-limit", "reason", "in a hurry")),
                        (m, o) -> {}),
                new Deed(
                        "concludes",
                        m -> m.post(
                                "conclusion",
                                Map.of(
                                        "explanation", "overload",
                                        "reason", "seen",
                                        "root", "",
                                        "recommendations", List.of("Set the relay."))),
                        (m, o) -> o.recorded()),
                new Deed(
                        "looks at everything",
                        m -> {
                            Visitor.Answer last = null;
                            for (String item : DISPATCH) {
                                last = m.post("hands", Map.of("act", "checked", "place", item));
                            }
                            return last;
                        },
                        (m, o) -> o.looked(true)),
                new Deed(
                        "signs",
                        m -> m.post("hands", Map.of("act", "signed", "place", "")),
                        (m, o) -> o.signed(m.by()))));
        return List.copyOf(all);
    }

    @Test
    void nothingThatIsTakenBreaksARule() {
        int taken = 0;
        int permitted = 0;
        int at = 0;
        while (at < CALLS) {
            Random random = new Random(SEED * 1_000_003 + at);
            Motor motor = new Motor();
            List<String> told = new ArrayList<>();
            int i = 0;
            while (i < CALLS_A_MOTOR && at < CALLS) {
                boolean careful = random.nextInt(5) == 0;
                List<Deed> deeds = careful ? CAREFULLY : List.of(HURRIED.get(random.nextInt(HURRIED.size())));
                for (Deed deed : deeds) {
                    i++;
                    at++;
                    motor.hand = random.nextInt(3) == 0 ? lead : tech;
                    Waiting.tenMinutes(db, motor.tag);
                    Visitor.Answer answer = deed.call().apply(motor);
                    told.add(deed.name() + " by " + motor.by() + ": " + answer.status());
                    assertThat(answer.status()).as("%s", told).isIn(200, 400, 403, 409);
                    if (answer.status() == 200) {
                        deed.taken().accept(motor, motor.oracle);
                        taken++;
                        motor.job = answer.json();
                        permitted += held(motor, told) ? 0 : 1;
                    }
                }
            }
        }
        assertThat(taken).as("calls that were taken").isGreaterThan(CALLS / 3);
        assertThat(permitted).as("times that nothing but the day held power").isGreaterThan(CALLS / 300);
    }

    /** Whether the motor itself is held; where it is not, or reads as released, the oracle has to agree. */
    private boolean held(Motor motor, List<String> told) {
        List<String> codes = new ArrayList<>();
        motor.job.at("/gate/holding").forEach(h -> codes.add(h.get("code").asString()));
        codes.removeAll(OF_THE_DAY);
        if (codes.isEmpty()) {
            assertThat(motor.oracle.mayRun())
                    .as("%s %s: nothing but the day holds power, after %s", motor.tag, motor.oracle, told)
                    .isTrue();
        }
        JsonNode release = motor.job.get("release");
        boolean released = release.get("holding").isEmpty()
                && release.get("signatures").size() >= release.get("people").asInt();
        if (released) {
            assertThat(motor.oracle.mayBeReleased())
                    .as("%s %s: released, after %s", motor.tag, motor.oracle, told)
                    .isTrue();
        } else if (told.size() % CERTIFICATE_EVERY == 0) {
            assertThat(tech.get("/api/jobs/" + motor.tag + "/certificate.pdf").status())
                    .as("%s: a certificate, after %s", motor.tag, told)
                    .isEqualTo(409);
        }
        return !codes.isEmpty();
    }
}
