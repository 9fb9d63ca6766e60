package app.brasskettle.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FiguresTest {

    @ParameterizedTest
    @CsvSource({
        "0, 3, 0",
        "2.5549, 3, 2.55",
        "0.00012345, 3, 0.000123",
        "1234.5, 3, 1235",
        "12345.6, 3, 12\u00a0346",
        "-12345.6, 3, −12\u00a0346",
        "1.0, 3, 1",
        "999.96, 4, 1000"
    })
    void keepsSignificantFiguresAndSetsThousandsApart(double value, int digits, String text) {
        assertThat(Figures.significant(value, digits)).isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource({"2.449, 2.4 %", "9.96, 10.0 %", "12.4, 12 %", "0, 0.0 %"})
    void shareHasOnePlaceBelowTen(double value, String text) {
        assertThat(Figures.percent(value)).isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource({
        "37000, POWER, 37 kW",
        "370, POWER, 370 W",
        "0.0228, RESISTANCE, 22.8 mΩ",
        "0.5, RESISTANCE, 0.5 Ω",
        "0.006, INSULATION, 6 kΩ",
        "2600, INSULATION, 2.6 GΩ",
        "3.4, INSULATION, 3.4 MΩ",
        "400, VOLTAGE, 400 V",
        "0.19, LENGTH, 190 mm",
        "72, DURATION, 3 d",
        "20, DURATION, 20 h",
        "12000, FREQUENCY, 12 kHz"
    })
    void takesThePrefixTheTradeWouldUse(double value, Dimension kind, String text) {
        assertThat(Figures.show(value, kind)).isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource({"1, over 99 %", "0.991, over 99 %", "0.99, 99 %", "0.5, 50 %", "0.001, 0.1 %", "0.0009, under 0.1 %"})
    void nothingWeighedIsCertainOrImpossible(double probability, String text) {
        assertThat(Figures.chance(probability)).isEqualTo(text);
    }
}
