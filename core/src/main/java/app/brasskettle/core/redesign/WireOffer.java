package app.brasskettle.core.redesign;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.redesign.RedesignAssessment.Change;
import app.brasskettle.core.redesign.RewindQuestion.StockWire;
import app.brasskettle.core.rules.ShopLimit;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.WindingPurpose;
import app.brasskettle.core.wire.Rack;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Wire from the rack for a new winding: candidates side by side, and one with more copper where the slot has room.
 *
 * @param within combinations whose copper lies within the tolerance
 * @param candidates the best few: sizes near one another first, then by copper, then fewer in hand
 * @param better the most copper that the slot takes, where that is worth it
 * @param judgement what the rack can do
 */
public record WireOffer(int within, List<Candidate> candidates, Optional<Candidate> better, Judgement judgement) {

    private static final int SHOWN = 5;
    private static final int SEARCHED = 400;
    /** Two gauge sizes: each is thicker by 92^(1/39), ASTM B258. */
    private static final double NEAR_SIZES = Math.pow(92, 2.0 / 39) + 1e-6;

    private static final double WORTH_PERCENT = 2;
    private static final double ROUND_THE_BEST_PERCENT = 12;
    /** Slot insulation on either side of a wire that passes the opening. */
    private static final double OPENING_ROOM_MM = 0.5;

    private static final String SOURCE = "Wire on the rack, all combinations of one or two sizes";

    /**
     * Wire that would make a turn.
     *
     * @param wires what it is made of
     * @param areaErrorPercent copper too much, or too little where negative
     * @param winding everything it implies
     * @param changes against the winding that came out
     * @param notes what speaks against it
     * @param draws kilograms of each wire
     * @param price of the copper beyond that of the original winding, where the rack knows what a kilogram costs
     * @param verdict worst of its checks and notes
     */
    public record Candidate(
            List<ChosenWire> wires,
            double areaErrorPercent,
            DesignedWinding winding,
            Change changes,
            List<Judgement> notes,
            List<WireDraw> draws,
            Optional<Double> price,
            Verdict verdict) {}

    /**
     * Searches the rack.
     *
     * @param assessment what the new winding comes to
     * @param sheet what is wanted
     * @param rack what there is
     * @param slotOpeningMm opening of the slot, where it was measured
     * @param rules the shop's rules
     * @return nothing where the winding has no turns yet
     */
    public static Optional<WireOffer> of(
            RedesignAssessment assessment,
            RedesignSheet sheet,
            Rack rack,
            Optional<Double> slotOpeningMm,
            ShopRules rules) {
        return assessment
                .original()
                .flatMap(original -> assessment
                        .turns()
                        .map(turns -> new Search(
                                        original,
                                        NewWinding.of(original.data(), original.result(), sheet),
                                        turns,
                                        sheet,
                                        rack,
                                        slotOpeningMm,
                                        rules)
                                .offer()));
    }

    /** A combination with its kilograms and what speaks against it. */
    private record Weighed(WireChoice choice, List<ChosenWire> wires, List<WireDraw> draws, List<Judgement> notes) {}

    /** One search with everything it reads. */
    private record Search(
            DesignedWinding original,
            NewWinding wanted,
            RedesignAssessment.Turns turns,
            RedesignSheet sheet,
            Rack rack,
            Optional<Double> slotOpeningMm,
            ShopRules rules) {

        WireOffer offer() {
            if (rack.wires().isEmpty()) {
                return new WireOffer(
                        0,
                        List.of(),
                        Optional.empty(),
                        new Judgement(
                                Verdict.UNPROVEN,
                                "There is no wire on the rack",
                                "",
                                SOURCE,
                                "Enter the reels on the rack, on the page of the shop."));
            }
            WireSearch search = search(turns.copperMm2(), sheet.tolerance());
            List<Candidate> candidates = search.best().stream()
                    .map(this::weighed)
                    .sorted(Comparator.comparing((Weighed w) -> !w.notes().isEmpty()))
                    .limit(SHOWN)
                    .map(this::candidate)
                    .toList();
            return new WireOffer(search.count(), candidates, better(candidates), judge(search.count(), candidates));
        }

        private WireSearch search(double copperMm2, double tolerancePercent) {
            List<StockWire> stock = rack.wires().stream()
                    .map(w -> new StockWire(w.name(), w.bareDiameterMm()))
                    .toList();
            return new WireSearch(stock, copperMm2, sheet.inHand(), tolerancePercent, SEARCHED);
        }

        /** A combination with what speaks against it, before anything else of its winding is computed. */
        private Weighed weighed(WireChoice choice) {
            List<ChosenWire> wires = new ArrayList<>();
            choice.strands().forEach((name, count) -> {
                Rack.Wire w = rack.named(name).orElseThrow();
                wires.add(new ChosenWire(name, count, w.bareDiameterMm(), w.overallDiameterMm()));
            });
            double lengthM = original.data().slots()
                    * (double) turns.perCoil()
                    * wanted.wanted().meanTurnLengthM();
            List<WireDraw> draws = WireDraw.of(lengthM, wires, rack, rules.figure(ShopLimit.WIRE_ALLOWANCE_PERCENT));
            return new Weighed(choice, List.copyOf(wires), draws, notes(wires, draws));
        }

        private Candidate candidate(Weighed w) {
            DesignedWinding winding = DesignedWinding.of(
                    wanted.with(
                            turns.perCoil(),
                            w.wires().stream().map(ChosenWire::strand).toList()),
                    DesignedWinding.words(w.wires()),
                    rules,
                    WindingPurpose.DESIGNED);
            Change changes = Change.between(original, winding);
            List<Verdict> all =
                    new ArrayList<>(w.notes().stream().map(Judgement::verdict).toList());
            all.add(winding.result().verdict());
            return new Candidate(
                    w.wires(),
                    w.choice().errorPercent(),
                    winding,
                    changes,
                    w.notes(),
                    w.draws(),
                    WireDraw.dearest(w.wires(), rack).map(p -> p * changes.copperKg()),
                    Verdict.worst(all));
        }

        private List<Judgement> notes(List<ChosenWire> wires, List<WireDraw> draws) {
            List<Judgement> notes = new ArrayList<>();
            double thickest =
                    wires.stream().mapToDouble(ChosenWire::bareDiameterMm).max().orElseThrow();
            double thinnest =
                    wires.stream().mapToDouble(ChosenWire::bareDiameterMm).min().orElseThrow();
            double overall = wires.stream()
                    .mapToDouble(ChosenWire::insulatedDiameterMm)
                    .max()
                    .orElseThrow();
            if (thickest > NEAR_SIZES * thinnest) {
                notes.add(new Judgement(
                        Verdict.WATCH,
                        "Sizes more than two gauges apart: " + Figures.plain(thickest) + " and "
                                + Figures.plain(thinnest) + " mm",
                        "Thick and thin wire side by side cross and do not lie in layers.",
                        "Shop practice",
                        "Take sizes nearer to one another."));
            }
            double hands = rules.figure(ShopLimit.WIRE_THICKEST_MM);
            if (Limit.over(thickest, hands)) {
                notes.add(new Judgement(
                        Verdict.WATCH,
                        "Wire of " + Figures.plain(thickest) + " mm, over " + Figures.plain(hands)
                                + " mm that is wound in by hand",
                        "",
                        "Shop setting",
                        "Take more wires in hand, thinner ones."));
            }
            slotOpeningMm
                    .filter(o -> Limit.over(overall + OPENING_ROOM_MM, o))
                    .ifPresent(o -> notes.add(new Judgement(
                            Limit.over(overall, o) ? Verdict.STOP : Verdict.WATCH,
                            "Wire of " + Figures.plain(overall) + " mm over enamel through a slot opening of "
                                    + Figures.plain(o) + " mm",
                            "Slot insulation at both lips needs " + OPENING_ROOM_MM + " mm.",
                            "Shop practice",
                            "Take more wires in hand, thinner ones.")));
            draws.stream().filter(d -> d.orderKg() > 0).forEach(d -> notes.add(d.shortage()));
            return List.copyOf(notes);
        }

        /** Copper beyond the original's, as much as the fill to watch allows. */
        private Optional<Candidate> better(List<Candidate> candidates) {
            if (candidates.isEmpty()) {
                return Optional.empty();
            }
            Candidate best = candidates.get(0);
            double room = rules.figure(ShopLimit.SLOT_FILL_WATCH_PERCENT);
            double most = best.winding().result().conductorAreaMm2()
                    * room
                    / best.winding().result().slotFillPercent();
            double worth = best.winding().result().conductorAreaMm2() * (1 + WORTH_PERCENT / 100);
            return search(most, ROUND_THE_BEST_PERCENT).best().stream()
                    .filter(c -> c.areaMm2() > worth)
                    .sorted(Comparator.comparingDouble(WireChoice::areaMm2).reversed())
                    .map(this::weighed)
                    .filter(w -> w.notes().isEmpty())
                    .map(this::candidate)
                    .filter(c -> !Limit.over(c.winding().result().slotFillPercent(), room))
                    .findFirst();
        }

        private Judgement judge(int within, List<Candidate> candidates) {
            String tolerance = Figures.plain(sheet.tolerance()) + " % of " + Figures.plain(turns.copperMm2()) + " mm²";
            if (candidates.isEmpty()) {
                return new Judgement(
                        Verdict.WATCH,
                        "No wire on the rack comes within " + tolerance + ", up to " + sheet.inHand() + " in hand",
                        "",
                        SOURCE,
                        "Allow more in hand or a wider tolerance, or order wire.");
            }
            boolean clean = candidates.get(0).notes().isEmpty();
            return new Judgement(
                    clean ? Verdict.HOLDS : Verdict.WATCH,
                    within + (within == 1 ? " combination" : " combinations") + " from the rack within " + tolerance,
                    clean ? "" : candidates.get(0).notes().get(0).headline() + ".",
                    SOURCE,
                    clean ? "Choose one." : candidates.get(0).notes().get(0).next());
        }
    }
}
