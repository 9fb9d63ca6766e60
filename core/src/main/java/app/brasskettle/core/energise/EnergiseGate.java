package app.brasskettle.core.energise;

import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Answer to "may this motor be put on power?", computed from the record and never ticked.
 *
 * @param state shut, open for test power, or open
 * @param holding what holds it where it is, worst first
 * @param leads whether leads may be connected, a question of its own
 * @param waived limits in dispute that a lead hand opened it against, with the written reason
 */
public record EnergiseGate(State state, List<Reason> holding, Leads leads, List<Waived> waived) {

    /** How far the gate is open. */
    public enum State implements Word {
        SHUT,
        /** Reduced voltage or current-limited, guarded. */
        TEST_POWER,
        OPEN;

        /** The state as it follows "Power:". */
        public String spoken() {
            return switch (this) {
                case SHUT -> "shut";
                case TEST_POWER -> "test power only";
                case OPEN -> "open";
            };
        }
    }

    /**
     * One thing that holds the gate.
     *
     * @param code name of the reason
     * @param sentence what is so
     * @param opens what would lift it
     * @param step the step of the job where that is done
     * @param never true when no lead hand may open the gate against it
     * @param disputable true when only a limit stands in the way, which a lead hand may argue in writing
     */
    public record Reason(String code, String sentence, String opens, String step, boolean never, boolean disputable) {

        static Reason of(String code, String sentence, String opens, String step, boolean never) {
            return new Reason(code, sentence, opens, step, never, false);
        }

        /** A figure beyond its limit: what was measured is not in doubt, what it means may be. */
        static Reason limit(String code, String sentence, String opens, String step) {
            return new Reason(code, sentence, opens, step, false, true);
        }
    }

    /** A limit that a lead hand opened the gate against. */
    public record Waived(Reason reason, String by, String why) {}

    /** Whether leads may be connected: the supply locked out and proved dead, by name and time. */
    public record Leads(boolean mayConnect, String sentence) {}

    /** The gate that {@code facts} give at {@code now} (seconds of the epoch). */
    public static EnergiseGate of(GateFacts facts, double now) {
        List<Reason> shut = new ArrayList<>();
        List<Reason> testOnly = new ArrayList<>();
        lockOut(facts, shut);
        shaft(facts, shut);
        apart(facts, shut);
        insulation(facts, shut, testOnly);
        resistance(facts, shut);
        surge(facts, shut, testOnly);
        withstand(facts, testOnly);
        further(facts, shut, testOnly);
        facts.discharge()
                .filter(c -> c.runs(now))
                .ifPresent(c -> shut.add(Reason.of(
                        "discharging",
                        "Leads stay grounded: the winding discharges",
                        "Time, or proof under 25 V after a minute",
                        "bench/insulation",
                        true)));
        if (!facts.runRelease()) {
            testOnly.add(Reason.of(
                    "not-released",
                    "Nobody has released it to run",
                    "Bolted down, coupling guarded, key captured, rotation agreed, someone at the stop: by name",
                    "bench/release",
                    false));
        }
        List<Waived> waived = waived(shut, facts.openings());
        waived.forEach(w -> shut.remove(w.reason()));
        State state = !shut.isEmpty() ? State.SHUT : testOnly.isEmpty() ? State.OPEN : State.TEST_POWER;
        List<Reason> holding = new ArrayList<>(shut);
        holding.addAll(testOnly);
        return new EnergiseGate(state, List.copyOf(holding), leads(facts), waived);
    }

    private static void withstand(GateFacts facts, List<Reason> testOnly) {
        boolean stood = facts.further().stream()
                .anyMatch(t -> t.step().equals(GateFacts.WITHSTAND_STEP) && t.verdict() == Verdict.HOLDS);
        if (facts.opened() && !stood) {
            testOnly.add(Reason.of(
                    "withstand",
                    "An opened winding needs a withstand test that holds",
                    "Withstand test",
                    GateFacts.WITHSTAND_STEP,
                    false));
        }
    }

    private static void further(GateFacts facts, List<Reason> shut, List<Reason> testOnly) {
        for (GateFacts.Further t : facts.further()) {
            String repaired = "Cause found, winding repaired, the test repeated";
            if (t.stops(GateFacts.Effect.LIMIT)) {
                shut.add(Reason.limit(t.step(), t.headline(), repaired, t.step()));
            } else if (t.stops(GateFacts.Effect.SHUTS)) {
                shut.add(Reason.of(t.step(), t.headline(), "Part or external protection recorded", t.step(), false));
            } else if (t.stops(GateFacts.Effect.NEVER)) {
                shut.add(Reason.of(t.step(), t.headline(), repaired, t.step(), true));
            } else if (t.stops(GateFacts.Effect.TEST_POWER_ONLY)) {
                testOnly.add(Reason.of(t.step(), t.headline(), "Mended, and recorded as working", t.step(), false));
            }
        }
    }

    /** Reasons that a lead hand argued as they stand now; a new figure is a new reason and asks again. */
    private static List<Waived> waived(List<Reason> shut, List<GateFacts.Opening> openings) {
        List<Waived> waived = new ArrayList<>();
        for (Reason reason : shut) {
            openings.stream()
                    .filter(o -> reason.disputable())
                    .filter(o -> o.code().equals(reason.code()) && o.sentence().equals(reason.sentence()))
                    .reduce((earlier, later) -> later)
                    .ifPresent(o -> waived.add(new Waived(reason, o.by(), o.why())));
        }
        return List.copyOf(waived);
    }

    private static Leads leads(GateFacts facts) {
        return facts.lockedOut()
                .map(who -> new Leads(true, "Leads may be connected: " + who))
                .orElse(new Leads(
                        false, "No leads: nobody has recorded that the supply is locked out and proved dead"));
    }

    private static void lockOut(GateFacts facts, List<Reason> shut) {
        if (facts.lockedOut().isEmpty()) {
            shut.add(Reason.of(
                    "no-lock-out",
                    "No lock-out on record",
                    "Lock out, prove dead by two means, by name",
                    "bench/dead",
                    true));
        }
    }

    private static void shaft(GateFacts facts, List<Reason> shut) {
        if (facts.shaftFree().isEmpty()) {
            shut.add(Reason.of(
                    "shaft-unknown", "Nobody has recorded that the shaft turns", "Turn it by hand", "receive", true));
        } else if (!facts.shaftFree().get()) {
            shut.add(Reason.of("shaft-binds", "The shaft binds", "Teardown: free it, then record it", "receive", true));
        }
    }

    private static void apart(GateFacts facts, List<Reason> shut) {
        if (facts.partsOff() > 0) {
            boolean one = facts.partsOff() == 1;
            shut.add(Reason.of(
                    "parts-off",
                    "Not together: " + facts.partsOff() + (one ? " logged part is" : " logged parts are") + " not back",
                    "Refit by the list, or say why a part stays out",
                    "teardown/together",
                    true));
        }
    }

    private static void insulation(GateFacts facts, List<Reason> shut, List<Reason> testOnly) {
        if (facts.insulation().isEmpty()) {
            shut.add(insulationReason("No insulation test yet", "Test insulation to frame", false));
            return;
        }
        GateFacts.Taken test = facts.insulation().get();
        double last = Math.max(
                facts.surge().map(GateFacts.Taken::at).orElse(Double.NEGATIVE_INFINITY),
                facts.further().stream()
                        .filter(GateFacts.Further::highVoltage)
                        .mapToDouble(GateFacts.Further::at)
                        .max()
                        .orElse(Double.NEGATIVE_INFINITY));
        boolean old =
                test.at() < last || facts.washed().filter(w -> w > test.at()).isPresent();
        if (test.verdict() == Verdict.STOP && !facts.groundFault() && !old) {
            shut.add(Reason.limit("insulation", test.headline(), "A fresh test that holds", "bench/insulation"));
        } else if (test.verdict() == Verdict.STOP || test.verdict() == Verdict.UNPROVEN) {
            shut.add(insulationReason(test.headline(), "A fresh test that holds", facts.groundFault()));
        } else if (test.at() < last) {
            shut.add(insulationReason(
                    "Insulation was tested before the last high voltage", "Test insulation once more", false));
        } else if (facts.washed().filter(w -> w > test.at()).isPresent()) {
            shut.add(insulationReason(
                    "Washed, dried or opened since the insulation test", "Test insulation once more", false));
        } else if (test.spot()) {
            testOnly.add(insulationReason("Insulation is a spot reading, under 60 s", "Hold it for 60 s", false));
        }
    }

    private static Reason insulationReason(String sentence, String opens, boolean never) {
        return Reason.of("insulation", sentence, opens, "bench/insulation", never);
    }

    private static void resistance(GateFacts facts, List<Reason> shut) {
        if (facts.openPair()) {
            shut.add(Reason.of(
                    "open-circuit",
                    "A terminal pair reads open",
                    "Find the open, then measure again",
                    "bench/resistance",
                    true));
            return;
        }
        Optional<GateFacts.Taken> test = facts.resistance();
        if (test.isEmpty()) {
            shut.add(Reason.of(
                    "resistance",
                    "No resistance test yet",
                    "Measure the three resistances",
                    "bench/resistance",
                    false));
        } else if (test.get().verdict() == Verdict.STOP) {
            shut.add(Reason.limit(
                    "resistance", test.get().headline(), "A resistance test that holds", "bench/resistance"));
        } else if (test.get().verdict() == Verdict.UNPROVEN) {
            shut.add(Reason.of(
                    "resistance", test.get().headline(), "A resistance test that holds", "bench/resistance", false));
        }
    }

    private static void surge(GateFacts facts, List<Reason> shut, List<Reason> testOnly) {
        Optional<GateFacts.Taken> test = facts.surge();
        if (test.filter(t -> t.verdict() == Verdict.STOP).isPresent()) {
            shut.add(Reason.limit(
                    "surge", test.get().headline(), "Cause found, winding repaired, surge repeated", "bench/surge"));
        } else if (facts.opened()
                && test.filter(t -> t.verdict() == Verdict.HOLDS).isEmpty()) {
            testOnly.add(Reason.of(
                    "surge", "An opened winding needs a surge test that holds", "Surge test", "bench/surge", false));
        }
    }
}
