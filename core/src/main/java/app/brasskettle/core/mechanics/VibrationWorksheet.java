package app.brasskettle.core.mechanics;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Zones of vibration by size and mounting (ISO 20816-1 for small machines, ISO 20816-3 from 15 kW): A new, B long service,
 * C a while only, D harm; a machine repaired here by {@link RepairedVibration} as well, the worse of the two.
 */
public final class VibrationWorksheet {

    private static final double SMALL_W = 15_000;
    private static final double LARGE_W = 300_000;
    private static final String SMALL_SOURCE = "ISO 20816-1, machines to 15 kW";
    private static final String SOURCE = "ISO 20816-3";

    private VibrationWorksheet() {}

    public static Worksheet<VibrationReadings, VibrationResult> create() {
        return new Worksheet<>(
                "vibration",
                "Vibration",
                VibrationReadings.class,
                List.of("ISO 20816-1", "ISO 20816-3", "IEC 60034-14"),
                VibrationWorksheet::work);
    }

    /** Boundaries A/B, B/C, C/D in mm/s rms. */
    private static List<Double> boundaries(VibrationReadings test) {
        boolean rigid = test.mounting() == VibrationReadings.Mounting.RIGID;
        if (!Limit.over(test.ratedPowerW(), SMALL_W)) {
            return List.of(0.71, 1.8, 4.5);
        }
        if (Limit.over(test.ratedPowerW(), LARGE_W)) {
            return rigid ? List.of(2.3, 4.5, 7.1) : List.of(3.5, 7.1, 11.0);
        }
        return rigid ? List.of(1.4, 2.8, 4.5) : List.of(2.3, 4.5, 7.1);
    }

    private static VibrationResult work(VibrationReadings test) {
        List<Double> bounds = boundaries(test);
        VibrationReadings.Reading highest = test.readings().stream()
                .max(Comparator.comparingDouble(VibrationReadings.Reading::velocityMmPerS))
                .orElseThrow();
        double v = highest.velocityMmPerS();
        int passed = (int) bounds.stream().filter(b -> Limit.over(v, b)).count();
        String zone = String.valueOf((char) ('A' + passed));
        Verdict verdict = passed < 2 ? Verdict.HOLDS : passed == 2 ? Verdict.WATCH : Verdict.STOP;
        String source = Limit.over(test.ratedPowerW(), SMALL_W) ? SOURCE : SMALL_SOURCE;
        Judgement inService = new Judgement(
                verdict,
                "Zone " + zone + ": " + Figures.plain(v) + " mm/s at the "
                        + highest.place().label() + ", "
                        + highest.direction().code() + "; watch over " + Figures.plain(bounds.get(1)) + ", stop over "
                        + Figures.plain(bounds.get(2)),
                "Standing " + test.mounting().code(),
                source,
                switch (verdict) {
                    case HOLDS -> "It runs quiet.";
                    case WATCH -> "Look for soft foot, balance, bearing and fit before it goes out.";
                    default -> "Stop it. Bearing, balance or a bent shaft; look before it runs again.";
                });
        Optional<Judgement> repaired = RepairedVibration.of(test, v);
        Judgement worst = Judgement.worst(
                        repaired.map(r -> List.of(inService, r)).orElse(List.of(inService)))
                .orElseThrow();
        return new VibrationResult(
                zone,
                v,
                bounds,
                inService,
                repaired,
                repaired.filter(r -> r.verdict() == worst.verdict()).orElse(worst),
                List.of(new Step("highest", "max of the readings", "", v, "mm/s", source)));
    }
}
