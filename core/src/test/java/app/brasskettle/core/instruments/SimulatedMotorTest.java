package app.brasskettle.core.instruments;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.balance.BalanceResult;
import app.brasskettle.core.catalogue.WorksheetCatalogue;
import app.brasskettle.core.insulation.InsulationClass;
import app.brasskettle.core.insulation.InsulationLimits;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.insulation.InsulationSystem;
import app.brasskettle.core.insulation.InsulationTest;
import app.brasskettle.core.insulation.InsulationWorksheet;
import app.brasskettle.core.insulation.TimedReading;
import app.brasskettle.core.insulation.WindingKind;
import app.brasskettle.core.resistance.Conductor;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.resistance.Pair;
import app.brasskettle.core.resistance.ResistanceLimits;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.resistance.ResistanceTest;
import app.brasskettle.core.resistance.ResistanceWorksheet;
import app.brasskettle.core.resistance.TerminalOhms;
import app.brasskettle.core.surge.SurgeLimits;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.withstand.StepVoltageTest;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.EnumSource.Mode;

class SimulatedMotorTest {

    private static final int SEEDS = 60;

    private static SimulatedMotor motor(double kilowatts, Connection connection, long seed, MotorFault... faults) {
        return new SimulatedMotor(400, 1000 * kilowatts, connection, 22, Set.of(faults), seed);
    }

    private static InsulationResult insulation(SimulatedMotor motor) {
        List<TimedReading> readings = new ArrayList<>();
        for (double t : new double[] {15, 30, 60, 120, 300, 600}) {
            readings.add(motor.insulationAt(t, 500));
        }
        return InsulationWorksheet.create(InsulationLimits.standard())
                .work()
                .apply(new InsulationTest(
                        400,
                        WindingKind.RANDOM_WOUND,
                        InsulationSystem.THERMOSETTING,
                        false,
                        InsulationClass.F,
                        22,
                        Optional.empty(),
                        Optional.empty(),
                        readings));
    }

    private static ResistanceResult resistance(SimulatedMotor motor) {
        Map<Pair, Double> ohms = motor.terminalOhms();
        List<Pair> open =
                Arrays.stream(Pair.values()).filter(p -> !ohms.containsKey(p)).toList();
        return ResistanceWorksheet.create(ResistanceLimits.standard())
                .work()
                .apply(new ResistanceTest(
                        motor.connection(),
                        WindingKind.RANDOM_WOUND,
                        Conductor.COPPER,
                        22,
                        new TerminalOhms(
                                Optional.ofNullable(ohms.get(Pair.AB)),
                                Optional.ofNullable(ohms.get(Pair.BC)),
                                Optional.ofNullable(ohms.get(Pair.CA))),
                        open.isEmpty() ? Optional.empty() : Optional.of(open)));
    }

    private static SurgeSet.Outcome surge(SimulatedMotor motor, boolean rotor) {
        return motor.surge(1170, rotor).compare(SurgeLimits.standard());
    }

    @ParameterizedTest
    @EnumSource(value = Connection.class, mode = Mode.EXCLUDE, names = "UNKNOWN")
    void nothingIsFoundOnASoundMotor(Connection connection) {
        for (long seed = 0; seed < SEEDS; seed++) {
            for (double kilowatts : new double[] {0.37, 7.5, 90}) {
                SimulatedMotor sound = motor(kilowatts, connection, seed);
                assertThat(insulation(sound).verdict()).isEqualTo(Verdict.HOLDS);
                assertThat(resistance(sound).verdict()).isEqualTo(Verdict.HOLDS);
                assertThat(surge(sound, true).judgement().verdict()).isEqualTo(Verdict.HOLDS);
                assertThat(surge(sound, false).judgement().verdict()).isEqualTo(Verdict.HOLDS);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(value = Connection.class, mode = Mode.EXCLUDE, names = "UNKNOWN")
    void aTurnShortIsFoundBySurgeAloneAndInItsPhase(Connection connection) {
        for (long seed = 0; seed < SEEDS; seed++) {
            SimulatedMotor shorted = motor(15, connection, seed, MotorFault.TURN_SHORT);
            SurgeSet.Outcome found = surge(shorted, true);
            assertThat(found.judgement().verdict()).isEqualTo(Verdict.STOP);
            assertThat(found.suspect().orElseThrow())
                    .contains(connection == Connection.WYE ? "Phase B" : "between B and C");
            assertThat(insulation(shorted).verdict()).isEqualTo(Verdict.HOLDS);
            assertThat(resistance(shorted).verdict()).isEqualTo(Verdict.HOLDS);
        }
    }

    @Test
    void dampStopsInsulationWithAFlatCurveAndNothingElse() {
        for (long seed = 0; seed < SEEDS; seed++) {
            SimulatedMotor damp = motor(45, Connection.DELTA, seed, MotorFault.MOISTURE);
            InsulationResult r = insulation(damp);
            assertThat(r.polarizationIndex().orElseThrow()).isLessThan(1.3);
            assertThat(r.polarizationIndexJudged()).isTrue();
            assertThat(r.verdict()).isIn(Verdict.STOP, Verdict.WATCH);
            assertThat(resistance(damp).verdict()).isEqualTo(Verdict.HOLDS);
            assertThat(surge(damp, true).judgement().verdict()).isEqualTo(Verdict.HOLDS);
        }
    }

    @Test
    void aGroundIsFoundByInsulation() {
        assertThat(insulation(motor(11, Connection.WYE, 4, MotorFault.GROUND))
                        .judgement()
                        .next())
                .contains("Copper is on the frame");
    }

    @Test
    void anOpenJointReadsOpenInWyeAndUnbalancedInDelta() {
        ResistanceResult wye = resistance(motor(11, Connection.WYE, 5, MotorFault.OPEN_JOINT));
        assertThat(wye.openPhase()).contains("c");
        ResistanceResult delta = resistance(motor(11, Connection.DELTA, 5, MotorFault.OPEN_JOINT));
        assertThat(delta.verdict()).isEqualTo(Verdict.STOP);
        assertThat(delta.unbalancePercent().orElseThrow()).isGreaterThan(30);
    }

    @Test
    void aPoorJointShowsInTheResistanceOfItsPhase() {
        for (long seed = 0; seed < SEEDS; seed++) {
            ResistanceResult r = resistance(motor(4, Connection.WYE, seed, MotorFault.POOR_JOINT));
            assertThat(r.verdict()).isNotEqualTo(Verdict.HOLDS);
            assertThat(r.judgement().because()).contains("phase A").contains("high");
        }
    }

    @Test
    void readingsRepeatForASeedAndDifferBetweenSeeds() {
        SimulatedMotor one = motor(11, Connection.WYE, 1);
        assertThat(one.insulationAt(60, 500))
                .isEqualTo(motor(11, Connection.WYE, 1).insulationAt(60, 500));
        assertThat(one.terminalOhms()).isEqualTo(motor(11, Connection.WYE, 1).terminalOhms());
        assertThat(one.surge(1000, true)).isEqualTo(motor(11, Connection.WYE, 1).surge(1000, true));
        assertThat(one.terminalOhms()).isNotEqualTo(motor(11, Connection.WYE, 2).terminalOhms());
    }

    /** Insulation halves or so for ten kelvin more; copper rises by 1/(234.5 + T) a kelvin. */
    @Test
    void heatLowersInsulationAndRaisesCopper() {
        SimulatedMotor cold = new SimulatedMotor(400, 11_000, Connection.WYE, 20, Set.of(MotorFault.MOISTURE), 3);
        SimulatedMotor hot = new SimulatedMotor(400, 11_000, Connection.WYE, 60, Set.of(MotorFault.MOISTURE), 3);
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
        double after = ring(shorted);
        assertThat(after).isBetween(1.02 * before, 1.3 * before);
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
        SimulatedMotor cold = new SimulatedMotor(400, 11_000, Connection.WYE, -40, Set.of(), 12);
        TimedReading late = cold.insulationAt(600, 500);
        assertThat(late.megohm()).isLessThanOrEqualTo(SimulatedMotor.TESTER_RANGE_MEGOHM);
    }

    @Test
    void refusesARatingThatIsNone() {
        assertThat(Refusals.fields(() -> new SimulatedMotor(0, -1, null, 900, Set.of(), 1)))
                .containsExactlyInAnyOrder("ratedVoltageV", "ratedPowerW", "connection", "windingTemperatureC");
    }

    /** Two hundred motors: every shorted turn is found by the balance, and no sound motor is blamed. */
    @Test
    void balanceFindsEveryTurnShortAndBlamesNoSoundMotor() {
        for (long seed = 0; seed < 200; seed++) {
            assertThat(source(Set.of(), seed)).as("sound " + seed).isEqualTo(BalanceResult.Source.NONE);
            assertThat(source(Set.of(MotorFault.TURN_SHORT), seed))
                    .as("short " + seed)
                    .isEqualTo(BalanceResult.Source.WINDING);
        }
    }

    @Test
    void theInductanceBridgeFindsNoValueOnAnOpenPhase() {
        assertThat(motor(11, Connection.WYE, 1, MotorFault.OPEN_JOINT).balance(8))
                .isEmpty();
        assertThat(motor(11, Connection.DELTA, 1, MotorFault.OPEN_JOINT).balance(8))
                .isEmpty();
    }

    private static BalanceResult.Source source(Set<MotorFault> faults, long seed) {
        SimulatedMotor motor = new SimulatedMotor(400, 15_000, Connection.WYE, 22, faults, seed);
        return WorksheetCatalogue.BALANCE
                .work()
                .apply(motor.balance(8).orElseThrow())
                .source();
    }

    @Test
    void aRampStopsAtADampWindingAndTripsOnAGround() {
        for (long seed = 0; seed < 200; seed++) {
            assertThat(growth(Set.of(), seed)).as("sound " + seed).isEqualTo(Verdict.HOLDS);
            assertThat(growth(Set.of(MotorFault.MOISTURE), seed))
                    .as("damp " + seed)
                    .isNotEqualTo(Verdict.HOLDS);
            SimulatedMotor ground =
                    new SimulatedMotor(400, 15_000, Connection.WYE, 22, Set.of(MotorFault.GROUND), seed);
            assertThat(ground.ramp(850, 5)).isEmpty();
        }
    }

    private static Verdict growth(Set<MotorFault> faults, long seed) {
        SimulatedMotor motor = new SimulatedMotor(400, 15_000, Connection.WYE, 22, faults, seed);
        return WorksheetCatalogue.STEP_VOLTAGE
                .work()
                .apply(new StepVoltageTest(motor.ramp(850, 5)))
                .verdict();
    }
}
