package app.brasskettle.core.choice;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What the record says of a motor's condition, as far as it decides which options stand open.
 *
 * @param hazardousArea explosion-protected by its plate, in a shop without a certificate
 * @param tests the tests that stand, with their effective judgement
 * @param mapFacts codes of what the coil map says; empty while nobody has looked at the coils
 * @param dried what drying came to; empty while nobody dried it
 * @param cageMelted whether the rotor was found to have thrown its aluminium
 */
public record MotorCondition(
        boolean hazardousArea,
        List<Test> tests,
        Optional<Set<String>> mapFacts,
        Optional<Judgement> dried,
        boolean cageMelted) {

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
     * @param open false when condition rules it out
     * @param reason why it is ruled out, or what to mind
     * @param bringsBack what would open one that is ruled out
     */
    public record Standing(boolean open, String reason, String bringsBack) {

        static Standing open(String mind) {
            return new Standing(true, mind, "");
        }

        static Standing ruledOut(String reason, String bringsBack) {
            return new Standing(false, reason, bringsBack);
        }
    }

    /** Whether an option stands open; one that is ruled out keeps its place with its reason. */
    public Standing standing(OptionKind kind, OptionSource source) {
        if (hazardousArea) {
            return switch (source) {
                case HERE ->
                    Standing.ruledOut(
                            "Explosion-protected: this belongs to a certified repairer.",
                            "Send it to a certified repairer, or enter this shop’s certificate.");
                case SENT_OUT -> Standing.open("Only to a repairer certified for explosion-protected motors.");
                default -> Standing.open("Protected for the same zone, gas group and temperature class.");
            };
        }
        return switch (kind) {
            case REPLACE -> Standing.open(source == OptionSource.USED ? "Take all tests of it before it goes in." : "");
            case RECONDITION -> recondition();
            case REWIND -> rewind();
        };
    }

    private Standing recondition() {
        Optional<Standing> iron = iron();
        if (iron.isPresent()) {
            return iron.get();
        }
        Optional<Test> turns = stopped(Aspect.TURNS);
        if (turns.isPresent()) {
            return ruledOut(
                    "Surge or balance found shorted turns: cleaning does not mend them",
                    turns,
                    "A surge or balance test that holds.");
        }
        Optional<Test> punctured = stopped(Aspect.BREAKDOWN);
        if (punctured.isPresent()) {
            return ruledOut("It broke down: the place needs new insulation", punctured, "A withstand test that holds.");
        }
        if (burnt()) {
            return Standing.ruledOut(
                    "The coil map shows burnt copper: it needs new coils.", "Nothing: burnt copper cannot be cleaned.");
        }
        Optional<Judgement> low = dried.filter(d -> d.verdict() == Verdict.STOP && !holds(Aspect.INSULATION));
        if (low.isPresent()) {
            return Standing.ruledOut(
                    "Drying took it no further (" + low.get().headline() + ").", "An insulation test that holds.");
        }
        if (stopped(Aspect.INSULATION).isPresent()) {
            String coils = mapFacts.isEmpty() ? "nobody has looked at the coils yet" : "no coil is burnt";
            return Standing.open(
                    "Insulation stops and " + coils + ": wash, dry, test again. Rewind only if it does not come up.");
        }
        if (stopped(Aspect.RESISTANCE).isPresent()) {
            return Standing.open("Repair the joint, then measure again.");
        }
        return Standing.open(conditions());
    }

    private Standing rewind() {
        Optional<Standing> iron = iron();
        if (iron.isPresent()) {
            return iron.get();
        }
        boolean sound = holds(Aspect.INSULATION)
                && holds(Aspect.RESISTANCE)
                && holds(Aspect.TURNS)
                && tests.stream().noneMatch(t -> t.verdict() == Verdict.STOP)
                && !burnt();
        return sound
                ? Standing.ruledOut(
                        "Insulation, resistance and surge hold: there is nothing to rewind.",
                        "A test of the winding that stops.")
                : Standing.open(conditions());
    }

    /** Iron that is past use spoils whatever is done to the copper. */
    private Optional<Standing> iron() {
        if (cageMelted) {
            return Optional.of(Standing.ruledOut(
                    "The rotor threw its aluminium: without its cage it makes no torque.", "Another rotor."));
        }
        return stopped(Aspect.CORE)
                .map(t -> ruledOut(
                        "The core stops: it would burn a winding",
                        Optional.of(t),
                        "Restack or mend the core, and test it again."))
                .or(() -> stopped(Aspect.AIR_GAP)
                        .map(t -> ruledOut(
                                "The air gap stops: the rotor would drag",
                                Optional.of(t),
                                "Machine brackets, seats or shaft and measure again.")));
    }

    private static Standing ruledOut(String why, Optional<Test> test, String bringsBack) {
        return Standing.ruledOut(why + test.map(t -> " (" + t.headline() + ").").orElse("."), bringsBack);
    }

    private Optional<Test> stopped(Aspect aspect) {
        return tests.stream()
                .filter(t -> t.aspect() == aspect && t.verdict() == Verdict.STOP)
                .findFirst();
    }

    /** A test of {@code aspect} that is inside its limit but not comfortable. */
    Optional<Test> risen(Aspect aspect) {
        return tests.stream()
                .filter(t -> t.aspect() == aspect && t.verdict() == Verdict.WATCH)
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
