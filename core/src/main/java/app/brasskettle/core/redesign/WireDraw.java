package app.brasskettle.core.redesign;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.Copper;
import app.brasskettle.core.wire.Rack;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Wire of one size to be drawn from the rack.
 *
 * @param name its size
 * @param count wires in hand of it
 * @param neededKg copper of the winding and the shop's allowance
 * @param onHandKg what the rack holds
 * @param orderKg what is short; 0 where there is enough
 */
public record WireDraw(String name, int count, double neededKg, double onHandKg, double orderKg) {

    /** Computes what {@code wires} weigh on {@code lengthM} metres of turns, each beside what the rack holds. */
    static List<WireDraw> of(double lengthM, List<ChosenWire> wires, Rack rack, double allowancePercent) {
        return wires.stream()
                .map(w -> {
                    double needed = Copper.massKg(lengthM, w.strand().areaMm2()) * (1 + allowancePercent / 100);
                    double held = rack.named(w.name()).map(Rack.Wire::onHandKg).orElse(0.0);
                    return new WireDraw(w.name(), w.count(), needed, held, Math.max(0, needed - held));
                })
                .toList();
    }

    /** Returns the price of a kilogram, the dearest of the sizes; nothing where one of them has none. */
    static Optional<Double> dearest(List<ChosenWire> wires, Rack rack) {
        List<Optional<Double>> prices = wires.stream()
                .map(w -> rack.named(w.name()).flatMap(Rack.Wire::pricePerKg))
                .toList();
        return prices.stream().anyMatch(Optional::isEmpty)
                ? Optional.empty()
                : prices.stream().map(Optional::get).max(Comparator.naturalOrder());
    }

    Judgement shortage() {
        return new Judgement(
                Verdict.WATCH,
                "Needs " + Figures.significant(neededKg, 3) + " kg of " + name + ", the rack holds "
                        + Figures.significant(onHandKg, 3) + " kg",
                "",
                "Wire on the rack",
                "Order " + Figures.significant(orderKg, 2) + " kg of " + name + ".");
    }
}
