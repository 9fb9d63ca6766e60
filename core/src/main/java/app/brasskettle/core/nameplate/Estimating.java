package app.brasskettle.core.nameplate;

import app.brasskettle.core.nameplate.FieldMark.State;
import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Limit;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * The weighing of what a motor without a plate tells: every clue gives a range of powers, and where all of them meet lies the
 * estimate.
 *
 * <p>The bands are shop rules for cage motors, totally enclosed: they bound what is usual and prove nothing.
 */
final class Estimating {

    private static final String FRAME_SOURCE = "EN 50347, powers by shaft height, a step wider either way";
    private static final String COPPER_SOURCE = "Shop rule: 3.5 to 7 A/mm²";
    private static final String NO_LOAD_SOURCE = "Shop rule: an idle motor draws 20 to 45 % (2 poles), 25 to 55 % (4), "
            + "35 to 70 % (6 and more) of its rated current";
    private static final String LOAD_SOURCE = "P = √3·U·I·(efficiency × power factor)";

    private static final Band DENSITY_A_PER_MM2 = new Band(3.5, 7);
    /** An estimate that shows more figures would lie about itself; a speed needs four. */
    private static final int DIGITS = 3;

    private static final int SPEED_DIGITS = 4;

    private static final Band VOLTAGE_SPREAD = new Band(0.9, 1.1);

    private final Plate plate;
    private final PlateClues told;
    private final Map<String, Band> power = new LinkedHashMap<>();
    private final List<PlateEstimate.Clue> clues = new ArrayList<>();
    private final List<String> contradictions = new ArrayList<>();

    Estimating(Plate plate) {
        this.plate = plate;
        this.told = plate.clues().orElseGet(PlateClues::none);
    }

    PlateEstimate estimate() {
        height();
        core();
        copper();
        idle();
        readCurrent();
        List<PlateEstimate.Figure> figures = new ArrayList<>();
        Optional<Band> met = meet();
        met.ifPresent(b -> figures.add(figure(PlateField.RATED_POWER, StandardFrames.preferred(b), b, basis())));
        told.supplyVoltageV()
                .ifPresent(u -> figures.add(
                        figure(PlateField.RATED_VOLTAGE, u, VOLTAGE_SPREAD.times(u), "supply at the machine")));
        met.ifPresent(b -> current(b).ifPresent(figures::add));
        met.ifPresent(b -> speed(b).ifPresent(figures::add));
        return new PlateEstimate(List.copyOf(figures), List.copyOf(clues), List.copyOf(contradictions));
    }

    private String basis() {
        return String.join(", ", power.keySet());
    }

    /** Poles: counted, or from a speed that was read. */
    OptionalInt poles() {
        if (told.poles().isPresent()) {
            return OptionalInt.of(told.poles().get());
        }
        return plate.ratedSpeedRpm()
                .filter(n -> known(PlateField.RATED_SPEED))
                .map(n -> OptionalInt.of(2 * (int) Limit.floor(60 * plate.frequencyHz() / n)))
                .orElse(OptionalInt.empty());
    }

    private boolean known(PlateField field) {
        State state = plate.state(field);
        return state == State.READ || state == State.WORN;
    }

    private Optional<Double> voltage() {
        return plate.ratedVoltageV()
                .filter(u -> known(PlateField.RATED_VOLTAGE))
                .or(told::supplyVoltageV);
    }

    private double root() {
        return plate.phases() == 3 ? Math.sqrt(3) : 1;
    }

    private void height() {
        if (told.shaftHeightMm().isEmpty() || plate.phases() != 3) {
            return;
        }
        double mm = told.shaftHeightMm().get();
        Optional<Band> band = StandardFrames.powerOf(mm, poles());
        // The assigned powers are those of 50 Hz; the same frame gives up to a fifth more at 60 Hz.
        double faster = plate.frequencyHz() > 55 ? 1.2 : 1;
        band.map(b -> new Band(b.low(), b.high() * faster))
                .ifPresentOrElse(
                        b -> add("shaft height " + Figures.plain(mm) + " mm", b, FRAME_SOURCE),
                        () -> clues.add(new PlateEstimate.Clue(
                                "shaft height " + Figures.plain(mm) + " mm", "no standard frame", FRAME_SOURCE)));
    }

    private void core() {
        if (told.boreDiameterM().isEmpty() || told.coreLengthM().isEmpty() || poles().isEmpty()) {
            return;
        }
        double d = told.boreDiameterM().get();
        double l = told.coreLengthM().get();
        double watts = CoreOutput.watts(d, l, plate.frequencyHz(), poles().getAsInt());
        add(
                "bore " + Figures.show(d, Dimension.LENGTH) + ", core " + Figures.show(l, Dimension.LENGTH),
                new Band(CoreOutput.LEAST, CoreOutput.MOST).times(watts),
                CoreOutput.SOURCE);
    }

    private void copper() {
        if (told.conductorAreaMm2().isEmpty() || voltage().isEmpty()) {
            return;
        }
        double area = told.conductorAreaMm2().get();
        // In delta the line feeds two phases; where nobody knows, either may be so.
        Band lines = switch (plate.connection()) {
            case WYE -> new Band(1, 1);
            case DELTA -> new Band(Math.sqrt(3), Math.sqrt(3));
            case UNKNOWN -> new Band(1, plate.phases() == 3 ? Math.sqrt(3) : 1);
        };
        byCurrent(
                "copper " + Figures.show(area, Dimension.AREA),
                DENSITY_A_PER_MM2.times(area).times(lines),
                COPPER_SOURCE);
    }

    private void idle() {
        if (told.noLoadCurrentA().isEmpty() || voltage().isEmpty()) {
            return;
        }
        Band share = poles().isEmpty()
                ? new Band(0.2, 0.7)
                : switch (poles().getAsInt()) {
                    case 2 -> new Band(0.2, 0.45);
                    case 4 -> new Band(0.25, 0.55);
                    default -> new Band(0.35, 0.7);
                };
        double idle = told.noLoadCurrentA().get();
        byCurrent(
                "no-load current " + Figures.show(idle, Dimension.CURRENT),
                new Band(idle, idle).over(share),
                NO_LOAD_SOURCE);
    }

    private void readCurrent() {
        if (plate.clues().isPresent()
                && known(PlateField.RATED_CURRENT)
                && voltage().isPresent()) {
            double amps = plate.ratedCurrentA().orElseThrow();
            byCurrent(
                    "current on the plate " + Figures.show(amps, Dimension.CURRENT), new Band(amps, amps), LOAD_SOURCE);
        }
    }

    private void byCurrent(String name, Band amps, String source) {
        Band apparent = amps.times(root() * voltage().orElseThrow());
        add(name, apparent.times(loadFactor(apparent.middle())), source);
    }

    private void add(String name, Band band, String source) {
        power.put(name, band);
        clues.add(new PlateEstimate.Clue(name, shown(PlateField.RATED_POWER, band), source));
    }

    /** Efficiency × power factor that motors of this size usually have. */
    private static Band loadFactor(double watts) {
        if (watts < 1500) {
            return new Band(0.45, 0.72);
        }
        return watts < 15_000 ? new Band(0.58, 0.82) : new Band(0.7, 0.88);
    }

    private static Band slip(double watts) {
        if (watts < 1000) {
            return new Band(0.04, 0.1);
        }
        if (watts < 10_000) {
            return new Band(0.02, 0.06);
        }
        return watts < 100_000 ? new Band(0.01, 0.035) : new Band(0.004, 0.015);
    }

    /** Where all clues meet; everything they span, and a sentence, where they do not. */
    private Optional<Band> meet() {
        Optional<Band> met = power.values().stream().reduce(Band::meet);
        if (met.filter(Band::empty).isEmpty()) {
            return met;
        }
        String least = "";
        String most = "";
        for (Map.Entry<String, Band> e : power.entrySet()) {
            if (least.isEmpty() || e.getValue().high() < power.get(least).high()) {
                least = e.getKey();
            }
            if (most.isEmpty() || e.getValue().low() > power.get(most).low()) {
                most = e.getKey();
            }
        }
        contradictions.add(
                "Clues disagree: " + least + " says " + shown(PlateField.RATED_POWER, power.get(least)) + ", "
                        + most + " says " + shown(PlateField.RATED_POWER, power.get(most))
                        + ". One is measured wrong, or it is no usual motor.");
        return power.values().stream().reduce(Band::join);
    }

    private Optional<PlateEstimate.Figure> current(Band watts) {
        return voltage().map(u -> {
            double value = StandardFrames.preferred(watts);
            Band factor = loadFactor(value);
            double line = root() * u;
            Band amps = watts.over(factor).times(1 / line);
            return figure(
                    PlateField.RATED_CURRENT,
                    value / (line * factor.middle()),
                    amps,
                    "power at " + Figures.show(u, Dimension.VOLTAGE));
        });
    }

    private Optional<PlateEstimate.Figure> speed(Band watts) {
        if (poles().isEmpty()) {
            return Optional.empty();
        }
        double synchronous = 120 * plate.frequencyHz() / poles().getAsInt();
        Band slip = slip(StandardFrames.preferred(watts));
        Band rpm = new Band(synchronous * (1 - slip.high()), synchronous * (1 - slip.low()));
        return Optional.of(figure(
                PlateField.RATED_SPEED,
                Math.rint(synchronous * (1 - slip.middle())),
                rpm,
                poles().getAsInt() + " poles and usual slip"));
    }

    private static PlateEstimate.Figure figure(PlateField field, double guess, Band band, String basis) {
        double value = rounded(guess, field == PlateField.RATED_SPEED ? SPEED_DIGITS : DIGITS);
        String likeliest = Figures.show(value, Dimension.ofField(field.code()));
        return new PlateEstimate.Figure(field, value, band.low(), band.high(), likeliest, shown(field, band), basis);
    }

    /** "8.1 to 15 kW", the unit said once where both ends have the same. */
    private static String shown(PlateField field, Band band) {
        Dimension kind = Dimension.ofField(field.code());
        String low = Figures.show(rounded(band.low(), DIGITS), kind);
        String high = Figures.show(rounded(band.high(), DIGITS), kind);
        String unit = high.substring(high.lastIndexOf(' '));
        return (low.endsWith(unit) ? low.substring(0, low.length() - unit.length()) : low) + " to " + high;
    }

    private static double rounded(double value, int digits) {
        return new BigDecimal(value).round(new MathContext(digits)).doubleValue();
    }
}
