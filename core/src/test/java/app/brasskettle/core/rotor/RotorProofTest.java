package app.brasskettle.core.rotor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Samples;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RotorProofTest {

    /** A line current of 50 Hz and 1, with sidebands so many dB lower at (1 ± 2s)·50 Hz; slip 3 %. */
    private static Samples record(int samples, double lowerDb, double upperDb) {
        double[] values = new double[samples];
        for (int i = 0; i < samples; i++) {
            double t = 2 * Math.PI * 50 * i * 0.001;
            values[i] = Math.cos(t)
                    + Math.pow(10, -lowerDb / 20) * Math.cos(0.94 * t)
                    + Math.pow(10, -upperDb / 20) * Math.cos(1.06 * t);
        }
        return Samples.of(values);
    }

    private static RotorProofResult of(Samples record, double rpm) {
        return RotorProofWorksheet.create()
                .work()
                .apply(new RotorProof(
                        50, 4, Optional.of(rpm), Optional.of(0.001), Optional.of(record), Optional.empty()));
    }

    /** The transform gives back the levels that were put in; between two lines of the spectrum it may lose 1.4 dB (Hann). */
    @ParameterizedTest
    @CsvSource({"40, 46, STOP", "44, 60, STOP", "50, 70, WATCH", "60, 52, WATCH", "58, 63, HOLDS", "65, 70, HOLDS"})
    void sidebandsAreFoundAtTheirLevels(double lower, double upper, Verdict verdict) {
        RotorProofResult r = of(record(16_384, lower, upper), 1455);
        assertThat(r.lowerSidebandDb().orElseThrow()).isCloseTo(lower, within(1.5));
        assertThat(r.upperSidebandDb().orElseThrow()).isCloseTo(upper, within(1.5));
        assertThat(r.lineHz().orElseThrow()).isCloseTo(50, within(0.07));
        assertThat(r.slipPercent().orElseThrow()).isCloseTo(3, within(1e-9));
        assertThat(r.verdict()).isEqualTo(verdict);
    }

    /** A record is as good in milliamperes as in amperes. */
    @Test
    void theSizeOfTheRecordDoesNotMatter() {
        Samples one = record(16_384, 48, 60);
        assertThat(of(one.over(1000), 1455).lowerSidebandDb().orElseThrow())
                .isCloseTo(of(one, 1455).lowerSidebandDb().orElseThrow(), within(1e-6));
    }

    @Test
    void aShortRecordOrALightLoadProvesNothing() {
        assertThat(of(record(1024, 40, 40), 1455).verdict()).isEqualTo(Verdict.UNPROVEN);
        assertThat(of(record(16_384, 40, 40), 1498).verdict()).isEqualTo(Verdict.UNPROVEN);
    }

    @ParameterizedTest
    @CsvSource({"1.4, HOLDS", "2, WATCH", "5, STOP"})
    void theCurrentOverATurnTellsToo(double half, Verdict verdict) {
        List<Double> currents = IntStream.range(0, 32)
                .mapToObj(i -> 5 * (1 + half / 100 * Math.cos(2 * Math.PI * 4 * i / 32)))
                .toList();
        RotorProofResult r = RotorProofWorksheet.create()
                .work()
                .apply(new RotorProof(
                        50, 4, Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(currents)));
        assertThat(r.swingPercent().orElseThrow()).isCloseTo(2 * half, within(0.1));
        assertThat(r.verdict()).isEqualTo(verdict);
    }

    @Test
    void refusesARecordWithoutItsSpeedAndAMotorThatRunsTooFast() {
        Samples record = record(2048, 40, 40);
        assertThat(Refusals.fields(() -> new RotorProof(
                        50, 4, Optional.empty(), Optional.empty(), Optional.of(record), Optional.empty())))
                .containsExactlyInAnyOrder("sampleIntervalS", "loadSpeedRpm");
        assertThat(Refusals.fields(() -> new RotorProof(
                        50, 4, Optional.of(1500.0), Optional.of(0.001), Optional.of(record), Optional.empty())))
                .containsExactly("loadSpeedRpm");
        assertThat(Refusals.fields(() ->
                        new RotorProof(50, 3, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty())))
                .containsExactlyInAnyOrder("poles", "lineCurrentA");
    }
}
