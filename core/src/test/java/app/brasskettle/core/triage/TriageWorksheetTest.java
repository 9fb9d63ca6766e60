package app.brasskettle.core.triage;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.triage.TriageInspection.Ring;
import app.brasskettle.core.triage.TriageInspection.Shaft;
import app.brasskettle.core.triage.TriageInspection.Sight;
import app.brasskettle.core.triage.TriageResult.Answer;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TriageWorksheetTest {

    private static TriageResult of(Shaft shaft, double megohm, Ring ring, Sight... eye) {
        return TriageWorksheet.create()
                .work()
                .apply(new TriageInspection(
                        "P-7",
                        shaft,
                        Optional.empty(),
                        List.of(900.0, megohm, 700.0),
                        ring,
                        Optional.of(List.of(eye))));
    }

    /** Shop rule: under 1 MΩ unfit, under 30 MΩ doubtful; the lowest lead judges, whatever the others read. */
    @ParameterizedTest
    @CsvSource({
        "FREE, 30, SETS, SOUND",
        "FREE, 29.9, SETS, DOUBTFUL",
        "FREE, 1, SETS, DOUBTFUL",
        "FREE, 0.99, SETS, UNFIT",
        "ROUGH, 500, SETS, DOUBTFUL",
        "BINDS, 500, SETS, UNFIT",
        "FREE, 500, ODD, DOUBTFUL",
        "FREE, 500, OPEN, UNFIT"
    })
    void aMinuteTellsSoundDoubtfulOrUnfit(Shaft shaft, double megohm, Ring ring, Answer answer) {
        assertThat(of(shaft, megohm, ring).answer()).isEqualTo(answer);
    }

    @ParameterizedTest
    @CsvSource({"BURNT, UNFIT", "WET, DOUBTFUL", "DIRTY, DOUBTFUL", "BROKEN, DOUBTFUL"})
    void theEyeCounts(Sight sight, Answer answer) {
        assertThat(of(Shaft.FREE, 500, Ring.SETS, sight).answer()).isEqualTo(answer);
    }

    @Test
    void everyReasonIsNamedAndTheNextStepWithIt() {
        TriageResult r = of(Shaft.BINDS, 0.2, Ring.SETS, Sight.WET);
        assertThat(r.judgement().headline()).contains("shaft binds", "0.2 MΩ, under 1 MΩ", "wet");
        assertThat(of(Shaft.FREE, 12, Ring.SETS).judgement().next()).startsWith("Clean and dry it");
        assertThat(of(Shaft.FREE, 500, Ring.SETS).judgement().next()).contains("15 minutes");
    }

    @Test
    void theTesterIsSetByThePlateWhereThereIsOne() {
        assertThat(of(Shaft.FREE, 500, Ring.SETS).testVoltageV()).isEqualTo(500);
        TriageInspection high = new TriageInspection(
                "P-8", Shaft.FREE, Optional.of(3300.0), List.of(500.0), Ring.SETS, Optional.empty());
        assertThat(TriageWorksheet.create().work().apply(high).testVoltageV()).isEqualTo(1000);
    }

    @Test
    void refusesALookThatIsNone() {
        assertThat(Refusals.fields(() -> new TriageInspection(" ", null, Optional.of(0.0), List.of(), null, null)))
                .containsExactlyInAnyOrder("mark", "shaft", "ratedVoltageV", "megohm", "ring");
    }
}
