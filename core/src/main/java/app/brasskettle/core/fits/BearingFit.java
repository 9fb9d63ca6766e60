package app.brasskettle.core.fits;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.ArrayList;
import java.util.List;

/**
 * A bearing seat as measured.
 *
 * @param designation of the bearing, for example 6313 or NU 313 C3
 * @param seat on the shaft or in the housing
 * @param fitClass its tolerance class
 * @param planesMm diameters, two or more in each plane
 */
public record BearingFit(String designation, Seat seat, FitClass fitClass, List<List<Double>> planesMm) {

    private static final int MAX_PLANES = 100;
    private static final int MAX_DIAMETERS = 100;

    static String unread(String designation) {
        return "designation is “" + designation
                + "”; this sheet reads 60xx, 62xx, 622xx, 63xx, 222xx, N, NU, NJ and NUP 2xx and 3xx, xx from 00 to 22 and 24; measure others by their maker’s table";
    }

    public BearingFit {
        List<List<Double>> planes = Problems.copy(planesMm);
        Problems problems = new Problems();
        if (problems.name("designation", designation)
                && Bearing.parse(designation).isEmpty()) {
            problems.add("designation", Problem.Code.WORD, unread(designation));
        }
        boolean seated = problems.present("seat", seat);
        if (problems.present("fitClass", fitClass) && seated && fitClass.seat() != seat) {
            problems.add(
                    "fitClass",
                    Problem.Code.CONTRADICTION,
                    "fitClass is " + fitClass.code() + ", a class of the other seat");
        }
        if (problems.size("planesMm", planes, 1, MAX_PLANES)) {
            List<List<Double>> copied = new ArrayList<>();
            for (int i = 0; i < planes.size(); i++) {
                List<Double> plane = Problems.copy(planes.get(i));
                copied.add(plane);
                String field = "planesMm[" + i + "]";
                if (problems.size(field, plane, 2, MAX_DIAMETERS)) {
                    for (int j = 0; j < plane.size(); j++) {
                        problems.positive(field + "[" + j + "]", plane.get(j), "mm");
                    }
                }
            }
            planes = List.copyOf(copied);
        }
        planesMm = planes;
        problems.throwIfAny();
    }
}
