package app.brasskettle.core.findings;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.findings.Findings.Finding;
import app.brasskettle.core.findings.Findings.FindingPlace;
import app.brasskettle.core.findings.Findings.Severity;
import app.brasskettle.core.verdict.Verdict;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FindingsTest {

    private static Finding found(String component, String condition, Severity severity) {
        FindingPlace place =
                Condition.find(component, condition).orElseThrow().places().get(0);
        return new Finding(component, place, Optional.of(condition), severity, Optional.empty());
    }

    private static FindingsAssessment read(Finding... findings) {
        return FindingsAssessment.of(
                new Findings(List.of(findings), Optional.empty(), Optional.empty(), Optional.empty()));
    }

    /** What a finding says to the cause, and what it says when it is severe. */
    @ParameterizedTest
    @CsvSource({
        "rolling bearing, fatigue, MODERATE, BEARING_ROUGH, STOP",
        "rolling bearing, fatigue, SEVERE, BEARING_DESTROYED, STOP",
        "rolling bearing, electrical-fluting, SEVERE, BEARING_FLUTED, STOP",
        "grease, none, SLIGHT, GREASE_DRY, STOP",
        "winding, coating, MODERATE, WINDING_DIRTY, WATCH",
        "winding, looks-sound, SEVERE, WINDING_LOOKS_SOUND, HOLDS",
        "rotor, aluminium-thrown, SLIGHT, ROTOR_ALUMINIUM_THROWN, STOP",
        "stator core, drag, MODERATE, ROTOR_DRAG_MARKS, STOP",
        "seal, dry, MODERATE, , WATCH"
    })
    void aFindingIsJudgedAndCounts(
            String component, String condition, Severity severity, Evidence evidence, Verdict verdict) {
        FindingsAssessment r = read(found(component, condition, severity));
        assertThat(r.verdict()).isEqualTo(verdict);
        assertThat(r.evidence()).isEqualTo(evidence == null ? List.of() : List.of(evidence));
        assertThat(r.unlooked()).doesNotContain(component);
    }

    @Test
    void everyConditionHasPlacesANextStepAndOneName() {
        assertThat(Condition.all()).allSatisfy(c -> {
            assertThat(c.places()).isNotEmpty();
            assertThat(c.next()).isNotBlank();
        });
        assertThat(Condition.all().stream().map(c -> c.component() + " " + c.condition()))
                .doesNotHaveDuplicates();
    }

    /** Every piece of evidence that a look at an open motor can bring is brought by some finding. */
    @Test
    void theListsReachEveryFindingTheCauseKnows() {
        List<Evidence> reached = Condition.all().stream()
                .flatMap(c -> java.util.stream.Stream.concat(c.evidence().stream(), c.severeEvidence().stream()))
                .distinct()
                .toList();
        assertThat(reached)
                .containsAll(Arrays.stream(Evidence.values())
                        .filter(e -> e.ordinal() >= Evidence.BURNT_SMELL.ordinal()
                                && e.ordinal() <= Evidence.JOINT_OVERHEATED.ordinal())
                        .toList());
    }

    /** The table is read anew here: from the severity in its column on it is Stop, below it Watch. */
    @ParameterizedTest
    @CsvSource({
        "fan, loose, MODERATE",
        "seal, dry, SEVERE",
        "rolling bearing, fatigue, SLIGHT",
        "grease, fresh,",
        "grease, burnt, MODERATE"
    })
    void stopBeginsAtTheSeverityOfTheTable(String component, String condition, Severity stop) {
        Condition c = Condition.all().stream()
                .filter(k -> k.component().equals(component) && k.condition().equals(condition))
                .findFirst()
                .orElseThrow();
        for (Severity severity : Severity.values()) {
            assertThat(c.verdict(severity) == Verdict.STOP)
                    .as(component + " " + condition + ", " + severity)
                    .isEqualTo(stop != null && severity.compareTo(stop) >= 0);
        }
    }

    @Test
    void aWorseFindingIsNeverJudgedMilder() {
        for (Condition c : Condition.all()) {
            List<Verdict> rising =
                    Arrays.stream(Severity.values()).map(c::verdict).toList();
            assertThat(rising).as(c.component() + " " + c.condition()).isSorted();
        }
    }

    @Test
    void copperBeadsOutweighABrightLook() {
        assertThat(read(
                                found("winding", "looks-sound", Severity.MODERATE),
                                found("winding", "copper-beads", Severity.SLIGHT))
                        .evidence())
                .containsExactly(Evidence.COPPER_BEADS);
    }

    @Test
    void aShortSpinNamesDragAndWideEndPlayTheWasher() {
        FindingsAssessment r =
                FindingsAssessment.of(new Findings(List.of(), Optional.of(0.51), Optional.of(4.9), Optional.of(22.0)));
        assertThat(r.lines().get(0).headline()).isEqualTo("End play 0.51 mm, over 0.5 mm");
        assertThat(r.lines().get(1).headline()).isEqualTo("Spins down in 22 s, before 4.9 s");
        assertThat(r.lines().get(1).verdict()).isEqualTo(Verdict.HOLDS);
        FindingsAssessment before =
                FindingsAssessment.of(new Findings(List.of(), Optional.empty(), Optional.of(4.9), Optional.empty()));
        assertThat(before.verdict()).isEqualTo(Verdict.WATCH);
    }

    @Test
    void refusesWhatNoListHas() {
        assertThat(Refusals.fields(() -> new Finding(
                        "flux capacitor", FindingPlace.ROTOR, Optional.of("dry"), Severity.MODERATE, Optional.empty())))
                .containsExactly("component");
        assertThat(Refusals.fields(() -> new Finding(
                        "seal", FindingPlace.ROTOR, Optional.of("blued"), Severity.MODERATE, Optional.empty())))
                .containsExactly("condition");
        assertThat(Refusals.fields(() ->
                        new Finding("seal", FindingPlace.ROTOR, Optional.empty(), Severity.MODERATE, Optional.of(" "))))
                .containsExactly("note");
        assertThat(Refusals.fields(
                        () -> new Findings(List.of(), Optional.of(-0.1), Optional.of(0.0), Optional.of(3601.0))))
                .containsExactlyInAnyOrder("endPlayMm", "spinDownBeforeSeconds", "spinDownAfterSeconds");
    }
}
