package app.brasskettle.core.cause;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.casebook.SyntheticCases;
import app.brasskettle.core.casebook.SyntheticFailure;
import app.brasskettle.core.casebook.Trial;
import app.brasskettle.core.catalogue.WorksheetCatalogue;
import app.brasskettle.core.resistance.Connection;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CauseTrialTest {

    private static final Set<Evidence> FAILED_TESTS = EnumSet.of(
            Evidence.INSULATION_STOP,
            Evidence.RESISTANCE_OPEN,
            Evidence.RESISTANCE_UNBALANCED,
            Evidence.RESISTANCE_INTERMITTENT,
            Evidence.BALANCE_FOLLOWS_WINDING,
            Evidence.BALANCE_FOLLOWS_ROTOR,
            Evidence.SURGE_PHASE_DIFFERS,
            Evidence.RUN_CURRENT_HIGH,
            Evidence.SHAFT_CURRENT_HIGH);

    /** Seeds that no weight was looked at with. */
    @ParameterizedTest
    @ValueSource(longs = {2026, 1126})
    void findsMadeUpFailuresAndIsAsSureAsItShouldBe(long seed) {
        Trial trial = Trial.of(SyntheticCases.failures(2000, seed));
        assertThat(trial.first()).isGreaterThan(0.80);
        assertThat(trial.firstThree()).isGreaterThan(0.95);
        assertThat(trial.calibrationError()).isLessThan(0.05);
        assertThat(trial.noFaultDespiteFailedTest()).isZero();
        assertThat(trial.byRoot()).hasSize(Explanation.values().length);
        assertThat(trial.bins().stream().mapToInt(Trial.Bin::cases).sum()).isEqualTo(2000);
    }

    @Test
    void aTrialCountsWhatItShould() {
        List<SyntheticFailure> failures = SyntheticCases.failures(300, 7);
        Trial trial = Trial.of(failures);
        int right =
                trial.byRoot().values().stream().mapToInt(Trial.Found::first).sum();
        int wrong = trial.byRoot().values().stream()
                .flatMap(f -> f.takenFor().values().stream())
                .mapToInt(Integer::intValue)
                .sum();
        assertThat(right + wrong).isEqualTo(300);
        assertThat(trial.first()).isCloseTo(right / 300.0, within(1e-12));
        // A trial whose roots are dealt out anew finds them no better than chance: the table does the work, not the
        // count.
        List<SyntheticFailure> dealt = new ArrayList<>();
        for (int i = 0; i < failures.size(); i++) {
            dealt.add(new SyntheticFailure(
                    failures.get((i + 37) % 300).root(), failures.get(i).found()));
        }
        assertThat(Trial.of(dealt).first()).isLessThan(0.25);
    }

    @Test
    void theSameSeedMakesTheSameFailures() {
        assertThat(SyntheticCases.failures(50, 3))
                .isEqualTo(SyntheticCases.failures(50, 3))
                .isNotEqualTo(SyntheticCases.failures(50, 4));
    }

    /** Whatever else is found, a motor that fails an electrical test has a fault. */
    @Test
    void noHeapOfSoundSignsMakesAFailedTestNoFault() {
        Random random = new Random(12);
        for (int i = 0; i < 3000; i++) {
            List<Evidence> some = new ArrayList<>(Arrays.asList(Evidence.values()));
            some.removeAll(FAILED_TESTS);
            Collections.shuffle(some, random);
            List<Evidence> found = new ArrayList<>(some.subList(0, random.nextInt(some.size())));
            found.add(List.copyOf(FAILED_TESTS).get(random.nextInt(FAILED_TESTS.size())));
            FailureRanking ranking = WorksheetCatalogue.FAILURE_PATTERN
                    .work()
                    .apply(new FailurePattern(Connection.UNKNOWN, 4, List.of(), List.of(), found));
            assertThat(ranking.ranking().get(0).explanation())
                    .as(found.toString())
                    .isNotEqualTo("no-fault-found");
        }
    }
}
