package app.brasskettle.core.choice;

import app.brasskettle.core.verdict.Verdict;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What the record says of a motor's condition, as far as it decides which options stand open.
 *
 * @param hazardousArea explosion-protected by its plate
 * @param insulation the standing insulation verdict
 * @param resistance the standing resistance verdict
 * @param surge the standing surge verdict
 * @param mapFacts codes of what the coil map says
 */
public record MotorCondition(
        boolean hazardousArea,
        Optional<Verdict> insulation,
        Optional<Verdict> resistance,
        Optional<Verdict> surge,
        Set<String> mapFacts) {

    private static final Set<String> BURNT_PREFIXES =
            Set.of("map-spot-", "map-two-", "map-one-", "map-three-", "map-part-");
    private static final Set<String> BURNT =
            Set.of("map-all-dark", "map-burst", "map-neighbours-dark", "map-scattered-dark");

    public MotorCondition {
        mapFacts = Set.copyOf(mapFacts);
    }

    /**
     * Whether an option stands open.
     *
     * @param kind the option
     * @param open false when condition rules it out
     * @param reason why it is ruled out, or what to mind
     */
    public record Standing(OptionKind kind, boolean open, String reason) {}

    /** Each option with its reason; one that is ruled out stays in the list. */
    public List<Standing> standings() {
        Map<OptionKind, Standing> all = new EnumMap<>(OptionKind.class);
        all.put(OptionKind.REPLACE, new Standing(OptionKind.REPLACE, true, ""));
        if (hazardousArea) {
            String certified = "Explosion-protected: this belongs to a certified repairer.";
            all.put(OptionKind.RECONDITION, new Standing(OptionKind.RECONDITION, false, certified));
            all.put(OptionKind.REWIND, new Standing(OptionKind.REWIND, false, certified));
            return List.copyOf(all.values());
        }
        all.put(OptionKind.RECONDITION, recondition());
        all.put(OptionKind.REWIND, rewind());
        return List.copyOf(all.values());
    }

    private Standing recondition() {
        if (surge.filter(v -> v == Verdict.STOP).isPresent()) {
            return new Standing(
                    OptionKind.RECONDITION, false, "Surge found shorted turns: cleaning does not mend them.");
        }
        if (burnt()) {
            return new Standing(OptionKind.RECONDITION, false, "The coil map shows burnt copper: it needs new coils.");
        }
        if (insulation.filter(v -> v == Verdict.STOP).isPresent()) {
            return new Standing(
                    OptionKind.RECONDITION,
                    true,
                    "Insulation stops and no coil is burnt: wash, dry, test again. Rewind only if it does not come up.");
        }
        if (resistance.filter(v -> v == Verdict.STOP).isPresent()) {
            return new Standing(OptionKind.RECONDITION, true, "Repair the joint, then measure again.");
        }
        return new Standing(OptionKind.RECONDITION, true, missing());
    }

    private Standing rewind() {
        boolean sound = insulation.filter(v -> v == Verdict.HOLDS).isPresent()
                && resistance.filter(v -> v == Verdict.HOLDS).isPresent()
                && surge.filter(v -> v == Verdict.HOLDS).isPresent()
                && !burnt();
        return sound
                ? new Standing(
                        OptionKind.REWIND, false, "Insulation, resistance and surge hold: there is nothing to rewind.")
                : new Standing(OptionKind.REWIND, true, missing());
    }

    private boolean burnt() {
        return mapFacts.stream()
                .anyMatch(f -> BURNT.contains(f) || BURNT_PREFIXES.stream().anyMatch(f::startsWith));
    }

    private String missing() {
        List<String> open = new java.util.ArrayList<>();
        insulation.ifPresentOrElse(v -> {}, () -> open.add("insulation"));
        resistance.ifPresentOrElse(v -> {}, () -> open.add("resistance"));
        surge.ifPresentOrElse(v -> {}, () -> open.add("surge"));
        return open.isEmpty() ? "" : "Not known yet: " + String.join(", ", open) + ".";
    }
}
