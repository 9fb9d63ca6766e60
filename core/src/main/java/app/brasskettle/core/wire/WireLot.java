package app.brasskettle.core.wire;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;

/**
 * Wire on the rack, one lot of it.
 *
 * @param size as it is written: "0.95 mm", "AWG 18.5"
 * @param grade thickness of its enamel
 * @param overallDiameterMm with enamel, where somebody measured it
 * @param onHandKg copper wire left
 * @param reels reels it is on
 * @param lot mark of the maker's lot
 * @param pricePerKg what a kilogram costs, in the shop's currency
 */
public record WireLot(
        String size,
        WireGrade grade,
        Optional<Double> overallDiameterMm,
        double onHandKg,
        int reels,
        Optional<String> lot,
        Optional<Double> pricePerKg) {

    private static final double MOST_KG = 100_000;
    private static final int MOST_REELS = 1000;
    private static final int LONGEST = 60;
    private static final double THICKEST_ENAMEL_MM = 0.3;

    public WireLot {
        overallDiameterMm = Problems.orEmpty(overallDiameterMm);
        lot = Problems.orEmpty(lot).map(String::strip).filter(l -> !l.isEmpty());
        pricePerKg = Problems.orEmpty(pricePerKg);
        Problems problems = new Problems();
        Optional<WireSize> read = WireSize.parse("size", size, problems);
        size = read.map(WireSize::name).orElse(size);
        problems.present("grade", grade);
        if (read.isPresent() && overallDiameterMm.isPresent()) {
            overall(read.get().bareDiameterMm(), overallDiameterMm.get(), problems);
        }
        if (problems.notNegative("onHandKg", onHandKg, "kg") && onHandKg > MOST_KG) {
            problems.add("onHandKg", Problem.Code.RANGE, "onHandKg is over 100,000 kg");
        }
        problems.whole("reels", reels, 0, MOST_REELS, "reels");
        if (lot.filter(l -> l.length() > LONGEST).isPresent()) {
            problems.add("lot", Problem.Code.RANGE, "lot has at most " + LONGEST + " characters");
        }
        pricePerKg.ifPresent(p -> problems.aboveTo("pricePerKg", p, 0, 1e6, ""));
        problems.throwIfAny();
    }

    private static void overall(double bare, double overall, Problems problems) {
        if (problems.positive("overallDiameterMm", overall, "mm")
                && (overall <= bare || overall > bare + THICKEST_ENAMEL_MM)) {
            problems.add(
                    "overallDiameterMm",
                    Problem.Code.CONTRADICTION,
                    "overallDiameterMm is " + overall + " mm over a bare " + bare
                            + " mm; enamel adds more than 0 and up to " + THICKEST_ENAMEL_MM + " mm");
        }
    }

    /** Returns the size it was written as. */
    WireSize wire() {
        return WireSize.parse("size", size, new Problems()).orElseThrow();
    }

    /** Returns the diameter with enamel, mm: as measured, else the largest of the table. */
    double overallMm() {
        return overallDiameterMm.orElseGet(() -> WireTable.overallMm(wire().bareDiameterMm(), grade));
    }
}
