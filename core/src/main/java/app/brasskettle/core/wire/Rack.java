package app.brasskettle.core.wire;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a shop has on its rack, lots of the same size and grade taken together.
 *
 * @param wires thinnest first
 */
public record Rack(List<Wire> wires) {

    /**
     * Wire of one size and grade.
     *
     * @param name size, and grade where the rack has both
     * @param bareDiameterMm copper
     * @param overallDiameterMm with enamel, the thickest lot
     * @param onHandKg all lots
     * @param pricePerKg the dearest lot with a price
     */
    public record Wire(
            String name,
            double bareDiameterMm,
            double overallDiameterMm,
            double onHandKg,
            Optional<Double> pricePerKg) {}

    public Rack {
        wires = List.copyOf(wires);
    }

    /** Returns the rack of {@code lots}; lots that are used up are not on it. */
    public static Rack of(List<WireLot> lots) {
        Map<String, List<WireLot>> bySize = new LinkedHashMap<>();
        lots.stream()
                .filter(l -> l.onHandKg() > 0)
                .forEach(l ->
                        bySize.computeIfAbsent(l.size(), s -> new ArrayList<>()).add(l));
        List<Wire> wires = new ArrayList<>();
        bySize.forEach((size, all) -> {
            boolean both = all.stream().map(WireLot::grade).distinct().count() > 1;
            for (WireGrade grade : WireGrade.values()) {
                List<WireLot> same =
                        all.stream().filter(l -> l.grade() == grade).toList();
                if (!same.isEmpty()) {
                    wires.add(wire(both ? size + " " + grade.label() : size, same));
                }
            }
        });
        wires.sort(Comparator.comparingDouble(Wire::bareDiameterMm).thenComparing(Wire::overallDiameterMm));
        return new Rack(wires);
    }

    private static Wire wire(String name, List<WireLot> lots) {
        return new Wire(
                name,
                lots.get(0).wire().bareDiameterMm(),
                lots.stream().mapToDouble(WireLot::overallMm).max().orElseThrow(),
                lots.stream().mapToDouble(WireLot::onHandKg).sum(),
                lots.stream().flatMap(l -> l.pricePerKg().stream()).max(Comparator.naturalOrder()));
    }

    /** Mean price of a kilogram of the wire that is there, weighed by kilograms; empty where nothing on it has a price. */
    public Optional<Double> meanPricePerKg() {
        double kg = 0;
        double money = 0;
        for (Wire wire : wires) {
            if (wire.pricePerKg().isPresent()) {
                kg += wire.onHandKg();
                money += wire.onHandKg() * wire.pricePerKg().get();
            }
        }
        return kg > 0 ? Optional.of(money / kg) : Optional.empty();
    }

    /** Returns the wire of that name. */
    public Optional<Wire> named(String name) {
        return wires.stream().filter(w -> w.name().equals(name)).findFirst();
    }
}
