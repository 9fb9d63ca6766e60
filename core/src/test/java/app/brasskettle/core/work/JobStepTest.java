package app.brasskettle.core.work;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.testkind.TestKind;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class JobStepTest {

    @Test
    void stationsToComeAreShownNowhereUntilTheyHaveAStep() {
        assertThat(JobStep.stations())
                .containsExactly(
                        Station.RECEIVE,
                        Station.BENCH,
                        Station.TEARDOWN,
                        Station.CAUSE,
                        Station.WINDING,
                        Station.CHOOSE,
                        Station.REWIND,
                        Station.PROVE,
                        Station.RELEASE);
    }

    @Test
    void noTwoStepsShareAPlace() {
        List<String> places = new ArrayList<>(JobStep.paths());
        for (TestKind kind : TestKinds.all()) {
            if (!kind.checksTester()) {
                places.add(kind.step(1));
                places.add(kind.step(2));
            }
        }
        assertThat(places).doesNotHaveDuplicates();
    }

    @Test
    void aStepLiesBelowItsStationOrIsTheWholeOfIt() {
        for (JobStep step : JobStep.values()) {
            boolean below = step.path().startsWith(step.station().code() + "/");
            assertThat(below || !step.path().contains("/")).as(step.path()).isTrue();
        }
    }

    @Test
    void everyTestIsTakenAtAStationThatIsThere() {
        assertThat(TestKinds.all())
                .allSatisfy(k -> assertThat(JobStep.stations()).contains(k.station()));
    }
}
