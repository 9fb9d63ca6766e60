package app.brasskettle.core.protection;

import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;

/**
 * A protector that works, or something on record that stands in for it. Three thermistors in series read under 750 Ω cold
 * (IEC 60034-11: 250 Ω each).
 */
public final class ProtectorWorksheet {

    private static final double THERMISTORS_COLD_OHM = 750;
    /** One thermistor cold reads 30 Ω at the very least; under that the leads or the thermistor are shorted. */
    private static final double THERMISTORS_SHORTED_OHM = 20;

    private static final String SOURCE = "IEC 60034-11";

    private ProtectorWorksheet() {}

    public static Worksheet<ProtectorReadings, ProtectorResult> create() {
        return new Worksheet<>(
                "protector",
                "Thermal protector",
                ProtectorReadings.class,
                List.of(SOURCE),
                test -> new ProtectorResult(works(test) || standsIn(test), open(test), judge(test)));
    }

    private static boolean open(ProtectorReadings test) {
        return test.state() == ProtectorReadings.State.OPEN || test.state() == ProtectorReadings.State.COMES_AND_GOES;
    }

    private static boolean works(ProtectorReadings test) {
        return test.state() == ProtectorReadings.State.WORKS && !tooHigh(test) && !tooLow(test);
    }

    private static boolean tooHigh(ProtectorReadings test) {
        return test.kind() == ProtectorReadings.Kind.THERMISTORS
                && test.coldOhm()
                        .filter(r -> Limit.over(r, THERMISTORS_COLD_OHM))
                        .isPresent();
    }

    private static boolean tooLow(ProtectorReadings test) {
        return test.kind() == ProtectorReadings.Kind.THERMISTORS
                && test.coldOhm()
                        .filter(r -> Limit.under(r, THERMISTORS_SHORTED_OHM))
                        .isPresent();
    }

    private static boolean standsIn(ProtectorReadings test) {
        return test.standIn().isPresent() && test.relabelled().orElse(false);
    }

    private static Judgement judge(ProtectorReadings test) {
        String kind = test.kind().label();
        String ohm = test.coldOhm()
                .map(r -> ", " + Figures.show(r, Dimension.RESISTANCE) + " cold"
                        + (test.kind() == ProtectorReadings.Kind.THERMISTORS ? ", limit 750 Ω for three" : ""))
                .orElse("");
        if (works(test)) {
            return new Judgement(Verdict.HOLDS, "Protector works: " + kind + ohm, "", SOURCE, "Nothing to do.");
        }
        String found = tooHigh(test)
                ? "reads too high"
                : tooLow(test) ? "reads shorted" : test.state().label();
        if (standsIn(test)) {
            return new Judgement(
                    Verdict.WATCH,
                    "Protector " + found + ": " + kind + ohm + "; "
                            + test.standIn().orElseThrow() + " stands in",
                    "External protection on record, motor re-labelled",
                    SOURCE,
                    "Tell the customer what must be fitted before it runs.");
        }
        return new Judgement(
                Verdict.STOP,
                "Protector " + found + " and nothing stands in: " + kind + ohm,
                test.standIn().isPresent() ? "The motor is not re-labelled yet" : "",
                SOURCE,
                "Replace like for like, or record external protection and re-label the motor.");
    }
}
