package app.brasskettle.core.winding;

import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Winding data checked: factors, flux, current density, copper, resistance. */
public final class WindingWorksheet {

    private static final String SOURCE = "Induction machine theory; ρ20 = 1.7241e-8 Ω·m (IEC 60028)";

    private WindingWorksheet() {}

    /** Creates the worksheet {@code winding-data} for data that were taken. */
    public static Worksheet<WindingData, WindingResult> create(WindingLimits limits) {
        return create(limits, WindingPurpose.TAKEN);
    }

    /** Creates the worksheet for data that were taken, or for a winding that is to be made. */
    public static Worksheet<WindingData, WindingResult> create(WindingLimits limits, WindingPurpose purpose) {
        return new Worksheet<>(
                "winding-data",
                "Winding data",
                WindingData.class,
                List.of("IEC 60028", "Usual design ranges"),
                d -> work(d, limits, purpose));
    }

    private static WindingResult work(WindingData d, WindingLimits limits, WindingPurpose purpose) {
        GroupRing ring = GroupRing.of(d.slots(), d.poles(), d.groupPattern());
        boolean balanced = ring.balanced();
        double pitch = GroupRing.pitchFactor(d.spanSlots(), d.poles(), d.slots());
        double area = Strand.areaMm2(d.strands());
        boolean wye = d.connection() == WindingConnection.WYE;
        double phaseA = d.connection().phaseA(d.ratedCurrentA());
        double density = phaseA / (d.parallelCircuits() * area);
        double copper = Copper.massKg(d.slots() * d.turnsPerCoil() * d.meanTurnLengthM(), area);
        double wire = d.strands().stream()
                .mapToDouble(s -> s.count() * s.insulatedDiameterMm() * s.insulatedDiameterMm())
                .sum();
        double fill = 100 * 2 * d.turnsPerCoil() * wire / d.slotAreaMm2();
        // A span of twice the full pitch would have no voltage at all; the input's bound keeps the factor above zero.
        Optional<Double> distribution = balanced ? Optional.of(ring.distributionFactor()) : Optional.empty();
        Optional<Double> factor = distribution.map(kd -> kd * pitch);
        Optional<Magnetics> flux = factor.map(kw -> Magnetics.of(d, kw));
        Optional<Double> terminal = flux.map(m -> {
            double phase = Copper.ohm(m.seriesTurns() * d.meanTurnLengthM(), area, 25) / d.parallelCircuits();
            return wye ? 2 * phase : phase * 2 / 3;
        });
        WindingChecks rule = new WindingChecks(limits, purpose);
        List<Judgement> checks = rule.of(d, balanced, flux, density, fill);
        // What is to be made was not misread.
        Optional<String> misreading =
                purpose == WindingPurpose.TAKEN ? flux.flatMap(m -> rule.misreading(d, m)) : Optional.empty();
        Judgement worst = worst(checks, misreading, purpose);
        return new WindingResult(
                d.slots(),
                ring.groups().size(),
                ring.groups(),
                balanced,
                d.fullPitchSlots(),
                pitch,
                area,
                density,
                copper,
                fill,
                distribution,
                factor,
                flux.map(Magnetics::seriesTurns),
                flux.map(Magnetics::fluxWb),
                flux.map(Magnetics::gapT),
                flux.map(Magnetics::toothT),
                flux.map(Magnetics::coreT),
                terminal,
                worst.verdict(),
                worst,
                checks,
                misreading,
                steps(d, pitch, distribution, flux, density, fill, copper, terminal));
    }

    private static Judgement worst(List<Judgement> checks, Optional<String> misreading, WindingPurpose purpose) {
        Verdict verdict = Verdict.worst(checks.stream().map(Judgement::verdict).toList());
        Judgement first =
                checks.stream().filter(c -> c.verdict() == verdict).findFirst().orElseThrow();
        if (verdict == Verdict.HOLDS) {
            return new Judgement(verdict, purpose.usual(), first.headline(), first.source(), purpose.next());
        }
        return misreading
                .map(m -> new Judgement(verdict, first.headline(), m, first.source(), first.next()))
                .orElse(first);
    }

    private static List<Step> steps(
            WindingData d,
            double pitch,
            Optional<Double> distribution,
            Optional<Magnetics> flux,
            double density,
            double fill,
            double copper,
            Optional<Double> terminal) {
        List<Step> steps = new ArrayList<>();
        steps.add(new Step(
                "pitch factor",
                "sin(90°·span/full pitch)",
                "sin(90°·" + d.spanSlots() + "/" + Figures.plain(d.fullPitchSlots()) + ")",
                pitch,
                "",
                SOURCE));
        distribution.ifPresent(kd ->
                steps.add(new Step("distribution factor", "|Σ unit vectors|/coils of a phase", "", kd, "", SOURCE)));
        flux.ifPresent(m -> {
            steps.add(new Step(
                    "turns in series",
                    "slots/3·turns/circuits",
                    d.slots() + "/3·" + d.turnsPerCoil() + "/" + d.parallelCircuits(),
                    m.seriesTurns(),
                    "",
                    SOURCE));
            steps.add(new Step("flux per pole", "E/(4.44·f·N·kw)", "", m.fluxWb() * 1000, "mWb", SOURCE));
            steps.add(new Step("gap", "Φ·P/(2·D·L)", "", m.gapT(), "T", SOURCE));
            steps.add(new Step("teeth", "B·π·D/(S·w·ks)", "", m.toothT(), "T", SOURCE));
            steps.add(new Step("back iron", "Φ/(2·d·L·ks)", "", m.coreT(), "T", SOURCE));
        });
        steps.add(new Step("current density", "I/(a·A)", "", density, "A/mm²", SOURCE));
        steps.add(new Step("slot fill", "2·turns·Σn·d²/slot area", "", fill, "%", SOURCE));
        steps.add(new Step("copper", "8960·coils·turns·length·A", "", copper, "kg", SOURCE));
        terminal.ifPresent(
                r -> steps.add(new Step("between terminals at 25 °C", "ρ·N·length/(A·a)", "", r, "Ω", SOURCE)));
        return List.copyOf(steps);
    }
}
