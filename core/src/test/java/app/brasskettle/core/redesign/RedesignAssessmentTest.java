package app.brasskettle.core.redesign;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.connection.ConnectionScheme;
import app.brasskettle.core.connection.SpeedField;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.Strand;
import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.winding.WindingData;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class RedesignAssessmentTest {

    private static final ShopRules RULES = ShopRules.standard();

    private static RedesignAssessment of(WindingData old, RedesignSheet sheet) {
        return RedesignAssessment.of(Optional.of(old), true, Optional.empty(), sheet, RULES);
    }

    private static List<ChosenWire> wires(WindingData w) {
        Strand s = w.strands().get(0);
        return List.of(
                new ChosenWire(s.bareDiameterMm() + " mm", s.count(), s.bareDiameterMm(), s.insulatedDiameterMm()));
    }

    @Test
    void theSameAgainIsTheSameWinding() {
        WindingData old = Windings.thirtyKilowatt();
        RedesignAssessment a = of(old, Windings.sheet(null, null, null, null, null, wires(old)));
        assertThat(a.chosen().orElseThrow().data())
                .usingRecursiveComparison()
                .withComparatorForType((x, y) -> Math.abs(x - y) < 1e-9 ? 0 : Double.compare(x, y), Double.class)
                .isEqualTo(old);
        assertThat(a.changes().orElseThrow().copperLossPercent()).isCloseTo(0, within(1e-9));
        assertThat(a.turns().orElseThrow().copperMm2())
                .isCloseTo(a.original().orElseThrow().result().conductorAreaMm2(), within(1e-12));
    }

    /** The gap moves by what the rounding moves the flux, the ampere-turns of the torque stay, whatever is asked for. */
    @Test
    void fluxMovesByTheRoundingAndTorqueStays() {
        WindingData old = Windings.thirtyKilowatt();
        Random random = new Random(12);
        for (int i = 0; i < 300; i++) {
            RedesignSheet sheet = Windings.sheet(
                    200 + 500 * random.nextDouble(),
                    random.nextBoolean() ? 50.0 : 60.0,
                    random.nextBoolean() ? WindingConnection.WYE : WindingConnection.DELTA,
                    List.of(1, 2, 4).get(random.nextInt(3)),
                    8 + random.nextInt(5),
                    wires(old));
            RedesignAssessment a = of(old, sheet);
            DesignedWinding before = a.original().orElseThrow();
            DesignedWinding after = a.chosen().orElseThrow();
            assertThat(after.result().airGapFluxDensityT().orElseThrow()
                            / before.result().airGapFluxDensityT().orElseThrow())
                    .isCloseTo(1 + a.turns().orElseThrow().fluxChangePercent() / 100, within(1e-9));
            assertThat(ampereTurns(after)).isCloseTo(ampereTurns(before), within(1e-6 * ampereTurns(before)));
        }
    }

    private static double ampereTurns(DesignedWinding w) {
        return DesignedWinding.phaseCurrent(w.data())
                / w.data().parallelCircuits()
                * w.data().turnsPerCoil()
                * w.result().windingFactor().orElseThrow();
    }

    /** P = 3·I²·R: two terminals of a wye see two phases, so the loss is 3/2·I²·R of the terminals, at the same temperature. */
    @Test
    void theLossIsThatOfTheResistanceBetweenTerminals() {
        DesignedWinding w =
                of(Windings.thirtyKilowatt(), Windings.sameAgain()).original().orElseThrow();
        double terminals = w.result().terminalOhmAt25C().orElseThrow() * (1 + 0.00393 * 75) / (1 + 0.00393 * 5);
        assertThat(w.copperLossW()).isCloseTo(1.5 * 56 * 56 * terminals, within(1e-6));
    }

    /** A span of 4/5 of the pitch has no fifth: 12 slots a pole are not divisible so; 5/6 brings 5th and 7th to the same sine. */
    @Test
    void harmonicsFollowTheSpan() {
        WindingData old = Windings.thirtyKilowatt();
        DesignedWinding full = of(old, Windings.sheet(null, null, null, null, 12, wires(old)))
                .chosen()
                .orElseThrow();
        DesignedWinding shorter = of(old, Windings.sheet(null, null, null, null, 10, wires(old)))
                .chosen()
                .orElseThrow();
        // kp5 = |sin(5·90°·10/12)| = 0.2588 of its full-pitch figure, kp1 = 0.9659.
        assertThat(shorter.fifthPercent().orElseThrow() / full.fifthPercent().orElseThrow())
                .isCloseTo(0.2588 / 0.9659, within(1e-3));
        assertThat(shorter.seventhPercent().orElseThrow()
                        / full.seventhPercent().orElseThrow())
                .isCloseTo(0.2588 / 0.9659, within(1e-3));
    }

    @Test
    void aCoarseRoundingIsWatchedAndNearerOnesAreNamed() {
        WindingData old = Windings.thirtyKilowatt();
        // 10·360/400·1/2 = 4.5, and 5 turns: twice the copper of a turn in eight wires.
        List<ChosenWire> eight = List.of(new ChosenWire("1.25 mm", 8, 1.25, 1.349));
        RedesignAssessment a = of(old, Windings.sheet(360.0, null, null, 1, null, eight));
        assertThat(a.turns().orElseThrow().fluxChangePercent()).isCloseTo(-10, within(1e-9));
        assertThat(a.judgement().verdict()).isEqualTo(Verdict.WATCH);
        assertThat(a.judgement().headline()).startsWith("5 turns for 4.5");
        assertThat(a.nearer()).isNotEmpty().allSatisfy(n -> {
            assertThat(Math.abs(n.fluxChangePercent())).isLessThan(10);
            RedesignAssessment other =
                    of(old, Windings.sheet(360.0, null, null, n.parallelCircuits(), n.spanSlots(), null));
            assertThat(other.turns().orElseThrow().perCoil()).isEqualTo(n.turnsPerCoil());
        });
    }

    /** Six turns chosen where five are wanted carry a sixth less flux: they are judged, not the five nobody winds. */
    @Test
    void turnsChosenByHandAreJudgedAsChosen() {
        RedesignAssessment a = of(
                Windings.thirtyKilowatt(),
                new RedesignSheet(
                        Optional.of(200.0),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(6),
                        Optional.empty(),
                        Optional.empty()));
        assertThat(a.turns().orElseThrow().exact()).isCloseTo(5, within(1e-9));
        assertThat(a.turns().orElseThrow().fluxChangePercent()).isCloseTo(100 * (5.0 / 6 - 1), within(1e-9));
        assertThat(a.judgement().headline()).startsWith("6 turns for 5");
    }

    /** The best named is the best of every number of circuits with every span from two thirds of the pitch to all of it. */
    @Test
    void theFullPitchIsAmongTheNearerOnes() {
        WindingData old = Windings.thirtyKilowatt();
        boolean full = false;
        Random random = new Random(30);
        for (int i = 0; i < 200; i++) {
            RedesignSheet sheet = Windings.sheet(150 + 400 * random.nextDouble(), null, null, null, null, null);
            RedesignAssessment a = of(old, sheet);
            double now = Math.abs(a.turns().orElseThrow().fluxChangePercent());
            if (a.nearer().isEmpty()) {
                continue;
            }
            double best = now;
            for (int circuits : List.of(1, 2, 4)) {
                for (int span = 8; span <= 12; span++) {
                    best = Math.min(
                            best,
                            Math.abs(of(
                                            old,
                                            Windings.sheet(
                                                    sheet.ratedVoltageV().orElseThrow(),
                                                    null,
                                                    null,
                                                    circuits,
                                                    span,
                                                    null))
                                    .turns()
                                    .orElseThrow()
                                    .fluxChangePercent()));
                }
            }
            assertThat(Math.abs(a.nearer().get(0).fluxChangePercent())).isCloseTo(best, within(1e-9));
            full |= a.nearer().get(0).spanSlots() == 12;
        }
        assertThat(full).as("the full pitch is the best for some voltage").isTrue();
    }

    /** Half the copper of a turn has twice the ohms of the one that came out: a rise, not a fall. */
    @Test
    void thinnerWireIsMoreOhms() {
        WindingData old = Windings.thirtyKilowatt();
        List<ChosenWire> half = List.of(new ChosenWire("1.25 mm", 2, 1.25, 1.349));
        RedesignAssessment.Change change = of(old, Windings.sheet(null, null, null, null, null, half))
                .changes()
                .orElseThrow();
        assertThat(change.ohmPercent().orElseThrow()).isCloseTo(100, within(1e-6));
        assertThat(change.copperLossPercent()).isCloseTo(100, within(1e-6));
        assertThat(change.copperKg()).isNegative();
    }

    @Test
    void dataNobodySettledKeepTheNewWindingOpen() {
        WindingData old = Windings.thirtyKilowatt();
        RedesignAssessment a = RedesignAssessment.of(
                Optional.of(old),
                false,
                Optional.empty(),
                Windings.sheet(null, null, null, null, null, wires(old)),
                RULES);
        assertThat(a.judgement().verdict()).isEqualTo(Verdict.UNPROVEN);
        assertThat(a.judgement().next()).contains("second time");
        assertThat(RedesignAssessment.of(Optional.empty(), false, Optional.empty(), Windings.sameAgain(), RULES)
                        .judgement()
                        .headline())
                .isEqualTo("Winding data come first");
    }

    @Test
    void circuitsThatDoNotDivideTheWindingAreAStop() {
        RedesignAssessment a = of(Windings.thirtyKilowatt(), Windings.sheet(null, null, null, 3, null, null));
        assertThat(a.judgement().verdict()).isEqualTo(Verdict.STOP);
        assertThat(a.judgement().because()).contains("parallelCircuits");
        assertThat(a.turns()).isEmpty();
    }

    /** Voltage changes both speeds alike; a longer span helps the one and takes from the other. */
    @Test
    void bothSpeedsAreShownAtOnce() {
        RedesignAssessment volts = speeds(Windings.sheet(440.0, null, null, null, null, null));
        assertThat(volts.speeds())
                .hasSize(2)
                .allSatisfy(p -> assertThat(p.after().gapT() / p.before().gapT())
                        .isCloseTo(1 + volts.turns().orElseThrow().fluxChangePercent() / 100, within(1e-9)));
        assertThat(volts.speeds()).extracting(p -> p.after().poles()).containsExactlyInAnyOrder(4, 8);

        RedesignAssessment span = speeds(Windings.sheet(null, null, null, null, 7, null));
        double four = ratio(span, 4);
        double eight = ratio(span, 8);
        // Both share the turns, so what differs is the pitch factor: sin 70°/sin 50° at 4 poles, sin 140°/sin 100° at
        // 8.
        double pitch = Math.sin(Math.toRadians(70)) / Math.sin(Math.toRadians(50));
        double low = Math.sin(Math.toRadians(140)) / Math.sin(Math.toRadians(100));
        assertThat(eight / four).isCloseTo(pitch / low, within(1e-9));
    }

    /** The take is counted at the high speed, so the high speed's flux is the take's own; an odd number of circuits has none. */
    @Test
    void theHighSpeedIsTheOneThatWasCounted() {
        RedesignAssessment a = speeds(Windings.sameAgain());
        double own = a.original().orElseThrow().result().airGapFluxDensityT().orElseThrow();
        assertThat(a.speeds())
                .filteredOn(p -> p.before().poles() == 4)
                .allSatisfy(p -> assertThat(p.before().gapT()).isCloseTo(own, within(1e-9)));
        RedesignAssessment odd = speeds(Windings.sheet(null, null, null, 1, null, null));
        assertThat(odd.judgement().verdict()).isEqualTo(Verdict.STOP);
        assertThat(odd.judgement().because()).contains("even number");
        RedesignAssessment delta = speeds(Windings.sheet(null, null, WindingConnection.DELTA, null, null, null));
        assertThat(delta.judgement().because()).contains("at the high speed");
    }

    private static RedesignAssessment speeds(RedesignSheet sheet) {
        return RedesignAssessment.of(
                Optional.of(Windings.twoSpeeds()),
                true,
                Optional.of(ConnectionScheme.TWO_SPEED_CONSTANT_TORQUE),
                sheet,
                RULES);
    }

    private static double ratio(RedesignAssessment a, int poles) {
        return a.speeds().stream()
                .filter(p -> p.after().poles() == poles)
                .mapToDouble(p -> gap(p.after()) / gap(p.before()))
                .findFirst()
                .orElseThrow();
    }

    private static double gap(SpeedField f) {
        return f.gapT();
    }

    @Test
    void everythingWrongWithASheetIsToldAtOnce() {
        assertThat(Refusals.fields(() -> new RedesignSheet(
                        Optional.of(-1.0),
                        Optional.of(0.0),
                        Optional.empty(),
                        Optional.of(0),
                        Optional.of(0),
                        Optional.of(13),
                        Optional.of(21.0),
                        Optional.of(0),
                        Optional.of(List.of(new ChosenWire("a", 1, 1, 1.1), new ChosenWire("a", 1, 1, 1.1))),
                        Optional.of("x".repeat(501)))))
                .containsExactly(
                        "ratedVoltageV",
                        "frequencyHz",
                        "parallelCircuits",
                        "spanSlots",
                        "maxInHand",
                        "tolerancePercent",
                        "turnsPerCoil",
                        "wires[1].name",
                        "reason");
    }
}
