package app.brasskettle.core.redesign;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.redesign.ConcentricGroup.ConcentricCoil;
import app.brasskettle.core.redesign.RewindQuestion.OldWinding;
import app.brasskettle.core.redesign.RewindQuestion.StockWire;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.worksheet.Problem;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RedesignTest {

    private static final List<StockWire> RACK = List.of(new StockWire("1.00", 1.0), new StockWire("0.80", 0.8));

    private static RewindDesign design(int turns, double area, WindingBasis from, WindingBasis to) {
        OldWinding old = new OldWinding(
                from.ratedVoltageV(),
                from.frequencyHz(),
                from.connection(),
                from.parallelCircuits(),
                from.windingFactor(),
                turns,
                area);
        return RewindDesignWorksheet.create().work().apply(new RewindQuestion(old, to, RACK, 4, 5));
    }

    private static WindingBasis basis(double volts, double hz, WindingConnection connection, int circuits, double kw) {
        return new WindingBasis(volts, hz, connection, circuits, kw);
    }

    /** Flux is E/(4.44·f·N·kw), N = slots/3·turns/circuits: the same before and after, up to the rounding that is told. */
    @Test
    void theFluxIsKeptUpToTheRoundingThatIsTold() {
        Random random = new Random(3);
        for (int i = 0; i < 500; i++) {
            WindingBasis from = random(random);
            WindingBasis to = random(random);
            int turns = 1 + random.nextInt(200);
            RewindDesign d = design(turns, 3, from, to);
            double before = flux(from, turns);
            assertThat(flux(to, d.turnsExact())).isCloseTo(before, within(before * 1e-12));
            assertThat(flux(to, d.turnsPerCoil()) / before - 1).isCloseTo(d.fluxChangePercent() / 100, within(1e-9));
            assertThat(d.conductorAreaTargetMm2() * d.turnsPerCoil()).isCloseTo(3.0 * turns, within(1e-9 * turns));
            assertThat(d.verdict()).isEqualTo(Math.abs(d.fluxChangePercent()) > 3 ? Verdict.WATCH : Verdict.HOLDS);
        }
    }

    private static double flux(WindingBasis b, double turns) {
        double phase = b.connection() == WindingConnection.WYE ? b.ratedVoltageV() / Math.sqrt(3) : b.ratedVoltageV();
        return phase / (4.44 * b.frequencyHz() * turns / b.parallelCircuits() * b.windingFactor());
    }

    private static WindingBasis random(Random random) {
        return basis(
                100 + 900 * random.nextDouble(),
                random.nextBoolean() ? 50 : 60,
                random.nextBoolean() ? WindingConnection.WYE : WindingConnection.DELTA,
                1 + random.nextInt(4),
                0.8 + 0.2 * random.nextDouble());
    }

    @ParameterizedTest
    @CsvSource({"12.5, 13", "12.499, 12", "0.2, 1", "12.4999999999999, 13"})
    void halvesGoUpAndNoCoilHasNoTurns(double exact, long turns) {
        assertThat(WholeTurns.of(exact).turns()).isEqualTo(turns);
    }

    /** Three coils of 7, 9 and 11 slots on 36 slots, four poles: the factor of three coils 20° apart, 0.9598. */
    @Test
    void aConcentricGroupOfEqualTurnsHasTheFactorOfItsSpread() {
        LapForConcentric lap = ConcentricToLapWorksheet.create()
                .work()
                .apply(new ConcentricGroup(
                        36,
                        4,
                        2,
                        1,
                        List.of(new ConcentricCoil(7, 30), new ConcentricCoil(9, 30), new ConcentricCoil(11, 30)),
                        8,
                        1));
        assertThat(lap.concentricWindingFactor()).isCloseTo(0.9598, within(5e-5));
        assertThat(lap.turnsPerCoil()).isEqualTo(15);
        // What counts is the same before and after the rounding: poles·coils·turns·kw/circuits.
        assertThat(4 * lap.coilsPerGroup() * lap.turnsExact() * lap.lapWindingFactor())
                .isCloseTo(lap.effectiveTurnsPerPhase(), within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "30, 4, 2, 1, 7, 9, 8, 1, slots",
        "36, 4, 3, 1, 7, 9, 8, 1, groupsPerPhase",
        "36, 4, 2, 4, 7, 9, 8, 1, parallelCircuits",
        "36, 4, 2, 1, 7, 14, 8, 1, coils[1].spanSlots",
        "36, 4, 2, 1, 7, 7, 8, 1, coils[1].spanSlots",
        "36, 4, 2, 1, 7, 8, 8, 1, coils[1].spanSlots",
        "36, 4, 2, 1, 7, 9, 14, 1, lapSpanSlots",
        "36, 4, 2, 1, 7, 9, 8, 3, lapParallelCircuits",
        "36, 5, 2, 1, 7, 9, 8, 1, poles"
    })
    void whatCannotBeIsRefusedWhereItIs(
            int slots,
            int poles,
            int groups,
            int circuits,
            int one,
            int two,
            int lapSpan,
            int lapCircuits,
            String field) {
        assertThat(Refusals.of(() -> new ConcentricGroup(
                        slots,
                        poles,
                        groups,
                        circuits,
                        List.of(new ConcentricCoil(one, 20), new ConcentricCoil(two, 20)),
                        lapSpan,
                        lapCircuits)))
                .extracting(Problem::field)
                .contains(field);
    }

    @Test
    void aRackThatIsEmptyOrNamesAWireTwiceIsRefused() {
        WindingBasis to = basis(400, 50, WindingConnection.WYE, 1, 0.9);
        OldWinding from = new OldWinding(400, 50, WindingConnection.WYE, 1, 0.9, 10, 2);
        assertThat(Refusals.of(() -> new RewindQuestion(from, to, List.of(), 4, 3)))
                .extracting(Problem::field)
                .contains("stock");
        assertThat(Refusals.of(() ->
                        new RewindQuestion(from, to, List.of(new StockWire("a", 1), new StockWire("a", 2)), 13, -1)))
                .extracting(Problem::field)
                .containsExactlyInAnyOrder("stock[1].name", "maxInHand", "tolerancePercent");
    }
}
