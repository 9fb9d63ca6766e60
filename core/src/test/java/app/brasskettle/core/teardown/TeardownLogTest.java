package app.brasskettle.core.teardown;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.teardown.TeardownLog.LoggedPart;
import app.brasskettle.core.teardown.TeardownLog.MatchMark;
import app.brasskettle.core.teardown.TeardownLog.PartEnd;
import app.brasskettle.core.teardown.TeardownLog.PartState;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class TeardownLogTest {

    private static LoggedPart part(int id, UsualPart usual, PartState state) {
        return new LoggedPart(
                id,
                usual.part(),
                usual.end(),
                state,
                usual.small(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static List<MatchMark> everyMark(MotorBuild build) {
        return UsualPart.of(build).stream()
                .filter(UsualPart::joint)
                .map(p -> new MatchMark(p.part(), p.end(), p.end() == PartEnd.NON_DRIVE_END ? "two dots" : "one dot"))
                .toList();
    }

    /** The whole template tapped through, every joint marked first. */
    private static TeardownLog whole(MotorBuild build, PartState state) {
        List<LoggedPart> parts = new ArrayList<>();
        for (UsualPart p : UsualPart.of(build)) {
            parts.add(part(parts.size() + 1, p, state));
        }
        return new TeardownLog(
                Optional.of(build),
                everyMark(build),
                parts,
                Optional.of(TeardownLog.Removal.PULLER),
                Optional.of("races to be judged"),
                Optional.of(84.0));
    }

    private static TeardownLogAssessment read(TeardownLog log, Refit... refits) {
        return TeardownLogAssessment.of(log, List.of(refits), Set.of(), false, false);
    }

    private static Refit fitted(int part) {
        return new Refit(part, "M. Orre", Optional.empty());
    }

    @ParameterizedTest
    @EnumSource(MotorBuild.class)
    void everyBuildComesApartAndGoesTogetherInReverse(MotorBuild build) {
        List<UsualPart> usual = UsualPart.of(build);
        TeardownLogAssessment r = read(whole(build, PartState.GOOD));
        assertThat(usual).extracting(UsualPart::part).contains("Rotor", "Bracket", "Shaft key");
        assertThat(r.toCome()).isEmpty();
        assertThat(r.off()).isEqualTo(usual.size());
        assertThat(r.reassembly())
                .extracting(TeardownLogAssessment.FittingStep::label)
                .first()
                .isEqualTo(usual.get(usual.size() - 1).label());
        assertThat(r.reassembly())
                .extracting(TeardownLogAssessment.FittingStep::label)
                .last()
                .isEqualTo(usual.get(0).label());
        assertThat(r.reassembly()).allSatisfy(s -> assertThat(s.mind()).isNotBlank());
        assertThat(usual).allSatisfy(p -> assertThat(p.off()).isNotBlank());
    }

    /** Both brackets hold the rotor: neither it nor anything on it can come off before them. */
    @ParameterizedTest
    @EnumSource(MotorBuild.class)
    void theRotorComesOutAfterAtLeastOneBracketAndBeforeItsBearings(MotorBuild build) {
        List<String> order = UsualPart.of(build).stream().map(UsualPart::part).toList();
        assertThat(order.indexOf("Rotor")).isGreaterThan(order.indexOf("Bracket"));
        if (order.contains("Bearing")) {
            assertThat(order.indexOf("Bearing")).isGreaterThan(order.indexOf("Rotor"));
            assertThat(order.lastIndexOf("Inner bearing cap")).isLessThan(order.indexOf("Bearing"));
        }
    }

    /** The proper ways stand first, and every rough one says what to look for. */
    @ParameterizedTest
    @EnumSource(MotorBuild.class)
    void theProperWaysOffComeFirst(MotorBuild build) {
        List<UsualPart> parts =
                UsualPart.of(build).stream().filter(p -> !p.methods().isEmpty()).toList();
        assertThat(parts).extracting(UsualPart::part).contains("Bracket", "Rotor", "Coupling half or sheave");
        for (UsualPart part : parts) {
            List<Boolean> rough =
                    part.methods().stream().map(UsualPart.Method::rough).toList();
            assertThat(rough.get(0)).as(part.part()).isFalse();
            assertThat(rough).as(part.part()).isSorted();
            assertThat(part.methods()).extracting(UsualPart.Method::way).doesNotHaveDuplicates();
            assertThat(part.methods()).allSatisfy(m -> assertThat(m.after()).matches("|[A-Z].*\\."));
        }
    }

    private static TeardownLog by(String... ways) {
        TeardownLog whole = whole(MotorBuild.BALL_CAPPED, PartState.GOOD);
        List<LoggedPart> parts = new ArrayList<>();
        for (LoggedPart p : whole.parts()) {
            int nth =
                    (int) parts.stream().filter(q -> q.part().equals("Bracket")).count();
            Optional<String> way =
                    p.part().equals("Bracket") && nth < ways.length ? Optional.of(ways[nth]) : Optional.empty();
            parts.add(new LoggedPart(
                    p.id(),
                    p.part(),
                    p.end(),
                    p.state(),
                    p.small(),
                    way,
                    p.orientation(),
                    p.fasteners(),
                    p.fastenerSize(),
                    p.fastenerState(),
                    p.note()));
        }
        return new TeardownLog(
                whole.build(), whole.marks(), parts, whole.removal(), whole.removalReason(), whole.woundStatorMassKg());
    }

    @Test
    void aRoughWayOffComesBackAsWhatToLookFor() {
        assertThat(read(by("forcing screws", "own way, with a jack")).lines())
                .noneMatch(l -> l.headline().startsWith("Bracket"));
        Judgement one = line(read(by("Pried on one side ", "forcing screws")), "Bracket");
        assertThat(one.verdict()).isEqualTo(Verdict.WATCH);
        assertThat(one.headline()).isEqualTo("Bracket, drive end: pried on one side");
        assertThat(one.next()).contains("measure the register");
        Judgement two = line(read(by("pried on one side", "blows")), "Bracket");
        assertThat(two.headline()).endsWith(", and 1 more part no better");
        assertThat(two.because()).isEqualTo("Bracket, non-drive end: blows");
        assertThat(two.next()).contains("cracks and burrs", "with dye");
        assertThat(read(by("blows")).reassembly())
                .anySatisfy(s -> assertThat(s.details()).startsWith("came off: blows"));
    }

    @ParameterizedTest
    @CsvSource({
        "true, false, 90S, 6205, SINGLE_PHASE",
        "false, true, 112M, 6306, BRAKE",
        "false, false, 315M, NU 319, ROLLER_DRIVE",
        "false, false, 160L, 6309, BALL_CAPPED",
        "false, false, 132S, 6308, BALL_SEALED",
        "false, false, , , BALL_SEALED"
    })
    void thePlateSuggestsTheBuild(boolean single, boolean brake, String frame, String bearing, MotorBuild build) {
        assertThat(MotorBuild.suggested(single, brake, Optional.ofNullable(frame), Optional.ofNullable(bearing)))
                .isEqualTo(build);
    }

    @Test
    void aPartIsOffUntilItIsBackOrLeftOutForAReason() {
        TeardownLog log = whole(MotorBuild.OPEN, PartState.GOOD);
        int n = log.parts().size();
        assertThat(read(log, fitted(3), fitted(3)).off()).isEqualTo(n - 1);
        assertThat(read(log, fitted(3), new Refit(4, "M. Orre", Optional.of("not used any more")))
                        .off())
                .isEqualTo(n - 2);
        Refit[] all = log.parts().stream().map(p -> fitted(p.id())).toArray(Refit[]::new);
        TeardownLogAssessment together = read(log, all);
        assertThat(together.off()).isZero();
        assertThat(together.verdict()).isEqualTo(Verdict.HOLDS);
        all[0] = new Refit(1, "M. Orre", Optional.of("sheave stays with the customer"));
        TeardownLogAssessment without = read(log, all);
        assertThat(without.off()).isZero();
        assertThat(without.verdict()).isEqualTo(Verdict.WATCH);
        assertThat(headlines(without)).anyMatch(h -> h.contains("1 left out"));
    }

    @Test
    void aJointOpenedWithoutAMarkStops() {
        UsualPart bracket = UsualPart.of(MotorBuild.BALL_CAPPED).stream()
                .filter(p -> p.part().equals("Bracket") && p.end() == PartEnd.DRIVE_END)
                .findFirst()
                .orElseThrow();
        TeardownLog bare = new TeardownLog(
                Optional.of(MotorBuild.BALL_CAPPED),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        assertThat(read(bare).verdict()).isEqualTo(Verdict.UNPROVEN);
        TeardownLog open = new TeardownLog(
                bare.build(),
                List.of(),
                List.of(part(1, bracket, PartState.GOOD)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        assertThat(read(open).lines().get(0).verdict()).isEqualTo(Verdict.STOP);
        assertThat(read(open).lines().get(0).headline()).isEqualTo("Bracket, drive end came off without a mark");
    }

    @Test
    void oneMarkAtBothEndsIsNoMark() {
        List<MatchMark> marks = everyMark(MotorBuild.BALL_CAPPED).stream()
                .map(m -> new MatchMark(m.joint(), m.end(), "one dot"))
                .toList();
        TeardownLogAssessment r = TeardownLogAssessment.of(
                new TeardownLog(
                        Optional.of(MotorBuild.BALL_CAPPED),
                        marks,
                        List.of(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()),
                List.of(),
                Set.of(),
                true,
                false);
        assertThat(r.lines().get(0).verdict()).isEqualTo(Verdict.WATCH);
        assertThat(r.lines().get(0).because()).contains("easily swapped");
    }

    @Test
    void marksAreCountedAsPhotographedPairByPair() {
        TeardownLog log = whole(MotorBuild.BALL_SEALED, PartState.GOOD);
        Judgement none = read(log).lines().get(0);
        assertThat(none.headline()).isEqualTo("3 of 3 joints marked, 0 photographed");
        assertThat(none.next())
                .isEqualTo("Photograph fan cowl, non-drive end; bracket, drive end; bracket, non-drive end.");
        Set<String> two = Set.of("mark Bracket, drive-end", "mark Fan cowl, non-drive-end", "part 3", "noisy");
        TeardownLogAssessment some = TeardownLogAssessment.of(log, List.of(), two, false, false);
        assertThat(some.lines().get(0).next()).isEqualTo("Photograph bracket, non-drive end.");
        Set<String> all = some.joints().stream()
                .map(TeardownLogAssessment.Joint::photo)
                .collect(java.util.stream.Collectors.toSet());
        Judgement every = TeardownLogAssessment.of(log, List.of(), all, false, false)
                .lines()
                .get(0);
        assertThat(every.headline()).isEqualTo("3 of 3 joints marked, each photographed");
        assertThat(every.next()).isEmpty();
    }

    @Test
    void damagedPartsAreOrderedBeforeTheyAreRefitted() {
        TeardownLogAssessment r = read(whole(MotorBuild.OPEN, PartState.DAMAGED));
        assertThat(r.reassembly()).allMatch(TeardownLogAssessment.FittingStep::replace);
        assertThat(r.verdict()).isEqualTo(Verdict.STOP);
    }

    @Test
    void theOtherSchoolOfBearingRemovalStandsBeside() {
        TeardownLog pulled = whole(MotorBuild.OPEN, PartState.GOOD);
        assertThat(line(TeardownLogAssessment.of(pulled, List.of(), Set.of(), false, false), "Bearings off")
                        .verdict())
                .isEqualTo(Verdict.HOLDS);
        Judgement other = line(TeardownLogAssessment.of(pulled, List.of(), Set.of(), false, true), "Bearings off");
        assertThat(other.verdict()).isEqualTo(Verdict.WATCH);
        assertThat(other.because()).contains("other school pulls");
    }

    @Test
    void theStatorIsWeighedWhileItsCopperIsIn() {
        TeardownLog log = whole(MotorBuild.OPEN, PartState.GOOD);
        TeardownLog light = new TeardownLog(
                log.build(), log.marks(), log.parts(), log.removal(), log.removalReason(), Optional.empty());
        assertThat(line(read(light), "Stator not weighed").verdict()).isEqualTo(Verdict.UNPROVEN);
    }

    @Test
    void refusesTwoPartsOfOneNumberAndAReasonWithoutAWay() {
        UsualPart key = UsualPart.of(MotorBuild.OPEN).get(1);
        List<LoggedPart> twice = List.of(part(1, key, PartState.GOOD), part(1, key, PartState.GOOD));
        assertThat(Refusals.fields(() -> new TeardownLog(
                        Optional.empty(),
                        List.of(
                                new MatchMark("Cap", PartEnd.DRIVE_END, "a"),
                                new MatchMark("Cap", PartEnd.DRIVE_END, "b")),
                        twice,
                        Optional.empty(),
                        Optional.of("because"),
                        Optional.of(-1.0))))
                .containsExactlyInAnyOrder("marks[1].joint", "parts[1].id", "removal", "woundStatorMassKg");
    }

    private static List<String> headlines(TeardownLogAssessment r) {
        return r.lines().stream().map(Judgement::headline).toList();
    }

    private static Judgement line(TeardownLogAssessment r, String start) {
        return r.lines().stream()
                .filter(l -> l.headline().startsWith(start))
                .findFirst()
                .orElseThrow();
    }
}
