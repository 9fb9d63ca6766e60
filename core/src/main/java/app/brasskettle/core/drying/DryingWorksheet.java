package app.brasskettle.core.drying;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;

/**
 * Drying of a wet winding judged by its resistance over the hours.
 *
 * <p>Resistance falls first, as heat drives the water through, then rises and levels. Low and level is therefore not the same at
 * the bottom of the curve as at its end: at the bottom it takes eight hours to be called level, else two.
 */
public final class DryingWorksheet {

    private static final int LEVEL_READINGS = 3;
    private static final double LEVEL_SHARE = 0.05;
    private static final double LEVEL_HOURS = 2;
    private static final double LEVEL_HOURS_AT_BOTTOM = 8;
    private static final String SOURCE =
            "Corrected to 40 °C by IEEE Std 43-2013, 6.3; level: three readings within 5 %, over 2 h, 8 h at the lowest";

    private DryingWorksheet() {}

    /** Creates the worksheet {@code drying-curve}. */
    public static Worksheet<DryingCurve, DryingResult> create() {
        return new Worksheet<>(
                "drying-curve", "Drying", DryingCurve.class, List.of("IEEE Std 43-2013, 6.3"), DryingWorksheet::work);
    }

    static DryingResult work(DryingCurve curve) {
        List<Double> corrected = new ArrayList<>();
        int lowest = 0;
        for (int i = 0; i < curve.readings().size(); i++) {
            DryingCurve.Reading r = curve.readings().get(i);
            corrected.add(r.megohm() * curve.insulationSystem().correctionTo40(r.windingC()));
            if (Limit.under(corrected.get(i), corrected.get(lowest))) {
                lowest = i;
            }
        }
        boolean levelled = levelled(curve.readings(), corrected, lowest);
        Judgement judgement = judge(curve, corrected, levelled);
        return new DryingResult(
                List.copyOf(corrected), curve.readings().get(lowest).hours(), levelled, judgement.verdict(), judgement);
    }

    private static boolean levelled(List<DryingCurve.Reading> readings, List<Double> corrected, int lowest) {
        int first = readings.size() - LEVEL_READINGS;
        if (first < 0 || readings.subList(first, readings.size()).stream().anyMatch(DryingCurve.Reading::beyond)) {
            return false;
        }
        List<Double> last = corrected.subList(first, corrected.size());
        double largest = last.stream().mapToDouble(d -> d).max().orElseThrow();
        double least = last.stream().mapToDouble(d -> d).min().orElseThrow();
        double hours =
                readings.get(readings.size() - 1).hours() - readings.get(first).hours();
        return !Limit.under(least, (1 - LEVEL_SHARE) * largest)
                && !Limit.under(hours, lowest >= first ? LEVEL_HOURS_AT_BOTTOM : LEVEL_HOURS);
    }

    private static Judgement judge(DryingCurve curve, List<Double> corrected, boolean levelled) {
        DryingCurve.Reading last = curve.readings().get(curve.readings().size() - 1);
        double now = corrected.get(corrected.size() - 1);
        boolean enough = !Limit.under(now, curve.minimumMegohm());
        String figure = (last.beyond() ? "over " : "") + Figures.significant(now, 3) + " MΩ at 40 °C after "
                + Figures.significant(last.hours(), 3) + " h, least " + Figures.significant(curve.minimumMegohm(), 3)
                + " MΩ";
        if (enough) {
            return levelled || last.beyond()
                    ? new Judgement(
                            Verdict.HOLDS,
                            "Dry: " + figure,
                            levelled ? "Level" : "Over the tester’s range",
                            SOURCE,
                            "Let it cool, then take the insulation test anew.")
                    : new Judgement(
                            Verdict.WATCH,
                            "Not level yet: " + figure,
                            "It may still fall while water moves",
                            SOURCE,
                            "Keep the heat on; read every hour until three readings are level.");
        }
        return levelled
                ? new Judgement(
                        Verdict.STOP,
                        "Level and low: " + figure,
                        "Drying takes it no further",
                        SOURCE,
                        "Go back to Choose: reconditioning did not bring it up.")
                : new Judgement(
                        Verdict.UNPROVEN,
                        "Still drying: " + figure,
                        "Resistance falls before it rises",
                        SOURCE,
                        "Keep the heat on; read every hour.");
    }
}
