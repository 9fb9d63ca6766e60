package app.brasskettle.core.nameplate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FrameNameTest {

    /** Frames of IEC 60072-1 by millimetres, of NEMA MG 1-4.2 by quarter inches: 256T is 6.25 in, 445TS 11 in, 143T 3.5 in. */
    @ParameterizedTest
    @CsvSource({
        "160M, 160",
        "iec 132 S, 132",
        "90S/L, 90",
        "315MA4, 315",
        "71, 71",
        "256T, 158.75",
        "445TS, 279.4",
        "143t, 88.9",
        "NEMA 5011U, 317.5"
    })
    void aFrameTellsItsShaftHeight(String frame, double mm) {
        assertThat(FrameName.shaftHeightMm(frame))
                .hasValueSatisfying(h -> assertThat(h).isCloseTo(mm, within(1e-9)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "special", "4", "16", "160T4X9", "1160M"})
    void anythingElseTellsNothing(String frame) {
        assertThat(FrameName.shaftHeightMm(frame)).isEmpty();
        assertThat(FrameName.nema(frame)).isFalse();
    }
}
