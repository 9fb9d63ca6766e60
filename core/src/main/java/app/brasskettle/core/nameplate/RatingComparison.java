package app.brasskettle.core.nameplate;

import app.brasskettle.core.nameplate.RatingBlockAssessment.Kind;
import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;

/** Two ratings of one plate: what they are to each other, and whether both can be true. */
final class RatingComparison {

    private static final double ROOT_LOW = 1.6;
    private static final double ROOT_HIGH = 1.85;
    private static final double DOUBLE_HIGH = 2.15;
    private static final double ALIKE = 0.15;
    private static final double SAME_POWER_DRAWN = 0.08;
    private static final double SAME_FLUX = 0.08;

    private final Nameplate first;
    private final Connection firstConnection;
    private final RatingBlock block;
    private final Nameplate other;
    private final NameplateAssessment firstRead;
    private final NameplateAssessment read;
    private final List<String> contradictions = new ArrayList<>();

    RatingComparison(Nameplate first, Connection firstConnection, RatingBlock block) {
        this.first = first;
        this.firstConnection = firstConnection;
        this.block = block;
        this.other = block.rating(first.phases());
        this.firstRead = NameplateWorksheet.read(first);
        this.read = NameplateWorksheet.read(other);
    }

    RatingBlockAssessment read() {
        contradictions.addAll(read.contradictions());
        Kind kind = kind();
        String sentence = switch (kind) {
            case TWO_SPEED -> twoSpeed();
            case DUAL_VOLTAGE -> dualVoltage();
            case TWO_FREQUENCIES -> twoFrequencies();
            case SAME -> same();
        };
        Verdict verdict = contradictions.isEmpty() ? Verdict.HOLDS : Verdict.WATCH;
        if (read.judgement().verdict() == Verdict.STOP) {
            verdict = Verdict.STOP;
        }
        return new RatingBlockAssessment(
                kind, verdict, sentence, read.poles(), read.ratedTorqueNm(), List.copyOf(contradictions));
    }

    private Kind kind() {
        if (!alike(first.frequencyHz(), other.frequencyHz(), 0.02)) {
            return Kind.TWO_FREQUENCIES;
        }
        if (firstRead.poles() != read.poles()) {
            return Kind.TWO_SPEED;
        }
        return alike(first.ratedVoltageV(), other.ratedVoltageV(), 0.02) ? Kind.SAME : Kind.DUAL_VOLTAGE;
    }

    private String twoSpeed() {
        boolean otherSlow = read.poles() > firstRead.poles();
        NameplateAssessment slow = otherSlow ? read : firstRead;
        NameplateAssessment fast = otherSlow ? firstRead : read;
        double powers =
                otherSlow ? other.ratedPowerW() / first.ratedPowerW() : first.ratedPowerW() / other.ratedPowerW();
        double torques = slow.ratedTorqueNm() / fast.ratedTorqueNm();
        double speeds = (double) fast.poles() / slow.poles();
        String load;
        if (alike(torques, 1, ALIKE)) {
            load = "constant torque";
        } else if (alike(powers, 1, ALIKE)) {
            load = "constant power";
        } else if (torques < 1 && alike(torques, speeds * speeds, 2 * ALIKE)) {
            load = "torque falls with the square of speed, as a fan asks";
        } else {
            load = "torque " + Figures.plain(slow.ratedTorqueNm()) + " against " + Figures.plain(fast.ratedTorqueNm())
                    + " Nm";
        }
        String winding = slow.poles() == 2 * fast.poles()
                ? "1:2, so one tapped winding with consequent poles (6 leads) or two windings: the leads tell"
                : "not 1:2, so two windings, or one switched by pole-amplitude: test each by itself";
        return "Two speeds, " + fast.poles() + " and " + slow.poles() + " poles, " + load + ". " + winding
                + ". Each speed has its own connection and its own tests.";
    }

    private String dualVoltage() {
        boolean otherHigh = other.ratedVoltageV() > first.ratedVoltageV();
        double high = Math.max(first.ratedVoltageV(), other.ratedVoltageV());
        double low = Math.min(first.ratedVoltageV(), other.ratedVoltageV());
        double ratio = high / low;
        double drawn = first.ratedVoltageV() * first.ratedCurrentA();
        double otherDrawn = other.ratedVoltageV() * other.ratedCurrentA();
        if (!alike(drawn, otherDrawn, SAME_POWER_DRAWN)) {
            contradictions.add("Voltage × current differs between the two: "
                    + Figures.plain(drawn / 1000) + " against " + Figures.plain(otherDrawn / 1000)
                    + " kVA (÷√3). A current is misread, or stands beside the wrong voltage.");
        }
        Connection highJoined = otherHigh ? block.connection() : firstConnection;
        Connection lowJoined = otherHigh ? firstConnection : block.connection();
        String volts = Figures.plain(low) + " and " + Figures.plain(high) + " V";
        if (ratio >= ROOT_LOW && ratio <= ROOT_HIGH) {
            if (highJoined == Connection.DELTA || lowJoined == Connection.WYE) {
                contradictions.add("1:√3 means delta on " + Figures.plain(low) + " V and wye on " + Figures.plain(high)
                        + " V; the plate is noted the other way round.");
            }
            return volts + ", 1:√3: delta on the lower, wye on the higher. In delta on the higher one it burns.";
        }
        if (ratio > ROOT_HIGH && ratio <= DOUBLE_HIGH) {
            return volts + ", 1:2: circuits side by side on the lower, in series on the higher (9 or 12 leads).";
        }
        contradictions.add("Voltages " + volts + " stand as 1:" + Figures.significant(ratio, 3)
                + ": neither 1:√3 nor 1:2. Taps, or a misread voltage.");
        return volts + " by taps.";
    }

    private String twoFrequencies() {
        double flux = (other.ratedVoltageV() / other.frequencyHz()) / (first.ratedVoltageV() / first.frequencyHz());
        String ratings = Figures.show(first.frequencyHz(), Dimension.FREQUENCY) + " and "
                + Figures.show(other.frequencyHz(), Dimension.FREQUENCY);
        if (firstRead.poles() != read.poles()) {
            contradictions.add(ratings + " with " + firstRead.poles() + " and " + read.poles()
                    + " poles: one speed belongs to the other frequency.");
        }
        return alike(flux, 1, SAME_FLUX)
                ? ratings + ": volts per hertz stay, so flux and torque stay."
                : ratings + ": volts per hertz change by " + Figures.percent(100 * (flux - 1))
                        + ", flux and torque with them.";
    }

    private String same() {
        contradictions.add("The same speed, voltage and frequency twice: one of the two is misread.");
        return "Same rating as the first.";
    }

    private static boolean alike(double a, double b, double share) {
        return Math.abs(a - b) <= share * Math.max(Math.abs(a), Math.abs(b));
    }
}
