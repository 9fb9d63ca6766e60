package app.brasskettle.core.insulation;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CircuitsWorksheetTest {

    private static CircuitReadings at40(double seconds, double... megohms) {
        List<CircuitReadings.Circuit> circuits = new ArrayList<>();
        for (double m : megohms) {
            circuits.add(new CircuitReadings.Circuit("c" + (circuits.size() + 1), seconds, m, Optional.empty()));
        }
        return new CircuitReadings(
                400, WindingKind.RANDOM_WOUND, InsulationSystem.THERMOSETTING, false, InsulationClass.F, 40, circuits);
    }

    private static CircuitsResult of(CircuitReadings test) {
        return CircuitsWorksheet.create(InsulationLimits.standard()).work().apply(test);
    }

    /** At 40 °C no correction; 5 MΩ is the least of a random winding (IEEE Std 43-2013); a tenth of the best is watched. */
    @ParameterizedTest
    @CsvSource({
        "900, 870, 850, HOLDS, c3",
        "900, 870, 89, WATCH, c3",
        "900, 870, 90, HOLDS, c3",
        "900, 4.9, 850, STOP, c2",
        "0, 870, 850, STOP, c1"
    })
    void theWorstCircuitJudgesAndIsNamed(double a, double b, double c, Verdict verdict, String worst) {
        CircuitsResult r = of(at40(60, a, b, c));
        assertThat(r.verdict()).isEqualTo(verdict);
        assertThat(r.judgement().headline()).startsWith("Worst is " + worst);
    }

    @Test
    void oneCircuitFarUnderItsSistersIsNamedWithItsShare() {
        CircuitsResult odd = of(at40(60, 89, 870, 900));
        assertThat(odd.judgement().because()).startsWith("Circuit c1 reads 0.099 of the best one");
        assertThat(odd.judgement().next()).contains("Part that circuit");
        CircuitsResult alike = of(at40(60, 870, 900, 850));
        assertThat(alike.judgement().because()).doesNotContain("of the best one");
        assertThat(alike.judgement().next()).doesNotContain("Part that circuit");
        assertThat(of(at40(60, 850, 870, 900)).highestOverLowest()).isEqualTo(900 / 850.0);
        assertThat(of(at40(60, 4.8, 4.9, 900)).judgement().headline())
                .as("of two that stop, the lower")
                .startsWith("Worst is c1");
        assertThat(of(at40(60, 4.9, 4.8, 900)).judgement().headline()).startsWith("Worst is c2");
    }

    /** Nobody may waive copper on the frame or on another circuit, whichever circuit it is. */
    @ParameterizedTest
    @CsvSource({"0.05, 900, 40, true", "900, 0.05, 40, true", "900, 0.051, 40, false", "900, 0.065, 20, true"})
    void aDeadCircuitIsADeadGround(double a, double b, double celsius, boolean dead) {
        CircuitReadings at40 = at40(60, a, b);
        CircuitReadings test = new CircuitReadings(
                400,
                WindingKind.RANDOM_WOUND,
                InsulationSystem.THERMOSETTING,
                false,
                InsulationClass.F,
                celsius,
                at40.circuits());
        assertThat(of(test).deadGround()).isEqualTo(dead);
    }

    /** A tester proves itself: over its range with the leads apart, at most 50 kΩ with them together. */
    @ParameterizedTest
    @CsvSource({
        "true, 0, HOLDS, Tester proved",
        "true, 0.05, HOLDS, Tester proved",
        "true, 0.051, STOP, does not see its own leads",
        "false, 0, STOP, Tester leaks"
    })
    void aTesterThatDoesNotProveItselfStops(boolean apart, double together, Verdict verdict, String said) {
        Judgement judged = new TesterProof(2000, apart, together).judge();
        assertThat(judged.verdict()).isEqualTo(verdict);
        assertThat(judged.headline()).contains(said);
    }

    /** Each circuit is judged as the whole winding would be: no other rule. */
    @Test
    void eachCircuitIsJudgedAsAWholeWindingIs() {
        CircuitReadings test = at40(60, 900, 12, 3);
        List<Verdict> alone = test.circuits().stream()
                .map(c -> InsulationWorksheet.create(InsulationLimits.standard())
                        .work()
                        .apply(test.alone(c))
                        .verdict())
                .toList();
        assertThat(of(test).circuits())
                .extracting(CircuitsResult.CircuitReading::verdict)
                .containsExactlyElementsOf(alone);
    }

    @Test
    void refusesOneCircuitAndOneNameTwice() {
        assertThat(Refusals.fields(() -> at40(60, 900))).containsExactly("circuits");
        assertThat(Refusals.fields(() -> new CircuitReadings(
                        400,
                        WindingKind.RANDOM_WOUND,
                        InsulationSystem.THERMOSETTING,
                        false,
                        InsulationClass.F,
                        40,
                        List.of(
                                new CircuitReadings.Circuit("a", 60, 1, Optional.empty()),
                                new CircuitReadings.Circuit("a", 60, 1, Optional.empty())))))
                .containsExactly("circuits[1].circuit");
    }
}
