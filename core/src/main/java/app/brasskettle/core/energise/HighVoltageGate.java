package app.brasskettle.core.energise;

import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Answer to "may withstand, step voltage or surge be applied?": insulation must hold first, and whatever a high voltage
 * would harm is named as removed or shorted.
 *
 * @param open true when it may
 * @param holding what holds it shut
 */
public record HighVoltageGate(boolean open, List<EnergiseGate.Reason> holding) {

    public static HighVoltageGate of(GateFacts facts, double now) {
        List<EnergiseGate.Reason> holding = new ArrayList<>();
        if (facts.lockedOut().isEmpty()) {
            holding.add(reason(
                    "no-lock-out", "No lock-out on record", "Lock out and prove dead, by name", "bench/dead", true));
        }
        Optional<GateFacts.Taken> insulation = facts.insulation();
        if (insulation.isEmpty()) {
            holding.add(
                    reason("insulation", "No insulation test yet", "Test insulation first", "bench/insulation", false));
        } else if (insulation.get().verdict() != Verdict.HOLDS) {
            holding.add(reason(
                    "insulation",
                    "Insulation does not hold: " + insulation.get().headline(),
                    "Insulation that holds",
                    "bench/insulation",
                    facts.groundFault()));
        }
        facts.discharge()
                .filter(c -> c.runs(now))
                .ifPresent(c -> holding.add(reason(
                        "discharging", "The winding still discharges", "Time, or proof", "bench/insulation", true)));
        List<String> left = facts.auxiliaries().stream()
                .filter(a -> !facts.isolated().contains(a))
                .toList();
        if (!left.isEmpty()) {
            holding.add(reason(
                    "auxiliaries",
                    "Still connected: " + String.join(", ", left),
                    "Name each as removed or shorted",
                    "bench/surge",
                    false));
        }
        return new HighVoltageGate(holding.isEmpty(), List.copyOf(holding));
    }

    private static EnergiseGate.Reason reason(String code, String sentence, String opens, String step, boolean never) {
        return EnergiseGate.Reason.of(code, sentence, opens, step, never);
    }
}
