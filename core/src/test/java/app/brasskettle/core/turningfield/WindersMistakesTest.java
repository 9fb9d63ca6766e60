package app.brasskettle.core.turningfield;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.casebook.WoundStators;
import app.brasskettle.core.instruments.WindersMistake;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What the turning field finds of the mistakes a winder makes, over designs, connections and seeds of the model. */
class WindersMistakesTest {

    private static final int SEEDS = 6;

    private static double percent(List<FieldResult> all, Verdict verdict) {
        return 100.0
                * all.stream().filter(r -> r.judgement().verdict() == verdict).count()
                / all.size();
    }

    @ParameterizedTest
    @EnumSource(WindersMistake.class)
    void findsEachMistake(WindersMistake mistake) {
        assertThat(percent(WoundStators.read(Optional.of(mistake), SEEDS), Verdict.STOP))
                .as("percent of %s stopped", mistake.label())
                .isGreaterThanOrEqualTo(95);
    }

    @Test
    void raisesNoAlarmOnSoundWindings() {
        List<FieldResult> sound = WoundStators.read(Optional.empty(), SEEDS);
        assertThat(100 - percent(sound, Verdict.HOLDS)).isLessThan(2);
    }
}
