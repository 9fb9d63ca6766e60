package app.brasskettle.core.extension;

import app.brasskettle.core.fits.Repair;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * The key seat of a shaft extension as measured, and its key.
 *
 * @param extensionMm diameter of the extension, over 6 to 130 mm
 * @param keySizes which standard gave it its key; ISO when absent
 * @param nominalWidthMm width the key is called by, 2 to 50 mm; the one that belongs to the diameter when absent
 * @param seatWidthsMm widths of the seat along its length, two or more
 * @param keyWidthsMm widths of the key; empty where it is missing
 * @param remedy what is to be done where it is outside its limits
 */
public record KeySeat(
        double extensionMm,
        Optional<KeySizes> keySizes,
        Optional<Double> nominalWidthMm,
        List<Double> seatWidthsMm,
        List<Double> keyWidthsMm,
        Optional<Remedy> remedy) {

    /** What brings a worn key seat back, and what it needs. */
    public enum Remedy implements Repair {
        NEXT_WIDTH(
                "Cut it to the next key width and the coupling’s seat with it; check that the shaft still carries the torque."),
        NEW_SEAT(
                "Cut a new seat a quarter or half turn away; mind the balance, and mark the old one as not to be used."),
        WELD_AND_CUT("Preheat, weld it up, turn it, check run-out, cut it anew; know the steel first."),
        REPLACE("New shaft to drawing; measure the new one like the old one.");

        private final String needs;

        Remedy(String needs) {
            this.needs = needs;
        }

        @Override
        public String needs() {
            return needs;
        }
    }

    private static final double THINNEST_MM = 6;
    static final double THICKEST_MM = 130;
    private static final double NARROWEST_MM = 2;
    private static final double WIDEST_MM = 50;
    private static final int MOST = 12;

    public KeySeat {
        keySizes = Problems.orEmpty(keySizes);
        nominalWidthMm = Problems.orEmpty(nominalWidthMm);
        seatWidthsMm = Problems.copy(seatWidthsMm);
        keyWidthsMm = Problems.copy(keyWidthsMm);
        remedy = Problems.orEmpty(remedy);
        Problems problems = new Problems();
        problems.aboveTo("extensionMm", extensionMm, THINNEST_MM, THICKEST_MM, "mm");
        nominalWidthMm.ifPresent(w -> {
            if (problems.number("nominalWidthMm", w, "mm") && (w < NARROWEST_MM || w > WIDEST_MM)) {
                problems.add(
                        "nominalWidthMm",
                        Problem.Code.RANGE,
                        "nominalWidthMm is " + w + " mm; keys here are 2 to 50 mm wide");
            }
        });
        problems.eachAboveTo("seatWidthsMm", seatWidthsMm, 2, MOST, 0, 2 * WIDEST_MM, "mm");
        problems.eachAboveTo("keyWidthsMm", keyWidthsMm, 0, MOST, 0, 2 * WIDEST_MM, "mm");
        problems.throwIfAny();
    }

    /** Which standard's sizes judge it; those of ISO when nobody said. */
    KeySizes standard() {
        return keySizes.orElse(KeySizes.ISO);
    }

    /** Width the key is called by. */
    double nominalMm() {
        return nominalWidthMm.orElseGet(() -> standard().usualWidthMm(extensionMm));
    }
}
