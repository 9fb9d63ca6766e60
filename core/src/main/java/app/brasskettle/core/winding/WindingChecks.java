package app.brasskettle.core.winding;

import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Judgement of a taken winding against usual ranges. */
final class WindingChecks {

    private static final String SOURCE = FluxRange.SOURCE;

    private final WindingLimits limits;
    private final WindingPurpose purpose;

    WindingChecks(WindingLimits limits, WindingPurpose purpose) {
        this.limits = limits;
        this.purpose = purpose;
    }

    List<Judgement> of(WindingData d, boolean balanced, Optional<Magnetics> flux, double density, double fill) {
        List<Judgement> checks = new ArrayList<>();
        if (!balanced) {
            checks.add(new Judgement(
                    Verdict.STOP,
                    "The grouping is unbalanced: the phases do not get equal voltages 120° apart",
                    d.slots() + " slots on " + d.poles() + " poles in this order of groups",
                    "Vector sum of the coils",
                    "Count the groups again, in order, from lead 1."));
        }
        flux.ifPresent(m -> {
            checks.add(range("Air gap", m.gapT(), limits.gapLowT(), limits.gapHighT()));
            checks.add(range("Teeth", m.toothT(), limits.toothLowT(), limits.toothHighT()));
            checks.add(range("Back iron", m.coreT(), limits.coreLowT(), limits.coreHighT()));
        });
        checks.add(ceiling(
                "Current density",
                density,
                limits.currentDensityWatch(),
                limits.currentDensityStop(),
                " A/mm²",
                purpose.density()));
        checks.add(
                ceiling("Slot fill", fill, limits.fillWatchPercent(), limits.fillStopPercent(), " %", purpose.fill()));
        return List.copyOf(checks);
    }

    /** The single misreadings that would each bring all flux densities into range, when they are not there as taken. */
    Optional<String> misreading(WindingData d, Magnetics flux) {
        if (flux.usualAt(1, limits)) {
            return Optional.empty();
        }
        boolean wye = d.connection() == WindingConnection.WYE;
        int hand = d.wiresInHand();
        List<String> found = new ArrayList<>();
        if (hand > 1 && flux.usualAt(hand, limits)) {
            found.add("wires counted as turns (" + d.turnsPerCoil() + " ÷ " + hand + " in hand is "
                    + Figures.plain((double) d.turnsPerCoil() / hand) + " turns)");
        }
        if (flux.usualAt(2, limits)) {
            found.add("twice as many circuits (" + 2 * d.parallelCircuits() + " in parallel)");
        }
        if (flux.usualAt(0.5, limits)) {
            found.add(
                    d.parallelCircuits() > 1
                            ? "half as many circuits (" + d.parallelCircuits() / 2 + " in parallel)"
                            : "half the turns counted (twice " + d.turnsPerCoil() + ")");
        }
        if (flux.usualAt(wye ? Math.sqrt(3) : 1 / Math.sqrt(3), limits)) {
            found.add((wye ? "delta" : "wye") + " instead of " + (wye ? "wye" : "delta"));
        }
        for (int span = d.spanSlots() - 1; span <= d.spanSlots() + 1; span += 2) {
            if (span > 0
                    && span < 2 * d.fullPitchSlots()
                    && flux.usualAt(pitch(d, d.spanSlots()) / pitch(d, span), limits)) {
                found.add("a span of " + span + " slots (1 to " + (span + 1) + ")");
            }
        }
        return found.isEmpty()
                ? Optional.empty()
                : Optional.of("One of these would bring all three into range: " + String.join("; ", found) + ".");
    }

    private static double pitch(WindingData d, int span) {
        return GroupRing.pitchFactor(span, d.poles(), d.slots());
    }

    private Judgement range(String where, double tesla, double low, double high) {
        return FluxRange.judge(where, tesla, low, high, purpose.flux(tesla > high));
    }

    private static Judgement ceiling(String what, double value, double watch, double stop, String unit, String next) {
        Verdict verdict = Limit.ceiling(value, watch, stop);
        return new Judgement(
                verdict,
                what + " " + Figures.significant(value, 3) + unit + ", watch over " + Figures.plain(watch)
                        + ", stop over " + Figures.plain(stop) + unit,
                "",
                SOURCE,
                verdict == Verdict.HOLDS ? "" : next);
    }
}
