package app.brasskettle.core.quantity;

import app.brasskettle.core.worksheet.Coded;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Kinds of figures the shop writes down, each with the units people use for it.
 *
 * <p>The first unit is taken when none is written. Factors: 1 hp = 745.699872 W, 1 in = 25.4 mm, 1 lb = 0.45359237 kg
 * (all exact by definition but the first, which is exact to its last digit as 550 ft·lbf/s).
 */
public enum Dimension implements Coded {
    /** Losses are small: a bare figure is watts. */
    LOSS("W", "W 1", "kW 1e3"),
    POWER("W", "kW 1e3", "W 1", "MW 1e6", "hp 745.699872"),
    VOLTAGE("V", "V 1", "kV 1e3", "mV 1e-3"),
    CURRENT("A", "A 1", "mA 1e-3", "kA 1e3"),
    SPEED("r/min", "r/min 1", "rpm 1", "rev/min 1", "1/min 1", "min-1 1"),
    FREQUENCY("Hz", "Hz 1", "kHz 1e3"),
    RESISTANCE("Ω", "Ω 1", "mΩ 1e-3", "m 1e-3", "µΩ 1e-6", "kΩ 1e3", "k 1e3"),
    INSULATION("MΩ", "MΩ 1", "Mohm 1", "M 1", "kΩ 1e-3", "k 1e-3", "Ω 1e-6", "GΩ 1e3", "Gohm 1e3", "G 1e3", "TΩ 1e6"),
    TEMPERATURE("°C", "°C 1", "C 1", "°F f", "F f", "K k"),
    /** Of a part in an oven, where several hundred degrees are usual. */
    OVEN_TEMPERATURE("°C", "°C 1", "C 1", "°F f", "F f", "K k"),
    TEMPERATURE_DIFFERENCE("K", "K 1", "°C 1", "C 1", "°F 0.5555555555555556", "F 0.5555555555555556"),
    ANGLE("°", "° 1"),
    FLUX_DENSITY("T", "T 1", "mT 1e-3", "kG 0.1"),
    UNBALANCE("g·mm", "g·mm 1", "gmm 1", "g mm 1", "oz·in 720.0778", "oz in 720.0778"),
    HUMIDITY("%", "% 1"),
    LENGTH("m", "mm 1e-3", "m 1", "cm 1e-2", "in 0.0254", "ft 0.3048", "mil 25.4e-6"),
    DISTANCE("m", "m 1", "km 1e3", "ft 0.3048", "yd 0.9144"),
    DIAMETER("mm", "mm 1", "µm 1e-3", "cm 10", "m 1e3", "in 25.4", "mil 0.0254", "AWG awg"),
    AREA("mm²", "mm² 1", "mm2 1", "cm² 100", "in² 645.16"),
    MASS("kg", "kg 1", "g 1e-3", "t 1e3", "lb 0.45359237"),
    DURATION("h", "h 1", "d 24", "wk 168", "min 0.016666666666666666"),
    SECONDS("s", "s 1", "min 60", "h 3600"),
    MINUTES("min", "min 1", "h 60", "s 0.016666666666666666", "d 1440"),
    YEARS("a", "a 1", "yr 1", "y 1"),
    PERCENT("%", "% 1"),
    CAPACITANCE("µF", "µF 1", "nF 1e-3", "mF 1e3"),
    VIBRATION("mm/s", "mm/s 1", "in/s 25.4"),
    LEAKAGE("µA", "µA 1", "mA 1e3", "nA 1e-3"),
    SHAFT_VOLTAGE("mV", "mV 1", "V 1e3", "µV 1e-3"),
    FORCE("N", "N 1", "kN 1e3", "lbf 4.4482216152605"),
    MONEY("", " 1"),
    RATIO("", " 1", "% 0.01"),
    COUNT("", " 1");

    private final String si;
    private final List<Unit> units = new ArrayList<>();

    Dimension(String si, String... units) {
        this.si = si;
        for (String unit : units) {
            int gap = unit.lastIndexOf(' ');
            this.units.add(Unit.of(unit.substring(0, gap), unit.substring(gap + 1)));
        }
    }

    /**
     * The kind that a field's name ends with, {@code ratedPowerW} for power; {@link #RATIO} where the name says none. The
     * endings are those of the worksheets' contract.
     */
    public static Dimension ofField(String name) {
        for (Ending ending : ENDINGS) {
            if (name.endsWith(ending.text())) {
                return ending.kind();
            }
        }
        return NAMES.getOrDefault(name, RATIO);
    }

    /**
     * Returns the diameter of a gauge of round wire, halves too (ASTM B258).
     *
     * @param number gauge number, AWG
     * @return bare diameter in mm
     */
    public static double gaugeMm(double number) {
        return 0.127 * Math.pow(92, (36 - number) / 39);
    }

    private record Ending(String text, Dimension kind) {}

    /** Longer endings stand before those they contain. */
    private static final List<Ending> ENDINGS = List.of(
            new Ending("APerMm2", RATIO),
            new Ending("PerKwh", MONEY),
            new Ending("PerKg", MONEY),
            new Ending("PerHour", MONEY),
            new Ending("PerYear", DURATION),
            new Ending("AreaMm2", AREA),
            new Ending("Megohm", INSULATION),
            new Ending("Mm", DIAMETER),
            new Ending("Kg", MASS),
            new Ending("DistanceM", DISTANCE),
            new Ending("Rpm", SPEED),
            new Ending("Hz", FREQUENCY),
            new Ending("Hours", DURATION),
            new Ending("Years", YEARS),
            new Ending("Percent", PERCENT),
            new Ending("IntervalS", SECONDS),
            new Ending("LengthM", LENGTH),
            new Ending("DiameterM", LENGTH),
            new Ending("WidthM", LENGTH),
            new Ending("DepthM", LENGTH),
            new Ending("EndM", LENGTH),
            new Ending("WidthTotalM", LENGTH),
            new Ending("measuredW", LOSS),
            new Ending("BurnoutW", LOSS),
            new Ending("lastHourK", TEMPERATURE_DIFFERENCE),
            new Ending("gleDegrees", ANGLE),
            new Ending("DensityT", FLUX_DENSITY),
            new Ending("residualGmmDriveEnd", UNBALANCE),
            new Ending("residualGmmOtherEnd", UNBALANCE),
            new Ending("PowerW", POWER),
            new Ending("VoltageV", VOLTAGE),
            new Ending("voltageV", VOLTAGE),
            new Ending("Ohm", RESISTANCE),
            new Ending("VoltagesV", VOLTAGE),
            new Ending("CurrentsA", CURRENT),
            new Ending("currentsBeforeA", CURRENT),
            new Ending("currentsAfterA", CURRENT),
            new Ending("CurrentA", CURRENT),
            new Ending("currentA", CURRENT),
            new Ending("PeakA", CURRENT),
            new Ending("Seconds", SECONDS),
            new Ending("LoadN", FORCE),
            new Ending("Microfarad", CAPACITANCE),
            new Ending("MmPerS", VIBRATION),
            new Ending("microamp", LEAKAGE),
            new Ending("Millivolt", SHAFT_VOLTAGE),
            new Ending("LossBeforeW", LOSS),
            new Ending("LossAfterW", LOSS),
            new Ending("At25C", RESISTANCE),
            new Ending("windingC", TEMPERATURE),
            new Ending("hottestC", TEMPERATURE),
            new Ending("CoreC", TEMPERATURE),
            new Ending("TemperatureC", TEMPERATURE),
            new Ending("partC", OVEN_TEMPERATURE),
            new Ending("preheatC", OVEN_TEMPERATURE),
            new Ending("holdC", OVEN_TEMPERATURE),
            new Ending("limitC", OVEN_TEMPERATURE),
            new Ending("inutes", MINUTES));

    private static final Map<String, Dimension> NAMES = Map.of(
            "ab",
            RESISTANCE,
            "bc",
            RESISTANCE,
            "ca",
            RESISTANCE,
            "seconds",
            SECONDS,
            "hours",
            DURATION,
            "megohm",
            INSULATION,
            "price",
            MONEY);

    /** Symbol of the unit in which figures of this kind are stored. */
    public String si() {
        return si;
    }

    /** The unit written as {@code symbol}, in whatever spelling; the kind's usual one for an empty symbol. */
    Optional<Unit> unit(String symbol) {
        if (symbol.isEmpty()) {
            return Optional.of(units.get(0));
        }
        return units.stream()
                .filter(u -> u.symbol().equals(symbol))
                .findFirst()
                .or(() -> units.stream()
                        .filter(u -> UnitWords.means(symbol, u.symbol()))
                        .findFirst());
    }

    /** Symbol of the unit taken when none is written. */
    public String typed() {
        return units.get(0).symbol();
    }

    /** Symbol of the unit meant by somebody who thinks in {@code system} and writes none. */
    public String typed(UnitSystem system) {
        if (system == UnitSystem.METRIC) {
            return typed();
        }
        return switch (this) {
            case POWER -> "hp";
            case LENGTH, DIAMETER -> "in";
            case DISTANCE -> "ft";
            case MASS -> "lb";
            case TEMPERATURE, OVEN_TEMPERATURE -> "°F";
            default -> typed();
        };
    }

    /** Symbols a person may write, for messages. */
    String symbols() {
        return String.join(", ", units.stream().map(Unit::symbol).toList());
    }

    Unit usual() {
        return units.get(0);
    }

    /** A unit; a wire gauge goes by powers, so that its factor is not one (ASTM B258: 0.127 mm × 92^((36 − n) ÷ 39)). */
    record Unit(String symbol, double factor, double offset) {
        static Unit of(String symbol, String rule) {
            return switch (rule) {
                case "f" -> new Unit(symbol, 5.0 / 9.0, -32 * 5.0 / 9.0);
                case "k" -> new Unit(symbol, 1, -273.15);
                case "awg" -> new Unit(symbol, Double.NaN, 0);
                default -> new Unit(symbol, Double.parseDouble(rule), 0);
            };
        }

        double toStored(double written) {
            if (Double.isNaN(factor)) {
                return gaugeMm(written);
            }
            return offset == 0 ? written * factor : written * factor + offset;
        }
    }
}
