package app.brasskettle.core.cause;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.teardown.GroupState;
import app.brasskettle.core.teardown.Spot;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Coded;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class FailurePatternWorksheetTest {

    private static final EvidenceTable TABLE = EvidenceTable.shipped();

    private static FailureRanking rank(
            Connection connection, List<GroupState> groups, List<Spot> spots, Evidence... e) {
        return FailurePatternWorksheet.create(TABLE)
                .work()
                .apply(new FailurePattern(connection, 4, groups, spots, List.of(e)));
    }

    private static FailureRanking rank(Evidence... evidence) {
        return rank(Connection.UNKNOWN, List.of(), List.of(), evidence);
    }

    private static List<GroupState> all(GroupState state) {
        return Collections.nCopies(12, state);
    }

    private static double probability(FailureRanking ranking, Explanation e) {
        return ranking.ranking().stream()
                .filter(r -> r.explanation().equals(e.code()))
                .findFirst()
                .orElseThrow()
                .probability();
    }

    private static String top(FailureRanking ranking) {
        return ranking.ranking().get(0).explanation();
    }

    /** What a practitioner reads from a plain case; words as in the guide's table of patterns. */
    @ParameterizedTest
    @CsvSource({
        "flooded-or-washed insulation-stop absorption-flat resistance-holds, moisture-or-dirt",
        "bearing-fluted fed-by-drive long-drive-cable insulation-holds, bearing-current",
        "bearing-rough noisy vibrates insulation-holds resistance-holds surge-holds, bearing-wear",
        "protector-open winding-looks-sound insulation-holds, protector-failure",
        "start-switch-worn hums-will-not-start insulation-holds, start-circuit-failure",
        "balance-follows-rotor insulation-holds resistance-holds vibrates, rotor-fault",
        "rotor-drag-marks bearing-destroyed insulation-stop shaft-binds, rotor-drag",
        "joint-overheated resistance-unbalanced insulation-holds, connection-failure",
        "recently-reconnected run-current-high resistance-unbalanced balance-follows-winding, misconnection",
        "surge-phase-differs copper-beads insulation-holds winding-looks-sound, turn-short"
    })
    void findsWhatAPractitionerWould(String words, String expected) {
        Evidence[] evidence = Stream.of(words.split(" "))
                .map(w -> Coded.parse(Evidence.class, w).orElseThrow())
                .toArray(Evidence[]::new);
        assertThat(top(rank(evidence))).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "IN_SLOT, ground-in-slot",
        "SLOT_EDGE, ground-slot-edge",
        "WITHIN_COIL, turn-short",
        "WHOLE_COIL, coil-short",
        "PHASE_BARRIER, phase-to-phase-short",
        "CONNECTION_JOINT, connection-failure",
        "LINE_END_COIL, voltage-surge"
    })
    void aSpotOnABrightWindingNamesItsMechanism(Spot spot, String expected) {
        assertThat(top(rank(Connection.WYE, all(GroupState.BRIGHT), List.of(spot))))
                .isEqualTo(expected);
    }

    /** One coil dark and the rest bright reads as a shorted coil, with or without its burn marked. */
    @Test
    void oneGroupDarkIsAShortedCoil() {
        List<GroupState> one = new ArrayList<>(all(GroupState.BRIGHT));
        one.set(4, GroupState.DARK);
        assertThat(top(rank(Connection.WYE, one, List.of()))).isEqualTo("coil-short");
        assertThat(top(rank(Connection.DELTA, one, List.of(Spot.WHOLE_COIL), Evidence.SURGE_PHASE_DIFFERS)))
                .isEqualTo("coil-short");
    }

    /** Part of a phase's groups dark: one circuit of it worked alone, or stood alone. */
    @Test
    void halfAPhaseDarkIsACircuitOpenInside() {
        List<GroupState> half = new ArrayList<>(all(GroupState.BRIGHT));
        half.set(0, GroupState.DARK);
        half.set(6, GroupState.DARK);
        assertThat(top(rank(Connection.WYE, half, List.of()))).isEqualTo("open-joint");
    }

    /** Half of it, whatever the number of poles: the circuits lie side by side or take turns. */
    @ParameterizedTest
    @CsvSource({"4, 3", "4, 6", "6, 6", "8, 6", "8, 3"})
    void halfAPhaseDarkIsAnOpenCircuitAtAnyNumberOfPoles(int poles, int apart) {
        List<GroupState> half = new ArrayList<>(Collections.nCopies(3 * poles, GroupState.BRIGHT));
        for (int i = 0; i < poles / 2; i++) {
            half.set((1 + i * apart) % (3 * poles), GroupState.DARK);
        }
        FailureRanking ranking = FailurePatternWorksheet.create(TABLE)
                .work()
                .apply(new FailurePattern(
                        Connection.DELTA, poles, half, List.of(), List.of(Evidence.RESISTANCE_UNBALANCED)));
        assertThat(top(ranking)).isEqualTo("open-joint");
    }

    /** Wye for delta, or the wrong voltage's connection, is the same in all three phases. */
    @Test
    void balancedTestsSayNothingAgainstAWrongConnection() {
        FailureRanking balanced = rank(
                Evidence.RUNS_HOT,
                Evidence.RUN_CURRENT_HIGH,
                Evidence.RESISTANCE_HOLDS,
                Evidence.BALANCE_HOLDS,
                Evidence.SURGE_HOLDS,
                Evidence.INSULATION_HOLDS);
        assertThat(top(balanced)).isEqualTo("misconnection");
        assertThat(against(balanced, Explanation.MISCONNECTION))
                .doesNotContain("resistance-holds", "balance-holds", "surge-holds");
        assertThat(against(balanced, Explanation.OVERLOAD))
                .as("a motor without load is not overloaded")
                .contains("run-current-high");
    }

    @Test
    void threePhasesHaveNoStartCircuitAndOnePhaseCannotBeLost() {
        Evidence[] hums = {Evidence.HUMS_WILL_NOT_START, Evidence.SHAFT_FREE, Evidence.INSULATION_HOLDS};
        assertThat(top(rank(with(hums, Evidence.SINGLE_PHASE)))).isEqualTo("start-circuit-failure");
        assertThat(probability(rank(with(hums, Evidence.SINGLE_PHASE)), Explanation.LOST_PHASE))
                .isLessThan(0.001);
        assertThat(probability(rank(with(hums, Evidence.THREE_PHASE)), Explanation.START_CIRCUIT_FAILURE))
                .isLessThan(0.02);
        assertThat(probability(rank(Connection.WYE, List.of(), List.of(), hums), Explanation.START_CIRCUIT_FAILURE))
                .as("wye is three-phase")
                .isLessThan(0.02);
    }

    /** A switch that sticks leaves the start winding in, and the protector opens after a minute or two. */
    @Test
    void tripsAfterMinutesSpeaksForAStuckStartSwitch() {
        Evidence[] single = {Evidence.SINGLE_PHASE, Evidence.INSULATION_HOLDS, Evidence.WINDING_LOOKS_SOUND};
        assertThat(probability(rank(with(single, Evidence.TRIPS_AFTER_MINUTES)), Explanation.START_CIRCUIT_FAILURE))
                .isGreaterThan(probability(rank(single), Explanation.START_CIRCUIT_FAILURE));
    }

    @Test
    void aCircuitOpenInsideIsAJoint() {
        assertThat(top(rank(
                        Connection.DELTA,
                        List.of(),
                        List.of(),
                        Evidence.THREE_PHASE,
                        Evidence.RESISTANCE_OPEN,
                        Evidence.OPEN_INSIDE_WINDING,
                        Evidence.INSULATION_HOLDS)))
                .isEqualTo("open-joint");
    }

    @Test
    void aDeadGroundInACleanDryWindingIsNoMoisture() {
        Evidence[] dead = {Evidence.INSULATION_STOP, Evidence.DEAD_GROUND, Evidence.RESISTANCE_HOLDS};
        FailureRanking clean = rank(with(dead, Evidence.WINDING_LOOKS_SOUND));
        assertThat(top(clean)).isEqualTo("ground-in-slot");
        assertThat(probability(clean, Explanation.MOISTURE_OR_DIRT)).isLessThan(0.02);
        assertThat(probability(
                        rank(Connection.WYE, all(GroupState.BRIGHT), List.of(), dead), Explanation.MOISTURE_OR_DIRT))
                .isLessThan(0.02);
        assertThat(top(rank(with(dead, Evidence.WINDING_LOOKS_SOUND, Evidence.WINDING_WET))))
                .as("water is there to carry it")
                .isEqualTo("moisture-or-dirt");
    }

    /** The coil burnt as a whole and its group is dark: where it sits and what feeds it says why. */
    @Test
    void aBurntLineEndCoilOnADriveIsASurge() {
        List<GroupState> one = new ArrayList<>(all(GroupState.BRIGHT));
        one.set(0, GroupState.DARK);
        assertThat(top(rank(
                        Connection.WYE,
                        one,
                        List.of(Spot.LINE_END_COIL, Spot.WHOLE_COIL),
                        Evidence.FED_BY_DRIVE,
                        Evidence.SURGE_PHASE_DIFFERS)))
                .isEqualTo("voltage-surge");
        assertThat(top(rank(Connection.WYE, one, List.of(Spot.WHOLE_COIL), Evidence.FED_BY_DRIVE)))
                .isEqualTo("coil-short");
    }

    @Test
    void aPlateAloneIsNoEvidenceOfWhatFailed() {
        assertThat(rank(Connection.DELTA, List.of(), List.of(), Evidence.THREE_PHASE)
                        .judgement()
                        .headline())
                .contains("No evidence yet");
    }

    private static Evidence[] with(Evidence[] first, Evidence... more) {
        return Stream.concat(Stream.of(first), Stream.of(more)).toArray(Evidence[]::new);
    }

    @Test
    void cleanWithEveryTestSoundIsNoFaultWhetherItWasOpenedOrNot() {
        Evidence[] sound = {
            Evidence.SHAFT_FREE,
            Evidence.WINDING_LOOKS_SOUND,
            Evidence.INSULATION_HOLDS,
            Evidence.RESISTANCE_HOLDS,
            Evidence.SURGE_HOLDS
        };
        assertThat(top(rank(sound))).isEqualTo("no-fault-found");
        assertThat(top(rank(Connection.WYE, all(GroupState.BRIGHT), List.of(), sound)))
                .isEqualTo("no-fault-found");
    }

    @Test
    void everyCoilDarkWithMeltedRotorIsAStallAndWithoutAnOverload() {
        assertThat(top(rank(Connection.DELTA, all(GroupState.DARK), List.of(), Evidence.MACHINE_OVERLOADED)))
                .isEqualTo("overload");
        assertThat(top(rank(Connection.DELTA, all(GroupState.DARK), List.of(), Evidence.ROTOR_ALUMINIUM_THROWN)))
                .isEqualTo("locked-rotor");
    }

    /** A motor that fails an electrical test has a fault, whatever else looks sound. */
    @ParameterizedTest
    @EnumSource(
            value = Evidence.class,
            names = {"INSULATION_STOP", "RESISTANCE_OPEN", "RESISTANCE_UNBALANCED", "SURGE_PHASE_DIFFERS"})
    void neverFindsNoFaultInAMotorThatFailsATest(Evidence failed) {
        List<Evidence> sound = new ArrayList<>(List.of(
                Evidence.SHAFT_FREE,
                Evidence.WINDING_LOOKS_SOUND,
                Evidence.RUN_SOUND,
                Evidence.INSULATION_HOLDS,
                Evidence.RESISTANCE_HOLDS,
                Evidence.SURGE_HOLDS,
                Evidence.ABSORPTION_HOLDS,
                Evidence.BALANCE_HOLDS));
        sound.add(failed);
        assertThat(probability(rank(sound.toArray(Evidence[]::new)), Explanation.NO_FAULT_FOUND))
                .isLessThan(0.05);
    }

    @Test
    void probabilitiesSumToOneAndFallDownTheList() {
        Random random = new Random(3);
        for (int i = 0; i < 100; i++) {
            List<Evidence> some = new ArrayList<>(Arrays.asList(Evidence.values()));
            Collections.shuffle(some, random);
            List<FailureRanking.Ranked> ranking = rank(some.subList(0, random.nextInt(12))
                            .toArray(Evidence[]::new))
                    .ranking();
            assertThat(ranking).hasSize(Explanation.values().length);
            assertThat(ranking.stream()
                            .mapToDouble(FailureRanking.Ranked::probability)
                            .sum())
                    .isCloseTo(1, within(1e-9));
            assertThat(ranking).isSortedAccordingTo((a, b) -> Double.compare(b.probability(), a.probability()));
        }
    }

    @Test
    void theSumShownIsTheSumThatCounts() {
        FailureRanking ranking = rank(
                Connection.WYE,
                all(GroupState.BRIGHT),
                List.of(Spot.WITHIN_COIL),
                Evidence.COPPER_BEADS,
                Evidence.SURGE_PHASE_DIFFERS,
                Evidence.INSULATION_HOLDS);
        for (FailureRanking.Ranked r : ranking.ranking()) {
            double pieces = Stream.concat(r.forPieces().stream(), r.against().stream())
                    .mapToDouble(FailureRanking.Piece::decibans)
                    .sum();
            assertThat(r.priorDecibans() + pieces).isCloseTo(r.sumDecibans(), within(1e-9));
            assertThat(r.forPieces()).allMatch(p -> p.decibans() > 0);
            assertThat(r.against()).allMatch(p -> p.decibans() < 0);
        }
        FailureRanking.Ranked first = ranking.ranking().get(0);
        FailureRanking.Ranked second = ranking.ranking().get(1);
        assertThat(10 * Math.log10(first.probability() / second.probability()))
                .isCloseTo(first.sumDecibans() - second.sumDecibans(), within(1e-9));
    }

    @Test
    void orderOfEvidenceDoesNotMatter() {
        double one = probability(rank(Evidence.NOISY, Evidence.BEARING_ROUGH), Explanation.BEARING_WEAR);
        assertThat(probability(rank(Evidence.BEARING_ROUGH, Evidence.NOISY), Explanation.BEARING_WEAR))
                .isCloseTo(one, within(1e-12));
    }

    @Test
    void viewsOfOneFactCountOnce() {
        FailureRanking both = rank(Evidence.BEARING_DESTROYED, Evidence.GREASE_DRY);
        FailureRanking strong = rank(Evidence.BEARING_DESTROYED);
        assertThat(TABLE.entry("bearing-destroyed").orElseThrow().group())
                .isEqualTo(TABLE.entry("grease-dry").orElseThrow().group());
        assertThat(probability(both, Explanation.ROTOR_DRAG))
                .isCloseTo(probability(strong, Explanation.ROTOR_DRAG), within(0.05));
    }

    @Test
    void closeLeadersAreReportedAsUndecided() {
        FailureRanking nothing = rank();
        assertThat(nothing.judgement().verdict()).isEqualTo(Verdict.UNPROVEN);
        assertThat(nothing.judgement().headline()).contains("No evidence yet");
        FailureRanking vague = rank(Evidence.SHAFT_FREE);
        assertThat(vague.judgement().headline()).startsWith("Undecided between");
        FailureRanking sure = rank(Evidence.FLOODED_OR_WASHED, Evidence.INSULATION_STOP, Evidence.ABSORPTION_FLAT);
        assertThat(sure.judgement().verdict()).isEqualTo(Verdict.HOLDS);
    }

    @Test
    void nextLooksAreNotAboutWhatIsKnown() {
        FailureRanking ranking = rank(Evidence.INSULATION_HOLDS, Evidence.BURNT_SMELL);
        assertThat(ranking.nextLooks())
                .isNotEmpty()
                .doesNotContain("insulation-holds", "insulation-stop", "burnt-smell")
                .doesNotHaveDuplicates();
        assertThat(rank(Connection.WYE, all(GroupState.DARK), List.of()).nextLooks())
                .as("a painted map answers what the map answers")
                .noneMatch(code -> code.startsWith("map-"));
        assertThat(ranking.looks()).allSatisfy(l -> {
            assertThat(l.bitsPerMinute()).isNotNegative();
            assertThat(l.ask()).isNotBlank();
        });
        assertThat(ranking.looks()).isSortedAccordingTo((a, b) -> Double.compare(b.bitsPerMinute(), a.bitsPerMinute()));
    }

    @Test
    void aLookThatTellsTheLeadersApartComesFirst() {
        // Wet against grounded: what tells them apart soonest is a look, not another story.
        FailureRanking ranking = rank(Evidence.INSULATION_STOP, Evidence.RESISTANCE_HOLDS);
        assertThat(ranking.looks().get(0).separates()).contains("moisture or dirt");
    }

    /** Striking a piece takes exactly its decibans out of every sum. */
    @Test
    void aStruckPieceNoLongerCounts() {
        FailurePattern pattern = new FailurePattern(
                Connection.WYE,
                4,
                all(GroupState.BRIGHT),
                List.of(Spot.WITHIN_COIL),
                List.of(Evidence.SURGE_PHASE_DIFFERS));
        FailureRanking with =
                FailurePatternWorksheet.weigh(pattern, pattern.map().facts(), List.of(), TABLE, Set.of());
        FailureRanking without = FailurePatternWorksheet.weigh(
                pattern, pattern.map().facts(), List.of(), TABLE, Set.of("map-spot-within-coil"));
        assertThat(without.facts())
                .filteredOn(FailureRanking.Fact::struck)
                .extracting(FailureRanking.Fact::code)
                .containsExactly("map-spot-within-coil");
        for (FailureRanking.Ranked r : with.ranking()) {
            double piece = TABLE.decibans(
                    "map-spot-within-coil",
                    Coded.parse(Explanation.class, r.explanation()).orElseThrow());
            double after = without.ranking().stream()
                    .filter(o -> o.explanation().equals(r.explanation()))
                    .findFirst()
                    .orElseThrow()
                    .sumDecibans();
            assertThat(r.sumDecibans() - after).as(r.explanation()).isCloseTo(piece, within(1e-9));
        }
    }

    /** Whoever painted the map had it open: bearings nobody blamed then speak against a bad bearing, and no longer once blamed. */
    @Test
    void whatIsQuietOnAnOpenMotorCounts() {
        assertThat(against(rank(Evidence.NOISY), Explanation.BEARING_WEAR)).isEmpty();
        assertThat(against(
                        rank(Connection.WYE, all(GroupState.BRIGHT), List.of(), Evidence.NOISY),
                        Explanation.BEARING_WEAR))
                .containsExactly("map-quiet-bearing");
        assertThat(against(
                        rank(Connection.WYE, all(GroupState.BRIGHT), List.of(), Evidence.NOISY, Evidence.BEARING_ROUGH),
                        Explanation.BEARING_WEAR))
                .isEmpty();
    }

    private static List<String> against(FailureRanking ranking, Explanation explanation) {
        return ranking.ranking().stream()
                .filter(r -> r.explanation().equals(explanation.code()))
                .flatMap(r -> r.against().stream())
                .map(FailureRanking.Piece::code)
                .toList();
    }

    @Test
    void refusesAPieceTwice() {
        assertThat(Refusals.fields(() -> rank(Evidence.NOISY, Evidence.SHAFT_FREE, Evidence.NOISY)))
                .containsExactly("evidence[2]");
    }
}
