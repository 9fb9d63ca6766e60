package app.brasskettle.core.teardown;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Pattern of a painted coil map, computed from shares of dark groups rather than matched to pictures. */
final class MapReading {

    /** A phase counts as dark from this share of its groups on, so that one group misjudged by eye does not hide it. */
    private static final double MOST = 0.75;

    private static final double FEW = 0.25;

    private final CoilMap map;
    private final int mark;
    private final double[] share = new double[3];
    private final double[] heat = new double[3];

    MapReading(CoilMap map) {
        this.map = map;
        int hottest = map.groups().stream().mapToInt(GroupState::heat).max().orElse(0);
        // Where nothing is dark, the darkest shade there is shows the same pattern, earlier in its course.
        this.mark = hottest >= 3 ? 3 : 2;
        int perPhase = Math.max(1, map.groups().size() / 3);
        for (int g = 0; g < map.groups().size(); g++) {
            share[g % 3] += dark(g) ? 1.0 / perPhase : 0;
            heat[g % 3] += (double) map.groups().get(g).heat() / perPhase;
        }
    }

    List<MapFact> facts() {
        List<MapFact> facts = new ArrayList<>();
        if (!map.groups().isEmpty()) {
            facts.add(pattern());
            long burst =
                    map.groups().stream().filter(g -> g == GroupState.BURST).count();
            if (burst > 0) {
                facts.add(new MapFact("map-burst", count(burst, "group") + " burst open."));
            }
        }
        map.spots().stream()
                .distinct()
                .forEach(s -> facts.add(new MapFact(s.code(), "A burnt spot " + s.spoken() + ".")));
        return List.copyOf(facts);
    }

    private MapFact pattern() {
        long darkPhases = phases(MOST, true).size();
        long clearPhases = phases(FEW, false).size();
        if (IntStream.range(0, map.groups().size()).noneMatch(this::dark)) {
            return undamaged();
        }
        if (darkPhases == 3) {
            return new MapFact(
                    "map-all-dark", "Every group is " + shade() + ", all round: heat in all three phases alike.");
        }
        if (shades()) {
            return new MapFact(
                    "map-three-shades", "Three phases in three shades: they did not carry the same current.");
        }
        if (darkPhases == 2 && clearPhases == 1) {
            return two();
        }
        if (darkPhases == 1 && clearPhases == 2) {
            return one();
        }
        return partly();
    }

    private MapFact undamaged() {
        boolean bright =
                map.groups().stream().filter(g -> g == GroupState.BRIGHT).count() * 2
                        > map.groups().size();
        return bright
                ? new MapFact("map-all-bright", "No group is discoloured: no heat in the winding.")
                : new MapFact("map-evenly-warm", "All groups are a little warm in colour and none is burnt.");
    }

    private MapFact two() {
        String clear = phases(FEW, false).get(0);
        String seen = "Phases " + String.join(" and ", phases(MOST, true)) + " are " + shade() + ", " + rounds()
                + ". Phase " + clear + " is not. ";
        return switch (map.connection()) {
            case WYE ->
                new MapFact("map-two-phases-dark-wye", seen + "In wye, that is what losing line " + clear + " leaves.");
            case DELTA ->
                new MapFact(
                        "map-two-phases-dark-delta",
                        seen + "In delta, that is a joint open inside phase " + clear
                                + ", or a phase lost beyond a wye/delta transformer.");
            case UNKNOWN ->
                new MapFact(
                        "map-two-phases-dark-unknown",
                        seen + "In wye that would be line " + clear + " lost. Find the connection.");
        };
    }

    private MapFact one() {
        String dark = phases(MOST, true).get(0);
        String seen = "Phase " + dark + " is " + shade() + ", " + rounds() + ". The other two are not. ";
        return switch (map.connection()) {
            case DELTA ->
                new MapFact(
                        "map-one-phase-dark-delta",
                        seen + "In delta, that is what losing a line leaves: phase " + dark
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

    private MapFact partly() {
        List<Integer> dark = IntStream.range(0, map.groups().size())
                .filter(this::dark)
                .boxed()
                .toList();
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
                    dark.size() + " groups of phase " + touched.get(0) + " are " + shade()
                            + " and the rest of it is not: one circuit worked alone, or stood alone.");
        }
        if (neighbours(dark)) {
            return new MapFact(
                    "map-neighbours-dark",
                    dark.size() + " groups side by side are " + shade() + ", whatever their phase.");
        }
        if (touched.size() == 2) {
            return new MapFact(
                    "map-part-of-two-phases",
                    "Part of phases " + String.join(" and ", touched) + " is " + shade()
                            + ": a phase lost in one parallel path, or a circuit open.");
        }
        return new MapFact(
                "map-scattered-dark", dark.size() + " groups are " + shade() + " with no order in them by phase.");
    }

    /** True when each phase is even in itself and all three differ by about a shade. */
    private boolean shades() {
        double[] sorted = heat.clone();
        java.util.Arrays.sort(sorted);
        boolean apart = sorted[1] - sorted[0] >= 0.75 && sorted[2] - sorted[1] >= 0.75;
        return apart
                && IntStream.range(0, map.groups().size())
                                .filter(g -> Math.abs(map.groups().get(g).heat() - heat[g % 3]) > 1)
                                .count()
                        <= map.groups().size() / 8;
    }

    private boolean neighbours(List<Integer> dark) {
        int n = map.groups().size();
        long breaks = dark.stream().filter(g -> !dark(Math.floorMod(g + 1, n))).count();
        return breaks == 1 && dark.size() <= 2 * n / 3;
    }

    private boolean dark(int group) {
        return map.groups().get(group).heat() >= mark;
    }

    private List<String> phases(double bound, boolean atLeast) {
        return IntStream.range(0, 3)
                .filter(p -> atLeast ? share[p] >= bound : share[p] <= bound)
                .mapToObj(CoilMap::phaseOf)
                .toList();
    }

    private String shade() {
        return mark == 3 ? "dark" : "dull";
    }

    private String rounds() {
        int times = map.groups().size() / 3;
        return times == 1 ? "once round" : times + " times round";
    }

    private static String count(long n, String what) {
        return n + " " + what + (n == 1 ? "" : "s");
    }
}
