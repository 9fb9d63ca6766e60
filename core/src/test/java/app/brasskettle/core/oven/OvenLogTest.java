package app.brasskettle.core.oven;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Files as loggers write them: headings, clocks, decimal commas, lines above the table. */
class OvenLogTest {

    private static List<OvenReading> read(String text) {
        return OvenLog.read(text.getBytes(StandardCharsets.UTF_8));
    }

    private static String refusal(String text) {
        return Refusals.of(() -> read(text)).get(0).message();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "minutes,part °C\n0,20\n30,200.5\n90,340\n",
                "Time (s);Stator [°C]\n0;20\n1800;200,5\n5400;340\n",
                "elapsed hours\tProbe 1 (C)\n0\t20\n0.5\t200.5\n1.5\t340\n",
                "Logger 7\nserial 12\n\nDate,Ch 1 deg C,Ch 2 deg C\n2026-03-01T23:30:00,20,5\n2026-03-02T00:00:00,200.5,6\n2026-03-02T01:00:00,340,7\n",
                "Time,Temp_C\n23:30,20\n00:00,200.5\n01:00,340\n",
                "Time;Temp °C\n1.3.2026 23:30;20\n2.3.2026 00:00:00;200,5\n2.3.2026 01:00;340\n",
            })
    void readsWhatLoggersWrite(String text) {
        assertThat(read(text))
                .containsExactly(new OvenReading(0, 20), new OvenReading(30, 200.5), new OvenReading(90, 340));
    }

    @ParameterizedTest
    @ValueSource(strings = {"minutes,part °F\n0,68\n30,650\n", "Time,Temp_F\n0,68\n30,650\n", "Time,Temp (F)\n0,68\n"})
    void refusesDegreesFahrenheit(String text) {
        assertThat(refusal(text)).contains("is in °F");
    }

    @Test
    void refusesAFileThatNamesNoUnit() {
        assertThat(refusal("Time,Temp\n0,20\n30,200\n")).contains("°C");
    }

    @Test
    void tellsLineAndColumnOfWhatItCannotRead() {
        assertThat(Refusals.of(() -> read("minutes,part °C\n0,20\n10,open\nsoon,30\n40,900\n")))
                .extracting(p -> p.message().split(":")[0])
                .containsExactly("Line 3, column 2", "Line 4, column 1", "Line 5, column 2");
    }

    @Test
    void refusesTimeRunningBack() {
        assertThat(Refusals.fields(() -> read("minutes,part °C\n0,20\n60,300\n30,310\n")))
                .containsExactly("readings[2].minutes");
        // Ten minutes back on a clock is no new day.
        assertThat(Refusals.fields(() -> read("time,part °C\n10:00,20\n09:50,300\n")))
                .containsExactly("readings[1].minutes");
    }
}
