package app.brasskettle.core.airgap;

import app.brasskettle.core.fits.Grade;
import app.brasskettle.core.fits.Repair;
import app.brasskettle.core.fits.SeatCheck.Place;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * The registers by which the brackets of a motor sit in its frame, as measured.
 *
 * @param registers one entry each end
 * @param meanGapMm mean air gap, where it was measured
 */
public record Registers(List<Register> registers, Optional<Double> meanGapMm) {

    private static final int MOST = 12;
    private static final double MIN_MM = 10;

    /** What brings a worn register back, and what it needs. */
    public enum Remedy implements Repair {
        BUILD_UP(
                "Spray or weld the bracket’s spigot and turn it in one setting with the bearing housing, so that both stay in line."),
        SLEEVE_FRAME("Bore the frame in line with the core, fit a ring, turn it to the spigot."),
        REPLACE("New bracket to drawing; measure its register and housing like the old ones.");

        private final String needs;

        Remedy(String needs) {
            this.needs = needs;
        }

        @Override
        public String needs() {
            return needs;
        }
    }

    /**
     * One register.
     *
     * @param place which end
     * @param bracketMm diameters of the bracket's spigot in two directions or more
     * @param frameMm diameters of the frame's bore in two directions or more
     * @param remedy what is to be done where it is loose
     */
    public record Register(Place place, List<Double> bracketMm, List<Double> frameMm, Optional<Remedy> remedy) {

        public Register {
            bracketMm = Problems.copy(bracketMm);
            frameMm = Problems.copy(frameMm);
            remedy = Problems.orEmpty(remedy);
            Problems problems = new Problems();
            problems.present("place", place);
            problems.eachAboveTo("bracketMm", bracketMm, 2, MOST, MIN_MM, Grade.TO_MM, "mm");
            problems.eachAboveTo("frameMm", frameMm, 2, MOST, MIN_MM, Grade.TO_MM, "mm");
            problems.throwIfAny();
        }
    }

    public Registers {
        registers = Problems.copy(registers);
        meanGapMm = Problems.orEmpty(meanGapMm);
        Problems problems = new Problems();
        meanGapMm.ifPresent(g -> problems.positive("meanGapMm", g, "mm"));
        if (problems.size("registers", registers, 1, Place.values().length)) {
            problems.distinct(
                    registers.stream().map(r -> r.place().code()).toList(), i -> "registers[" + i + "].place");
        }
        problems.throwIfAny();
    }
}
