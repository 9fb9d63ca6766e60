package app.brasskettle.core.redesign;

import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.winding.Copper;
import app.brasskettle.core.winding.Strand;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.winding.WindingPurpose;
import app.brasskettle.core.winding.WindingResult;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * One column of the comparison: a winding with everything it implies.
 *
 * @param data the winding
 * @param wires its wire in words
 * @param result flux, current density, fill, copper, resistance, and what is unusual
 * @param copperLossW loss in the copper at rated current and 95 °C
 * @param fifthPercent fifth harmonic of the field against the first, by span and groups; absent where phases are unequal
 * @param seventhPercent the seventh
 */
public record DesignedWinding(
        WindingData data,
        String wires,
        WindingResult result,
        double copperLossW,
        Optional<Double> fifthPercent,
        Optional<Double> seventhPercent) {

    private static final double HOT_C = 95;
    private static final int FIFTH = 5;
    private static final int SEVENTH = 7;

    static DesignedWinding of(WindingData data, String wires, ShopRules rules, WindingPurpose purpose) {
        WindingResult result = rules.winding(data, purpose);
        GroupRing ring = GroupRing.of(data.slots(), data.poles(), data.groupPattern());
        return new DesignedWinding(
                data,
                wires,
                result,
                copperLoss(data, result.conductorAreaMm2()),
                result.windingFactor().map(kw -> harmonic(data, ring, FIFTH, kw)),
                result.windingFactor().map(kw -> harmonic(data, ring, SEVENTH, kw)));
    }

    /** Names wires by their bare diameter, for a winding that did not come from the rack. */
    static String named(List<Strand> strands) {
        return strands.stream()
                .map(s -> s.count() + " × " + Figures.plain(s.bareDiameterMm()) + " mm")
                .collect(Collectors.joining(" + "));
    }

    /** Names wires by the name of their size. */
    static String words(List<ChosenWire> wires) {
        return wires.stream().map(w -> w.count() + " × " + w.name()).collect(Collectors.joining(" + "));
    }

    static double phaseCurrent(WindingData d) {
        return d.connection().phaseA(d.ratedCurrentA());
    }

    /** Every turn of every coil carries the current of one circuit. */
    private static double copperLoss(WindingData d, double areaMm2) {
        double perCircuit = phaseCurrent(d) / d.parallelCircuits();
        double lengthM = d.slots() * d.turnsPerCoil() * d.meanTurnLengthM();
        return perCircuit * perCircuit * Copper.ohm(lengthM, areaMm2, HOT_C);
    }

    private static double harmonic(WindingData d, GroupRing ring, int order, double fundamental) {
        double pitch = Math.abs(GroupRing.pitchFactor(d.spanSlots(), order * d.poles(), d.slots()));
        return 100 * pitch * ring.harmonicDistribution(order) / fundamental;
    }
}
