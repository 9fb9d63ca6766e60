package app.brasskettle.core.energise;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.energise.EnergiseGate.Reason;
import app.brasskettle.core.testkind.StopEffect.Hold;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.work.WorkDone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Answer to "may withstand, step voltage or surge be applied?": insulation must hold first, and whatever a high voltage
 * would harm is named as removed or shorted.
 *
 * @param permitted true when it may
 * @param holding what holds it
 */
public record HighVoltageGate(boolean permitted, List<Reason> holding) {

    /**
     * Computes the gate.
     *
     * @param facts what the record says
     * @param now seconds of the epoch
     */
    public static HighVoltageGate of(GateFacts facts, double now) {
        List<Reason> holding = new ArrayList<>();
        facts.power()
                .runUnderWay()
                .ifPresent(who -> holding.add(Reason.of(GateRow.RUN_UNDER_WAY, "Voltage is on: " + who)));
        if (facts.leftShop()) {
            holding.add(Reason.of(GateRow.LEFT_SHOP, "It is not in the shop"));
        }
        EnergiseGate.Leads leads = EnergiseGate.of(facts, now).leads();
        if (!leads.mayConnect()) {
            holding.add(Reason.of(GateRow.NO_LOCK_OUT, leads.sentence()));
        }
        insulation(facts).ifPresent(holding::add);
        facts.clock()
                .filter(c -> c.runs(now))
                .ifPresent(c -> holding.add(Reason.of(GateRow.DISCHARGING, "The winding still discharges")));
        if (!facts.winding().present()) {
            holding.add(Reason.of(GateRow.NO_WINDING, "It is stripped"));
        }
        List<String> left = connected(facts);
        if (!left.isEmpty()) {
            holding.add(new Reason(
                    "auxiliaries",
                    "Still connected: " + String.join(", ", left),
                    "Name each as removed or shorted",
                    WindingTests.SURGE_COMPARISON.step(1),
                    Hold.BLOCKED,
                    false,
                    "Shop rule"));
        }
        return new HighVoltageGate(holding.isEmpty(), List.copyOf(holding));
    }

    private static Optional<Reason> insulation(GateFacts facts) {
        Optional<JudgedTest> test = facts.tests().current(WindingTests.INSULATION_RESISTANCE, 1);
        if (test.isEmpty()) {
            return Optional.of(Reason.of(GateRow.INSULATION_MISSING, "No insulation test of this winding yet"));
        }
        boolean holds = test.get().proves()
                && test.get().verdict() == Verdict.HOLDS
                && !test.get().foundStop();
        return holds
                ? Optional.empty()
                : Optional.of(Reason.of(
                        GateRow.INSULATION_MISSING,
                        "Insulation is not proved: " + test.get().effective().headline()));
    }

    /** What was named as off counts until the motor is put together again or comes back. */
    private static List<String> connected(GateFacts facts) {
        double joined = facts.works().stream()
                .filter(w -> w.work() == Work.REASSEMBLED || w.work() == Work.CAME_BACK)
                .mapToDouble(WorkDone::at)
                .max()
                .orElse(Double.NEGATIVE_INFINITY);
        Set<String> off = facts.power().isolatedAt().filter(at -> at > joined).isPresent()
                ? facts.power().isolated()
                : Set.of();
        return facts.auxiliaries().stream().filter(a -> !off.contains(a)).toList();
    }
}
