package app.brasskettle.core.insulation;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CircuitsWorksheetTest {

    private static CircuitsTest at40(double seconds, double... megohms) {
        List<CircuitsTest.Circuit> circuits = new ArrayList<>();
        for (double m : megohms) {
            circuits.add(new CircuitsTest.Circuit("c" + (circuits.size() + 1), seconds, m, Optional.empty()));
        }
        return new CircuitsTest(
                400, WindingKind.RANDOM_WOUND, InsulationSystem.THERMOSETTING, false, InsulationClass.F, 40, circuits);
    }

    private static CircuitsResult of(CircuitsTest test) {
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

    /** Each circuit is judged as the whole winding would be: no other rule. */
    @Test
    void eachCircuitIsJudgedAsAWholeWindingIs() {
        CircuitsTest test = at40(60, 900, 12, 3);
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
        assertThat(Refusals.fields(() -> new CircuitsTest(
                        400,
                        WindingKind.RANDOM_WOUND,
                        InsulationSystem.THERMOSETTING,
                        false,
                        InsulationClass.F,
                        40,
                        List.of(
                                new CircuitsTest.Circuit("a", 60, 1, Optional.empty()),
                                new CircuitsTest.Circuit("a", 60, 1, Optional.empty())))))
                .containsExactly("circuits[1].circuit");
    }
}
