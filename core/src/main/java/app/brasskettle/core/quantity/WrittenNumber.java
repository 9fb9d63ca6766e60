package app.brasskettle.core.quantity;

import java.math.BigInteger;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A number as people write it: 1.5, 1e3, 3/4, 12 1/2, 12½, 1 455. */
final class WrittenNumber {

    /** A fraction of a workshop: 7/8, 1/3, 5/64. Any other stroke stands between two values. */
    private static final String OF_A_WHOLE = "\\d+/(?:2|3|4|8|16|32|64)(?!\\d)";

    /** What a number looks like, for the pattern of a figure with its unit; longer shapes first. */
    static final String SHAPE =
            "[-+−]?(?:\\d+[ -])?" + OF_A_WHOLE + "|[-+−]?(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][-+]?\\d+)?";

    private static final Pattern FRACTION = Pattern.compile("([-+−]?)(?:(\\d+)[ -])?(\\d+)/(\\d+)");
    private static final String PLAIN = "\\d+(?:[.,]\\d+)?";
    private static final Pattern SEVERAL =
            Pattern.compile("(" + PLAIN + "(?:\\s*[-–/]\\s*" + PLAIN + ")+)\\s*([^\\d\\s].*)?");
    /** Thousands parted by a blank: "1 455", never "1 1/2". */
    private static final Pattern THOUSANDS =
            Pattern.compile("(?<![\\d.,/])(\\d{1,3})((?:[ \\u00a0\\u2009\\u202f]\\d{3})+)(?![\\d/])");

    private static final Map<String, String> SIGNS = Map.of(
            "½", "1/2", "¼", "1/4", "¾", "3/4", "⅓", "1/3", "⅔", "2/3", "⅛", "1/8", "⅜", "3/8", "⅝", "5/8", "⅞", "7/8");

    /** A comma that can be nothing but the decimal sign: no three figures follow it, or nothing but a zero stands before it. */
    private static final Pattern DECIMAL_COMMA =
            Pattern.compile("^([^\\d,.]*(?:0|\\d+(?=,(?:\\d{1,2}|\\d{4,})(?!\\d)))),(?=\\d+(?![\\d,.]))");

    private WrittenNumber() {}

    /**
     * Fractions in one sign written out: "12½" as "12 1/2"; a decimal comma as a point: "0,412" as "0.412". "1,500" stays as it
     * is, since it may be one and a half or fifteen hundred.
     */
    static String plainly(String text) {
        String whole = THOUSANDS
                .matcher(text.replace('⁄', '/'))
                .replaceAll(m -> m.group(1) + m.group(2).replaceAll("\\D", ""));
        String out = DECIMAL_COMMA.matcher(whole).replaceFirst("$1.");
        for (Map.Entry<String, String> sign : SIGNS.entrySet()) {
            out = out.replaceAll("(?<=\\d)\\s*" + sign.getKey(), " " + sign.getValue())
                    .replace(sign.getKey(), sign.getValue());
        }
        return out;
    }

    /**
     * Values that a text names side by side: "230/400", "208-230/460", "26,1/15,1". Two values are two values, never a fraction and never
     * a difference; a mixed number and a usual fraction ("7-1/2", "3/4") are one.
     *
     * @return each as written, in their order, with the unit that stands behind the last; empty where the text is one value
     */
    static List<String> several(String text) {
        Matcher m = SEVERAL.matcher(text.strip());
        if (!m.matches() || oneFraction(m.group(1))) {
            return List.of();
        }
        String unit = m.group(2) == null ? "" : " " + m.group(2).strip();
        return Arrays.stream(m.group(1).split("\\s*[-–/]\\s*"))
                .map(v -> v + unit)
                .toList();
    }

    private static boolean oneFraction(String text) {
        Matcher m = FRACTION.matcher(text);
        if (!m.matches() || !text.matches("(?:\\d+[ -])?" + OF_A_WHOLE)) {
            return false;
        }
        long over = Long.parseLong(m.group(3));
        long under = Long.parseLong(m.group(4));
        return over < under
                && BigInteger.valueOf(over).gcd(BigInteger.valueOf(under)).equals(BigInteger.ONE);
    }

    /**
     * The value of a text of that {@link #SHAPE}.
     *
     * @return NaN where a fraction has no value
     */
    static double value(String text) {
        Matcher m = FRACTION.matcher(text);
        if (!m.matches()) {
            return Double.parseDouble(text.replace('−', '-'));
        }
        double under = Double.parseDouble(m.group(4));
        double whole = m.group(2) == null ? 0 : Double.parseDouble(m.group(2));
        double value = under == 0 ? Double.NaN : whole + Double.parseDouble(m.group(3)) / under;
        return m.group(1).equals("-") || m.group(1).equals("−") ? -value : value;
    }
}
