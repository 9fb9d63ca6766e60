package app.brasskettle.core.nameplate;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What the name of a frame tells: whose sizes it has, and the middle of the shaft above the feet. */
public final class FrameName {

    private static final double INCH_MM = 25.4;
    /** Frames of IEC 60072-1 are called by it in millimetres: 160M, 90 S/L. */
    private static final Pattern METRIC = Pattern.compile("(?:IEC )?(\\d{2,3})(?: ?[SMLX](?:/[SML])?[A-Z0-9]{0,2})?");
    /** Frames of NEMA MG 1-4.2 by four times the inches: 256T, 445TS; three figures give two, four give the first two. */
    private static final Pattern QUARTER_INCHES = Pattern.compile("(?:NEMA )?(\\d{2})\\d{1,2} ?[TU][A-Z]{0,2}");

    private static final double MIN_MM = 40;

    private FrameName() {}

    /**
     * Reads the shaft height off a frame.
     *
     * @param frame as written on a plate
     * @return millimetres; empty for a name of neither kind
     */
    public static Optional<Double> shaftHeightMm(String frame) {
        String name = plain(frame);
        Matcher quarters = QUARTER_INCHES.matcher(name);
        if (quarters.matches()) {
            return Optional.of(Integer.parseInt(quarters.group(1)) / 4.0 * INCH_MM);
        }
        Matcher metric = METRIC.matcher(name);
        return metric.matches()
                ? Optional.of(Double.valueOf(metric.group(1))).filter(h -> h >= MIN_MM)
                : Optional.empty();
    }

    /** Tells whether a frame is called by NEMA MG 1, with inch sizes all over. */
    public static boolean nema(String frame) {
        return QUARTER_INCHES.matcher(plain(frame)).matches();
    }

    /** Tells whether new motors are built with that shaft height: to NEMA MG 1, or with one that EN 50347 gives a power to. */
    public static boolean standard(String frame) {
        return nema(frame) || shaftHeightMm(frame).filter(StandardFrames::has).isPresent();
    }

    private static String plain(String frame) {
        return frame.strip().toUpperCase(Locale.ROOT);
    }
}
