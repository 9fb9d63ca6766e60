package app.brasskettle.core.resistance;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A circuit that is open although no pair of terminals reads open: nobody may waive it, so every bound of it is tried. */
class OpenCircuitTest {

    private static Optional<String> of(Connection connection, double ab, double bc, double ca) {
        return OpenCircuit.of(connection, ab, bc, ca, PhaseOhms.solve(connection, ab, bc, ca));
    }

    /** A delta of R, R and an open side reads R across each whole side and 2R across the open one; met within 5 %. */
    @ParameterizedTest
    @CsvSource({
        "DELTA, 1, 1, 2, C and A",
        "DELTA, 1, 2, 1, B and C",
        "DELTA, 2, 1, 1, A and B",
        "UNKNOWN, 0.3, 0.3, 0.6, C and A",
        "DELTA, 1, 1, 2.09, C and A",
        "DELTA, 1, 1, 1.91, C and A",
        "DELTA, 1.04, 1, 2.04, C and A",
        "DELTA, 10.4, 10, 20.4, C and A",
        "DELTA, 0.0104, 0.01, 0.0204, C and A",
        "DELTA, 1, 1.04, 2.04, C and A"
    })
    void aSideOpenInsideADelta(Connection connection, double ab, double bc, double ca, String between) {
        assertThat(of(connection, ab, bc, ca))
                .hasValueSatisfying(s -> assertThat(s)
                        .startsWith("Phase between " + between + " is open inside the delta")
                        .contains("twice the other two"));
    }

    /** One of p circuits open leaves p/(p − 1) of a phase's resistance, met within 3 %; made from phases a, b, c in wye. */
    @ParameterizedTest
    @CsvSource({
        "2, 1, 1, One of 2 parallel circuits of phase A",
        "1, 1.5, 1, One of 3 parallel circuits of phase B",
        "1, 1, 1.3333, One of 4 parallel circuits of phase C",
        "2.05, 1, 1, One of 2 parallel circuits of phase A",
        "1.95, 1, 1, One of 2 parallel circuits of phase A",
        "1.54, 1, 1, One of 3 parallel circuits of phase A",
        "1.3, 1, 1, One of 4 parallel circuits of phase A",
        "2, 1.04, 1, One of 2 parallel circuits of phase A"
    })
    void aCircuitOpenInAPhaseOfSeveral(double a, double b, double c, String said) {
        assertThat(of(Connection.WYE, a + b, b + c, c + a))
                .hasValueSatisfying(s -> assertThat(s).startsWith(said).contains("if it has so many"));
    }

    /** The same in delta, where a side of twice its sisters stands across the other two in series. */
    @ParameterizedTest
    @CsvSource({"2, 1, 1, AB", "1, 1.5, 1, BC", "1, 1, 2, CA"})
    void aCircuitOpenInASideOfADelta(double ab, double bc, double ca, String side) {
        double sum = ab + bc + ca;
        assertThat(of(Connection.DELTA, ab * (bc + ca) / sum, bc * (ab + ca) / sum, ca * (ab + bc) / sum))
                .hasValueSatisfying(s -> assertThat(s).contains("parallel circuits of phase " + side));
    }

    /** Beyond the bounds it is a poor joint or wrong turns, which the unbalance judges. */
    @ParameterizedTest
    @CsvSource({
        "DELTA, 1, 1, 1",
        "DELTA, 1, 1, 2.12",
        "DELTA, 1, 1, 1.88",
        "DELTA, 1.07, 1, 2.07",
        "DELTA, 0.0107, 0.01, 0.0207",
        "DELTA, 1, 1.07, 2.07",
        "WYE, 1, 1, 2",
        "WYE, 2, 2, 2",
        "WYE, 2, 2.6, 2.6",
        "WYE, 2, 2.25, 2.25",
        "WYE, 2, 2.4, 2.4",
        "UNKNOWN, 1, 1, 1.5"
    })
    void anythingElseIsNoOpenCircuit(Connection connection, double ab, double bc, double ca) {
        assertThat(of(connection, ab, bc, ca)).isEmpty();
    }
}
