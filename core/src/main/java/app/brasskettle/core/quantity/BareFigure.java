package app.brasskettle.core.quantity;

import java.util.Map;
import java.util.Optional;

/**
 * Figures without a unit that are hardly meant in the unit taken when none is written: 176 where degrees Celsius are taken is
 * 176 °F to somebody, 7500 where kilowatts are taken is watts. Such a figure is asked about; with its unit it is taken as it stands.
 *
 * <p>The bounds are the shop's own rule: wide enough for what comes to a rewind shop, 20 W to 5 MW and up to 15 kV.
 */
final class BareFigure {

    /**
     * What is plausible of a figure in its kind's usual unit.
     *
     * @param least lower bound; nothing at all, 0, is always plausible
     * @param greatest upper bound
     * @param other the unit that somebody beyond the bounds is likelier to mean
     */
    private record Plausible(double least, double greatest, String other) {}

    private static final Map<Dimension, Plausible> BOUNDS = Map.ofEntries(
            Map.entry(Dimension.TEMPERATURE, new Plausible(-40, 150, "°F")),
            Map.entry(Dimension.POWER, new Plausible(0.02, 5000, "W")),
            Map.entry(Dimension.VOLTAGE, new Plausible(0.01, 50_000, "kV")),
            Map.entry(Dimension.CURRENT, new Plausible(0.001, 20_000, "mA")),
            Map.entry(Dimension.SPEED, new Plausible(1, 60_000, "r/min")),
            Map.entry(Dimension.FREQUENCY, new Plausible(1, 1000, "Hz")),
            Map.entry(Dimension.RESISTANCE, new Plausible(1e-5, 100_000, "mΩ")),
            Map.entry(Dimension.INSULATION, new Plausible(1e-4, 1_000_000, "Ω")),
            Map.entry(Dimension.LENGTH, new Plausible(1, 5000, "m")),
            Map.entry(Dimension.MASS, new Plausible(0.001, 50_000, "g")),
            Map.entry(Dimension.CAPACITANCE, new Plausible(0.01, 10_000, "nF")),
            Map.entry(Dimension.VIBRATION, new Plausible(0.01, 100, "in/s")),
            Map.entry(Dimension.FLUX_DENSITY, new Plausible(0.01, 3, "mT")));

    private BareFigure() {}

    /**
     * Asks which unit is meant.
     *
     * @param figure as written, without a unit
     * @param kind the kind of figure its field wants
     * @return a question in a sentence; empty where the usual unit makes sense
     */
    static Optional<String> question(double figure, Dimension kind) {
        Plausible bounds = BOUNDS.get(kind);
        String usual = kind.typed();
        if (bounds == null || figure == 0 || figure >= bounds.least() && figure <= bounds.greatest()) {
            return Optional.empty();
        }
        String written = Figures.plain(figure);
        String choice = bounds.other().equals(usual)
                ? "Write " + written + " " + usual + " if it is so"
                : "Write the unit: " + written + " " + usual + " or " + written + " " + bounds.other();
        return Optional.of(written + " " + usual + "? Without a unit " + usual + " is taken, and "
                + Figures.plain(bounds.least()) + " to " + Figures.plain(bounds.greatest()) + " " + usual
                + " is usual here. " + choice);
    }
}
