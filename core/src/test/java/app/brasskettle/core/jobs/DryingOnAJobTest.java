package app.brasskettle.core.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.choice.ChosenOption;
import app.brasskettle.core.choice.ComparedOption;
import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.drying.DryingCurve;
import app.brasskettle.core.instruments.MotorFault;
import app.brasskettle.core.insulation.InsulationSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class DryingOnAJobTest {

    /** A damp motor whose cause is known and whose options are priced. */
    private static Job wet() {
        Job job = new Job().received().safe().tested(MotorFault.MOISTURE);
        job.concluded = Optional.of("moisture or dirt");
        job.priced = true;
        job.chosen = Optional.of(new ChosenOption(OptionKind.RECONDITION, "Recondition", Optional.empty()));
        return job;
    }

    private static DryingCurve read(double... megohmByTwoHours) {
        List<DryingCurve.Reading> readings = new ArrayList<>();
        for (double megohm : megohmByTwoHours) {
            readings.add(new DryingCurve.Reading(2.0 * readings.size(), megohm, 40, Optional.empty()));
        }
        return new DryingCurve(InsulationSystem.THERMOSETTING, 5, readings);
    }

    private static boolean reconditionOpen(Job job) {
        return job.read().choice().orElseThrow().options().stream()
                .filter(o -> o.kind() == OptionKind.RECONDITION)
                .allMatch(ComparedOption::open);
    }

    @Test
    void aWetMotorIsDriedTestedAnewOrSentBackToChoose() {
        Job job = wet();
        assertThat(job.read().stations().stream().flatMap(s -> s.steps().stream()))
                .anyMatch(s -> s.step().equals("choose/drying"));
        job.drying = Optional.of(read(1, 0.3, 2));
        assertThat(job.read().next().step()).isEqualTo("choose/drying");
        assertThat(reconditionOpen(job)).isTrue();
        job.drying = Optional.of(read(1, 0.3, 8, 8.1, 8.2));
        assertThat(job.read().next().step()).isEqualTo("bench/insulation");
        job.drying = Optional.of(read(1, 0.3, 2, 2, 2));
        assertThat(job.read().next().sentence()).contains("Choose again");
        assertThat(reconditionOpen(job))
                .as("level and low: cleaning is no way any more")
                .isFalse();
    }

    @Test
    void whoeverChoseAnotherWayIsNotSentBackToTheOven() {
        Job job = wet();
        job.drying = Optional.of(read(1, 0.3, 2, 2, 2));
        job.chosen = Optional.of(new ChosenOption(OptionKind.REWIND, "Rewind", Optional.empty()));
        assertThat(job.read().next().sentence()).isEqualTo("Take the winding data before stripping");
    }

    /** The wettest winding of all, with dew on it, proves nothing by its figure: drying is what it needs, whatever it read. */
    @Test
    void aWindingUnderTheDewPointIsOfferedDrying() {
        for (double megohm : new double[] {0.4, 900}) {
            Story story = Story.sound().insulationInDamp(megohm, 14, 20, 90);
            assertThat(offersDrying(story))
                    .as("%s MΩ under the dew point", megohm)
                    .isTrue();
        }
        assertThat(offersDrying(Story.sound())).as("a dry one").isFalse();
        assertThat(offersDrying(Story.sound().insulationInDamp(900, 22, 20, 90)))
                .as("warmer than the dew point")
                .isFalse();
    }

    private static boolean offersDrying(Story story) {
        return story.read().stations().stream()
                .flatMap(s -> s.steps().stream())
                .anyMatch(s -> s.step().equals("choose/drying"));
    }
}
