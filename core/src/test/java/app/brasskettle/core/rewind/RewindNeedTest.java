package app.brasskettle.core.rewind;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.JobStep;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The table of gates, tried with facts in every mixture. */
class RewindNeedTest {

    private static final Judgement GOOD = new Judgement(Verdict.HOLDS, "good", "", "", "");
    private static final Judgement BAD = new Judgement(Verdict.STOP, "bad", "", "", "do it");

    private static RewindFacts facts(Random r, double good) {
        return new RewindFacts(
                r.nextDouble() < good,
                r.nextDouble() < good,
                "shut",
                r.nextDouble() < good,
                r.nextDouble() < good,
                "open",
                r.nextDouble() < good,
                r.nextDouble() < good,
                r.nextDouble() < good,
                r.nextDouble() < good,
                r.nextBoolean(),
                judged(r, good),
                r.nextDouble() < good ? Optional.of(Verdict.WATCH) : Optional.of(Verdict.UNPROVEN),
                r.nextDouble() < good,
                judged(r, good),
                r.nextDouble() < good,
                judged(r, good),
                judged(r, good),
                r.nextDouble() < good ? Optional.empty() : Optional.of("Burnt"));
    }

    private static Optional<Judgement> judged(Random r, double good) {
        return r.nextDouble() < good ? Optional.of(GOOD) : r.nextBoolean() ? Optional.of(BAD) : Optional.empty();
    }

    @ParameterizedTest
    @EnumSource(RewindNeed.class)
    void everyRowHoldsItsStepsWithAWayOut(RewindNeed need) {
        Random random = new Random(need.ordinal());
        boolean seen = false;
        for (int n = 0; n < 400; n++) {
            RewindFacts facts = facts(random, 0.7);
            for (JobStep step : JobStep.values()) {
                for (RewindNeed.Hold hold : RewindNeed.holding(step, facts)) {
                    assertThat(hold.code().holds()).contains(step);
                    assertThat(hold.sentence()).isNotBlank();
                    assertThat(hold.opens()).isNotBlank();
                    assertThat(hold.step()).isNotBlank();
                    seen |= hold.code() == need;
                }
            }
        }
        assertThat(seen).as(need + " holds something").isTrue();
    }

    /** No mixture of facts strips a motor nobody chose to rewind, or lays coils into a core that was not measured since. */
    @Test
    void noMixtureOpensWhatHurts() {
        Random random = new Random(2);
        for (int n = 0; n < 20_000; n++) {
            RewindFacts f = facts(random, 0.9);
            if (RewindNeed.holding(JobStep.STRIPPING, f).isEmpty()) {
                assertThat(f.rewindChosen()
                                && f.asbestosCleared()
                                && f.windingSettled()
                                && f.mayOpen()
                                && f.coreTested())
                        .isTrue();
            }
            if (f.rewindChosen() && RewindNeed.holding(JobStep.INSERTION, f).isEmpty()) {
                assertThat(!f.present()
                                && f.coreGood()
                                && f.designed()
                                && f.backToChoose().isEmpty())
                        .isTrue();
            }
            if (f.rewindChosen() && RewindNeed.holding(JobStep.VARNISH, f).isEmpty()) {
                assertThat(RewindFacts.good(f.connected()) && RewindFacts.good(f.proved()))
                        .isTrue();
            }
        }
    }
}
