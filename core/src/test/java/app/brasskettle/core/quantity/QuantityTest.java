package app.brasskettle.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class QuantityTest {

    /** Conversions by definition: 1 hp = 745.699872 W, 1 in = 25.4 mm, °F by (F − 32)·5/9. */
    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '\'',
            value = {
                "50 hp, POWER, 37284.9936",
                "37, POWER, 37000",
                "370 W, POWER, 370",
                "1.28 M, INSULATION, 1.28",
                "600 k, INSULATION, 0.6",
                "2 G, INSULATION, 2000",
                "176 F, TEMPERATURE, 80",
                "300 K, TEMPERATURE, 26.85",
                "-5, TEMPERATURE, -5",
                "30 in, LENGTH, 0.762",
                "340, LENGTH, 0.34",
                "23 mΩ, RESISTANCE, 0.023",
                "3.3 kV, VOLTAGE, 3300",
                "2 d, DURATION, 48",
                "1e3, SPEED, 1000",
                "−4, RATIO, -4",
                "15 kw, POWER, 15000",
                "20 Hp, POWER, 14913.99744",
                "20 HP, POWER, 14913.99744",
                "3/4 hp, POWER, 559.274904",
                "½ hp, POWER, 372.849936",
                "1 1/2 hp, POWER, 1118.549808",
                "1½ horsepower, POWER, 1118.549808",
                "7500 watts, POWER, 7500",
                "400 volts, VOLTAGE, 400",
                "3.3 KV, VOLTAGE, 3300",
                "29 amps, CURRENT, 29",
                "0.8 ohms, RESISTANCE, 0.8",
                "23 milliohm, RESISTANCE, 0.023",
                "23 mohm, RESISTANCE, 0.023",
                "'0.8 Ω', RESISTANCE, 0.8",
                "500 meg, INSULATION, 500",
                "500 Megs, INSULATION, 500",
                "500 megohms, INSULATION, 500",
                "2 gig, INSULATION, 2000",
                "600 kohm, INSULATION, 0.6",
                "70 mfd, CAPACITANCE, 70",
                "70 MFD, CAPACITANCE, 70",
                "70 μF, CAPACITANCE, 70",
                "70 uF, CAPACITANCE, 70",
                "20 mils, DIAMETER, 0.508",
                "20 thou, DIAMETER, 0.508",
                "45 MM, DIAMETER, 45",
                "340 MM, LENGTH, 0.34",
                "5 Min, SECONDS, 300",
                "4.2 cm, DIAMETER, 42",
                "1.5 ″, DIAMETER, 38.1",
                "'12 1/2\"', LENGTH, 0.3175",
                "12-1/2 inches, LENGTH, 0.3175",
                "12½ in, LENGTH, 0.3175",
                "14 AWG, DIAMETER, 1.6277266",
                "36 awg, DIAMETER, 0.127",
                "185 lbs, MASS, 83.91458845",
                "3 days, DURATION, 72",
                "2 weeks, DURATION, 336",
                "1460 RPM, SPEED, 1460",
                "60 seconds, SECONDS, 60",
                "176 deg F, TEMPERATURE, 80",
                "21 º C, TEMPERATURE, 21",
                "10 F, TEMPERATURE_DIFFERENCE, 5.5555555556",
                "610 watts, LOSS, 610",
                "610, LOSS, 610",
                "1.5 tesla, FLUX_DENSITY, 1.5",
                "90 deg, ANGLE, 90"
            })
    void isUnderstoodWithItsUnit(String text, Dimension kind, double stored) {
        Problems problems = new Problems();
        Quantity read = Quantity.parse("field", text, kind, problems).orElseThrow();
        assertThat(read.value()).isCloseTo(stored, within(1e-7 * Math.max(1, Math.abs(stored))));
        assertThat(read.written()).isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource({"50 hp, POWER, 50 hp · 37.28 kW", "37 kW, POWER, 37 kW", "176 F, TEMPERATURE, 176 F · 80 °C"})
    void showsTheConvertedFigureBesideTheOneTyped(String text, Dimension kind, String shown) {
        assertThat(Quantity.parse("field", text, kind, new Problems())
                        .orElseThrow()
                        .shown())
                .isEqualTo(shown);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1,500",
                "abc",
                "5 furlongs",
                "1.2.3",
                "--3",
                "1e400",
                "1e-20",
                "NaN",
                "Infinity",
                "5 mw",
                "3/0 kW",
                "1/2/3"
            })
    void isRefusedRatherThanGuessed(String text) {
        Problems problems = new Problems();
        assertThat(Quantity.parse("power", text, Dimension.POWER, problems)).isEmpty();
        assertThat(Refusals.fields(problems::throwIfAny)).containsExactly("power");
    }

    /** Two values are two values: never a fraction and never a difference. Each text as plates and cards carry it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "230/400 | VOLTAGE | 230, 400",
                "208-230/460 | VOLTAGE | 208, 230, 460",
                "230 / 400 V | VOLTAGE | 230 V, 400 V",
                "26,1/15,1 | CURRENT | 26,1, 15,1",
                "27-26/13 A | CURRENT | 27 A, 26 A, 13 A",
                "1455/1755 | SPEED | 1455, 1755",
                "1455/725 | SPEED | 1455, 725",
                "50/60 Hz | FREQUENCY | 50 Hz, 60 Hz",
                "208-230 | VOLTAGE | 208, 230",
                "4/8 | CURRENT | 4, 8",
                "5/3 | CURRENT | 5, 3"
            })
    void twoValuesAreNeverOne(String text, Dimension kind, String values) {
        Problems problems = new Problems();
        assertThat(Quantity.parse("field", text, kind, problems)).isEmpty();
        assertThat(Refusals.of(problems::throwIfAny)).singleElement().satisfies(p -> {
            assertThat(p.code()).isEqualTo(Problem.Code.COUNT);
            assertThat(p.message()).contains(values);
        });
    }

    /** Thousands parted by a blank, speeds as European plates have them, a fraction in per cent. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 455 | SPEED | 1455",
                "1455 min-1 | SPEED | 1455",
                "1455 min⁻¹ | SPEED | 1455",
                "1\u202f455 r/min | SPEED | 1455",
                "95 % | RATIO | 0.95",
                "7-1/2 hp | POWER | 5592.74904",
                "1/3 hp | POWER | 248.566624",
                "5/64 in | LENGTH | 0.001984375"
            })
    void oneValueAsPeopleWriteIt(String text, Dimension kind, double value) {
        assertThat(Quantity.parse("field", text, kind, new Problems())
                        .orElseThrow()
                        .value())
                .isCloseTo(value, within(1e-9));
    }

    /** A comma is the decimal sign where it can be nothing else; one with three figures behind it is asked about. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"37,5 kW | 37500", "0,75 kW | 750", "0,125 kW | 125", "1,2345 kW | 1234.5", "≥ 12,05kW | 12050"})
    void readsADecimalCommaThatCanMeanNothingElse(String text, double watts) {
        Problems problems = new Problems();
        assertThat(Quantity.parse("power", text, Dimension.POWER, problems).map(Quantity::value))
                .hasValueSatisfying(v -> assertThat(v).isCloseTo(watts, within(1e-9)));
        assertThat(Quantity.bare(text.replaceAll("kW|≥", ""))).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"1,500 kW", "12,500", "1,5,5 kW", "1,500.5 kW", "1.500,5 kW", ",5 kW", "5, kW"})
    void refusesACommaThatMayMeanTwoThings(String text) {
        Problems problems = new Problems();
        assertThat(Quantity.parse("power", text, Dimension.POWER, problems)).isEmpty();
        assertThat(Refusals.fields(problems::throwIfAny)).containsExactly("power");
    }

    @Test
    void aCommaIsRefusedWithBothReadingsOffered() {
        Problems problems = new Problems();
        Quantity.parse("power", "1,500", Dimension.POWER, problems);
        Problem problem = Refusals.of(problems::throwIfAny).get(0);
        assertThat(problem.message()).contains("comma").contains("1.5").contains("1500");
    }

    @Test
    void blankIsNothingAndNoMistake() {
        Problems problems = new Problems();
        assertThat(Quantity.parse("power", "  ", Dimension.POWER, problems)).isEmpty();
        assertThat(Quantity.parse("power", null, Dimension.POWER, problems)).isEmpty();
        problems.throwIfAny();
    }

    @ParameterizedTest
    @ValueSource(strings = {"> 1100", "≥1100", ">=1100 M"})
    void aLowerBoundIsMarkedAsOne(String text) {
        Quantity read = Quantity.parse("megohm", text, Dimension.INSULATION, new Problems())
                .orElseThrow();
        assertThat(read.beyond()).isTrue();
        assertThat(read.value()).isEqualTo(1100);
        assertThat(read.shown()).startsWith("≥ ");
    }

    @ParameterizedTest
    @CsvSource({
        "ratedPowerW, POWER",
        "ratedVoltageV, VOLTAGE",
        "windingTemperatureC, TEMPERATURE",
        "boreDiameterM, LENGTH",
        "bareDiameterMm, DIAMETER",
        "slotAreaMm2, AREA",
        "leadTimeHours, DURATION",
        "expectedLifeYears, YEARS",
        "megohm, INSULATION",
        "rangeMegohm, INSULATION",
        "ab, RESISTANCE",
        "energyPricePerKwh, MONEY",
        "turnsPerCoil, RATIO"
    })
    void kindFollowsFromTheFieldsName(String field, Dimension kind) {
        assertThat(Dimension.ofField(field)).isEqualTo(kind);
    }

    /** A bare figure that is hardly meant in the usual unit is asked about; the same figure with its unit is taken. */
    @ParameterizedTest
    @CsvSource({
        "176, TEMPERATURE, 176 °C or 176 °F, 176 C",
        "-60, TEMPERATURE, −60 °C or −60 °F, -60 °C",
        "7500, POWER, kW or 7, 7500 kW",
        "0.2, LENGTH, 0.2 mm or 0.2 m, 0.2 mm",
        "9000000, INSULATION, MΩ or 9, 9000000 MΩ",
        "1320, FLUX_DENSITY, T or 1, 1320 T",
        "90000, SPEED, r/min if it is so, 90000 rpm"
    })
    void aBareFigureImplausibleInItsUnitIsAskedAbout(String bare, Dimension kind, String asked, String withUnit) {
        Problems problems = new Problems();
        assertThat(Quantity.parse("x", bare, kind, problems)).isEmpty();
        assertThat(problems.all())
                .singleElement()
                .satisfies(
                        p -> assertThat(p.message()).contains("Without a unit " + kind.typed() + " is taken", asked));
        assertThat(Quantity.parse("x", withUnit, kind, new Problems())).isPresent();
    }

    /** The bounds are wide enough for every kind's ordinary figures, nothing at all among them. */
    @ParameterizedTest
    @CsvSource({
        "0, LENGTH",
        "150, TEMPERATURE",
        "-20, TEMPERATURE",
        "0.09, POWER",
        "4000, POWER",
        "6600, VOLTAGE",
        "0.0004, RESISTANCE",
        "2000, INSULATION",
        "1.5, CAPACITANCE",
        "8, LENGTH",
        "1450, SPEED"
    })
    void anOrdinaryBareFigureIsTaken(String bare, Dimension kind) {
        assertThat(Quantity.parse("x", bare, kind, new Problems())).isPresent();
    }
}
