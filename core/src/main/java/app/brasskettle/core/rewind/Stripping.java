package app.brasskettle.core.rewind;

import app.brasskettle.core.oven.OvenCurve;
import app.brasskettle.core.oven.OvenReading;
import app.brasskettle.core.rules.ShopLimit;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.worksheet.Asked;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * A winding taken out.
 *
 * @param method how
 * @param cutEnd which end was cut off
 * @param coreInsulation what lies between the laminations; organic unless somebody knows
 * @param aluminiumFrame whether the frame is aluminium
 * @param overheatAlarm whether the oven's alarm was set
 * @param waterSpray whether the oven's water spray was ready
 * @param watchedBy who watched the oven
 * @param readings temperature of the part, while it burnt out
 * @param simulatedOven whether the readings come from the simulated oven
 * @param maxGapMinutes longest interval between readings that counts
 * @param copperOut whether all copper is out
 * @param statorBeforeKg stator with its winding
 * @param statorAfterKg stator bare
 */
public record Stripping(
        @Asked("how it comes out") Method method,
        @Asked("end cut off") Optional<CutEnd> cutEnd,
        @Asked("core insulation") Optional<CoreInsulation> coreInsulation,
        @Asked("frame of aluminium") Optional<Boolean> aluminiumFrame,
        @Asked("oven alarm set") Optional<Boolean> overheatAlarm,
        @Asked("water spray ready") Optional<Boolean> waterSpray,
        @Asked("watched by") Optional<String> watchedBy,
        @Asked("the core in the oven") Optional<List<OvenReading>> readings,
        @Asked("") Optional<Boolean> simulatedOven,
        @Asked("longest gap that counts") Optional<Double> maxGapMinutes,
        @Asked("all copper is out") Optional<Boolean> copperOut,
        @Asked("stator with winding") Optional<Double> statorBeforeKg,
        @Asked("stator bare") Optional<Double> statorAfterKg) {

    /** How a winding comes out. */
    public enum Method implements Coded {
        BURN_OUT,
        PULLED_WARM,
        MECHANICAL
    }

    /** The end whose coil heads are cut off. */
    public enum CutEnd implements Coded {
        CONNECTION_END,
        OTHER_END
    }

    /** What insulates lamination from lamination. */
    public enum CoreInsulation implements Coded {
        ORGANIC,
        INORGANIC,
        NOT_KNOWN
    }

    private static final double MARGIN_K = 15;
    private static final int MOST_READINGS = 10_000;
    private static final double HEAVIEST_KG = 100_000;

    public Stripping {
        cutEnd = Problems.orEmpty(cutEnd);
        coreInsulation = Problems.orEmpty(coreInsulation);
        aluminiumFrame = Problems.orEmpty(aluminiumFrame);
        overheatAlarm = Problems.orEmpty(overheatAlarm);
        waterSpray = Problems.orEmpty(waterSpray);
        watchedBy = Problems.orEmpty(watchedBy).filter(s -> !s.isBlank());
        readings = Problems.orEmpty(readings).map(Problems::copy).filter(r -> !r.isEmpty());
        simulatedOven = Problems.orEmpty(simulatedOven);
        maxGapMinutes = Problems.orEmpty(maxGapMinutes);
        copperOut = Problems.orEmpty(copperOut);
        statorBeforeKg = Problems.orEmpty(statorBeforeKg);
        statorAfterKg = Problems.orEmpty(statorAfterKg);
        Problems problems = new Problems();
        problems.present("method", method);
        readings.ifPresent(r -> {
            problems.size("readings", r, 1, MOST_READINGS);
            OvenCurve.rising("readings", r, problems);
            if (method != null && method != Method.BURN_OUT) {
                problems.add(
                        "readings",
                        Problem.Code.CONTRADICTION,
                        "readings of an oven are given, and the winding was not burnt out");
            }
        });
        maxGapMinutes.ifPresent(g -> problems.positive("maxGapMinutes", g, "min"));
        statorBeforeKg.ifPresent(k -> problems.aboveTo("statorBeforeKg", k, 0, HEAVIEST_KG, "kg"));
        statorAfterKg.ifPresent(k -> problems.aboveTo("statorAfterKg", k, 0, HEAVIEST_KG, "kg"));
        if (problems.clear("statorBeforeKg", "statorAfterKg")
                && statorBeforeKg.isPresent()
                && statorAfterKg.isPresent()
                && statorAfterKg.get() >= statorBeforeKg.get()) {
            problems.add(
                    "statorAfterKg",
                    Problem.Code.CONTRADICTION,
                    "statorAfterKg is " + statorAfterKg.get() + " kg; bare it weighs less than before, "
                            + statorBeforeKg.get() + " kg");
        }
        problems.throwIfAny();
    }

    /** Tells whether all copper is out. */
    public boolean bare() {
        return copperOut.orElse(false);
    }

    /** Copper that came out, in kg, where the stator was weighed before and after. */
    public Optional<Double> copperKg() {
        return statorBeforeKg.flatMap(before -> statorAfterKg.map(after -> before - after));
    }

    /** What the oven gave, where it was read. */
    OvenLook oven() {
        return new OvenLook(readings.orElse(List.of()), simulatedOven.orElse(false));
    }

    /** The oven's curve by the shop's limits; empty until there are two readings. */
    Optional<OvenCurve> curve(ShopRules rules) {
        return readings.filter(r -> r.size() > 1)
                .map(r -> new OvenCurve(
                        r, holdC(rules), rules.figure(ShopLimit.BURNOUT_HOLD_MINUTES), limitC(rules), maxGapMinutes));
    }

    /** The temperature from which time counts: where the usual one is at the limit or over it, so far under that a part can be held. */
    public double holdC(ShopRules rules) {
        return Math.min(rules.figure(ShopLimit.BURNOUT_HOLD_C), limitC(rules) - MARGIN_K);
    }

    /** The limit of the part: the lowest that core and frame allow; what is not known counts as the more delicate. */
    public double limitC(ShopRules rules) {
        double core = rules.figure(
                coreInsulation.filter(i -> i == CoreInsulation.INORGANIC).isPresent()
                        ? ShopLimit.BURNOUT_INORGANIC_C
                        : ShopLimit.BURNOUT_ORGANIC_C);
        return aluminiumFrame.orElse(false) ? Math.min(core, rules.figure(ShopLimit.BURNOUT_ALUMINIUM_C)) : core;
    }
}
