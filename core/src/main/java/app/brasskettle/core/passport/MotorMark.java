package app.brasskettle.core.passport;

import java.util.Locale;
import java.util.Optional;

/**
 * The mark by which a motor is known again: its serial number, or one the shop gave it, without what people write differently
 * each time.
 *
 * @param text capital letters and figures
 */
public record MotorMark(String text) {

    /** Fewer characters tell too little: many makers have a motor number 12. */
    private static final int SHORTEST = 4;

    private static final int LONGEST = 60;

    /** The mark in {@code written}, "hp-30 11872" and "HP-30-11872" alike; nothing where it is too short to tell motors apart. */
    public static Optional<MotorMark> of(String written) {
        String text = written == null ? "" : written.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]", "");
        return text.length() < SHORTEST || text.length() > LONGEST
                ? Optional.empty()
                : Optional.of(new MotorMark(text));
    }
}
