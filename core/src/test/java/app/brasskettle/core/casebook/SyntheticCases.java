package app.brasskettle.core.casebook;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.cause.Explanation;
import app.brasskettle.core.cause.FailurePattern;
import app.brasskettle.core.teardown.Spot;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.ShippedTable;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVRecord;

/**
 * Maker of failures: a root drawn by its share, then what each look would find, looks left out as shops leave them out, a coil
 * map painted with a painter's mistakes.
 *
 * <p>Two CSV files beside this class state every chance; neither knows the evidence table. The same seed makes the same cases.
 */
public final class SyntheticCases {

    private static final double PAINTED = 0.95;
    private static final int[] POLES = {2, 4, 4, 4, 6, 8};

    private record Look(String name, double asked, String only, Map<Evidence, Double> outcomes) {}

    private record Root(
            Explanation explanation,
            double share,
            double single,
            Map<Evidence, Double> signs,
            Map<String, Double> maps,
            Map<Spot, Double> spots,
            double burst) {}

    private static final List<Look> LOOKS = ShippedTable.rows(SyntheticCases.class, "looks.csv").stream()
            .map(r -> new Look(
                    r.get("look"),
                    Double.parseDouble(r.get("asked")),
                    r.get("only"),
                    words(Evidence.class, r.get("outcomes"))))
            .toList();
    private static final List<Root> ROOTS = ShippedTable.rows(SyntheticCases.class, "roots.csv").stream()
            .map(SyntheticCases::root)
            .toList();

    private final Random random;
    private final double diligence;

    private SyntheticCases(long seed, double diligence) {
        this.random = new Random(seed);
        this.diligence = diligence;
    }

    /** So many failures of this seed, looked at as thoroughly as the table says. */
    public static List<SyntheticFailure> failures(int count, long seed) {
        return failures(count, seed, 1);
    }

    /** The same failures in a hurried shop, which takes each look only in this share of the cases. */
    public static List<SyntheticFailure> failures(int count, long seed, double diligence) {
        SyntheticCases book = new SyntheticCases(seed, diligence);
        return IntStream.range(0, count).mapToObj(i -> book.next()).toList();
    }

    private SyntheticFailure next() {
        Root root = drawn();
        boolean single = chance(root.single());
        Set<Evidence> found = EnumSet.of(single ? Evidence.SINGLE_PHASE : Evidence.THREE_PHASE);
        for (Look look : LOOKS) {
            if (taken(look, found, single)) {
                outcome(look, root).ifPresent(found::add);
            }
        }
        int poles = POLES[random.nextInt(POLES.length)];
        FailurePattern pattern = new Painter(random)
                .paint(
                        poles,
                        !single && !root.maps().isEmpty() && chance(diligence * PAINTED)
                                ? Optional.of(pick(root.maps()))
                                : Optional.empty(),
                        root.burst(),
                        spots(root),
                        new ArrayList<>(found));
        return new SyntheticFailure(root.explanation(), pattern);
    }

    private Root drawn() {
        double total = ROOTS.stream().mapToDouble(Root::share).sum();
        double at = random.nextDouble() * total;
        for (Root root : ROOTS) {
            at -= root.share();
            if (at < 0) {
                return root;
            }
        }
        return ROOTS.get(ROOTS.size() - 1);
    }

    /** Whether a look is taken: what was found before decides what is tried at all. */
    private boolean taken(Look look, Set<Evidence> found, boolean single) {
        boolean possible = switch (look.only()) {
            case "drive" -> found.contains(Evidence.FED_BY_DRIVE);
            case "single" -> single;
            case "leaks" -> found.contains(Evidence.INSULATION_STOP);
            case "open" -> found.contains(Evidence.RESISTANCE_OPEN);
            case "sound" -> found.contains(Evidence.INSULATION_HOLDS);
            case "free" ->
                found.contains(Evidence.SHAFT_FREE)
                        && found.contains(Evidence.INSULATION_HOLDS)
                        && found.contains(Evidence.RESISTANCE_HOLDS)
                        && !found.contains(Evidence.SURGE_PHASE_DIFFERS);
            default -> true;
        };
        return possible && chance(diligence * look.asked());
    }

    private Optional<Evidence> outcome(Look look, Root root) {
        double at = random.nextDouble();
        for (Map.Entry<Evidence, Double> each : look.outcomes().entrySet()) {
            at -= root.signs().getOrDefault(each.getKey(), each.getValue());
            if (at < 0) {
                return Optional.of(each.getKey());
            }
        }
        return Optional.empty();
    }

    private List<Spot> spots(Root root) {
        List<Spot> spots = new ArrayList<>();
        root.spots().forEach((spot, share) -> {
            if (chance(share)) {
                spots.add(spot);
            }
        });
        return spots;
    }

    private <K> K pick(Map<K, Double> shares) {
        double at = random.nextDouble()
                * shares.values().stream().mapToDouble(d -> d).sum();
        K last = null;
        for (Map.Entry<K, Double> each : shares.entrySet()) {
            last = each.getKey();
            at -= each.getValue();
            if (at < 0) {
                break;
            }
        }
        return last;
    }

    private boolean chance(double share) {
        return random.nextDouble() < share;
    }

    private static Root root(CSVRecord row) {
        return new Root(
                Coded.parse(Explanation.class, row.get("root")).orElseThrow(),
                Double.parseDouble(row.get("share")),
                Double.parseDouble(row.get("single")),
                words(Evidence.class, row.get("signs")),
                shares(row.get("map")),
                words(Spot.class, row.get("spots")),
                Double.parseDouble(row.get("burst")));
    }

    private static <E extends Enum<E> & Coded> Map<E, Double> words(Class<E> type, String text) {
        Map<E, Double> chances = new EnumMap<>(type);
        shares(text)
                .forEach((word, share) -> chances.put(Coded.parse(type, word).orElseThrow(), share));
        return chances;
    }

    private static Map<String, Double> shares(String text) {
        Map<String, Double> shares = new LinkedHashMap<>();
        for (String item : text.isBlank() ? new String[0] : text.split(";")) {
            String[] parts = item.strip().split(" ");
            shares.put(parts[0], Double.valueOf(parts[1]));
        }
        return shares;
    }
}
