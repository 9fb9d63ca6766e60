package app.brasskettle.core.cause;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.teardown.Spot;
import app.brasskettle.core.worksheet.Coded;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The tables of the cause: evidence and weights, chains, roots, priors. */
class EvidenceTableTest {

    private static final EvidenceTable TABLE = EvidenceTable.shipped();

    @Test
    void everyPieceAndEveryWeightIsInTheTableWithAReason() {
        for (Evidence e : Evidence.values()) {
            assertThat(TABLE.entry(e.code())).as(e.code()).isPresent();
        }
        for (EvidenceTable.Entry entry : TABLE.entries()) {
            boolean read = entry.code().startsWith("map-")
                    || entry.kind().equals(EvidenceTable.COMBINED)
                    || EarlierFailure.isCode(entry.code());
            assertThat(read || Coded.parse(Evidence.class, entry.code()).isPresent())
                    .as(entry.code())
                    .isTrue();
            assertThat(entry.seen()).isBetween(0.0, 1.0);
            assertThat(entry.minutes()).isPositive();
            assertThat(Arrays.stream(Explanation.values()).flatMap(x -> TABLE.weight(entry.code(), x).stream()))
                    .as("weights of " + entry.code())
                    .isNotEmpty()
                    .allMatch(w -> !w.reason().isBlank());
        }
        assertThat(Arrays.stream(Explanation.values()).mapToDouble(TABLE::share).sum())
                .as("priors are shares of all failed motors")
                .isCloseTo(1, within(0.06));
    }

    @Test
    void everySpotHasItsPiece() {
        for (Spot spot : Spot.values()) {
            assertThat(TABLE.entry("map-spot-" + spot.code())).as(spot.code()).isPresent();
        }
    }

    @Test
    void everyLinkAndEveryRootNamesEvidenceThereIs() {
        assertThat(Stream.concat(Chain.codes().stream(), Prevention.codes().stream()))
                .allSatisfy(code -> assertThat(TABLE.entry(code)).as(code).isPresent());
        for (Explanation e : Explanation.values()) {
            assertThat(Chain.of(e, List.of(), TABLE).links()).as(e.code()).isNotEmpty();
            List<Prevention> roots = Prevention.of(e, List.of(), Map.of(), TABLE);
            assertThat(roots).as(e.code()).isNotEmpty();
            assertThat(roots).allSatisfy(r -> {
                assertThat(r.question()).isNotBlank();
                assertThat(r.advice()).isNotBlank().doesNotContain("{");
            });
            assertThat(roots.stream().map(Prevention::root)).doesNotHaveDuplicates();
        }
    }

    @Test
    void aChainGoesAsFarAsTheEvidenceShows() {
        List<String> codes = List.of("bearing-destroyed", "rotor-drag-marks", "insulation-stop");
        assertThat(Chain.of(Explanation.ROTOR_DRAG, codes, TABLE).links())
                .extracting(Chain.Link::words)
                .containsExactly("bearing fails", "rotor drags on the bore", "copper to core");
        assertThat(Chain.of(Explanation.ROTOR_DRAG, List.of(), TABLE).links())
                .extracting(Chain.Link::words)
                .containsExactly("bearing fails");
        assertThat(Chain.of(Explanation.LOST_PHASE, List.of("surge-phase-differs"), TABLE)
                        .links())
                .extracting(Chain.Link::words)
                .containsExactly("one line gone", "two phases carry the load", "turns short");
    }

    @Test
    void theRootThatEvidenceSpeaksForStandsFirstWithThePlatesFigures() {
        List<Prevention> roots =
                Prevention.of(Explanation.OVERLOAD, List.of("cooling-blocked"), Map.of("current", "56 A"), TABLE);
        assertThat(roots.get(0).root()).isEqualTo("cooling");
        assertThat(roots.get(0).shown()).containsExactly("cooling blocked");
        assertThat(roots).extracting(Prevention::advice).anyMatch(a -> a.contains("set to 56 A"));
    }

    @Test
    void closedJobsMoveThePriorsAndSumToOne() {
        EvidenceTable learnt = TABLE.learnt(Map.of(Explanation.BEARING_CURRENT, 40, Explanation.OVERLOAD, 10));
        assertThat(Arrays.stream(Explanation.values())
                        .mapToDouble(learnt::share)
                        .sum())
                .isCloseTo(1, within(1e-12));
        assertThat(learnt.share(Explanation.BEARING_CURRENT)).isBetween(0.27, 0.29);
        assertThat(learnt.share(Explanation.LOST_PHASE)).isLessThan(TABLE.share(Explanation.LOST_PHASE));
        // One closed job changes little, and none changes nothing but the sum.
        EvidenceTable none = TABLE.learnt(Map.of());
        for (Explanation e : Explanation.values()) {
            assertThat(none.share(e) / TABLE.share(e))
                    .isCloseTo(none.share(Explanation.OVERLOAD) / TABLE.share(Explanation.OVERLOAD), within(1e-12));
        }
    }
}
