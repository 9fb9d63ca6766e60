package app.brasskettle.core.practice;

import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.teardown.CoilMap;
import app.brasskettle.core.teardown.GroupState;
import app.brasskettle.core.teardown.Spot;
import app.brasskettle.core.worksheet.Coded;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** A stator as a fault burns it, for practice: even shades, no misjudged group. */
public final class PaintedStator {

    /** What heat leaves in a stator, and what it is called. */
    public enum Pattern implements Coded {
        LOST("one line was missing"),
        SHADES("voltages were unequal"),
        ALL("too much load, or held still"),
        BRIGHT("the winding is not burnt"),
        ONE_GROUP("a fault inside one group"),
        NEIGHBOURS("a fault between neighbours");

        private final String label;

        Pattern(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    private static final String SPOT = "spot:";

    private PaintedStator() {}

    /** The stator that words describe, a pattern and spots; empty where nothing is said of it. */
    static Optional<CoilMap> of(String words, Connection connection, int poles, long seed) {
        List<String> parts =
                Arrays.stream(words.split(" ")).filter(w -> !w.isEmpty()).toList();
        if (parts.isEmpty()) {
            return Optional.empty();
        }
        List<Spot> spots = parts.stream()
                .filter(w -> w.startsWith(SPOT))
                .map(w -> Coded.parse(Spot.class, w.substring(SPOT.length())).orElseThrow())
                .toList();
        Pattern pattern = Coded.parse(Pattern.class, parts.get(0)).orElseThrow();
        return Optional.of(painted(pattern, connection, poles, spots, seed));
    }

    /** A stator burnt in one pattern. */
    public static CoilMap painted(Pattern pattern, Connection connection, int poles, List<Spot> spots, long seed) {
        Random random = new Random(seed);
        int n = 3 * poles;
        int at = random.nextInt(n);
        boolean wye = connection != Connection.DELTA;
        List<GroupState> groups = new ArrayList<>();
        for (int g = 0; g < n; g++) {
            boolean odd = g % 3 == at % 3;
            int away = Math.min(Math.floorMod(g - at, n), Math.floorMod(at - g, n));
            groups.add(
                    switch (pattern) {
                        case LOST -> odd == wye ? GroupState.BRIGHT : GroupState.DARK;
                        case SHADES ->
                            Math.floorMod(g - at, 3) == 0
                                    ? GroupState.WARM
                                    : Math.floorMod(g - at, 3) == 1 ? GroupState.DULL : GroupState.DARK;
                        case ALL -> GroupState.DARK;
                        case BRIGHT -> GroupState.BRIGHT;
                        case ONE_GROUP -> away == 0 ? GroupState.DARK : GroupState.BRIGHT;
                        case NEIGHBOURS -> away <= 1 ? GroupState.DARK : GroupState.BRIGHT;
                    });
        }
        return new CoilMap(connection, poles, groups, spots);
    }
}
