package app.brasskettle.core.coilset;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.redesign.ConcentricGroup.ConcentricCoil;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.Strand;
import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.winding.WindingLimits;
import app.brasskettle.core.winding.WindingResult;
import app.brasskettle.core.winding.WindingWorksheet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class CoilSetTest {

    private static List<Map<String, String>> coils(int... spansAndTurns) {
        List<Map<String, String>> coils = new ArrayList<>();
        for (int i = 0; i < spansAndTurns.length; i += 2) {
            coils.add(Map.of("spanSlots", "" + spansAndTurns[i], "turns", "" + spansAndTurns[i + 1]));
        }
        return coils;
    }

    private static Map<String, Object> set(String purpose, int firstSlot, List<Map<String, String>> coils) {
        Map<String, Object> set = new HashMap<>();
        set.put("purpose", purpose);
        set.put("poles", "4");
        set.put("groupsPerPhase", "4");
        set.put("parallelCircuits", "1");
        set.put("firstSlot", "" + firstSlot);
        set.put("coils", coils);
        set.put("strands", List.of(Map.of("count", "1", "bareDiameterMm", "0.9", "insulatedDiameterMm", "0.96")));
        set.put("meanTurnLengthM", "300 mm");
        set.put("ratedVoltageV", "230");
        set.put("frequencyHz", "50");
        set.put("ratedCurrentA", "3.5");
        return set;
    }

    private static CoilSetTake take(int slots, List<Map<String, Object>> sets) {
        return TypedInput.read(
                        CoilSetTake.class,
                        Map.of(
                                "slots", "" + slots,
                                "boreDiameterM", "90 mm",
                                "coreLengthM", "80 mm",
                                "stackingFactor", "0.95",
                                "toothWidthM", "5.6 mm",
                                "backIronDepthM", "13 mm",
                                "sets", sets))
                .input();
    }

    private static CoilSetAssessment assess(CoilSetTake take) {
        return CoilSetAssessment.of(take, WindingLimits.standard());
    }

    /** With one full-pitch coil a group a concentric winding is a lap winding: both computations give the same. */
    @Test
    void oneCoilAGroupIsALapWinding() {
        Random random = new Random(6);
        for (int i = 0; i < 100; i++) {
            int poles = 2 * (1 + random.nextInt(4));
            int circuits = random.nextBoolean() ? 1 : 2;
            WindingConnection connection = random.nextBoolean() ? WindingConnection.WYE : WindingConnection.DELTA;
            int turns = 5 + random.nextInt(60);
            Strand wire = new Strand(1 + random.nextInt(3), 1.12, 1.2);
            WindingData lap = new WindingData(
                    3 * poles,
                    poles,
                    turns,
                    3,
                    circuits,
                    connection,
                    List.of(wire),
                    Optional.empty(),
                    0.5,
                    0.12,
                    0.1,
                    0.95,
                    0.009,
                    0.02,
                    200,
                    400,
                    50,
                    12);
            CoilSet set = new CoilSet(
                    SetPurpose.THREE_PHASE,
                    Optional.of(poles),
                    Optional.of(poles),
                    Optional.of(circuits),
                    Optional.of(connection),
                    Optional.empty(),
                    Optional.of(List.of(new ConcentricCoil(3, turns))),
                    Optional.of(List.of(wire)),
                    Optional.of(0.5),
                    Optional.of(400.0),
                    Optional.of(50.0),
                    Optional.of(12.0));
            CoilSetTake take = new CoilSetTake(
                    Optional.of(3 * poles),
                    Optional.of(0.12),
                    Optional.of(0.1),
                    Optional.of(0.95),
                    Optional.of(0.009),
                    Optional.of(0.02),
                    List.of(set),
                    Optional.empty());
            WindingResult expected =
                    WindingWorksheet.create(WindingLimits.standard()).work().apply(lap);
            CoilSetResult actual = assess(take).sets().get(0);
            assertThat(actual.missing()).isEmpty();
            near(actual.windingFactor(), expected.windingFactor().orElseThrow());
            near(actual.gapT(), expected.airGapFluxDensityT().orElseThrow());
            near(actual.currentDensityAPerMm2(), expected.currentDensityAPerMm2());
            near(actual.copperMassKg(), expected.copperMassKg());
            double terminals = expected.terminalOhmAt25C().orElseThrow();
            near(actual.ohmAt25C(), connection == WindingConnection.WYE ? terminals / 2 : terminals * 1.5);
        }
    }

    private static void near(Optional<Double> actual, double expected) {
        assertThat(actual.orElseThrow()).isCloseTo(expected, within(1e-9 * Math.abs(expected)));
    }

    /** 24 slots, 4 poles: a quarter of a turn of the field is three slots. */
    @Test
    void theStartWindingLiesAQuarterFromTheMainOne() {
        CoilSetTake right =
                take(24, List.of(set("main", 1, coils(5, 60, 3, 40)), set("start", 4, coils(5, 40, 3, 28))));
        CoilSetAssessment a = assess(right);
        assertThat(a.axisDegrees().orElseThrow()).isCloseTo(90, within(1e-9));
        // Σ turns·kp: 60·sin 75° + 40·sin 45° against 40·sin 75° + 28·sin 45°.
        double main = 60 * Math.sin(Math.toRadians(75)) + 40 * Math.sin(Math.toRadians(45));
        double start = 40 * Math.sin(Math.toRadians(75)) + 28 * Math.sin(Math.toRadians(45));
        near(a.turnsRatio(), start / main);
        near(a.coilSidesPerSlot(), 2.0 * 16 / 24);
        CoilSetAssessment wrong =
                assess(take(24, List.of(set("main", 1, coils(5, 60, 3, 40)), set("start", 2, coils(5, 40, 3, 28)))));
        assertThat(wrong.judgement().verdict()).isEqualTo(Verdict.STOP);
        assertThat(wrong.judgement().headline()).contains("30° from the main winding");
    }

    /** Turns graded as the sine of the span have less third harmonic than equal ones. */
    @Test
    void gradedTurnsHaveLessThirdHarmonic() {
        double equal = third(coils(5, 50, 3, 50, 1, 50));
        double graded = third(coils(5, 97, 3, 71, 1, 26));
        assertThat(graded).isLessThan(equal / 2);
    }

    private static double third(List<Map<String, String>> coils) {
        return assess(take(24, List.of(set("main", 1, coils))))
                .sets()
                .get(0)
                .thirdPercent()
                .orElseThrow();
    }

    /** 36 slots, 4 poles, coils of 7, 9 and 11 slots: 15 turns as a lap winding, as `concentric-to-lap` has it. */
    @Test
    void aConcentricWindingIsToldAsALapWinding() {
        Map<String, Object> set = set("three-phase", 1, coils(11, 30, 9, 30, 7, 30));
        set.put("groupsPerPhase", "2");
        set.put("connection", "wye");
        set.put("firstSlot", "");
        CoilSetAssessment a = assess(take(36, List.of(set)));
        assertThat(a.sets().get(0).windingFactor().orElseThrow()).isCloseTo(0.9598, within(5e-5));
        assertThat(a.lap().orElseThrow().turnsPerCoil()).isEqualTo(15);
    }

    @Test
    void whatIsNotTakenIsNamedAndTheRestComputed() {
        Map<String, Object> set = set("main", 1, coils(5, 96));
        set.put("strands", List.of());
        CoilSetAssessment a = assess(take(24, List.of(set)));
        assertThat(a.sets().get(0).missing()).containsExactly("wires in hand");
        assertThat(a.sets().get(0).gapT()).isPresent();
        assertThat(a.sets().get(0).copperMassKg()).isEmpty();
        assertThat(a.judgement().verdict()).isEqualTo(Verdict.UNPROVEN);
        assertThat(a.judgement().because()).contains("wires in hand");
    }

    @Test
    void whatCannotBeIsRefusedAtItsField() {
        Map<String, Object> set = set("main", 30, coils(5, 60, 4, 40, 12, 10));
        set.put("poles", "3");
        set.put("connection", "wye");
        assertThat(Refusals.fields(() -> take(24, List.of(set))))
                .contains("sets[0].poles", "sets[0].connection", "sets[0].coils[1].spanSlots");
        Map<String, Object> far = set("main", 30, coils(11, 60));
        far.put("groupsPerPhase", "4");
        far.put("parallelCircuits", "1");
        assertThat(Refusals.fields(() -> take(24, List.of(far))))
                .containsExactlyInAnyOrder("sets[0].firstSlot", "sets[0].coils[0].spanSlots");
        Map<String, Object> odd = set("main", 1, coils(5, 60));
        odd.put("groupsPerPhase", "3");
        assertThat(Refusals.fields(() -> take(24, List.of(odd)))).containsExactly("sets[0].groupsPerPhase");
    }
}
