package app.brasskettle.core.choice;

import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What the record says of a motor's condition, as far as it decides which options stand open.
 *
 * @param hazardousArea explosion-protected by its plate, in a shop without a certificate
 * @param tests the tests that stand, with their effective judgement
 * @param mapFacts codes of what the coil map says; empty while nobody has looked at the coils
 * @param cageMelted whether the rotor was found to have thrown its aluminium
 */
public record MotorCondition(
        boolean hazardousArea, List<Test> tests, Optional<Set<String>> mapFacts, boolean cageMelted) {

    private static final Set<String> BURNT_PREFIXES =
            Set.of("map-spot-", "map-two-", "map-one-", "map-three-", "map-part-");
    private static final Set<String> BURNT =
            Set.of("map-all-dark", "map-burst", "map-neighbours-dark", "map-scattered-dark");

    private static final int LOOKS_AT_A_WINDING = 4;

    public MotorCondition {
        tests = List.copyOf(tests);
        mapFacts = mapFacts.map(Set::copyOf);
    }

    /** What a test looks at, as far as it decides what can be done. */
    public enum Aspect {
        INSULATION,
        RESISTANCE,
        /** Surge, rising pulses, balance. */
        TURNS,
        /** Withstand and step voltage. */
        BREAKDOWN,
        CORE,
        AIR_GAP,
        OTHER
    }

    /**
     * A test that stands.
     *
     * @param aspect what it looks at
     * @param label its name
     * @param verdict its effective word
     * @param headline its effective judgement in a sentence
     */
    public record Test(Aspect aspect, String label, Verdict verdict, String headline) {}

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
        Optional<Standing> iron = iron(OptionKind.RECONDITION);
        if (iron.isPresent()) {
            return iron.get();
        }
        Optional<Test> turns = stopped(Aspect.TURNS);
        if (turns.isPresent()) {
            return ruledOut(
                    OptionKind.RECONDITION, "Surge or balance found shorted turns: cleaning does not mend them", turns);
        }
        Optional<Test> punctured = stopped(Aspect.BREAKDOWN);
        if (punctured.isPresent()) {
            return ruledOut(OptionKind.RECONDITION, "It broke down: the place needs new insulation", punctured);
        }
        if (burnt()) {
            return new Standing(OptionKind.RECONDITION, false, "The coil map shows burnt copper: it needs new coils.");
        }
        if (stopped(Aspect.INSULATION).isPresent()) {
            String coils = mapFacts.isEmpty() ? "nobody has looked at the coils yet" : "no coil is burnt";
            return new Standing(
                    OptionKind.RECONDITION,
                    true,
                    "Insulation stops and " + coils + ": wash, dry, test again. Rewind only if it does not come up.");
        }
        if (stopped(Aspect.RESISTANCE).isPresent()) {
            return new Standing(OptionKind.RECONDITION, true, "Repair the joint, then measure again.");
        }
        return new Standing(OptionKind.RECONDITION, true, conditions());
    }

    private Standing rewind() {
        Optional<Standing> iron = iron(OptionKind.REWIND);
        if (iron.isPresent()) {
            return iron.get();
        }
        boolean sound = holds(Aspect.INSULATION)
                && holds(Aspect.RESISTANCE)
                && holds(Aspect.TURNS)
                && tests.stream().noneMatch(t -> t.verdict() == Verdict.STOP)
                && !burnt();
        return sound
                ? new Standing(
                        OptionKind.REWIND, false, "Insulation, resistance and surge hold: there is nothing to rewind.")
                : new Standing(OptionKind.REWIND, true, conditions());
    }

    /** Iron that is past use spoils whatever is done to the copper. */
    private Optional<Standing> iron(OptionKind kind) {
        if (cageMelted) {
            return Optional.of(
                    new Standing(
                            kind,
                            false,
                            "The rotor threw its aluminium: without its cage it makes no torque. Open again with another rotor."));
        }
        return stopped(Aspect.CORE)
                .map(t -> ruledOut(
                        kind, "The core stops: it would burn a winding. Restack or mend it first", Optional.of(t)))
                .or(() -> stopped(Aspect.AIR_GAP)
                        .map(t -> ruledOut(
                                kind,
                                "The air gap stops: the rotor would drag. Machine brackets, seats or shaft and measure again first",
                                Optional.of(t))));
    }

    private static Standing ruledOut(OptionKind kind, String why, Optional<Test> test) {
        return new Standing(
                kind, false, why + test.map(t -> " (" + t.headline() + ").").orElse("."));
    }

    private Optional<Test> stopped(Aspect aspect) {
        return tests.stream()
                .filter(t -> t.aspect() == aspect && t.verdict() == Verdict.STOP)
                .findFirst();
    }

    private boolean holds(Aspect aspect) {
        List<Test> all = tests.stream().filter(t -> t.aspect() == aspect).toList();
        return !all.isEmpty() && all.stream().allMatch(t -> t.verdict() == Verdict.HOLDS);
    }

    private boolean burnt() {
        return mapFacts.orElse(Set.of()).stream()
                .anyMatch(f -> BURNT.contains(f) || BURNT_PREFIXES.stream().anyMatch(f::startsWith));
    }

    /** Lists what is not known yet: no test of it that proves anything, no look at the coils. */
    public List<String> notKnown() {
        List<String> missing = new ArrayList<>();
        unknown(Aspect.INSULATION, "insulation", missing);
        unknown(Aspect.RESISTANCE, "resistance", missing);
        unknown(Aspect.TURNS, "surge", missing);
        if (mapFacts.isEmpty()) {
            missing.add("the coils, nobody has looked");
        }
        return missing;
    }

    /** Tells whether nothing at all is known of the winding. */
    public boolean nothingKnown() {
        return notKnown().size() == LOOKS_AT_A_WINDING;
    }

    /** What stands at Stop and must be mended on the way, and what is not known yet. */
    private String conditions() {
        List<String> told = new ArrayList<>();
        String mend = tests.stream()
                .filter(t -> t.verdict() == Verdict.STOP)
                .map(t -> t.label().toLowerCase(Locale.ROOT))
                .distinct()
                .collect(Collectors.joining(", "));
        if (!mend.isEmpty()) {
            told.add("On condition that this is mended: " + mend + ".");
        }
        List<String> missing = notKnown();
        if (!missing.isEmpty()) {
            told.add("Not known yet: " + String.join(", ", missing) + ".");
        }
        return String.join(" ", told);
    }

    private void unknown(Aspect aspect, String words, List<String> missing) {
        boolean known = tests.stream().anyMatch(t -> t.aspect() == aspect && t.verdict() != Verdict.UNPROVEN);
        if (!known) {
            missing.add(words);
        }
    }
}
