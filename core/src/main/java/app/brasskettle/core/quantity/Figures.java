package app.brasskettle.core.quantity;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/** Figures as people read them: rounded for the eye only, with the prefix the trade would use. */
public final class Figures {

    private Figures() {}

    /** {@code value} to {@code digits} significant figures, without exponent; thousands set apart from 10,000 on. */
    public static String significant(double value, int digits) {
        if (value == 0) {
            return "0";
        }
        BigDecimal exact = BigDecimal.valueOf(value);
        BigDecimal rounded = exact.round(new MathContext(digits, RoundingMode.HALF_UP));
        if (rounded.scale() < 0 || Math.abs(value) >= Math.pow(10, digits)) {
            rounded = exact.setScale(0, RoundingMode.HALF_UP);
        }
        return grouped(rounded.stripTrailingZeros());
    }

    /** Three significant figures, enough for the eye. */
    public static String plain(double value) {
        return significant(value, 4);
    }

    /** {@code value} with {@code decimals} places. */
    public static String fixed(double value, int decimals) {
        return BigDecimal.valueOf(value)
                .setScale(decimals, RoundingMode.HALF_UP)
                .toPlainString();
    }

    /** A share in percent: one place below ten, none above. */
    public static String percent(double value) {
        return fixed(value, Math.abs(value) < 10 ? 1 : 0) + " %";
    }

    /**
     * Writes a probability in percent; nothing weighed from evidence is ever called certain, nor impossible.
     *
     * @param probability 0 to 1
     */
    public static String chance(double probability) {
        if (probability > 0.99) {
            return "over 99 %";
        }
        return probability < 0.001 ? "under 0.1 %" : percent(100 * probability);
    }

    /** {@code value}, given in the stored unit of {@code kind}, as people write it. */
    public static String show(double value, Dimension kind) {
        return switch (kind) {
            case POWER -> value >= 1000 || value == 0 ? plain(value / 1000) + " kW" : plain(value) + " W";
            case VOLTAGE -> value >= 10_000 ? plain(value / 1000) + " kV" : plain(value) + " V";
            case INSULATION -> insulation(value);
            case RESISTANCE -> Math.abs(value) < 0.1 && value != 0 ? plain(value * 1000) + " mΩ" : plain(value) + " Ω";
            case LENGTH -> plain(value * 1000) + " mm";
            case TEMPERATURE -> significant(value, 3) + " °C";
            case FREQUENCY -> value >= 10_000 ? plain(value / 1000) + " kHz" : plain(value) + " Hz";
            case DURATION -> value >= 48 ? plain(value / 24) + " d" : plain(value) + " h";
            default -> kind.si().isEmpty() ? plain(value) : plain(value) + " " + kind.si();
        };
    }

    private static String insulation(double megohm) {
        if (megohm >= 1000) {
            return significant(megohm / 1000, 3) + " GΩ";
        }
        return megohm < 0.1 && megohm > 0 ? significant(megohm * 1000, 3) + " kΩ" : significant(megohm, 3) + " MΩ";
    }

    private static String grouped(BigDecimal value) {
        String text = value.toPlainString();
        String sign = text.startsWith("-") ? "−" : "";
        String bare = text.startsWith("-") ? text.substring(1) : text;
        int point = bare.indexOf('.');
        String whole = point < 0 ? bare : bare.substring(0, point);
        if (whole.length() >= 5) {
            whole = whole.replaceAll("(?<=\\d)(?=(\\d{3})+$)", "\u00a0");
        }
        return sign + whole + (point < 0 ? "" : bare.substring(point));
    }
}
