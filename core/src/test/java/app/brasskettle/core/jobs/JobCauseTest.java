package app.brasskettle.core.jobs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.cause.EarlierFailure;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.cause.Explanation;
import app.brasskettle.core.cause.FailureRanking;
import app.brasskettle.core.instruments.MotorFault;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.teardown.CoilMap;
import app.brasskettle.core.teardown.GroupState;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.Station;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Evidence of a job and what it makes likely: gathered, added, struck, read from the map, brought by earlier visits. */
class JobCauseTest {

    private static List<String> codes(JobAssessment reading) {
        return reading.evidence().stream().map(JobAssessment.Piece::code).toList();
    }

    @Test
    void evidenceCanBeAddedAndStruck() {
        Job job = new Job().received().safe().tested(MotorFault.MOISTURE);
        job.added = List.of(Evidence.WINDING_WET);
        double with = job.read().ranking().ranking().get(0).probability();
        assertThat(job.read().ranking().ranking().get(0).explanation()).isEqualTo("moisture-or-dirt");
        job.struck = Set.of("winding-wet", "absorption-flat", "insulation-stop");
        JobAssessment reading = job.read();
        assertThat(reading.evidence()).filteredOn(JobAssessment.Piece::struck).hasSizeGreaterThanOrEqualTo(2);
        assertThat(reading.ranking().ranking().get(0).probability()).isLessThan(with);
    }

    @Test
    void theCoilMapSpeaksForItself() {
        Job job = new Job().received();
        List<GroupState> groups = new ArrayList<>();
        for (int g = 0; g < 12; g++) {
            groups.add(g % 3 == 2 ? GroupState.BRIGHT : GroupState.DARK);
        }
        job.map = Optional.of(new CoilMap(Connection.WYE, 4, groups, List.of()));
        JobAssessment reading = job.read();
        assertThat(reading.ranking().ranking().get(0).explanation()).isEqualTo("lost-phase");
        assertThat(reading.stations())
                .filteredOn(s -> s.station() == Station.TEARDOWN)
                .singleElement()
                .extracting(JobAssessment.StationAssessment::verdict)
                .isEqualTo(Verdict.HOLDS);
    }

    /** Bearings that were called rough and then struck are neither rough nor quiet: exactly their decibans leave the sum. */
    @Test
    void aStruckPieceDoesNotCountAsQuietOnAnOpenMotor() {
        Job job = new Job().received();
        job.map = Optional.of(new CoilMap(Connection.WYE, 4, Collections.nCopies(12, GroupState.BRIGHT), List.of()));
        job.added = List.of(Evidence.BEARING_ROUGH);
        FailureRanking whole = job.read().ranking();
        double rough = sum(whole, "bearing-wear").forPieces().stream()
                .filter(p -> p.code().equals("bearing-rough"))
                .findFirst()
                .orElseThrow()
                .decibans();
        FailureRanking supposed = JobAssessment.whatIf(job.record(), Set.of("bearing-rough"), List.of());
        job.struck = Set.of("bearing-rough");
        FailureRanking struck = job.read().ranking();
        assertThat(sum(whole, "bearing-wear").sumDecibans()
                        - sum(struck, "bearing-wear").sumDecibans())
                .isCloseTo(rough, within(1e-9));
        assertThat(supposed).isEqualTo(struck);
    }

    /** Two sides of a delta in series read twice the third alone: 1 to 1 to 2. */
    @Test
    void aDeltaOpenOnOneSideIsAnOpenJoint() {
        JobAssessment reading = Story.sound()
                .plate(Map.of("connection", "delta"))
                .test(WindingTests.WINDING_RESISTANCE, Story.ohms(1, 1, 2), Optional.empty())
                .read();
        assertThat(codes(reading))
                .contains("resistance-open", "open-inside-winding")
                .doesNotContain("resistance-holds");
        assertThat(reading.ranking().ranking().get(0).explanation()).isEqualTo("open-joint");
    }

    @Test
    void aDeadGroundIsEvidenceOfItsOwnAndAnAgeingOneIsNot() {
        assertThat(codes(Story.sound().insulation(0.04).read())).contains("insulation-stop", "dead-ground");
        assertThat(codes(Story.sound().insulation(0.9).read()))
                .contains("insulation-stop")
                .doesNotContain("dead-ground");
    }

    @Test
    void thePlateSaysHowManyPhasesThereAre() {
        assertThat(codes(Story.sound().read())).contains("three-phase");
        JobAssessment three = Story.sound().read();
        assertThat(sum(three.ranking(), "start-circuit-failure").against())
                .extracting(FailureRanking.Piece::code)
                .contains("three-phase");
    }

    private static FailureRanking.Ranked sum(FailureRanking ranking, String explanation) {
        return ranking.ranking().stream()
                .filter(r -> r.explanation().equals(explanation))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void adviceStandsForEveryExplanationWithTheEvidenceOfTheJob() {
        Job job = new Job().received();
        job.added = List.of(Evidence.COOLING_BLOCKED);
        List<Advice> advice = job.read().advice();
        assertThat(advice).hasSize(Explanation.values().length);
        assertThat(advice.stream()
                        .filter(a -> a.explanation().equals("overload"))
                        .findFirst()
                        .orElseThrow()
                        .roots()
                        .get(0)
                        .shown())
                .containsExactly("cooling blocked");
    }

    private static EarlierFailure earlier(Explanation explanation) {
        return new EarlierFailure("TQ-0307", explanation, "contact burnt", List.of("Fit a phase-loss relay."));
    }

    /** The same cause once more gains what the table says, and nothing else gains or loses. */
    @ParameterizedTest
    @EnumSource(Explanation.class)
    void anEarlierStayWeighsForItsOwnCauseOnly(Explanation cause) {
        Job job = new Job().received();
        job.added = List.of(Evidence.BURNT_SMELL, Evidence.INSULATION_STOP);
        FailureRanking fresh = job.read().ranking();
        job.earlier = List.of(earlier(cause));
        FailureRanking again = job.read().ranking();
        for (Explanation e : Explanation.values()) {
            double gained =
                    sum(again, e.code()).sumDecibans() - sum(fresh, e.code()).sumDecibans();
            if (e == cause) {
                assertThat(gained).isBetween(1.0, 10.0);
            } else {
                assertThat(gained).as(e.code()).isCloseTo(0, within(1e-9));
            }
        }
        assertThat(sum(again, cause.code()).forPieces())
                .anySatisfy(p -> assertThat(p.reason()).isNotBlank().endsWith("."));
    }

    @Test
    void aMotorThatFailedTwiceOfTheSameGainsOnceAndBothStaysAreTold() {
        Job job = new Job().received();
        job.added = List.of(Evidence.BURNT_SMELL);
        job.earlier = List.of(earlier(Explanation.OVERLOAD));
        double once = sum(job.read().ranking(), "overload").sumDecibans();
        job.earlier = List.of(
                earlier(Explanation.OVERLOAD),
                new EarlierFailure("TQ-0207", Explanation.OVERLOAD, "", List.of()),
                earlier(Explanation.TURN_SHORT));
        JobAssessment reading = job.read();
        assertThat(sum(reading.ranking(), "overload").sumDecibans()).isCloseTo(once, within(1e-9));
        assertThat(codes(reading))
                .contains("again-overload", "again-turn-short")
                .doesNotHaveDuplicates();
        assertThat(reading.advice().stream()
                        .filter(a -> a.explanation().equals("overload"))
                        .flatMap(a -> a.earlier().stream())
                        .map(Advice.Before::tag))
                .containsExactly("TQ-0307", "TQ-0207");
    }

    @Test
    void whatWasAdvisedIsAskedAfterAndWhatWasNotIsSettled() {
        EarlierFailure advised = earlier(Explanation.LOST_PHASE);
        assertThat(advised.told()).isEqualTo("lost phase, contact burnt. Advised then: Fit a phase-loss relay.");
        assertThat(advised.next()).isEqualTo("Ask whether it was done.");
        EarlierFailure bare = new EarlierFailure("TQ-0207", Explanation.OVERLOAD, " ", List.of());
        assertThat(bare.told()).isEqualTo("overload. Nothing was advised then.");
        assertThat(bare.next()).startsWith("Settle it");
    }

    /** How it failed before says nothing of how it fails now until something of now is known; and it can be struck. */
    @Test
    void anEarlierStayAloneDecidesNothing() {
        Job job = new Job();
        job.earlier = List.of(earlier(Explanation.OVERLOAD));
        JobAssessment reading = job.read();
        assertThat(reading.ranking().judgement().verdict()).isEqualTo(Verdict.UNPROVEN);
        assertThat(reading.ranking().judgement().headline()).startsWith("No evidence yet");
        assertThat(reading.ranking().looks()).noneMatch(l -> EarlierFailure.isCode(l.code()));
        job.struck = Set.of("again-overload");
        assertThat(sum(job.read().ranking(), "overload").forPieces()).isEmpty();
        assertThat(job.read().evidence()).singleElement().satisfies(p -> {
            assertThat(p.struck()).isTrue();
            assertThat(p.words()).isEqualTo("failed so before: overload, as TQ-0307, contact burnt");
        });
    }

    /** A motor that came back sound last time and fails an electrical test now is not sound again. */
    @Test
    void foundSoundBeforeNeverOutweighsAFailedTest() {
        Job job = new Job().received().safe().tested(MotorFault.GROUND);
        job.earlier = List.of(earlier(Explanation.NO_FAULT_FOUND));
        assertThat(sum(job.read().ranking(), "no-fault-found").probability()).isLessThan(0.001);
    }
}
