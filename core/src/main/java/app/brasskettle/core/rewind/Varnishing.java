package app.brasskettle.core.rewind;

import app.brasskettle.core.oven.OvenCurve;
import app.brasskettle.core.oven.OvenReading;
import app.brasskettle.core.oven.OvenWorksheet;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.rules.ShopLimit;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Asked;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Varnish put into a winding and cured.
 *
 * @param method how
 * @param varnish what, as the tin says
 * @param resin its curve, where it is another than the shop's usual one
 * @param preheatC temperature of the winding as it went in
 * @param drainMinutes how long it drained
 * @param massBeforeKg stator before the first dip
 * @param massAfterKg stator after the last bake
 * @param passes each dip with its bake, in their order
 */
public record Varnishing(
        Method method,
        Optional<String> varnish,
        @Asked("cures as") Optional<ResinCure> resin,
        @Asked("preheated to") Optional<Double> preheatC,
        @Asked("drained for") Optional<Double> drainMinutes,
        @Asked("stator before") Optional<Double> massBeforeKg,
        @Asked("stator after") Optional<Double> massAfterKg,
        @Asked("dips, each with its bake") List<Pass> passes) {

    /** How varnish gets into a winding. */
    public enum Method implements Coded {
        DIP,
        TRICKLE,
        VACUUM_PRESSURE
    }

    /**
     * One dip and the bake after it.
     *
     * @param turnedOver whether the other end was up
     * @param readings temperature of the part while it baked
     * @param simulatedOven whether the readings come from the simulated oven
     * @param maxGapMinutes longest interval between readings that counts
     */
    public record Pass(
            @Asked("other end up") Optional<Boolean> turnedOver,
            @Asked("the winding in the oven") Optional<List<OvenReading>> readings,
            @Asked("") Optional<Boolean> simulatedOven,
            @Asked("longest gap that counts") Optional<Double> maxGapMinutes) {

        public Pass {
            turnedOver = Problems.orEmpty(turnedOver);
            readings = Problems.orEmpty(readings).map(Problems::copy).filter(r -> !r.isEmpty());
            simulatedOven = Problems.orEmpty(simulatedOven);
            maxGapMinutes = Problems.orEmpty(maxGapMinutes);
            Problems problems = new Problems();
            readings.ifPresent(r -> {
                problems.size("readings", r, 1, MOST_READINGS);
                OvenCurve.rising("readings", r, problems);
            });
            maxGapMinutes.ifPresent(g -> problems.positive("maxGapMinutes", g, "min"));
            problems.throwIfAny();
        }

        /** Tells whether its bake was read often enough to say something. */
        public boolean baked() {
            return readings.filter(r -> r.size() > 1).isPresent();
        }

        OvenLook oven() {
            return new OvenLook(readings.orElse(List.of()), simulatedOven.orElse(false));
        }
    }

    private static final int MOST_READINGS = 10_000;
    private static final int MOST_PASSES = 6;
    private static final double HEAVIEST_KG = 100_000;
    private static final String SOURCE = "The resin’s data as the shop set them; shop rule";

    public Varnishing {
        varnish = Problems.orEmpty(varnish).filter(s -> !s.isBlank());
        resin = Problems.orEmpty(resin);
        preheatC = Problems.orEmpty(preheatC);
        drainMinutes = Problems.orEmpty(drainMinutes);
        massBeforeKg = Problems.orEmpty(massBeforeKg);
        massAfterKg = Problems.orEmpty(massAfterKg);
        passes = Problems.copy(passes);
        Problems problems = new Problems();
        problems.present("method", method);
        preheatC.ifPresent(c -> problems.temperature("preheatC", c));
        drainMinutes.ifPresent(m -> problems.positive("drainMinutes", m, "min"));
        massBeforeKg.ifPresent(k -> problems.aboveTo("massBeforeKg", k, 0, HEAVIEST_KG, "kg"));
        massAfterKg.ifPresent(k -> problems.aboveTo("massAfterKg", k, 0, HEAVIEST_KG, "kg"));
        problems.size("passes", passes, 1, MOST_PASSES);
        if (problems.clear("massBeforeKg", "massAfterKg")
                && massBeforeKg.isPresent()
                && massAfterKg.isPresent()
                && massAfterKg.get() <= massBeforeKg.get()) {
            problems.add(
                    "massAfterKg",
                    Problem.Code.CONTRADICTION,
                    "massAfterKg is " + massAfterKg.get() + " kg; with varnish in it it weighs more than before, "
                            + massBeforeKg.get() + " kg");
        }
        problems.throwIfAny();
    }

    /** How often it was dipped. */
    public int dips() {
        return passes.size();
    }

    /** How many of the bakes were read. */
    public int bakes() {
        return (int) passes.stream().filter(Pass::baked).count();
    }

    /** What it comes to, line by line: a bake each, then turning over, then the build. */
    public List<Judgement> judge(ShopRules rules) {
        List<Judgement> lines = new ArrayList<>();
        for (int i = 0; i < passes.size(); i++) {
            lines.add(bake(i + 1, passes.get(i), rules));
            passes.get(i).oven().said("Bake " + (i + 1)).ifPresent(lines::add);
        }
        boolean turned = passes.stream().anyMatch(p -> p.turnedOver().orElse(false));
        if (method == Method.DIP && !(passes.size() > 1 && turned)) {
            lines.add(new Judgement(
                    Verdict.WATCH,
                    passes.size() > 1 ? "Dipped twice with the same end up" : "Dipped once",
                    "Varnish runs off the upper end and leaves it thin",
                    SOURCE,
                    "Dip and bake it once more, turned over."));
        }
        massBeforeKg
                .flatMap(before -> massAfterKg.map(after -> build(before, after)))
                .ifPresent(lines::add);
        return List.copyOf(lines);
    }

    /** The temperature from which baking counts: that of the resin named, else the shop's usual one. */
    public double holdC(ShopRules rules) {
        return resin.map(ResinCure::holdC).orElseGet(() -> usualHoldC(rules));
    }

    /** The temperature from which baking counts with the shop's usual resin. */
    public static double usualHoldC(ShopRules rules) {
        return Math.min(rules.figure(ShopLimit.BAKE_HOLD_C), rules.figure(ShopLimit.BAKE_LIMIT_C) - 1);
    }

    /** How long it is held, in minutes. */
    public double holdMinutes(ShopRules rules) {
        return resin.map(ResinCure::holdMinutes).orElseGet(() -> rules.figure(ShopLimit.BAKE_HOLD_MINUTES));
    }

    /** The temperature that the part is not to pass. */
    public double limitC(ShopRules rules) {
        return resin.map(ResinCure::limitC).orElseGet(() -> rules.figure(ShopLimit.BAKE_LIMIT_C));
    }

    private Judgement bake(int number, Pass pass, ShopRules rules) {
        Judgement judged = pass.readings()
                .filter(r -> pass.baked())
                .map(r -> OvenWorksheet.create()
                        .work()
                        .apply(new OvenCurve(r, holdC(rules), holdMinutes(rules), limitC(rules), pass.maxGapMinutes()))
                        .judgement())
                .orElseGet(() -> new Judgement(
                        Verdict.UNPROVEN,
                        "not read in the oven yet",
                        "Varnish that is not cured stays soft and carries current",
                        SOURCE,
                        "Read the part every hour or oftener, from a file, by hand or from the simulated oven."));
        return new Judgement(
                judged.verdict(),
                "Bake " + number + ": " + judged.headline(),
                judged.because(),
                judged.source(),
                judged.verdict() == Verdict.STOP
                        ? "Varnish over its limit turns brittle: look at it, and test the winding before it goes on."
                        : judged.next());
    }

    private static Judgement build(double before, double after) {
        return new Judgement(
                Verdict.HOLDS,
                "Varnish built up: " + Figures.significant(1000 * (after - before), 3) + " g",
                "Stator " + Figures.significant(before, 4) + " kg before, " + Figures.significant(after, 4)
                        + " kg after",
                SOURCE,
                "");
    }
}
