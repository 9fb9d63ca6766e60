package app.brasskettle.core.redesign;

import app.brasskettle.core.connection.ConnectionDiagram;
import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.rules.ShopLimit;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.windingtake.PhaseBarriers;
import app.brasskettle.core.windingtake.SlotShape;
import app.brasskettle.core.windingtake.WindingTake;
import app.brasskettle.core.wire.Rack;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What is cut, wound and drawn from the rack for a new winding.
 *
 * @param coils how the coils are wound
 * @param former what the former is set to
 * @param insulation what is cut
 * @param leads leads and sleeves
 * @param wire kilograms of each wire
 */
public record CoilTicket(
        List<Line> coils, List<Line> former, List<Line> insulation, List<Line> leads, List<WireDraw> wire) {

    /** Slot insulation stands out of the iron this far at each end, up to 1 kV. */
    private static final double CUFF_M = 0.010;
    /** Upper ends of the voltage classes of slot liners. */
    private static final double LOW_V = 250;

    private static final double MIDDLE_V = 690;
    /** Cross-sections of stranded copper, mm² (IEC 60228). */
    private static final List<Double> LEADS_MM2 = List.of(
            0.75, 1.0, 1.5, 2.5, 4.0, 6.0, 10.0, 16.0, 25.0, 35.0, 50.0, 70.0, 95.0, 120.0, 150.0, 185.0, 240.0, 300.0);

    /**
     * A line of the ticket.
     *
     * @param what what it is
     * @param figure the figure with its unit
     * @param how how it was found, or what to mind; empty where nothing is to be said
     */
    public record Line(String what, String figure, String how) {}

    /**
     * Writes the ticket of a new winding.
     *
     * @param assessment what the new winding comes to
     * @param sheet the wire chosen
     * @param take the old winding, for the overhang and the slot
     * @param rack what there is
     * @param rules the shop's rules
     * @return nothing until the wire is chosen
     */
    public static Optional<CoilTicket> of(
            RedesignAssessment assessment, RedesignSheet sheet, WindingTake take, Rack rack, ShopRules rules) {
        return assessment
                .chosen()
                .map(c -> new CoilTicket(
                        coils(c),
                        former(c.data(), take),
                        insulation(c.data(), take, rules),
                        leads(c.data(), assessment.diagram(), take, rules),
                        WireDraw.of(
                                c.data().slots()
                                        * (double) c.data().turnsPerCoil()
                                        * c.data().meanTurnLengthM(),
                                sheet.wires().orElseThrow(),
                                rack,
                                rules.figure(ShopLimit.WIRE_ALLOWANCE_PERCENT))));
    }

    private static List<Line> coils(DesignedWinding c) {
        WindingData d = c.data();
        List<Integer> groups =
                GroupRing.of(d.slots(), d.poles(), d.groupPattern()).groups();
        long kinds = groups.stream().distinct().count();
        return List.of(
                new Line("Coils", d.slots() + ", two-layer lap", ""),
                new Line(
                        "Groups",
                        groups.size() + (kinds == 1 ? " of " + groups.get(0) : ""),
                        kinds == 1
                                ? ""
                                : "coils of each, in order: "
                                        + groups.stream().map(String::valueOf).collect(Collectors.joining(" "))),
                new Line("Turns of a coil", String.valueOf(d.turnsPerCoil()), ""),
                new Line("Wires in hand", c.wires(), Figures.plain(c.result().conductorAreaMm2()) + " mm² a turn"),
                new Line("Span", "1 to " + (d.spanSlots() + 1), d.spanSlots() + " slots"),
                new Line(
                        "Circuits",
                        d.parallelCircuits() + " in " + d.connection().label(),
                        ""));
    }

    private static List<Line> former(WindingData d, WindingTake take) {
        double side = take.grossLengthM().orElse(d.coreLengthM()) + 2 * CUFF_M;
        double head = (d.meanTurnLengthM() - 2 * side) / 2;
        List<Line> lines = new ArrayList<>();
        lines.add(new Line("Round the former, mean turn", mm(d.meanTurnLengthM()), ""));
        lines.add(new Line("Straight side", mm(side), "iron with ducts, " + mm(CUFF_M) + " at each end"));
        lines.add(
                head > 0
                        ? new Line("Wire of each head", mm(head), "mean turn less two sides, halved")
                        : new Line("Wire of each head", "–", "the mean turn is shorter than two sides: measure again"));
        double depth = take.slot().flatMap(SlotShape::slotDepthM).orElse(0.0);
        lines.add(new Line(
                "From side to side",
                mm(Math.PI * (d.boreDiameterM() + depth) * d.spanSlots() / d.slots()),
                depth > 0 ? "along the arc at half slot depth" : "along the arc at the bore; slot depth is not taken"));
        take.overhangConnectionEndM()
                .ifPresent(o -> lines.add(new Line("Overhang, connection end, at most", mm(o), "as it was taken")));
        take.overhangOtherEndM()
                .ifPresent(o -> lines.add(new Line("Overhang, other end, at most", mm(o), "as it was taken")));
        return List.copyOf(lines);
    }

    private static List<Line> insulation(WindingData d, WindingTake take, ShopRules rules) {
        double length = take.grossLengthM().orElse(d.coreLengthM()) + 2 * CUFF_M;
        Optional<SlotShape> slot = take.slot();
        String noSlot = "width by the slot, whose section is not taken";
        List<Line> lines = new ArrayList<>();
        lines.add(new Line(
                "Slot liners",
                d.slots() + " of " + mm(length),
                Figures.plain(linerMm(d.ratedVoltageV(), rules)) + " mm thick, "
                        + slot.flatMap(SlotShape::linerM)
                                .map(w -> mm(w) + " wide, lip to lip")
                                .orElse(noSlot)));
        lines.add(new Line(
                "Separators between layers",
                d.slots() + " of " + mm(length),
                slot.flatMap(s -> s.topWidthM().flatMap(t -> s.bottomWidthM().map(b -> (t + b) / 2)))
                        .map(w -> mm(w) + " wide, the mean of the slot")
                        .orElse(noSlot)));
        lines.add(new Line(
                "Wedges", d.slots() + " of " + mm(length), "ties: " + 2 * d.slots() + ", one a coil at both ends"));
        int groups = 3 * d.poles();
        lines.add(take.barriers()
                .map(b -> switch (b) {
                    case NONE -> new Line("Phase barriers", "none", "as it was taken");
                    case BETWEEN_GROUPS ->
                        new Line("Phase barriers", String.valueOf(2 * groups), "between all groups, both ends");
                    case WITHIN_GROUPS ->
                        new Line("Phase barriers", String.valueOf(2 * d.slots()), "between all coils, both ends");
                })
                .orElseGet(() -> new Line(
                        "Phase barriers",
                        String.valueOf(2 * groups),
                        PhaseBarriers.BETWEEN_GROUPS.label() + ", both ends; what was there is not taken")));
        return List.copyOf(lines);
    }

    /** Thickness of the slot liner by the voltage, as the shop set it. */
    private static double linerMm(double ratedV, ShopRules rules) {
        return rules.figure(
                ratedV <= LOW_V
                        ? ShopLimit.LINER_TO_250_V_MM
                        : ratedV <= MIDDLE_V ? ShopLimit.LINER_TO_690_V_MM : ShopLimit.LINER_OVER_690_V_MM);
    }

    private static List<Line> leads(
            WindingData d, Optional<ConnectionDiagram> diagram, WindingTake take, ShopRules rules) {
        if (diagram.isEmpty()) {
            return List.of(new Line("Leads", "–", "say on the step Connection what leaves the winding"));
        }
        ConnectionDiagram.Connection c = diagram.get().connections().stream()
                .filter(o -> o.connection() == d.connection() && o.parallelCircuits() == d.parallelCircuits())
                .findFirst()
                .orElse(diagram.get().connections().get(0));
        int onLine = c.lines().a().size();
        // Two leads of a line in delta belong to two phases, and each carries the current of its own.
        boolean corner = c.connection() == WindingConnection.DELTA && onLine > 1;
        double ampere = d.ratedCurrentA() / onLine * (corner ? 2 / Math.sqrt(3) : 1);
        double least = ampere / rules.figure(ShopLimit.LEAD_CURRENT_DENSITY);
        Optional<Double> size =
                LEADS_MM2.stream().filter(a -> !Limit.under(a, least)).findFirst();
        return List.of(
                new Line(
                        "Leads",
                        diagram.get().leads().size() + " of "
                                + size.map(a -> Figures.plain(a) + " mm²").orElse("more than 300 mm²"),
                        Figures.significant(ampere, 3) + " A each at "
                                + Figures.plain(rules.figure(ShopLimit.LEAD_CURRENT_DENSITY)) + " A/mm²"
                                + take.leadAreaMm2()
                                        .map(a -> "; there were " + Figures.plain(a) + " mm²")
                                        .orElse("")
                                + take.leadExit()
                                        .map(e -> "; lying " + e.label().toLowerCase(Locale.ROOT))
                                        .orElse("")),
                new Line("Sleeves", String.valueOf(diagram.get().joints().size()), "one a joint"));
    }

    private static String mm(double metres) {
        return Figures.significant(1000 * metres, 3) + " mm";
    }
}
