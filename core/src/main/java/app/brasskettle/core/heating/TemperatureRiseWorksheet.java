package app.brasskettle.core.heating;

import app.brasskettle.core.insulation.InsulationClass;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;

/** Temperature rise by resistance: T2 = R2/R1·(k + T1) − k, against the limit of the class (IEC 60034-1, 8.10). */
public final class TemperatureRiseWorksheet {

    private static final double LAST_K = 10;
    private static final double SERVICE_FACTOR_THAT_ADDS = 1.15;
    private static final double SERVICE_FACTOR_ADDS_K = 10;
    private static final String SOURCE = "IEC 60034-1, 8.6 and 8.10; service factor by NEMA MG 1";

    private TemperatureRiseWorksheet() {}

    public static Worksheet<TemperatureRiseReadings, TemperatureRise> create() {
        return new Worksheet<>(
                "temperature-rise",
                "Temperature rise",
                TemperatureRiseReadings.class,
                List.of("IEC 60034-1", "NEMA MG 1"),
                TemperatureRiseWorksheet::work);
    }

    private static TemperatureRise work(TemperatureRiseReadings test) {
        double k = test.conductor().constant();
        double hot = test.hotOhm() / test.coldOhm() * (k + test.coldTemperatureC()) - k;
        double rise = hot - test.ambientTemperatureC();
        boolean adds = !Limit.under(test.serviceFactor(), SERVICE_FACTOR_THAT_ADDS);
        double limit = limitK(test.insulationClass()) + (adds ? SERVICE_FACTOR_ADDS_K : 0);
        Verdict verdict = Limit.ceiling(rise, limit - LAST_K, limit);
        return new TemperatureRise(
                hot,
                rise,
                limit,
                verdict,
                new Judgement(
                        verdict,
                        "Winding " + Figures.significant(rise, 3) + " K over the air, limit " + Figures.plain(limit)
                                + " K for class " + test.insulationClass().code(),
                        "It counts at rated load once it no longer warms by 2 K in an hour; insulation life halves for "
                                + "each 10 K",
                        SOURCE,
                        switch (verdict) {
                            case HOLDS -> "It runs cool enough.";
                            case WATCH -> "In the last 10 K: look at cooling, voltage and load.";
                            default -> "Too warm: less load, better cooling, or a higher class.";
                        }),
                List.of(
                        new Step(
                                "hot",
                                "R2/R1·(k + T1) − k",
                                Figures.plain(test.hotOhm()) + "/" + Figures.plain(test.coldOhm()) + "·("
                                        + Figures.plain(k) + " + " + Figures.plain(test.coldTemperatureC()) + ") − "
                                        + Figures.plain(k),
                                hot,
                                "°C",
                                SOURCE),
                        new Step("rise", "T2 − Ta", "", rise, "K", SOURCE)));
    }

    private static double limitK(InsulationClass insulationClass) {
        return switch (insulationClass) {
            case A -> 60;
            case E -> 75;
            case B -> 80;
            case F -> 105;
            case H -> 125;
        };
    }
}
