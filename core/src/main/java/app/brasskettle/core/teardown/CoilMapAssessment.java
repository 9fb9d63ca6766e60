package app.brasskettle.core.teardown;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Pattern of a painted coil map, computed from the median heat of each phase rather than matched to pictures, so that a group
 * misjudged by a shade, or one odd group, does not hide it.
 */
final class CoilMapAssessment {

    /** Heat from which a group is discoloured: dull. */
    private static final int DULL = 2;
    /** Phases further apart than this, in shades, carried different currents. */
    private static final double APART = 0.75;
    /** A group this far from the middle of its phase is not explained by its phase. */
    private static final double ODD = 1;
    /** Of so many groups, one may be odd and the phases still explain the ring. */
    private static final int GROUPS_FOR_ONE_ODD = 8;

    private final CoilMap map;
    private final int[] heat;
    private final double[] middle = new double[3];

    CoilMapAssessment(CoilMap map) {
        this.map = map;
        this.heat = map.groups().stream().mapToInt(GroupState::heat).toArray();
        for (int phase = 0; phase < 3; phase++) {
            int p = phase;
            middle[p] = median(IntStream.range(0, heat.length)
                    .filter(g -> g % 3 == p)
                    .map(g -> heat[g])
                    .toArray());
        }
    }

    List<MapFact> facts() {
        List<MapFact> facts = new ArrayList<>();
        if (heat.length > 0) {
            facts.add(pattern());
            long burst =
                    map.groups().stream().filter(g -> g == GroupState.BURST).count();
            if (burst > 0) {
                facts.add(
                        new MapFact("map-burst", burst + (burst == 1 ? " group burst open." : " groups burst open.")));
            }
            if (map.spots().isEmpty()) {
                facts.add(new MapFact("map-no-spot", "No single burn was found on it."));
            }
        }
        map.spots().stream()
                .distinct()
                .forEach(s -> facts.add(new MapFact(s.evidence(), "A burnt spot " + s.label() + ".")));
        return List.copyOf(facts);
    }

    private MapFact pattern() {
        double usual = median(heat);
        boolean nothingStandsOut = usual < DULL && Arrays.stream(heat).allMatch(h -> h - usual <= 1);
        if (nothingStandsOut && range() < APART) {
            return undamaged();
        }
        if (!phasesExplain()) {
            return placed();
        }
        if (range() < APART) {
            return middle[0] >= DULL - 0.4
                    ? new MapFact(
                            "map-all-dark",
                            "Every group is " + shade() + ", all round: heat in all three phases alike.")
                    : placed();
        }
        return byPhase();
    }

    /** Whether the middle of its phase tells how each group looks. */
    private boolean phasesExplain() {
        long odd = IntStream.range(0, heat.length)
                .filter(g -> Math.abs(heat[g] - middle[g % 3]) > ODD)
                .count();
        return odd <= heat.length / GROUPS_FOR_ONE_ODD;
    }

    private double range() {
        return Arrays.stream(middle).max().orElseThrow()
                - Arrays.stream(middle).min().orElseThrow();
    }

    private static double median(int[] values) {
        int[] sorted = values.clone();
        Arrays.sort(sorted);
        int n = sorted.length;
        return n == 0 ? 0 : (sorted[(n - 1) / 2] + sorted[n / 2]) / 2.0;
    }

    private MapFact undamaged() {
        return Arrays.stream(heat).average().orElseThrow() < 0.5
                ? new MapFact("map-all-bright", "No group is discoloured: no heat in the winding.")
                : new MapFact("map-evenly-warm", "All groups are a little warm in colour and none is burnt.");
    }

    private MapFact byPhase() {
        List<Integer> rising = IntStream.range(0, 3)
                .boxed()
                .sorted((a, b) -> Double.compare(middle[a], middle[b]))
                .toList();
        double low = middle[rising.get(1)] - middle[rising.get(0)];
        double high = middle[rising.get(2)] - middle[rising.get(1)];
        if (low >= APART && high >= APART) {
            return new MapFact(
                    "map-three-shades",
                    "Three phases in three shades, darkest first "
                            + IntStream.of(2, 1, 0)
                                    .mapToObj(i -> CoilMap.phaseOf(rising.get(i)))
                                    .collect(Collectors.joining(", "))
                            + ": they did not carry the same current.");
        }
        return low > high ? two(rising.get(0)) : one(rising.get(2));
    }

    private MapFact two(int clear) {
        String seen = "Groups " + places(clear, false) + " of every three are " + shade() + ", " + rounds()
                + ": phases " + names(clear) + " in the order A, C, B. Phase " + CoilMap.phaseOf(clear)
                + " is not. ";
        String line = CoilMap.phaseOf(clear);
        return switch (map.connection()) {
            case WYE ->
                new MapFact("map-two-phases-dark-wye", seen + "In wye, that is what losing line " + line + " leaves.");
            case DELTA ->
                new MapFact(
                        "map-two-phases-dark-delta",
                        seen + "In delta, that is a joint open inside phase " + line
                                + ", or a phase lost beyond a wye/delta transformer.");
            case UNKNOWN ->
                new MapFact(
                        "map-two-phases-dark-unknown",
                        seen + "In wye that would be line " + line + " lost. Find the connection.");
        };
    }

    private MapFact one(int dark) {
        String phase = CoilMap.phaseOf(dark);
        String seen = "Group " + places(dark, true) + " of every three is " + shade() + ", " + rounds() + ": phase "
                + phase + " in the order A, C, B. The other two are not. ";
        return switch (map.connection()) {
            case DELTA ->
                new MapFact(
                        "map-one-phase-dark-delta",
                        seen + "In delta, that is what losing a line leaves: phase " + phase
                                + " stayed across the two that lived.");
            case WYE ->
                new MapFact(
                        "map-one-phase-dark-wye",
                        seen + "In wye, that is a phase lost beyond a wye/delta transformer, or unbalanced voltage.");
            case UNKNOWN ->
                new MapFact(
                        "map-one-phase-dark-unknown",
                        seen + "In delta that would be a line lost. Find the connection.");
        };
    }

    /** Places in every three, from 1: of this phase, or of the two others. */
    private static String places(int phase, boolean own) {
        return IntStream.range(0, 3)
                .filter(p -> own == (p == phase))
                .mapToObj(p -> Integer.toString(p + 1))
                .collect(Collectors.joining(" and "));
    }

    private static String names(int clear) {
        return IntStream.range(0, 3)
                .filter(p -> p != clear)
                .mapToObj(CoilMap::phaseOf)
                .sorted()
                .collect(Collectors.joining(" and "));
    }

    /** What is dark in one place, whatever its phase. */
    private MapFact placed() {
        List<Integer> dark =
                IntStream.range(0, heat.length).filter(this::dark).boxed().toList();
        List<String> touched = dark.stream().map(CoilMap::phaseOf).distinct().toList();
        if (dark.size() == 1) {
            return new MapFact(
                    "map-one-group-dark",
                    "One group only, number " + (dark.get(0) + 1) + " in phase " + touched.get(0) + ", is " + shade()
                            + ".");
        }
        if (touched.size() == 1) {
            return new MapFact(
                    "map-part-of-one-phase",
                    dark.size() + " of " + heat.length / 3 + " groups of phase " + touched.get(0) + " are " + shade()
                            + " and the rest of it is not: " + circuit(dark.size())
                            + "one circuit worked alone, or stood alone.");
        }
        if (neighbours(dark)) {
            return new MapFact(
                    "map-neighbours-dark",
                    dark.size() + " groups side by side are " + shade() + ", whatever their phase.");
        }
        if (touched.size() == 2) {
            return new MapFact(
                    "map-part-of-two-phases",
                    "Part of phases " + String.join(" and ", touched) + " is " + shade() + ": "
                            + circuit(dark.size() / 2) + "a phase lost in one parallel path, or a circuit open.");
        }
        return new MapFact(
                "map-scattered-dark", dark.size() + " groups are " + shade() + " with no order in them by phase.");
    }

    /** How many groups a parallel circuit has, where that is how many of a phase are dark. */
    private String circuit(int darkOfAPhase) {
        return map.circuits()
                .filter(c -> c > 1 && darkOfAPhase * c % (heat.length / 3) == 0 && darkOfAPhase * c >= heat.length / 3)
                .map(c -> "as many as " + darkOfAPhase * c / (heat.length / 3) + " of its " + c + " circuits "
                        + (darkOfAPhase * c == heat.length / 3 ? "has, " : "have, "))
                .orElse("");
    }

    private boolean neighbours(List<Integer> dark) {
        int n = heat.length;
        long breaks = dark.stream().filter(g -> !dark(Math.floorMod(g + 1, n))).count();
        return breaks == 1 && dark.size() <= 2 * n / 3;
    }

    /** Where most of the ring is sound, a dull group stands out; else only a dark one does. */
    private boolean dark(int group) {
        return heat[group] >= (median(heat) < DULL ? DULL : 3);
    }

    private String shade() {
        return Arrays.stream(heat).anyMatch(h -> h >= 3) ? "dark" : "dull";
    }

    private String rounds() {
        int times = heat.length / 3;
        return times == 1 ? "once round" : times + " times round";
    }
}
