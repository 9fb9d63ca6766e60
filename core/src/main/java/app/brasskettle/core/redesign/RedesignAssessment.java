package app.brasskettle.core.redesign;

import app.brasskettle.core.connection.ConnectionAssessment;
import app.brasskettle.core.connection.ConnectionDiagram;
import app.brasskettle.core.connection.ConnectionScheme;
import app.brasskettle.core.connection.SpeedField;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.winding.WindingPurpose;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What a new winding comes to: its turns, and the winding itself once its wire is chosen.
 *
 * @param original the winding that came out; absent while its data are not taken
 * @param turns turns of the new coil, absent where no such winding can be
 * @param chosen the new winding with the wire chosen
 * @param changes what changes against the original, once the wire is chosen
 * @param nearer circuits and spans with a smaller rounding, where the rounding is to be watched
 * @param diagram how the new winding is joined, where its leads are known and the wire is chosen
 * @param speeds flux at each speed before and after, of a winding for two
 * @param judgement what stands
 * @param steps the arithmetic
 */
public record RedesignAssessment(
        Optional<DesignedWinding> original,
        Optional<Turns> turns,
        Optional<DesignedWinding> chosen,
        Optional<Change> changes,
        List<NearerTurns> nearer,
        Optional<ConnectionDiagram> diagram,
        List<SpeedPair> speeds,
        Judgement judgement,
        List<Step> steps) {

    private static final String SOURCE = "Flux kept: T2 = T1·(E2/E1)·(f1/f2)·(kw1/kw2)·(a2/a1)";

    /**
     * Turns of the new coil.
     *
     * @param exact turns that keep the flux
     * @param perCoil whole turns of a coil
     * @param fluxChangePercent what the rounding does to the flux
     * @param copperMm2 copper of a turn that fills the slot as before
     */
    public record Turns(double exact, int perCoil, double fluxChangePercent, double copperMm2) {}

    /**
     * What a new winding changes against the one that came out.
     *
     * @param copperKg copper, more or less
     * @param copperLossPercent loss in the copper at rated current
     * @param risePercent rise of the winding over the iron, which goes with the loss in the copper
     * @param ohmPercent resistance between terminals; absent where phases are unequal
     */
    public record Change(double copperKg, double copperLossPercent, double risePercent, Optional<Double> ohmPercent) {

        static Change between(DesignedWinding before, DesignedWinding after) {
            double loss = 100 * (after.copperLossW() / before.copperLossW() - 1);
            return new Change(
                    after.result().copperMassKg() - before.result().copperMassKg(),
                    loss,
                    loss,
                    before.result()
                            .terminalOhmAt25C()
                            .flatMap(b -> after.result().terminalOhmAt25C().map(a -> 100 * (a / b - 1))));
        }
    }

    /**
     * Flux at one of two speeds.
     *
     * @param before of the winding that came out
     * @param after of the new one
     */
    public record SpeedPair(SpeedField before, SpeedField after) {}

    /**
     * Assesses a new winding.
     *
     * @param old the winding that came out; empty while its data are not taken
     * @param settled whether two people's data of it were settled by name
     * @param scheme what leaves the winding; empty while nobody said
     * @param sheet what is wanted, and what was chosen
     * @param rules the shop's rules
     */
    public static RedesignAssessment of(
            Optional<WindingData> old,
            boolean settled,
            Optional<ConnectionScheme> scheme,
            RedesignSheet sheet,
            ShopRules rules) {
        if (old.isEmpty()) {
            return nothing(
                    Verdict.UNPROVEN,
                    "Winding data come first",
                    "A new winding rests on all figures of the one that comes out.",
                    "Take the winding data.",
                    Optional.empty());
        }
        DesignedWinding original =
                DesignedWinding.of(old.get(), DesignedWinding.named(old.get().strands()), rules, WindingPurpose.TAKEN);
        NewWinding wanted;
        try {
            wanted = NewWinding.of(old.get(), original.result(), sheet);
        } catch (InvalidInputException refused) {
            return refused(refused, "No such winding can be made in this core", original);
        }
        WholeTurns nearest = wanted.turns();
        int perCoil = sheet.turnsPerCoil().orElse((int) nearest.turns());
        WholeTurns whole = new WholeTurns(nearest.exact(), perCoil);
        double copper = original.result().conductorAreaMm2() * old.get().turnsPerCoil() / perCoil;
        Optional<DesignedWinding> chosen = sheet.wires()
                .map(w -> DesignedWinding.of(
                        wanted.with(perCoil, w.stream().map(ChosenWire::strand).toList()),
                        DesignedWinding.words(w),
                        rules,
                        WindingPurpose.DESIGNED));
        Judgement flux = whole.judgement(SOURCE);
        WindingData bare = wanted.with(perCoil, old.get().strands());
        Optional<ConnectionDiagram> diagram;
        List<SpeedPair> speeds;
        try {
            diagram = scheme.map(s -> ConnectionAssessment.diagram(bare, s));
            speeds = diagram.map(d -> pairs(d, bare, old.get(), scheme.get())).orElse(List.of());
        } catch (InvalidInputException refused) {
            return refused(refused, "No balanced winding has this connection", original);
        }
        return new RedesignAssessment(
                Optional.of(original),
                Optional.of(new Turns(whole.exact(), perCoil, whole.fluxChangePercent(), copper)),
                chosen,
                chosen.map(c -> Change.between(original, c)),
                flux.verdict() == Verdict.HOLDS
                        ? List.of()
                        : NearerTurns.than(whole, old.get(), original.result(), sheet),
                diagram,
                speeds,
                judge(flux, chosen, settled),
                steps(wanted, whole, perCoil, copper, original));
    }

    /** The old winding is derived and proved again only where there are two speeds to compare. */
    private static List<SpeedPair> pairs(
            ConnectionDiagram after, WindingData wanted, WindingData old, ConnectionScheme scheme) {
        List<SpeedField> is = SpeedField.of(after, wanted);
        if (is.isEmpty()) {
            return List.of();
        }
        List<SpeedField> was = SpeedField.of(ConnectionAssessment.diagram(old, scheme), old);
        return IntStream.range(0, Math.min(was.size(), is.size()))
                .mapToObj(i -> new SpeedPair(was.get(i), is.get(i)))
                .toList();
    }

    private static RedesignAssessment refused(
            InvalidInputException refused, String headline, DesignedWinding original) {
        return nothing(
                Verdict.STOP,
                headline,
                refused.problems().stream().map(Problem::message).collect(Collectors.joining(". ")) + ".",
                "Choose another span, connection or number of circuits.",
                Optional.of(original));
    }

    private static RedesignAssessment nothing(
            Verdict verdict, String headline, String because, String next, Optional<DesignedWinding> original) {
        return new RedesignAssessment(
                original,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                List.of(),
                new Judgement(verdict, headline, because, SOURCE, next),
                List.of());
    }

    private static Judgement judge(Judgement flux, Optional<DesignedWinding> chosen, boolean settled) {
        Stream<Judgement> data = settled
                ? Stream.empty()
                : Stream.of(new Judgement(
                        Verdict.UNPROVEN,
                        "The new winding rests on data that nobody settled",
                        "A wrong count in the take is wound in again.",
                        "Shop rule",
                        "Have it taken a second time and settle the data."));
        Judgement wire = chosen.map(c -> c.result().judgement())
                .orElseGet(() -> new Judgement(
                        Verdict.UNPROVEN,
                        flux.headline(),
                        "No wire is chosen yet.",
                        flux.source(),
                        "Choose the wire."));
        return Judgement.worst(Stream.concat(Stream.of(flux, wire), data)
                        .filter(j -> j.verdict() != Verdict.HOLDS)
                        .toList())
                .orElse(wire);
    }

    private static List<Step> steps(
            NewWinding wanted, WholeTurns whole, int perCoil, double copper, DesignedWinding original) {
        List<Step> steps = new ArrayList<>();
        steps.add(whole.step("T1·(E2/E1)·(f1/f2)·(kw1/kw2)·(a2/a1)", SOURCE));
        steps.add(new Step(
                "flux change",
                "100·(exact/turns − 1)",
                "100·(" + Figures.significant(whole.exact(), 5) + "/" + perCoil + " − 1)",
                whole.fluxChangePercent(),
                "%",
                SOURCE));
        steps.add(new Step(
                "copper of a turn",
                "A1·T1/T2",
                Figures.plain(original.result().conductorAreaMm2()) + "·"
                        + original.data().turnsPerCoil() + "/" + perCoil,
                copper,
                "mm²",
                "Copper of the slot kept"));
        steps.add(new Step(
                "line current for the same torque",
                "I1·(T1·kw1·a2)/(T2·kw2·a1)",
                "",
                wanted.currentA(perCoil),
                "A",
                "Ampere-turns kept"));
        steps.add(new Step(
                "mean turn of the new span",
                "what lies outside the iron × span2/span1",
                "",
                1000 * wanted.wanted().meanTurnLengthM(),
                "mm",
                "Estimate, until a coil of the new span is made"));
        return List.copyOf(steps);
    }
}
