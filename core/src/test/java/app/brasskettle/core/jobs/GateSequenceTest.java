package app.brasskettle.core.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.catalogue.OpenMotorTests;
import app.brasskettle.core.catalogue.RunningTests;
import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.energise.EnergiseGate.State;
import app.brasskettle.core.energise.Settlement;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.core.work.Remedy;
import app.brasskettle.core.work.Work;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Generated sequences of deeds in any order. The gate permits exactly when {@link SafetyOracle} does; and nothing that is only
 * said, written over, imported or simulated ever makes it more permissive.
 */
class GateSequenceTest {

    private static final int DEEDS = 30;
    private static final Optional<Double> SURGE_V = Optional.of(5000.0);

    /** A deed, as the record and as the oracle take it. */
    private record Deed(String name, BiConsumer<Story, SafetyOracle> done) {

        void by(Story story, SafetyOracle oracle) {
            done.accept(story, oracle);
        }

        @Override
        public String toString() {
            return name;
        }
    }

    private static final String ANOTHER = "I. Dalby";

    /** The same deed by another person. */
    private static Deed byAnother(Deed deed) {
        return new Deed(deed + ", by another", (s, o) -> {
            String usual = s.by;
            s.by(ANOTHER);
            deed.by(s, o);
            s.by(usual);
        });
    }

    private static Deed insulation(String name, double megohm, double volts, BiConsumer<Story, SafetyOracle> told) {
        return new Deed(name, (s, o) -> {
            s.insulation(megohm, 40, 60, Optional.of(volts));
            told.accept(s, o);
        });
    }

    private static Deed copper(String name, double ca, boolean good) {
        return new Deed(name, (s, o) -> {
            s.test(WindingTests.WINDING_RESISTANCE, Story.ohms(1, 1, ca), Optional.empty());
            o.copper(s.now, good, s.by);
        });
    }

    private static Deed withstand(boolean broke) {
        return new Deed(broke ? "breaks down" : "stands high voltage", (s, o) -> {
            s.test(WindingTests.WITHSTAND_RECORD, Story.withstand("new", 3060, broke), Optional.empty());
            o.withstand(s.now, broke);
        });
    }

    private static Deed start(String name, double rpm, double seconds, boolean stall) {
        return new Deed(name, (s, o) -> {
            s.test(RunningTests.START_LOG, Story.start(rpm, seconds), Optional.empty());
            o.start(s.now, stall);
        });
    }

    private static Deed core(String name, double watts, boolean good) {
        return new Deed(name, (s, o) -> {
            s.test(OpenMotorTests.CORE_LOOP_RESULT, Story.loop(watts), Optional.empty());
            o.core(good, s.by);
        });
    }

    private static Deed surge(String name, boolean shorted) {
        return new Deed(name, (s, o) -> {
            s.surge(shorted, SURGE_V);
            o.surge(s.now, shorted, s.by);
        });
    }

    private static Deed repair(Remedy remedy, String place, Consumer<SafetyOracle> told) {
        return new Deed("repairs " + remedy + " " + place, (s, o) -> {
            s.repair(remedy, place);
            told.accept(o);
        });
    }

    private static Deed work(Work work) {
        return new Deed(work.name(), (s, o) -> {
            if (work == Work.CAME_BACK) {
                s.comeBack();
            } else {
                s.work(work);
            }
            o.work(work);
        });
    }

    private static final Deed RELEASE = new Deed("release", (s, o) -> {
        s.release();
        o.release(s.now);
    });
    private static final Deed LOCK_OUT = new Deed("lock-out", (s, o) -> {
        s.lockOut();
        o.lockOut(s.now);
    });
    private static final Deed TESTER = new Deed("prove the tester", (s, o) -> {
        s.proveTester();
        o.proveTester(s.now);
    });
    private static final Deed DISCHARGE = new Deed("discharge", (s, o) -> s.discharge());
    private static final Deed FREE = new Deed("shaft free", (s, o) -> {
        s.shaft(Arrival.ShaftState.FREE);
        o.shaft(true);
    });
    private static final Deed CORE_GOOD = core("core holds", 500, true);
    private static final Deed SURGE_GOOD = surge("surge alike", false);
    private static final Deed GOOD = insulation("insulation holds", 900, 500, (s, o) -> o.insulationGood(s.now, s.by));
    private static final Deed EQUAL = copper("copper equal", 1, true);
    private static final Deed RUNS = new Deed("runs", (s, o) -> {
        s.test(RunningTests.NO_LOAD_RUN, Story.run(10), Optional.empty());
        o.run(false, s.by);
    });
    private static final Deed TOGETHER = work(Work.REASSEMBLED);

    /** Everything a careful person does before a run; what broke down or stalled is not cured by it. */
    private static final List<Deed> CAREFULLY = List.of(
            TOGETHER,
            FREE,
            LOCK_OUT,
            TESTER,
            EQUAL,
            CORE_GOOD,
            GOOD,
            DISCHARGE,
            SURGE_GOOD,
            withstand(false),
            DISCHARGE,
            GOOD,
            DISCHARGE,
            LOCK_OUT,
            RELEASE);

    private static final List<Deed> ANYTHING = Stream.of(
                    CAREFULLY.stream(),
                    Stream.of(
                            new Deed("shaft binds", (s, o) -> {
                                s.shaft(Arrival.ShaftState.BINDS);
                                o.shaft(false);
                            }),
                            new Deed("lock-out off", (s, o) -> {
                                s.endLockOut();
                                o.endLockOut();
                            }),
                            new Deed("an hour", (s, o) -> s.wait(Story.HOUR)),
                            new Deed("a night", (s, o) -> s.wait(17 * Story.HOUR)),
                            insulation("insulation under its limit", 2.9, 500, (s, o) -> o.insulationLow(s.now, false)),
                            insulation("dead ground", 0.01, 500, (s, o) -> o.insulationLow(s.now, true)),
                            insulation("insulation at 100 V", 900, 100, (s, o) -> o.insulationProvesNothing(s.now)),
                            copper("copper unbalanced", 1.3, false),
                            surge("surge shorted", true),
                            withstand(true),
                            core("core hot", 2000, false),
                            start("stalls", 0, 40, true),
                            start("starts", 1455, 3, false),
                            new Deed("loses a phase", (s, o) -> {
                                s.test(RunningTests.NO_LOAD_RUN, Story.lostPhase(), Optional.empty());
                                o.run(true, s.by);
                            }),
                            RUNS,
                            byAnother(GOOD),
                            byAnother(EQUAL),
                            byAnother(SURGE_GOOD),
                            byAnother(CORE_GOOD),
                            byAnother(RUNS),
                            repair(Remedy.COIL, "group 5", o -> o.repairWinding(true, false, false, false)),
                            repair(Remedy.JOINT, "T1", o -> o.repairWinding(false, true, false, false)),
                            repair(Remedy.LEAD, "T4", o -> o.repairWinding(false, false, true, false)),
                            repair(Remedy.SLOT_INSULATION, "slot 7", o -> o.repairWinding(false, false, false, true)),
                            repair(Remedy.COIL, "", o -> o.repairWinding(false, false, false, false)),
                            repair(Remedy.CORE_STACK, "tooth 3", SafetyOracle::repairCore),
                            repair(Remedy.BEARING, "drive end", SafetyOracle::newBearing),
                            repair(Remedy.SUPPLY, "fuse of line 2", SafetyOracle::mendSupply),
                            new Deed("leaves", (s, o) -> {
                                s.leave();
                                o.leave();
                            })),
                    Stream.of(Work.values()).map(GateSequenceTest::work))
            .flatMap(d -> d)
            .toList();

    /** Deeds that are only said: none may make the gate more permissive. */
    private static final List<Deed> ONLY_SAID = List.of(
            new Deed("overrule everything", (s, o) -> s.overruleEverything()),
            new Deed("waive everything", (s, o) -> s.waiveEverything()),
            elsewhere(WindingTests.WINDING_RESISTANCE, Story.ohms(1, 1, 1), Origin.FILE),
            elsewhere(WindingTests.WITHSTAND_RECORD, Story.withstand("new", 3060, false), Origin.FILE),
            elsewhere(OpenMotorTests.CORE_LOOP_RESULT, Story.loop(500), Origin.FILE),
            elsewhere(RunningTests.NO_LOAD_RUN, Story.run(10), Origin.FILE),
            elsewhere(RunningTests.START_LOG, Story.start(1455, 3), Origin.FILE),
            elsewhere(WindingTests.WINDING_RESISTANCE, Story.ohms(1, 1, 1), Origin.SIMULATED),
            elsewhere(OpenMotorTests.CORE_LOOP_RESULT, Story.loop(500), Origin.TAKEN_BEFORE));

    private static Deed elsewhere(TestKind kind, Map<String, Object> input, Origin origin) {
        return new Deed(kind + " " + origin, (s, o) -> s.record(kind, input, Optional.empty(), origin));
    }

    static Stream<List<Deed>> sequences() {
        return IntStream.range(0, 40).mapToObj(seed -> {
            Random random = new Random(seed);
            List<Deed> deeds = new ArrayList<>();
            while (deeds.size() < DEEDS) {
                if (random.nextInt(6) == 0) {
                    deeds.addAll(CAREFULLY);
                }
                deeds.add(ANYTHING.get(random.nextInt(ANYTHING.size())));
            }
            return deeds;
        });
    }

    private static Story begun() {
        return new Story().plate(Map.of());
    }

    @ParameterizedTest
    @MethodSource("sequences")
    void theGatePermitsWhereTheOracleDoesAndNowhereElse(List<Deed> deeds) {
        Story story = begun();
        SafetyOracle oracle = new SafetyOracle();
        for (int i = 0; i < deeds.size(); i++) {
            deeds.get(i).by(story, oracle);
            EnergiseGate gate = story.gate();
            assertThat(gate.state() == State.PERMITTED)
                    .as("after %s: %s", deeds.subList(0, i + 1), gate.holding())
                    .isEqualTo(oracle.mayRun(story.now));
        }
    }

    static Stream<Deed> anything() {
        return ANYTHING.stream();
    }

    /** Every deed, then every other, then all the care there is: what care cures is permitted, what it does not is not. */
    @ParameterizedTest
    @MethodSource("anything")
    void careCuresWhatItCuresAfterAnyTwoDeeds(Deed first) {
        for (Deed second : ANYTHING) {
            Story story = begun();
            SafetyOracle oracle = new SafetyOracle();
            first.by(story, oracle);
            second.by(story, oracle);
            CAREFULLY.forEach(d -> d.by(story, oracle));
            EnergiseGate gate = story.gate();
            assertThat(gate.state() == State.PERMITTED)
                    .as("after %s, %s and all care: %s", first, second, gate.holding())
                    .isEqualTo(oracle.mayRun(story.now));
        }
    }

    @Test
    void theSequencesReachAPermitOftenEnoughToMeanSomething() {
        long permitted = sequences()
                .filter(deeds -> {
                    Story story = begun();
                    SafetyOracle oracle = new SafetyOracle();
                    return deeds.stream().anyMatch(d -> {
                        d.by(story, oracle);
                        return oracle.mayRun(story.now);
                    });
                })
                .count();
        assertThat(permitted).isGreaterThan(20);
    }

    @ParameterizedTest
    @MethodSource("sequences")
    void nothingThatIsOnlySaidOpensIt(List<Deed> deeds) {
        Random random = new Random(deeds.hashCode());
        Story story = begun();
        SafetyOracle oracle = new SafetyOracle();
        for (Deed deed : deeds) {
            deed.by(story, oracle);
            ONLY_SAID.get(random.nextInt(ONLY_SAID.size())).by(story, oracle);
            if (story.gate().state() == State.PERMITTED) {
                assertThat(oracle.mayRun(story.now))
                        .as("after %s", deeds.subList(0, deeds.indexOf(deed) + 1))
                        .isTrue();
            }
        }
    }

    /** Two records that cannot both be true are settled one by one; settling what is not in conflict opens nothing. */
    @Test
    void settlingInAdvanceOpensNothing() {
        Story story = begun();
        story.settlements.add(new Settlement("The shaft binds", "I. Dalby", "in a hurry"));
        story.shaft(Arrival.ShaftState.BINDS).lockOut();
        assertThat(story.gate().holding()).extracting(EnergiseGate.Reason::code).contains("shaft-binds");
    }
}
