package app.brasskettle.core.teardown;

import app.brasskettle.core.worksheet.Coded;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Kind of motor as far as taking it apart goes: its bearings, caps, fan and what hangs on its non-drive end. */
public enum MotorBuild implements Coded {
    BALL_SEALED("Ball bearings, no caps", "usual to frame 132"),
    BALL_CAPPED("Ball bearings, caps, grease", "usual from frame 160"),
    ROLLER_DRIVE("Roller at the drive end", "belt drives, from frame 280"),
    SLEEVE("Sleeve bearings", "large and quiet machines"),
    VERTICAL("Vertical, thrust bearing", "pumps"),
    OPEN("Open frame, no cowl", "drip-proof"),
    BRAKE("Brake at the non-drive end", "hoists"),
    SINGLE_PHASE("Single-phase, start switch", "fractional power");

    private static final Pattern HEIGHT = Pattern.compile("(?<![0-9])([5-9]\\d|[1-4]\\d\\d)(?![0-9])");
    private static final int CAPPED_FROM_MM = 160;

    private final String label;
    private final String where;

    MotorBuild(String label, String where) {
        this.label = label;
        this.where = where;
    }

    /** The build as a heading. */
    public String label() {
        return label;
    }

    /** Where it is usual. */
    public String where() {
        return where;
    }

    /**
     * The build a plate suggests.
     *
     * @param singlePhase whether it has one phase
     * @param brake whether a brake hangs on it
     * @param frame frame as written, whose shaft height decides between caps and none
     * @param driveEndBearing bearing at the drive end as written
     */
    public static MotorBuild suggested(
            boolean singlePhase, boolean brake, Optional<String> frame, Optional<String> driveEndBearing) {
        if (singlePhase) {
            return SINGLE_PHASE;
        }
        if (brake) {
            return BRAKE;
        }
        if (driveEndBearing
                .map(b -> b.strip().toUpperCase(Locale.ROOT))
                .filter(b -> b.startsWith("N"))
                .isPresent()) {
            return ROLLER_DRIVE;
        }
        return frame.map(HEIGHT::matcher)
                        .filter(Matcher::find)
                        .map(m -> Integer.parseInt(m.group(1)))
                        .filter(h -> h >= CAPPED_FROM_MM)
                        .isPresent()
                ? BALL_CAPPED
                : BALL_SEALED;
    }
}
