package app.brasskettle.core.testfile;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.instruments.Faults;
import app.brasskettle.core.instruments.RunModel;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.insulation.InsulationReadings;
import app.brasskettle.core.insulation.WindingKind;
import app.brasskettle.core.mechanics.VibrationReadings;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.resistance.ResistanceReadings;
import app.brasskettle.core.rotor.RotorProof;
import app.brasskettle.core.run.NoLoadRun;
import app.brasskettle.core.run.RunWatch;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.worksheet.Problem;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class TestFileTest {

    private static final SimulatedMotor MOTOR =
            new SimulatedMotor(SimulatedMotor.Rating.usual(400, 15_000, Connection.WYE), 22, Faults.none(), 4);

    static List<Record> readings() {
        RunModel run = MOTOR.running();
        return List.of(
                MOTOR.resistanceTest(WindingKind.RANDOM_WOUND),
                MOTOR.balance(6).orElseThrow(),
                MOTOR.surge(1170, true),
                MOTOR.surgeRise(1170, 3, false),
                MOTOR.starting().windings(),
                MOTOR.starting().gear(),
                new NoLoadRun(
                        29,
                        15_000,
                        400,
                        4,
                        run.lineCurrentsA(1),
                        run.lineVoltagesV(1),
                        Optional.empty(),
                        Optional.empty()),
                new RunWatch(
                        20,
                        run.watch(20),
                        Optional.of(List.of(
                                new RunWatch.HotSpot("-box, left; \"hot\"", 41), new RunWatch.HotSpot("=frame", 30)))),
                new VibrationReadings(
                        15_000,
                        VibrationReadings.Mounting.FLEXIBLE,
                        Optional.of(true),
                        Optional.of(160.0),
                        run.vibration()),
                new RotorProof(
                        50,
                        4,
                        Optional.of(1455.0),
                        Optional.of(0.001),
                        Optional.of(run.currentRecord()),
                        run.turnCurrents()));
    }

    /** A law: what is written is read back as it was, to the last digit. */
    @ParameterizedTest
    @MethodSource("readings")
    void whatIsWrittenIsReadBackAsItWas(Record input) {
        byte[] file = TestFile.csv("some-test", input).getBytes(StandardCharsets.UTF_8);
        Map<String, Object> typed = TestFile.typed("some-test", input.getClass(), file);
        assertThat(TypedInput.read(input.getClass(), typed).input()).isEqualTo(input);
    }

    private static Map<String, Object> insulation(String text, Charset charset) {
        return TestFile.typed("insulation-resistance", InsulationReadings.class, text.getBytes(charset));
    }

    private static List<String> refused(String text) {
        return Refusals.of(() -> insulation(text, StandardCharsets.UTF_8)).stream()
                .map(Problem::message)
                .toList();
    }

    private static final String GOOD = "# test,insulation-resistance\n# windingTemperatureC [°C],21\n"
            + "readings.seconds [s],readings.megohm [kΩ]\n30,2100\n60,2400\n";

    @Test
    void unitsStandInTheHeader() {
        Map<String, Object> typed = insulation(GOOD, StandardCharsets.UTF_8);
        assertThat(typed.get("windingTemperatureC")).isEqualTo("21 °C");
        assertThat(typed.get("readings").toString())
                .isEqualTo("[{seconds=30 s, megohm=2100 kΩ}, {seconds=60 s, megohm=2400 kΩ}]");
    }

    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "UTF-16", "windows-1252"})
    void encodingsOfTheTradeAreRead(String charset) {
        String degrees = charset.equals("windows-1252") ? GOOD.replace("kΩ", "k") : GOOD;
        assertThat(insulation(degrees, Charset.forName(charset)).get("windingTemperatureC"))
                .isEqualTo("21 °C");
        assertThat(insulation("\uFEFF" + GOOD, StandardCharsets.UTF_8)).containsKey("readings");
    }

    @Test
    void semicolonsAndDecimalCommasAreRead() {
        String text =
                "# test;insulation-resistance\n# windingTemperatureC;21,5\nreadings.seconds;readings.megohm\n30;2,15\n";
        assertThat(insulation(text, StandardCharsets.UTF_8).toString())
                .contains("windingTemperatureC=21.5")
                .contains("megohm=2.15");
        assertThat(insulation("readings.seconds,readings.megohm\n30,\"2,15\"\n", StandardCharsets.UTF_8)
                        .toString())
                .contains("megohm=2.15");
    }

    @Test
    void whatCannotBeReadIsToldByLineAndColumn() {
        assertThat(refused("# test,surge-comparison\nreadings.seconds\n30\n"))
                .containsExactly(
                        "Line 1, column 2: this is a file of surge-comparison, and insulation-resistance is asked for");
        assertThat(refused("readings.seconds,readings.gigaohm\n30,2\n").get(0)).startsWith("Line 1, column 2: ");
        assertThat(refused("readings.seconds,readings.megohm [furlong]\n30,2\n").get(0))
                .startsWith("Line 2, column 2: ")
                .contains("furlong");
        assertThat(refused("readings.seconds,readings.megohm\n30,2\n60,many\n").get(0))
                .startsWith("Line 3, column 2: ");
        assertThat(refused("readings.seconds,readings.megohm\n30,-2\n").get(0)).startsWith("Line 2, column 2: ");
        assertThat(refused("readings.seconds,readings.megohm\n30,2,7\n").get(0)).startsWith("Line 2, column 3: ");
        assertThat(refused("# madeBefore1970,perhaps\n").get(0)).startsWith("Line 1, column 2: ");
    }

    @Test
    void whatIsNotInTheFileIsTheFormsToAskFor() {
        assertThat(insulation("readings.seconds,readings.megohm\n30,2\n", StandardCharsets.UTF_8))
                .containsOnlyKeys("readings");
    }

    @Test
    void hostileFilesAreRefused() {
        assertThat(refused("readings.seconds\n\0\n").get(0)).contains("no text file");
        assertThat(refused("readings.seconds,readings.megohm\n30,\"2\n").get(0)).contains("torn");
        StringBuilder many = new StringBuilder("readings.seconds,readings.megohm\n");
        for (int i = 0; i < 500; i++) {
            many.append("x,y\n");
        }
        assertThat(refused(many.toString())).hasSizeLessThan(30);
        assertThat(refused("readings[9999999999].megohm\n1\n").get(0)).startsWith("Line 1, column 1: ");
    }

    @Test
    void namesThatLeadNowhereAreRefused() {
        for (String name :
                List.of("readings", "readings.megohm.more", "readings[0]", "madeBefore1970[1]", "class", "")) {
            assertThat(FieldPath.parse(name, InsulationReadings.class)).as(name).isEmpty();
        }
        assertThat(FieldPath.parse("terminalOhms.ab", ResistanceReadings.class)).isPresent();
    }

    @Test
    void aTextThatASpreadsheetWouldRunIsWrittenAsText() {
        RunWatch watch = new RunWatch(
                20, MOTOR.running().watch(20), Optional.of(List.of(new RunWatch.HotSpot("=cmd|' /C calc'!A0", 41))));
        assertThat(TestFile.csv("run-watch", watch)).contains("'=cmd").doesNotContain(",=cmd");
    }

    private static List<Problem> refusedFor(String kind, Class<? extends Record> type, String text) {
        return Refusals.of(() -> TestFile.typed(kind, type, text.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void moreRowsThanSuchATestHoldsAreRefusedBeforeTheyAreRead() {
        String rows = "readings.seconds [s],readings.megohm [MΩ]\n" + "30,210\n".repeat(1_000_000);

        assertThat(refusedFor("insulation-resistance", InsulationReadings.class, rows))
                .extracting(Problem::message)
                .containsExactly("The file has 1000002 lines; this test holds at most 10000 rows");
        assertThat(refusedFor("surge-comparison", SurgeSet.class, "x" + ",1".repeat(700_000)))
                .extracting(Problem::message)
                .containsExactly("The file has some 700001 cells; at most 600000 fit");
    }

    @Test
    void aBellInAFileIsNamedByItsPlace() {
        assertThat(refusedFor("insulation-resistance", InsulationReadings.class, "# test,\u0007"))
                .extracting(Problem::message)
                .containsExactly("The text holds U+0007 at place 8, which no page can print; take it out");
    }

    /** An index reserves a row for each before it. */
    @Test
    void aRowTenMillionsAwayLeadsNowhere() {
        assertThat(refusedFor("surge-comparison", SurgeSet.class, "pulses[9999999].trace\n1\n"))
                .extracting(Problem::code)
                .containsExactly(Problem.Code.UNKNOWN);
    }
}
