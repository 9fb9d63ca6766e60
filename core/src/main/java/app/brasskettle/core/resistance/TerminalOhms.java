package app.brasskettle.core.resistance;

import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Resistance in Ω between each pair of terminals; absent for a pair that reads open. The test it belongs to checks it, so that a
 * missing pair is named beside a bad one.
 */
public record TerminalOhms(Optional<Double> ab, Optional<Double> bc, Optional<Double> ca) {

    public TerminalOhms {
        ab = Problems.orEmpty(ab);
        bc = Problems.orEmpty(bc);
        ca = Problems.orEmpty(ca);
    }

    public static TerminalOhms of(double ab, double bc, double ca) {
        return new TerminalOhms(Optional.of(ab), Optional.of(bc), Optional.of(ca));
    }

    /** Lists the readings there are, in the order ab, bc, ca. */
    public List<Double> read() {
        return Stream.of(ab, bc, ca).flatMap(Optional::stream).toList();
    }

    public Optional<Double> of(Pair pair) {
        return switch (pair) {
            case AB -> ab;
            case BC -> bc;
            case CA -> ca;
        };
    }
}
