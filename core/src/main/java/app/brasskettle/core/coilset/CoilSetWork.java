package app.brasskettle.core.coilset;

import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.redesign.ConcentricGroup.ConcentricCoil;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.Copper;
import app.brasskettle.core.winding.FluxRange;
import app.brasskettle.core.winding.Strand;
import app.brasskettle.core.winding.WindingLimits;
import app.brasskettle.core.worksheet.Step;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Computation of one set of coils in its core; each figure as soon as what it rests on is there. */
final class CoilSetWork {

    private static final String SOURCE = "Induction machine theory; kp = sin(90°·span/full pitch)";
    private static final String USUAL = "Usual design ranges";
    private static final int THIRD = 3;

    private final CoilSetTake core;
    private final CoilSet set;
    private final WindingLimits limits;
    private final List<Judgement> checks = new ArrayList<>();
    private final List<Step> steps = new ArrayList<>();

    CoilSetWork(CoilSetTake core, CoilSet set, WindingLimits limits) {
        this.core = core;
        this.set = set;
        this.limits = limits;
    }

    CoilSetResult result() {
        Optional<Double> factor = sum(1).flatMap(s -> turnsOfGroup().map(t -> s / t));
        factor.ifPresent(f -> step("winding factor", "Σ turns·kp/Σ turns", f, ""));
        Optional<Double> effective = sum(1).flatMap(s ->
                set.groupsPerPhase().flatMap(g -> set.parallelCircuits().map(c -> g * s / c)));
        effective.ifPresent(e -> step("turns that count", "groups·Σ turns·kp/circuits", e, "turns"));
        Optional<Double> third = set.purpose().phases() == 1
                ? sum(1).flatMap(one -> sum(THIRD).map(t -> 100 * Math.abs(t / one)))
                : Optional.empty();
        third.ifPresent(t -> step("third harmonic", "Σ turns·kp3/Σ turns·kp", t, "%"));
        Optional<Double> gap = gap(effective);
        gap.ifPresent(g -> step("gap", "Φ·P/(2·D·L), Φ = E/(4.44·f·turns that count)", g, "T"));
        if (set.purpose() != SetPurpose.START) {
            gap.ifPresent(this::flux);
        }
        Optional<Double> density = density();
        density.ifPresent(this::judgeDensity);
        return new CoilSetResult(
                set.purpose().label(),
                missing(),
                factor,
                effective,
                third,
                gap,
                density,
                copper(),
                ohm(),
                List.copyOf(checks),
                List.copyOf(steps));
    }

    private List<String> missing() {
        Map<String, Optional<?>> needed = new LinkedHashMap<>();
        needed.put("poles", set.poles());
        needed.put("groups of a phase", set.groupsPerPhase());
        needed.put("parallel circuits", set.parallelCircuits());
        if (set.purpose() == SetPurpose.THREE_PHASE) {
            needed.put("wye or delta", set.connection());
        } else {
            needed.put("first slot", set.firstSlot());
        }
        needed.put("coils", set.coils());
        needed.put("wires in hand", set.strands());
        needed.put("mean turn", set.meanTurnLengthM());
        needed.put("volts", set.ratedVoltageV());
        needed.put("hertz", set.frequencyHz());
        needed.put("amperes", set.ratedCurrentA());
        return needed.entrySet().stream()
                .filter(e -> e.getValue().isEmpty())
                .map(Map.Entry::getKey)
                .toList();
    }

    private void step(String name, String formula, double value, String unit) {
        steps.add(new Step(name, formula, "", value, unit, SOURCE));
    }

    private Optional<Double> turnsOfGroup() {
        return set.coils()
                .map(c -> (double) c.stream().mapToInt(ConcentricCoil::turns).sum());
    }

    /** Σ turns·sin(order·90°·span/full pitch) of a group. */
    private Optional<Double> sum(int order) {
        return core.slots()
                .flatMap(s -> set.poles()
                        .flatMap(p -> set.coils()
                                .map(coils -> coils.stream()
                                        .mapToDouble(
                                                c -> c.turns() * GroupRing.pitchFactor(c.spanSlots(), order * p, s))
                                        .sum())));
    }

    private Optional<Double> gap(Optional<Double> effective) {
        if (effective.isEmpty()
                || set.ratedVoltageV().isEmpty()
                || set.frequencyHz().isEmpty()
                || core.boreDiameterM().isEmpty()
                || core.coreLengthM().isEmpty()
                || (set.purpose() == SetPurpose.THREE_PHASE && set.connection().isEmpty())) {
            return Optional.empty();
        }
        double flux = phaseV() / (4.44 * set.frequencyHz().get() * effective.get());
        return Optional.of(flux
                * set.poles().orElseThrow()
                / (2 * core.boreDiameterM().get() * core.coreLengthM().get()));
    }

    private double phaseV() {
        double volts = set.ratedVoltageV().orElseThrow();
        return set.connection().map(c -> c.phaseV(volts)).orElse(volts);
    }

    private void flux(double gapT) {
        range("air gap", gapT, limits.gapLowT(), limits.gapHighT());
        double stacking = core.stackingFactor().orElse(1.0);
        core.toothWidthM()
                .ifPresent(w -> range(
                        "teeth",
                        gapT
                                * Math.PI
                                * core.boreDiameterM().orElseThrow()
                                / (core.slots().orElseThrow() * w * stacking),
                        limits.toothLowT(),
                        limits.toothHighT()));
        core.backIronDepthM()
                .ifPresent(d -> range(
                        "back iron",
                        gapT * core.boreDiameterM().orElseThrow() / (set.poles().orElseThrow() * d * stacking),
                        limits.coreLowT(),
                        limits.coreHighT()));
    }

    private void range(String where, double tesla, double low, double high) {
        checks.add(FluxRange.judge(
                set.purpose().label() + ", " + where,
                tesla,
                low,
                high,
                "Count turns coil by coil, groups and circuits again before stripping."));
    }

    private Optional<Double> area() {
        return set.strands().map(Strand::areaMm2);
    }

    private Optional<Double> density() {
        return area().flatMap(a -> set.ratedCurrentA()
                .flatMap(i -> set.parallelCircuits()
                        .map(c -> set.connection().map(k -> k.phaseA(i)).orElse(i) / (c * a))));
    }

    /** A start winding is on for seconds and may carry several times as much. */
    private void judgeDensity(double density) {
        step("current density", "I/(a·A)", density, "A/mm²");
        if (set.purpose() == SetPurpose.START) {
            return;
        }
        Verdict verdict = Limit.ceiling(density, limits.currentDensityWatch(), limits.currentDensityStop());
        checks.add(new Judgement(
                verdict,
                set.purpose().label() + ", current density " + Figures.significant(density, 3)
                        + " A/mm², watch over " + Figures.plain(limits.currentDensityWatch()) + ", stop over "
                        + Figures.plain(limits.currentDensityStop()) + " A/mm²",
                "",
                USUAL,
                verdict == Verdict.HOLDS ? "" : "Count the wires in hand and the circuits again."));
    }

    private Optional<Double> copper() {
        Optional<Double> kg = lengthM().flatMap(l -> area().map(a -> Copper.massKg(l, a)));
        kg.ifPresent(k -> step("copper", "8960·coils·turns·length·A", k, "kg"));
        return kg;
    }

    /** Length of all turns of the set, one wire of a turn. */
    private Optional<Double> lengthM() {
        return turnsOfGroup()
                .flatMap(t -> set.groupsPerPhase()
                        .flatMap(g ->
                                set.meanTurnLengthM().map(m -> set.purpose().phases() * g * t * m)));
    }

    private Optional<Double> ohm() {
        Optional<Double> ohm = lengthM()
                .flatMap(l -> area().flatMap(a -> set.parallelCircuits()
                        .map(c -> Copper.ohm(l / set.purpose().phases(), a, 25) / (c * c))));
        ohm.ifPresent(r -> step("a phase at 25 °C", "ρ·groups·turns·length/(A·a²)", r, "Ω"));
        return ohm;
    }
}
