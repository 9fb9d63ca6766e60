package app.brasskettle.core.instruments;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.balance.BalanceResult;
import app.brasskettle.core.balance.BalanceWorksheet;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.insulation.TimedReading;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.resistance.Pair;
import app.brasskettle.core.surge.SurgeLimits;
import app.brasskettle.core.surge.SurgeRise;
import app.brasskettle.core.surge.SurgeRiseResult;
import app.brasskettle.core.surge.SurgeRiseWorksheet;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.verdict.Verdict;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.EnumSource.Mode;

class SimulatedMotorTest {

    private static final int SEEDS = 30;

    private static SimulatedMotor motor(double kilowatts, Connection connection, long seed, MotorFault... faults) {
        return new SimulatedMotor(
                SimulatedMotor.Rating.usual(400, 1000 * kilowatts, connection), 22, Faults.of(faults), seed);
    }

    private static SimulatedMotor singlePhase(long seed, MotorFault... faults) {
        return new SimulatedMotor(
                new SimulatedMotor.Rating(1, 230, 750, 50, 4, Connection.UNKNOWN), 22, Faults.of(faults), seed);
    }

    private static SimulatedBench bench(double kilowatts, Connection connection, long seed, MotorFault... faults) {
        return new SimulatedBench(motor(kilowatts, connection, seed, faults));
    }

    /** The tests that say something else than HOLDS of a motor. */
    private static Set<SimulatedBench.Test> findings(SimulatedMotor motor) {
        SimulatedBench bench = new SimulatedBench(motor);
        EnumSet<SimulatedBench.Test> found = EnumSet.noneOf(SimulatedBench.Test.class);
        Arrays.stream(SimulatedBench.Test.values())
                .filter(t -> t.applies(motor.rating().phases()))
                .filter(t -> bench.verdict(t) != Verdict.HOLDS)
                .forEach(found::add);
        return found;
    }

    /** Two hundred seeds over three sizes and both connections; motors that any test doubts are counted. */
    @ParameterizedTest
    @EnumSource(value = Connection.class, mode = Mode.EXCLUDE, names = "UNKNOWN")
    void fewerThanTwoInAHundredSoundMotorsAreDoubtedByAnyTest(Connection connection) {
        int doubted = 0;
        for (long seed = 0; seed < 200; seed++) {
            double kilowatts = new double[] {0.37, 7.5, 90}[(int) (seed % 3)];
            doubted += findings(motor(kilowatts, connection, seed)).isEmpty() ? 0 : 1;
        }
        assertThat(doubted).isLessThan(4);
    }

    @Test
    void fewerThanTwoInAHundredSoundSinglePhaseMotorsAreDoubted() {
        int doubted = 0;
        for (long seed = 0; seed < 200; seed++) {
            doubted += findings(singlePhase(seed)).isEmpty() ? 0 : 1;
        }
        assertThat(doubted).isLessThan(4);
    }

    /** Each clear fault of the model, and the tests that must find it in every motor. */
    @ParameterizedTest
    @CsvSource({
        "MOISTURE, INSULATION STEP_VOLTAGE",
        "GROUND, INSULATION STEP_VOLTAGE",
        "TURN_SHORT, BALANCE SURGE_ROTOR_IN SURGE_ROTOR_OUT RUN",
        "WEAK_TURN, SURGE_RISE",
        "OPEN_JOINT, RESISTANCE BALANCE RUN",
        "POOR_JOINT, RESISTANCE",
        "BROKEN_BAR, ROTOR BALANCE",
        "BAD_BEARING, VIBRATION",
        "BOUND_SHAFT, SHAFT",
        "OPEN_PROTECTOR, PROTECTOR"
    })
    void eachFaultIsFoundByTheTestsThatAreThereForIt(MotorFault fault, String tests) {
        for (long seed = 0; seed < SEEDS; seed++) {
            for (Connection connection : List.of(Connection.WYE, Connection.DELTA)) {
                SimulatedBench bench = bench(15, connection, seed, fault);
                for (String test : tests.split(" ")) {
                    assertThat(bench.verdict(SimulatedBench.Test.valueOf(test)))
                            .as(fault + " by " + test + ", seed " + seed)
                            .isNotEqualTo(Verdict.HOLDS);
                }
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"WEAK_CAPACITOR, GEAR", "STUCK_SWITCH, GEAR", "OPEN_PROTECTOR, WINDINGS", "GROUND, INSULATION"})
    void theFaultsOfASinglePhaseMotorAreFound(MotorFault fault, SimulatedBench.Test test) {
        for (long seed = 0; seed < SEEDS; seed++) {
            assertThat(findings(singlePhase(seed, fault)))
                    .as(fault + " " + seed)
                    .contains(test);
        }
    }

    /** What a fault has nothing to do with stays sound: a tester that blames everything finds nothing. */
    @ParameterizedTest
    @CsvSource({
        "MOISTURE, RESISTANCE SURGE_ROTOR_IN ROTOR VIBRATION",
        "TURN_SHORT, INSULATION RESISTANCE VIBRATION ROTOR",
        "POOR_JOINT, INSULATION SURGE_ROTOR_OUT ROTOR",
        "BROKEN_BAR, INSULATION RESISTANCE VIBRATION SURGE_ROTOR_OUT",
        "BAD_BEARING, INSULATION RESISTANCE BALANCE ROTOR"
    })
    void aFaultLeavesTheOtherTestsAlone(MotorFault fault, String tests) {
        for (long seed = 1; seed < 20; seed++) {
            SimulatedBench bench = bench(15, Connection.WYE, seed, fault);
            for (String test : tests.split(" ")) {
                assertThat(bench.verdict(SimulatedBench.Test.valueOf(test)))
                        .as(fault + " by " + test + ", seed " + seed)
                        .isEqualTo(Verdict.HOLDS);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(value = Connection.class, mode = Mode.EXCLUDE, names = "UNKNOWN")
    void aTurnShortIsNamedByItsPhase(Connection connection) {
        for (long seed = 0; seed < SEEDS; seed++) {
            SimulatedBench bench = bench(15, connection, seed, MotorFault.TURN_SHORT);
            assertThat(bench.surge(false).verdict()).isEqualTo(Verdict.STOP);
            assertThat(bench.surge(true).verdict())
                    .as("with the rotor in, far over the limit, nobody can tell yet")
                    .isEqualTo(Verdict.UNPROVEN);
            for (boolean rotorFitted : new boolean[] {true, false}) {
                assertThat(bench.surge(rotorFitted).suspect().orElseThrow())
                        .contains(connection == Connection.WYE ? "Phase B" : "between B and C");
            }
        }
    }

    /** Weak turns ring like sound ones until they let go: the model puts that at 70 % of 0.65·(2U + 1000) = 1170 V. */
    @Test
    void weakTurnsLetGoAtTheirVoltageAndNotBefore() {
        SimulatedMotor weak = motor(15, Connection.WYE, 3, MotorFault.WEAK_TURN);
        SurgeRiseResult rise =
                SurgeRiseWorksheet.create(SurgeLimits.standard()).work().apply(weak.surgeRise(1170, 8, false));
        assertThat(rise.judgement().verdict()).isEqualTo(Verdict.STOP);
        assertThat(rise.judgement().headline()).contains("Lead A");
        assertThat(rise.letsGoAboveV().orElseThrow()).isBetween(0.5 * 1170, 0.7 * 1170);
        assertThat(SurgeRiseWorksheet.create(SurgeLimits.standard())
                        .work()
                        .apply(weak.surgeRise(800, 8, false))
                        .judgement()
                        .verdict())
                .isEqualTo(Verdict.HOLDS);
    }

    @Test
    void dampStopsInsulationWithAFlatCurve() {
        for (long seed = 0; seed < SEEDS; seed++) {
            InsulationResult r =
                    bench(45, Connection.DELTA, seed, MotorFault.MOISTURE).insulation();
            assertThat(r.polarizationIndex().orElseThrow()).isLessThan(1.3);
            assertThat(r.polarizationIndexJudged()).isTrue();
        }
    }

    @Test
    void anOpenJointReadsOpenInWyeAndUnbalancedInDelta() {
        assertThat(bench(11, Connection.WYE, 5, MotorFault.OPEN_JOINT)
                        .resistance()
                        .openPhase())
                .contains("c");
        assertThat(bench(11, Connection.DELTA, 5, MotorFault.OPEN_JOINT)
                        .resistance()
                        .unbalancePercent()
                        .orElseThrow())
                .isGreaterThan(30);
    }

    @Test
    void aPoorJointShowsInTheResistanceOfItsPhase() {
        assertThat(bench(4, Connection.WYE, 8, MotorFault.POOR_JOINT)
                        .resistance()
                        .judgement()
                        .because())
                .contains("phase A")
                .contains("high");
    }

    /** A fault that has gone further moves the figure it shows in further. */
    @Test
    void severityMovesTheFigureAndFaultsCombine() {
        double[] short3 = Arrays.stream(Severity.values())
                .mapToDouble(s ->
                        balance(Faults.none().with(MotorFault.TURN_SHORT, s)).windingUnbalancePercent())
                .toArray();
        assertThat(short3[0]).isLessThan(short3[1]);
        assertThat(short3[1]).isLessThan(short3[2]);
        assertThat(balance(Faults.of(MotorFault.TURN_SHORT, MotorFault.BROKEN_BAR))
                        .source())
                .isEqualTo(BalanceResult.Source.BOTH);
        assertThat(balance(Faults.of(MotorFault.BROKEN_BAR)).source()).isEqualTo(BalanceResult.Source.ROTOR);
    }

    private static BalanceResult balance(Faults faults) {
        SimulatedMotor motor =
                new SimulatedMotor(SimulatedMotor.Rating.usual(400, 15_000, Connection.WYE), 22, faults, 7);
        return BalanceWorksheet.create().work().apply(motor.balance(8).orElseThrow());
    }

    @Test
    void readingsRepeatForASeedAndDifferBetweenSeeds() {
        SimulatedMotor one = motor(11, Connection.WYE, 1);
        SimulatedMotor same = motor(11, Connection.WYE, 1);
        assertThat(one.insulationAt(60, 500)).isEqualTo(same.insulationAt(60, 500));
        assertThat(one.terminalOhms()).isEqualTo(same.terminalOhms());
        assertThat(one.surge(1000, true)).isEqualTo(same.surge(1000, true));
        assertThat(one.running().currentRecord()).isEqualTo(same.running().currentRecord());
        assertThat(one.terminalOhms()).isNotEqualTo(motor(11, Connection.WYE, 2).terminalOhms());
    }

    /** Insulation halves or so for ten kelvin more; copper rises by 1/(234.5 + T) a kelvin. */
    @Test
    void heatLowersInsulationAndRaisesCopper() {
        SimulatedMotor.Rating rating = SimulatedMotor.Rating.usual(400, 11_000, Connection.WYE);
        SimulatedMotor cold = new SimulatedMotor(rating, 20, Faults.of(MotorFault.MOISTURE), 3);
        SimulatedMotor hot = new SimulatedMotor(rating, 60, Faults.of(MotorFault.MOISTURE), 3);
        assertThat(hot.insulationAt(600, 500).megohm())
                .isLessThan(cold.insulationAt(600, 500).megohm() / 2);
        double ratio = hot.terminalOhms().get(Pair.AB) / cold.terminalOhms().get(Pair.AB);
        assertThat(ratio).isCloseTo((234.5 + 60) / (234.5 + 20), within(1e-6));
    }

    /** L from the model's own statement: a ring of 1/(2π√(LC)) moves up when turns are shorted and loses none of its start. */
    @Test
    void tracesStartAtTheChargeAndAShortRaisesTheRing() {
        SurgeSet sound = motor(15, Connection.WYE, 9).surge(1170, false);
        SurgeSet shorted = motor(15, Connection.WYE, 9, MotorFault.TURN_SHORT).surge(1170, false);
        assertThat(sound.traceA().at(0)).isCloseTo(1170, within(12.0));
        double before = ring(sound);
        assertThat(ring(shorted)).isBetween(1.02 * before, 1.3 * before);
    }

    /** Laid over its own earlier traces a sound motor differs by noise alone, at any voltage; turns shorted since stand out. */
    @Test
    void tracesAreHeldAgainstThoseOfAnEarlierStay() {
        SurgeSet before = motor(15, Connection.WYE, 9).surge(900, false);
        SurgeSet after = motor(15, Connection.WYE, 9).surge(1170, false);
        assertThat(after.against(before, SurgeLimits.standard()).values())
                .hasSize(3)
                .allMatch(r -> r.verdict() == Verdict.HOLDS);
        SurgeSet shorted = motor(15, Connection.WYE, 9, MotorFault.TURN_SHORT).surge(1170, false);
        assertThat(shorted.against(before, SurgeLimits.standard())
                        .get(SurgeRise.Lead.B)
                        .verdict())
                .isEqualTo(Verdict.STOP);
        assertThat(after.against(motor(15, Connection.WYE, 9).surge(900, true), SurgeLimits.standard()))
                .isEmpty();
    }

    private static double ring(SurgeSet set) {
        return set.compare(SurgeLimits.standard())
                .pairs()
                .get(Pair.BC)
                .ringFrequencyAHz()
                .orElseThrow();
    }

    @Test
    void overTheTestersRangeItSaysAtLeast() {
        SimulatedMotor cold =
                new SimulatedMotor(SimulatedMotor.Rating.usual(400, 11_000, Connection.WYE), -40, Faults.none(), 12);
        TimedReading late = cold.insulationAt(600, 500);
        assertThat(late.megohm()).isLessThanOrEqualTo(SimulatedMotor.TESTER_RANGE_MEGOHM);
    }

    @Test
    void instrumentsRefuseWhatCannotBeRead() {
        assertThat(motor(11, Connection.WYE, 1, MotorFault.OPEN_JOINT).balance(8))
                .isEmpty();
        assertThat(motor(11, Connection.DELTA, 1, MotorFault.BOUND_SHAFT).balance(8))
                .isEmpty();
        assertThat(motor(11, Connection.DELTA, 1, MotorFault.BOUND_SHAFT)
                        .running()
                        .turnCurrents())
                .isEmpty();
        assertThat(motor(11, Connection.WYE, 1, MotorFault.GROUND).ramp(850, 5)).isEmpty();
        assertThat(motor(11, Connection.WYE, 1, MotorFault.OPEN_JOINT).running().comesUp())
                .isFalse();
    }

    @Test
    void startingGearIsASinglePhaseMotorsAndPhasesAreNot() {
        assertThat(MotorFault.STUCK_SWITCH.befalls(3)).isFalse();
        assertThat(MotorFault.STUCK_SWITCH.befalls(1)).isTrue();
        assertThat(MotorFault.TURN_SHORT.befalls(1)).isFalse();
        assertThat(MotorFault.GROUND.befalls(1)).isTrue();
    }

    @Test
    void refusesARatingThatIsNone() {
        assertThat(Refusals.fields(() -> new SimulatedMotor.Rating(2, 0, -1, 0, 1, null)))
                .containsExactlyInAnyOrder("phases", "voltageV", "powerW", "frequencyHz", "poles", "connection");
        assertThat(Refusals.fields(() -> new SimulatedMotor(null, 900, null, 1)))
                .containsExactlyInAnyOrder("rating", "windingTemperatureC", "faults");
    }
}
