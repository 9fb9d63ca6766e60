package app.brasskettle.core.design;

import app.brasskettle.core.design.RatingEstimate.Candidate;
import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.nameplate.CoreOutput;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.windingtake.WindingTake;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Search for the ratings that a core and a winding fit. */
final class RatingSearch {

    private static final Map<Double, List<Double>> USUAL_V = Map.of(
            50.0, List.of(220.0, 230.0, 380.0, 400.0, 415.0, 500.0, 525.0, 660.0, 690.0),
            60.0, List.of(208.0, 220.0, 230.0, 380.0, 440.0, 460.0, 480.0, 575.0, 600.0));
    private static final int SHOWN = 3;
    /** Usual flux densities spread about so much, one part in this. */
    private static final double SPREAD = 0.1;

    private static final double CLOSE = 0.6;
    /** Voltages this near to one another make fluxes that no winding tells apart. */
    private static final double NEARLY = 0.11;

    private final WindingTake take;

    RatingSearch(WindingTake take) {
        this.take = take;
    }

    RatingEstimate estimate() {
        List<String> missing = missing();
        if (!missing.isEmpty()) {
            return new RatingEstimate(List.of(), missing, "Take " + missing.get(0) + ".");
        }
        List<Fit> fits = new ArrayList<>();
        for (double hertz : List.of(50.0, 60.0)) {
            for (WindingConnection connection : WindingConnection.values()) {
                if (take.connection().orElse(connection) == connection) {
                    fits.add(fit(hertz, connection));
                }
            }
        }
        fits.sort(Comparator.comparingDouble(Fit::off));
        double all = fits.stream().mapToDouble(Fit::weight).sum();
        List<Candidate> candidates =
                fits.stream().limit(SHOWN).map(f -> candidate(f, all)).toList();
        return new RatingEstimate(candidates, List.of(), next(candidates));
    }

    /** A rating and how far its flux densities are from usual ones, in spreads. */
    private record Fit(
            double hertz, WindingConnection connection, double volts, double voltsPerTesla, double gapT, double off) {

        double weight() {
            return Math.exp(-off * off / 2);
        }
    }

    private List<String> missing() {
        Map<String, Optional<?>> needed = new LinkedHashMap<>();
        needed.put("slots", take.slots());
        needed.put("poles", take.poles());
        needed.put("turns of a coil", take.turns());
        needed.put("span", take.spanSlots());
        needed.put("parallel circuits", take.parallelCircuits());
        needed.put("bore", take.boreDiameterM());
        needed.put("iron length", take.coreLengthM());
        return needed.entrySet().stream()
                .filter(e -> e.getValue().isEmpty())
                .map(Map.Entry::getKey)
                .toList();
    }

    private double windingFactor() {
        GroupRing ring = GroupRing.of(take.slots().get(), take.poles().get(), take.groupPattern());
        return ring.bestDistribution(take.poles().get())
                * GroupRing.pitchFactor(
                        take.spanSlots().get(), take.poles().get(), take.slots().get());
    }

    /** The usual voltage nearest to that of a usual gap, teeth and back iron. */
    private Fit fit(double hertz, WindingConnection connection) {
        double series = take.slots().get()
                / 3.0
                * take.turns().get()
                / take.parallelCircuits().get();
        double fluxPerTesla = 2
                * take.boreDiameterM().get()
                * take.coreLengthM().get()
                / take.poles().get();
        double phase = 4.44 * hertz * series * windingFactor() * fluxPerTesla;
        double perTesla = connection.lineV(phase);
        return USUAL_V.get(hertz).stream()
                .map(v -> new Fit(hertz, connection, v, perTesla, v / perTesla, off(v / perTesla)))
                .min(Comparator.comparingDouble(Fit::off))
                .orElseThrow();
    }

    private double off(double gapT) {
        double sum = square(gapT, DesignRules.GAP_T);
        sum += toothPerGap().map(t -> square(t * gapT, DesignRules.TOOTH_T)).orElse(0.0);
        sum += corePerGap().map(c -> square(c * gapT, DesignRules.CORE_T)).orElse(0.0);
        return Math.sqrt(sum);
    }

    private static double square(double tesla, double usual) {
        double off = Math.log(tesla / usual) / SPREAD;
        return off * off;
    }

    private Optional<Double> toothPerGap() {
        return take.toothWidthM()
                .map(w -> Math.PI * take.boreDiameterM().get() / (take.slots().get() * w * stacking()));
    }

    private Optional<Double> corePerGap() {
        return take.backIronDepthM()
                .map(d -> take.boreDiameterM().get() / (take.poles().get() * d * stacking()));
    }

    private double stacking() {
        return take.stackingFactor().orElse(DesignRules.STACKING);
    }

    private Candidate candidate(Fit f, double all) {
        double speed = 120 * f.hertz() / take.poles().get();
        double fromCore = CoreOutput.watts(
                        take.boreDiameterM().get(),
                        take.coreLengthM().get(),
                        f.hertz(),
                        take.poles().get())
                / 1000;
        double low = fromCore * CoreOutput.LEAST;
        double high = fromCore * CoreOutput.MOST;
        List<String> reasons = new ArrayList<>();
        reasons.add(flux(f));
        reasons.add("The core alone gives about " + Figures.significant(fromCore, 2) + " kW at "
                + Math.round(speed) + " r/min, " + Figures.significant(low, 2) + " to " + Figures.significant(high, 2)
                + " kW.");
        Optional<Double> current = Optional.empty();
        double likely = fromCore;
        if (take.copperMm2().isPresent()) {
            double perDensity = take.copperMm2().get()
                    * take.parallelCircuits().get()
                    * f.connection().lineA(1);
            double least = kw(f, perDensity * DesignRules.DENSITY_LOW);
            double most = kw(f, perDensity * DesignRules.DENSITY_HIGH);
            reasons.add("The wire carries " + Figures.significant(perDensity * DesignRules.DENSITY_LOW, 2) + " to "
                    + Figures.significant(perDensity * DesignRules.DENSITY_HIGH, 2) + " A at a usual "
                    + DesignRules.DENSITY_LOW + " to " + Figures.plain(DesignRules.DENSITY_HIGH) + " A/mm²: "
                    + Figures.significant(least, 2) + " to " + Figures.significant(most, 2) + " kW.");
            if (Math.max(low, least) <= Math.min(high, most)) {
                low = Math.max(low, least);
                high = Math.min(high, most);
            } else {
                reasons.add("Core and wire do not agree: count turns, circuits and wires in hand again.");
                low = Math.min(low, least);
                high = Math.max(high, most);
            }
            likely = Math.sqrt(low * high);
            current = Optional.of(amperes(f, likely));
        }
        return new Candidate(
                f.hertz(),
                f.connection(),
                f.volts(),
                USUAL_V.get(f.hertz()).stream()
                        .filter(v -> v != f.volts())
                        .filter(v -> Math.abs(Math.log(v / f.volts())) < NEARLY)
                        .toList(),
                f.voltsPerTesla() * DesignRules.GAP_LOW_T,
                f.voltsPerTesla() * DesignRules.GAP_HIGH_T,
                speed,
                1000 * likely,
                1000 * low,
                1000 * high,
                current,
                100 * f.weight() / all,
                List.copyOf(reasons));
    }

    private String flux(Fit f) {
        return "At " + Figures.plain(f.volts()) + " V the gap carries " + Figures.significant(f.gapT(), 3) + " T"
                + toothPerGap()
                        .map(t -> ", the teeth " + Figures.significant(t * f.gapT(), 3) + " T")
                        .orElse("")
                + corePerGap()
                        .map(c -> ", the back iron " + Figures.significant(c * f.gapT(), 3) + " T")
                        .orElse("")
                + "; usual are 0.75, 1.55 and 1.4 T.";
    }

    private double use(double kw) {
        return DesignRules.efficiency(kw)
                * DesignRules.powerFactor(kw, take.poles().get());
    }

    private double kw(Fit f, double amperes) {
        double kva = Math.sqrt(3) * f.volts() * amperes / 1000;
        double kw = kva;
        for (int i = 0; i < 30; i++) {
            kw = kva * use(kw);
        }
        return kw;
    }

    private double amperes(Fit f, double kw) {
        return 1000 * kw / (Math.sqrt(3) * f.volts() * use(kw));
    }

    private String next(List<Candidate> candidates) {
        if (take.connection().isEmpty()) {
            return "Find out whether it is wye or delta inside: that decides between voltages a factor of 1.73 apart.";
        }
        if (take.strands().isEmpty()) {
            return "Measure the wire: its copper tells the current, and with it the power.";
        }
        if (take.toothWidthM().isEmpty() || take.backIronDepthM().isEmpty()) {
            return "Measure tooth and back iron: three flux densities that agree are surer than one.";
        }
        Candidate first = candidates.get(0);
        Candidate second = candidates.get(1);
        return second.sharePercent() > CLOSE * first.sharePercent()
                ? "Ask what it ran on: the winding cannot tell " + Figures.plain(first.ratedVoltageV()) + " V at "
                        + Figures.plain(first.frequencyHz()) + " Hz from " + Figures.plain(second.ratedVoltageV())
                        + " V at " + Figures.plain(second.frequencyHz()) + " Hz."
                : "Ask what supply it ran on; then hold the no-load current at that voltage against that of a like motor.";
    }
}
