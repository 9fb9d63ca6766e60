package app.brasskettle.core.jobs;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.energise.DischargeClock;
import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.energise.LockOut;
import app.brasskettle.core.energise.PowerRecord;
import app.brasskettle.core.energise.Settlement;
import app.brasskettle.core.energise.Waiver;
import app.brasskettle.core.insulation.TesterProof;
import app.brasskettle.core.nameplate.Plates;
import app.brasskettle.core.release.ReleaseRecord;
import app.brasskettle.core.rewind.RewindRecord;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.teardown.TeardownLog;
import app.brasskettle.core.testkind.PlateBasis;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.MotorTimeline;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.core.testrecord.Overruling;
import app.brasskettle.core.testrecord.RecordedTest;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.windingtake.WindingAssessment;
import app.brasskettle.core.windingtake.WindingRecord;
import app.brasskettle.core.work.Remedy;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.work.WorkDone;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/** A motor's time in the shop told deed by deed, as a server would record it; each deed takes a minute. */
final class Story {

    static final double HOUR = 3600;

    /** What a plate says of a winding for 965 r/min beside the first. */
    static final Map<String, Object> SECOND_SPEED = Map.of(
            "further",
            List.of(Map.of(
                    "frequencyHz", "50",
                    "ratedPowerW", "9 kW",
                    "ratedVoltageV", "400",
                    "ratedCurrentA", "20",
                    "ratedSpeedRpm", "965",
                    "connection", "delta")));

    double now = 1_000_000;
    final List<RecordedTest> tests = new ArrayList<>();
    final List<Map<String, Object>> inputs = new ArrayList<>();
    final List<WorkDone> works = new ArrayList<>();
    final List<Overruling> overrulings = new ArrayList<>();
    final List<JobRecord.PlateVersion> plates = new ArrayList<>();
    final List<Waiver> waivers = new ArrayList<>();
    final List<Settlement> settlements = new ArrayList<>();
    final List<DischargeClock.Applied> voltages = new ArrayList<>();
    final Set<Evidence> seen = new LinkedHashSet<>();
    final Set<String> struck = new LinkedHashSet<>();
    Optional<LockOut> lockOut = Optional.empty();
    Optional<Double> lockOutEnded = Optional.empty();
    Optional<Double> released = Optional.empty();
    Optional<JobRecord.Received> arrival = Optional.empty();
    Optional<String> runUnderWay = Optional.empty();
    List<Arrival.Auxiliary> auxiliaries = List.of();
    Set<String> isolated = Set.of();
    Optional<Double> isolatedAt = Optional.empty();
    TakenApart apart = TakenApart.not();
    boolean left;
    boolean demonstration;
    String by = "M. Orre";
    Map<String, Object> plateText = Map.of();

    /** A single-phase motor's plate that agrees with itself. */
    static final Map<String, Object> SINGLE_PHASE = Map.of(
            "phases", "1",
            "connection", "unknown",
            "ratedVoltageV", "230",
            "ratedPowerW", "1.5 kW",
            "ratedCurrentA", "9.8");

    /** A motor that came in, was tested sound, and is released: energising is permitted. */
    static Story sound() {
        Story story = new Story();
        story.plate(Map.of());
        story.shaft(Arrival.ShaftState.FREE);
        story.lockOut();
        story.proveTester();
        story.test(WindingTests.WINDING_RESISTANCE, ohms(1, 1, 1), Optional.empty());
        story.insulation(900);
        story.discharge();
        story.release();
        return story;
    }

    private void tick() {
        now += 60;
    }

    /** The next deed is recorded at the very moment of the last one. */
    Story atOnce() {
        now -= 60;
        return this;
    }

    Story plate(Map<String, Object> other) {
        tick();
        Map<String, Object> whole = new LinkedHashMap<>(plateText);
        whole.putAll(other);
        plateText = whole;
        plates.add(new JobRecord.PlateVersion(Plates.plate(whole), now, "M. Orre"));
        return this;
    }

    Story shaft(Arrival.ShaftState state) {
        tick();
        Arrival sheet =
                new Arrival(state, List.of(), auxiliaries, Optional.empty(), Optional.empty(), Optional.empty());
        arrival = Optional.of(new JobRecord.Received(sheet, now, false));
        return this;
    }

    /** A file says that the shaft turns. */
    Story shaftFromAFile() {
        shaft(Arrival.ShaftState.FREE);
        arrival = arrival.map(a -> new JobRecord.Received(a.sheet(), a.at(), true));
        return this;
    }

    Story lockOut() {
        tick();
        lockOut = Optional.of(new LockOut(now, "M. Orre", "two testers"));
        return this;
    }

    Story endLockOut() {
        tick();
        lockOutEnded = Optional.of(now);
        return this;
    }

    Story release() {
        tick();
        released = Optional.of(now);
        return this;
    }

    Story proveTester() {
        return proveTester(true, Origin.HERE);
    }

    /** Leads apart read over range, or a figure: a tester that leaks. */
    Story proveTester(boolean over, Origin origin) {
        tick();
        add(recorded(WindingTests.TESTER_PROOF, new TesterProof(20_000, over, 0), Optional.empty(), origin), null);
        return this;
    }

    Story work(Work work) {
        tick();
        works.add(new WorkDone(work, now, "M. Orre"));
        return this;
    }

    /** Somebody else records what follows. */
    Story by(String name) {
        by = name;
        return this;
    }

    /** A part is put right, and its place named. */
    Story repair(Remedy remedy, String place) {
        tick();
        works.add(new WorkDone(Work.REPAIRED, Optional.of(remedy), place, now, by));
        return this;
    }

    Story leave() {
        tick();
        left = true;
        return this;
    }

    Story comeBack() {
        left = false;
        return work(Work.CAME_BACK);
    }

    Story wait(double seconds) {
        now += seconds;
        return this;
    }

    /** Time enough for whatever stands on the winding. */
    Story discharge() {
        return wait(2 * HOUR);
    }

    Story insulation(double megohm) {
        return insulation(megohm, 40, 60, Optional.of(500.0));
    }

    Story insulation(double megohm, double temperature, double seconds, Optional<Double> volts) {
        return test(
                WindingTests.INSULATION_RESISTANCE,
                Map.of(
                        "ratedVoltageV",
                        400,
                        "windingKind",
                        "random-wound",
                        "insulationSystem",
                        "thermosetting",
                        "madeBefore1970",
                        false,
                        "insulationClass",
                        "F",
                        "windingTemperatureC",
                        temperature,
                        "readings",
                        List.of(Map.of("seconds", seconds, "megohm", megohm))),
                volts);
    }

    /** The same in air of that temperature and humidity, with the winding at {@code temperature}. */
    Story insulationInDamp(double megohm, double temperature, double airC, double humidity) {
        Map<String, Object> input = new LinkedHashMap<>(
                new Story().plate(Map.of()).insulation(megohm).inputs.get(0));
        input.put("windingTemperatureC", temperature);
        input.put("ambientTemperatureC", airC);
        input.put("relativeHumidityPercent", humidity);
        return test(WindingTests.INSULATION_RESISTANCE, input, Optional.of(500.0));
    }

    static Map<String, Object> ohms(double ab, double bc, double ca) {
        return Map.of(
                "connection", "wye",
                "windingKind", "random-wound",
                "conductor", "copper",
                "windingTemperatureC", 40,
                "terminalOhms", Map.of("ab", ab, "bc", bc, "ca", ca));
    }

    static Map<String, Object> withstand(String state, double volts, boolean broke) {
        return Map.of(
                "ratedVoltageV",
                400,
                "state",
                state,
                "school",
                "standard",
                "repeat",
                false,
                "supply",
                "direct",
                "appliedVoltageV",
                volts,
                "heldSeconds",
                60,
                "brokeDown",
                broke);
    }

    static Map<String, Object> steps(double second) {
        return Map.of(
                "steps", List.of(Map.of("voltageV", 500, "microamp", 1), Map.of("voltageV", 1000, "microamp", second)));
    }

    static Map<String, Object> loop(double watts) {
        return Map.of("coreMassKg", 100, "measuredW", watts, "hottestC", 41, "meanCoreC", 40, "fluxDensityT", 1.32);
    }

    static Map<String, Object> start(double reachedRpm, double seconds) {
        return Map.of(
                "ratedVoltageV", 400,
                "ratedCurrentA", 29,
                "ratedSpeedRpm", 1460,
                "attempts",
                        List.of(Map.of(
                                "feed",
                                "full-voltage",
                                "voltageV",
                                400,
                                "currentA",
                                170,
                                "reachedRpm",
                                reachedRpm,
                                "seconds",
                                seconds)));
    }

    static Map<String, Object> run(double third) {
        return Map.of(
                "ratedCurrentA", 29,
                "ratedPowerW", 15_000,
                "ratedVoltageV", 400,
                "poles", 4,
                "lineCurrentsA", List.of(10, 10, third),
                "lineVoltagesV", List.of(400, 400, 400));
    }

    /** A run with line C dead. */
    static Map<String, Object> lostPhase() {
        Map<String, Object> run = new LinkedHashMap<>(run(0));
        run.put("deadLines", List.of("c"));
        return run;
    }

    Story test(TestKind kind, Map<String, Object> input, Optional<Double> volts) {
        return record(kind, input, volts, Origin.HERE);
    }

    /** A usual test of this kind that holds, as {@link SampleReadings} has it. */
    Story sample(TestKind kind) {
        return sample(kind, Origin.HERE);
    }

    Story sample(TestKind kind, Origin origin) {
        tick();
        add(recorded(kind, SampleReadings.of(kind), SampleReadings.volts(kind), origin), null);
        return this;
    }

    /** So many parts are logged as off. */
    Story partsOff(int count) {
        tick();
        List<TeardownLog.LoggedPart> parts = IntStream.rangeClosed(1, count)
                .mapToObj(i -> new TeardownLog.LoggedPart(
                        i,
                        "fan",
                        TeardownLog.PartEnd.FRAME,
                        TeardownLog.PartState.GOOD,
                        false,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()))
                .toList();
        TeardownLog log = new TeardownLog(
                Optional.empty(), List.of(), parts, Optional.empty(), Optional.empty(), Optional.empty());
        apart = new TakenApart(Optional.of(log), List.of(), Optional.empty(), Optional.empty(), Set.of());
        return this;
    }

    /** Names what a high voltage would harm as removed or shorted. */
    Story isolate(String... names) {
        tick();
        isolated = Set.of(names);
        isolatedAt = Optional.of(now);
        return this;
    }

    /** A surge with the rotor in, the shaft at {@code degrees}. */
    Story surgeRotorIn(boolean shorted, double degrees) {
        tick();
        add(
                recorded(
                        WindingTests.SURGE_COMPARISON,
                        Surges.rotorIn(shorted, degrees),
                        Optional.of(5000.0),
                        Origin.HERE),
                null);
        return this;
    }

    /** A surge that finds all phases alike, or turns shorted, with the rotor out. */
    Story surge(boolean shorted, Optional<Double> volts) {
        tick();
        add(recorded(WindingTests.SURGE_COMPARISON, Surges.set(shorted), volts, Origin.HERE), null);
        voltages.add(new DischargeClock.Applied(now, 15, 1));
        return this;
    }

    /** Rising pulses, 500 V higher each, on three leads; the last lead rings as given. */
    Story pulses(double... hertz) {
        tick();
        add(recorded(WindingTests.SURGE_RISE, Surges.rising(hertz), Optional.empty(), Origin.HERE), null);
        return this;
    }

    /** Three rising pulses whose last lead stands apart from the first on. */
    Story pulsesApart() {
        return pulses(10_200, 10_200, 10_200);
    }

    /** A surge of a concentric winding, coils unlike by construction, with the rotor out. */
    Story surgeUnlike() {
        tick();
        add(recorded(WindingTests.SURGE_COMPARISON, Surges.unlike(), Optional.of(5000.0), Origin.HERE), null);
        return this;
    }

    Story record(TestKind kind, Map<String, Object> input, Optional<Double> volts, Origin origin) {
        tick();
        Record read = PlateBasis.reread(kind, 1, input, Optional.empty()).input();
        add(recorded(kind, read, volts, origin), input);
        double seconds = kind.voltageSeconds(read);
        if (seconds > 0 && origin != Origin.FILE) {
            voltages.add(new DischargeClock.Applied(now, seconds, 1));
        }
        return this;
    }

    private RecordedTest recorded(TestKind kind, Record input, Optional<Double> volts, Origin origin) {
        return new RecordedTest(
                kind, 1, input, Optional.empty(), now, by, volts, Optional.empty(), origin, "", Optional.empty());
    }

    private void add(RecordedTest test, Map<String, Object> input) {
        for (int i = 0; i < tests.size(); i++) {
            RecordedTest old = tests.get(i);
            if (old.kind() == test.kind() && old.standing()) {
                tests.set(
                        i,
                        new RecordedTest(
                                old.kind(),
                                1,
                                old.input(),
                                Optional.empty(),
                                old.at(),
                                old.by(),
                                old.appliedV(),
                                old.instrument(),
                                old.origin(),
                                "",
                                Optional.of("again")));
            }
        }
        tests.add(test);
        inputs.add(input);
    }

    Story overruleEverything() {
        tick();
        tests.forEach(t -> overrulings.add(new Overruling(t.step(), t.at(), Verdict.HOLDS, "I. Dalby", "in a hurry")));
        return this;
    }

    /** A lead hand in a hurry writes against everything that holds. */
    Story waiveEverything() {
        tick();
        gate().holding().forEach(r -> {
            waivers.add(new Waiver(r.code(), r.sentence(), "I. Dalby", "in a hurry"));
        });
        return this;
    }

    Story see(Evidence evidence) {
        tick();
        seen.add(evidence);
        return this;
    }

    JobAssessment read() {
        return JobAssessment.of(record(), now);
    }

    EnergiseGate gate() {
        return read().gate();
    }

    /** The tests as the plate that stands now reads them. */
    private List<RecordedTest> reread() {
        List<RecordedTest> all = new ArrayList<>();
        for (int i = 0; i < tests.size(); i++) {
            RecordedTest t = tests.get(i);
            Map<String, Object> input = inputs.get(i);
            if (input == null || t.kind() == WindingTests.TESTER_PROOF) {
                all.add(t);
                continue;
            }
            PlateBasis.Reread read = PlateBasis.reread(
                    t.kind(),
                    1,
                    input,
                    Optional.of(plates.get(plates.size() - 1).plate()));
            all.add(new RecordedTest(
                    t.kind(),
                    1,
                    read.input(),
                    read.contradiction(),
                    t.at(),
                    t.by(),
                    t.appliedV(),
                    t.instrument(),
                    t.origin(),
                    "",
                    t.supersededBecause()));
        }
        return all;
    }

    private JobRecord record() {
        return new JobRecord(
                arrival,
                plates,
                Optional.empty(),
                ShopRules.standard(),
                demonstration,
                new Routing(
                        Map.of(), Optional.empty(), Optional.empty(), left ? Optional.of("fetched") : Optional.empty()),
                0,
                new MotorTimeline(plates.isEmpty() ? tests : reread(), works, overrulings),
                new PowerRecord(
                        lockOut,
                        lockOutEnded,
                        released,
                        isolated,
                        isolatedAt,
                        waivers,
                        settlements,
                        voltages,
                        List.of(),
                        Optional.empty(),
                        runUnderWay),
                apart,
                Optional.empty(),
                List.copyOf(seen),
                struck,
                Optional.empty(),
                Map.of(),
                List.of(),
                WindingAssessment.of(WindingRecord.none(), ShopRules.standard()),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                RewindRecord.none(),
                ReleaseRecord.none());
    }
}
