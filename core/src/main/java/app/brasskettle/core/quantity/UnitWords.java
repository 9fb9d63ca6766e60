package app.brasskettle.core.quantity;

import java.util.List;
import java.util.Locale;
import java.util.Map;

/** The ways in which people write a unit, brought to the one spelling that {@link Dimension} lists. */
final class UnitWords {

    /** Words and signs by the spelling they stand for; which of them a field takes is for its kind to say. */
    private static final Map<String, List<String>> WRITTEN = Map.ofEntries(
            Map.entry("W", List.of("watt", "watts")),
            Map.entry("kW", List.of("kilowatt", "kilowatts")),
            Map.entry("hp", List.of("horsepower", "horse power")),
            Map.entry("V", List.of("volt", "volts", "vac", "vdc")),
            Map.entry("kV", List.of("kilovolt", "kilovolts")),
            Map.entry("mV", List.of("millivolt", "millivolts")),
            Map.entry("A", List.of("amp", "amps", "ampere", "amperes")),
            Map.entry("mA", List.of("milliamp", "milliamps")),
            Map.entry("µA", List.of("microamp", "microamps", "uA")),
            Map.entry("Ω", List.of("ohms", "ohm")),
            Map.entry("mΩ", List.of("milliohm", "milliohms", "mohms", "mohm")),
            Map.entry("kΩ", List.of("kilohm", "kilohms", "kohms", "kohm")),
            Map.entry("MΩ", List.of("meg", "megs", "megohm", "megohms", "Mohms")),
            Map.entry("GΩ", List.of("gig", "gigs", "gigohm", "gigohms")),
            Map.entry("Hz", List.of("hertz", "cycles", "cps")),
            Map.entry("rpm", List.of("revs", "rev/min")),
            Map.entry("min-1", List.of("min⁻¹", "min−1", "min^-1", "/min")),
            Map.entry("µF", List.of("mfd", "uf", "microfarad", "microfarads")),
            Map.entry("mm", List.of("mm", "millimetre", "millimetres", "millimeter", "millimeters")),
            Map.entry("mil", List.of("mils", "thou", "thous")),
            Map.entry("cm", List.of("centimetre", "centimetres", "centimeter", "centimeters")),
            Map.entry("in", List.of("\"", "″", "”", "''", "inch", "inches")),
            Map.entry("ft", List.of("'", "′", "’", "foot", "feet")),
            Map.entry("kg", List.of("kilo", "kilos", "kgs")),
            Map.entry("lb", List.of("lbs", "pound", "pounds")),
            Map.entry("°C", List.of("deg c", "degc", "celsius", "degrees c")),
            Map.entry("°F", List.of("deg f", "degf", "fahrenheit", "degrees f")),
            Map.entry("°", List.of("deg", "degree", "degrees")),
            Map.entry("s", List.of("sec", "secs", "second", "seconds")),
            Map.entry("min", List.of("min", "mins", "minute", "minutes")),
            Map.entry("h", List.of("hr", "hrs", "hour", "hours")),
            Map.entry("d", List.of("day", "days")),
            Map.entry("wk", List.of("week", "weeks", "wks")),
            Map.entry("a", List.of("year", "years", "yrs")),
            Map.entry("T", List.of("tesla")),
            Map.entry("%", List.of("percent", "per cent", "pct")));

    private UnitWords() {}

    /** One character for each sign that keyboards and printers write in several: Ω and µ have two each. */
    static String signs(String text) {
        return text.replace('\u2126', 'Ω').replace('\u03bc', 'µ').replace('\u00ba', '°');
    }

    /**
     * Tells whether {@code written} is a way of writing {@code symbol}. Case is overlooked, but never where it tells milli from
     * mega: "mw" is neither.
     */
    static boolean means(String written, String symbol) {
        if (written.equals(symbol)) {
            return true;
        }
        String folded = fold(written);
        boolean prefix = symbol.length() <= 3 && (symbol.startsWith("m") || symbol.startsWith("M"));
        if (!prefix && folded.equals(fold(symbol))) {
            return true;
        }
        return WRITTEN.getOrDefault(symbol, List.of()).stream().anyMatch(w -> same(w, written));
    }

    private static boolean same(String word, String written) {
        // "Mohm" and "mohm" are a million apart.
        return fold(word).equals("mohm") || fold(word).equals("mohms")
                ? word.equals(written)
                : fold(word).equals(fold(written));
    }

    private static String fold(String text) {
        return text.toLowerCase(Locale.ROOT).replace("° ", "°").replace(".", "").strip();
    }
}
