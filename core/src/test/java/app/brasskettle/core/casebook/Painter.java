package app.brasskettle.core.casebook;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.cause.FailurePattern;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.teardown.GroupState;
import app.brasskettle.core.teardown.Spot;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** A painter of coil maps who misjudges one group in eight by a shade, and once in a while the connection. */
final class Painter {

    private static final double MISJUDGED = 0.12;
    private static final double CONNECTION_UNKNOWN = 0.1;
    /** Heat that was stopped early leaves dull what would have been dark. */
    private static final double EARLY = 0.25;
    /** A line lost on the far side of a wye/delta transformer reads the other way round. */
    private static final double BEYOND_TRANSFORMER = 0.08;

    private final Random random;

    Painter(Random random) {
        this.random = random;
    }

    FailurePattern paint(int poles, Optional<String> pattern, double burst, List<Spot> spots, List<Evidence> evidence) {
        // A phase opens inside a delta only where there is one.
        boolean wye =
                random.nextBoolean() && pattern.filter("open-delta"::equals).isEmpty();
        Connection connection =
                chance(CONNECTION_UNKNOWN) ? Connection.UNKNOWN : wye ? Connection.WYE : Connection.DELTA;
        if (pattern.isEmpty()) {
            return new FailurePattern(connection, poles, List.of(), List.of(), evidence);
        }
        List<GroupState> groups = new ArrayList<>();
        Optional<int[]> shades = shades(pattern.get(), wye);
        int n = 3 * poles;
        int at = random.nextInt(n);
        for (int g = 0; g < n; g++) {
            groups.add(seen(shades.isPresent() ? shades.get()[g % 3] : placed(pattern.get(), g, at, n), burst));
        }
        return new FailurePattern(connection, poles, groups, spots, evidence);
    }

    /** Heat by phase, for patterns that follow the phases; none for those that do not. */
    private Optional<int[]> shades(String pattern, boolean wye) {
        int hot = chance(EARLY) ? 2 : 3;
        int cool = random.nextInt(2);
        int odd = random.nextInt(3);
        boolean twoHot = wye != chance(BEYOND_TRANSFORMER);
        return switch (pattern) {
            case "lost" -> Optional.of(phases(odd, twoHot ? cool : hot, twoHot ? hot : cool));
            case "unbalanced" -> Optional.of(phases(odd, wye ? hot : cool, wye ? cool : hot));
            case "open-delta" -> Optional.of(phases(odd, cool, hot));
            case "shades" -> Optional.of(new int[] {1 + odd % 3, 1 + (odd + 1) % 3, 1 + (odd + 2) % 3});
            case "all" -> Optional.of(phases(0, hot, hot));
            case "warm" -> Optional.of(phases(0, 1, 1));
            case "bright" -> Optional.of(phases(0, 0, 0));
            default -> Optional.empty();
        };
    }

    private static int[] phases(int odd, int its, int others) {
        int[] shades = {others, others, others};
        shades[odd] = its;
        return shades;
    }

    /** Heat of one group, for patterns that sit in one place. */
    private int placed(String pattern, int group, int at, int n) {
        int away = Math.min(Math.floorMod(group - at, n), Math.floorMod(at - group, n));
        return switch (pattern) {
            case "group" -> away == 0 ? 3 : 0;
            case "neighbours" -> away <= 1 ? 3 : 0;
            case "part" -> group % 3 == at % 3 && Math.floorMod(group - at, n) < n / 2 ? 3 : 0;
            default -> chance(0.3) ? 3 : chance(0.2) ? 2 : 0;
        };
    }

    private GroupState seen(int heat, double burst) {
        int shade = chance(MISJUDGED) ? Math.max(0, Math.min(3, heat + (random.nextBoolean() ? 1 : -1))) : heat;
        return shade == 3 && chance(burst) ? GroupState.BURST : GroupState.values()[shade];
    }

    private boolean chance(double share) {
        return random.nextDouble() < share;
    }
}
