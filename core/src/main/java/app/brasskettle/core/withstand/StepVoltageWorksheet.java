package app.brasskettle.core.withstand;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;

/** Growth of leakage with voltage (IEEE Std 95): what grows faster than the voltage is about to let go. */
public final class StepVoltageWorksheet {

    private static final double HOLDS = 1.3;
    private static final double WATCH = 2;
    private static final String SOURCE = "IEEE Std 95; growth ratio 1.3 holds, 2 watch by shop rule";

    private StepVoltageWorksheet() {}

    public static Worksheet<StepVoltageReadings, StepVoltageResult> create() {
        return worksheet(false);
    }

    /** Judges a ramp on a job: the growth since the first step counts as well, since many small steps hide a large fall. */
    public static Worksheet<StepVoltageReadings, StepVoltageResult> onJob() {
        return worksheet(true);
    }

    private static Worksheet<StepVoltageReadings, StepVoltageResult> worksheet(boolean job) {
        return new Worksheet<>(
                "step-voltage",
                "Step voltage",
                StepVoltageReadings.class,
                List.of("IEEE Std 95"),
                test -> work(test, job));
    }

    private static StepVoltageResult work(StepVoltageReadings test, boolean job) {
        List<Double> megohms = new ArrayList<>();
        List<Double> growth = new ArrayList<>();
        int worst = 0;
        for (int i = 0; i < test.steps().size(); i++) {
            StepVoltageReadings.Rise now = test.steps().get(i);
            megohms.add(now.voltageV() / now.microamp());
            if (i > 0) {
                StepVoltageReadings.Rise before = test.steps().get(i - 1);
                growth.add(now.microamp() / (before.microamp() * (now.voltageV() / before.voltageV())));
                if (growth.get(i - 1) > growth.get(worst)) {
                    worst = i - 1;
                }
            }
        }
        double sinceFirst = megohms.get(0) / megohms.get(megohms.size() - 1);
        boolean fell = job && sinceFirst > growth.get(worst);
        double ratio = fell ? sinceFirst : growth.get(worst);
        Verdict verdict = Limit.ceiling(ratio, HOLDS, WATCH);
        int last = test.steps().size() - 1;
        String at = Figures.plain(test.steps().get(fell ? last : worst + 1).voltageV()) + " V"
                + (fell ? " since the first step" : "");
        return new StepVoltageResult(
                List.copyOf(megohms),
                List.copyOf(growth),
                ratio,
                verdict,
                new Judgement(
                        verdict,
                        "Leakage grows " + Figures.significant(ratio, 3) + " times what the voltage does, at " + at
                                + "; holds to 1.3, stop over 2",
                        "A sound winding leaks in proportion to voltage",
                        SOURCE,
                        switch (verdict) {
                            case HOLDS -> "Ground it four times as long as voltage was on.";
                            case WATCH -> "Hold here a minute more. Rise no further if it climbs.";
                            default -> "Stop the ramp before the winding does. Ground it, and find the weak place.";
                        }),
                List.of(new Step("worst growth", "I₂/(I₁·U₂/U₁)", "at " + at, ratio, "", SOURCE)));
    }
}
