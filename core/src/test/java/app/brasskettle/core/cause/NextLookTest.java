package app.brasskettle.core.cause;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The next look against its definition worked out the long way: expected drop of entropy over the outcomes ÷ minutes. */
class NextLookTest {

    private static final EvidenceTable TABLE = EvidenceTable.shipped();
    private static final int N = Explanation.values().length;

    private static double entropy(double[] mass) {
        double total = 0;
        for (double m : mass) {
            total += m;
        }
        double bits = 0;
        for (double m : mass) {
            if (m > 0) {
                bits += m / total * (Math.log(total / m) / Math.log(2));
            }
        }
        return bits;
    }

    /** By group of pieces that exclude each other: what is expected to be learnt of it in a minute. */
    private static double gain(List<EvidenceTable.Entry> outcomes, double[] belief) {
        double expected = 0;
        double left = 0;
        double[] none = new double[N];
        double[][] joint = new double[outcomes.size()][N];
        for (int x = 0; x < N; x++) {
            double all = 0;
            for (EvidenceTable.Entry o : outcomes) {
                all += TABLE.chances(o.code())[x];
            }
            double share = all > EvidenceTable.SURE ? EvidenceTable.SURE / all : 1;
            none[x] = belief[x] * (1 - Math.min(all, EvidenceTable.SURE));
            left += none[x];
            for (int o = 0; o < outcomes.size(); o++) {
                joint[o][x] = belief[x] * TABLE.chances(outcomes.get(o).code())[x] * share;
            }
        }
        for (double[] j : joint) {
            double mass = 0;
            for (double m : j) {
                mass += m;
            }
            expected += mass * entropy(j);
        }
        expected += left * entropy(none);
        return (entropy(belief) - expected) / outcomes.get(0).minutes();
    }

    private static Map<String, List<EvidenceTable.Entry>> groups(List<String> gathered) {
        Map<String, List<EvidenceTable.Entry>> groups = new LinkedHashMap<>();
        for (EvidenceTable.Entry e : TABLE.entries()) {
            if (!TABLE.comesByItself(e.code())) {
                groups.computeIfAbsent(e.group(), g -> new ArrayList<>()).add(e);
            }
        }
        gathered.forEach(c -> groups.remove(TABLE.entry(c).orElseThrow().group()));
        return groups;
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "noisy", "hums-will-not-start shaft-free", "insulation-stop burnt-smell trips-at-once"})
    void theBestLookIsTheOneThatTeachesMostInAMinute(String evidence) {
        List<String> gathered = evidence.isEmpty() ? List.of() : List.of(evidence.split(" "));
        Posterior belief = new Posterior(TABLE, gathered);
        List<FailureRanking.Look> looks = new NextInspection(TABLE, belief).after(gathered, false);
        Map<String, Double> gains = new LinkedHashMap<>();
        groups(gathered).forEach((group, outcomes) -> gains.put(group, gain(outcomes, belief.shares())));
        double best = gains.values().stream().mapToDouble(d -> d).max().orElseThrow();
        assertThat(looks.get(0).bitsPerMinute()).isCloseTo(best, within(1e-9));
        for (FailureRanking.Look look : looks) {
            String group = TABLE.entry(look.code()).orElseThrow().group();
            assertThat(look.bitsPerMinute()).as(group).isCloseTo(gains.get(group), within(1e-9));
        }
        assertThat(looks).isSortedAccordingTo((a, b) -> Double.compare(b.bitsPerMinute(), a.bitsPerMinute()));
    }

    @Test
    void whatIsKnownIsNotAskedAgainNorIsTheStatorPaintedTwice() {
        List<String> gathered = List.of("noisy", "insulation-holds");
        Posterior belief = new Posterior(TABLE, gathered);
        assertThat(new NextInspection(TABLE, belief).after(gathered, true))
                .extracting(FailureRanking.Look::code)
                .noneMatch(c -> c.startsWith("map-") || c.equals("vibrates") || c.equals("insulation-stop"));
        assertThat(new NextInspection(TABLE, belief).after(gathered, false))
                .as("one look at the open stator is one line")
                .extracting(FailureRanking.Look::ask)
                .doesNotHaveDuplicates();
    }

    /** Even chances of two are one bit, of four two; one certainty is none. */
    @Test
    void entropyIsInBits() {
        assertThat(Posterior.entropyBits(new double[] {0.5, 0.5}, 1)).isCloseTo(1, within(1e-12));
        assertThat(Posterior.entropyBits(new double[] {1, 1, 1, 1}, 4)).isCloseTo(2, within(1e-12));
        assertThat(Posterior.entropyBits(new double[] {0, 3}, 3)).isZero();
        assertThat(Posterior.entropyBits(new double[] {0.25, 0.75}, 1)).isCloseTo(0.8112781, within(1e-6));
    }
}
