package app.brasskettle.core.mechanics;

import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;

/** An insulated bearing at 500 V: 1 MΩ to the frame holds. */
public final class BearingInsulationWorksheet {

    private static final double MIN_MEGOHM = 1;
    private static final double TEST_V = 500;
    private static final String SOURCE = "Shop rule: 1 MΩ at 500 V";

    private BearingInsulationWorksheet() {}

    public static Worksheet<BearingInsulationReadings, BearingInsulationResult> create() {
        return new Worksheet<>(
                "bearing-insulation",
                "Insulated bearing",
                BearingInsulationReadings.class,
                List.of("Shop rule"),
                test -> new BearingInsulationResult(MIN_MEGOHM, judge(test)));
    }

    private static Judgement judge(BearingInsulationReadings test) {
        String read = (test.overRange().orElse(false) ? "≥ " : "")
                + Figures.show(test.megohm(), Dimension.INSULATION) + " at " + Figures.plain(test.testVoltageV())
                + " V, limit 1 MΩ at 500 V";
        if (Limit.under(test.megohm(), MIN_MEGOHM)) {
            return new Judgement(
                    Verdict.STOP,
                    "Bearing no longer insulated: " + read,
                    "",
                    SOURCE,
                    "Clean it, look for a bridge across; else a new one.");
        }
        return Limit.under(test.testVoltageV(), TEST_V)
                ? new Judgement(Verdict.UNPROVEN, "Tested low: " + read, "", SOURCE, "Test it at 500 V.")
                : new Judgement(Verdict.HOLDS, "Bearing insulated: " + read, "", SOURCE, "Nothing to do.");
    }
}
