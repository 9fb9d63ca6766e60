package app.brasskettle.core.fits;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * The bearing seats of a motor as measured, shaft and housing at either end.
 *
 * @param seats one entry each
 */
public record SeatCheck(List<MeasuredSeat> seats) {

    /** Ends of a motor. */
    public enum Place implements Coded {
        DRIVE_END,
        NON_DRIVE_END
    }

    /**
     * One seat.
     *
     * @param place which end
     * @param seat shaft or housing
     * @param designation of its bearing
     * @param fitClass its tolerance class; the usual one for bearing and seat when absent
     * @param planesMm diameters, two or more in each plane
     * @param remedy what is to be done where it is outside its limits
     */
    public record MeasuredSeat(
            Place place,
            Seat seat,
            String designation,
            Optional<FitClass> fitClass,
            List<List<Double>> planesMm,
            Optional<Remedy> remedy) {

        public MeasuredSeat {
            fitClass = Problems.orEmpty(fitClass);
            remedy = Problems.orEmpty(remedy);
            Problems problems = new Problems();
            if (seat != null && remedy.filter(r -> !r.fits(seat)).isPresent()) {
                problems.add(
                        "remedy",
                        Problem.Code.CONTRADICTION,
                        "remedy is " + remedy.get().code() + ", which is not done to a " + seat.code());
            }
            problems.present("place", place);
            boolean readable = problems.present("seat", seat)
                    && problems.name("designation", designation)
                    && FitClass.usual(designation, seat).isPresent();
            if (!readable && problems.clear("seat", "designation")) {
                problems.add("designation", Problem.Code.WORD, BearingFit.unread(designation));
            }
            problems.throwIfAny();
            planesMm = new BearingFit(designation, seat, chosen(designation, seat, fitClass), planesMm).planesMm();
        }

        private static FitClass chosen(String designation, Seat seat, Optional<FitClass> fitClass) {
            return fitClass.orElseGet(() -> FitClass.usual(designation, seat).orElseThrow());
        }

        /** The seat as a worksheet of its own takes it. */
        BearingFit alone() {
            return new BearingFit(designation, seat, chosen(designation, seat, fitClass), planesMm);
        }

        /** The seat in running text. */
        String label() {
            return place.label() + " " + seat.code();
        }
    }

    private static final int MOST = 12;

    public SeatCheck {
        seats = Problems.copy(seats);
        Problems problems = new Problems();
        if (problems.size("seats", seats, 1, MOST)) {
            problems.distinct(seats.stream().map(MeasuredSeat::label).toList(), i -> "seats[" + i + "].place");
        }
        problems.throwIfAny();
    }
}
