package app.brasskettle.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Leads rolled, a start logged, a quarter of an hour watched. */
class RunningTest {

    private static RolledResult rolled(List<Double> before, List<Double> after) {
        return RolledLeadsWorksheet.create().work().apply(new RolledLeads(before, after));
    }

    @Test
    void whatStaysWithTheLineIsTheSupply() {
        RolledResult r = rolled(List.of(11.0, 10.0, 9.0), List.of(11.0, 10.0, 9.0));
        assertThat(r.source()).isEqualTo(RolledResult.Source.SUPPLY);
        assertThat(r.stayedPercent()).isCloseTo(100, within(1e-9));
        assertThat(r.verdict()).isEqualTo(Verdict.HOLDS);
    }

    /** Leads A, B, C moved from lines 1, 2, 3 to lines 2, 3, 1 take their currents with them. */
    @Test
    void whatGoesWithTheLeadIsTheMotor() {
        RolledResult r = rolled(List.of(12.0, 10.0, 8.0), List.of(8.0, 12.0, 10.0));
        assertThat(r.source()).isEqualTo(RolledResult.Source.MOTOR);
        assertThat(r.wentPercent()).isCloseTo(100, within(1e-9));
        assertThat(r.verdict()).isEqualTo(Verdict.STOP);
        assertThat(rolled(List.of(10.8, 10.0, 9.2), List.of(9.2, 10.8, 10.0)).verdict())
                .isEqualTo(Verdict.WATCH);
    }

    /** A law: any pattern of lines plus any pattern of leads is taken apart again exactly. */
    @Test
    void anyMixtureOfBothIsTakenApart() {
        Random random = new Random(5);
        for (int n = 0; n < 300; n++) {
            double[] line = pattern(random);
            double[] lead = pattern(random);
            List<Double> before = new ArrayList<>();
            List<Double> after = new ArrayList<>();
            for (int i = 0; i < 3; i++) {
                before.add(100 + line[i] + lead[i]);
                after.add(100 + line[i] + lead[(i + 2) % 3]);
            }
            RolledResult r = rolled(before, after);
            double stayed = size(line);
            double went = size(lead);
            assertThat(r.stayedPercent()).isCloseTo(100 * stayed / (stayed + went), within(1e-6));
        }
    }

    private static double[] pattern(Random random) {
        double a = 12 * random.nextDouble() - 6;
        double b = 12 * random.nextDouble() - 6;
        return new double[] {a, b, -a - b};
    }

    private static double size(double[] p) {
        return Math.max(Math.abs(p[0]), Math.max(Math.abs(p[1]), Math.abs(p[2])));
    }

    @Test
    void nothingIsToldApartWhereNothingIsUneven() {
        assertThat(rolled(List.of(10.0, 10.2, 9.9), List.of(10.1, 9.9, 10.0)).source())
                .isEqualTo(RolledResult.Source.NONE);
        assertThat(Refusals.fields(() -> new RolledLeads(List.of(1.0), List.of(1.0, 0.0, 2.0))))
                .containsExactlyInAnyOrder("currentsBeforeA", "currentsAfterA[1]");
    }

    private static StartResult started(StartLog.Feed feed, double volts, double rpm, double seconds) {
        return StartLogWorksheet.create()
                .work()
                .apply(new StartLog(
                        400,
                        29,
                        1460,
                        Optional.of(6.0),
                        List.of(new StartLog.Attempt(feed, volts, 29 * 6, rpm, seconds))));
    }

    /** Half the voltage leaves a quarter of the torque: not coming up then says nothing of the motor. */
    @ParameterizedTest
    @CsvSource({
        "REDUCED_VOLTAGE, 200, 1450, 4, HOLDS",
        "REDUCED_VOLTAGE, 200, 300, 4, UNPROVEN",
        "SERIES_RESISTANCE, 379, 300, 4, UNPROVEN",
        "FULL_VOLTAGE, 400, 300, 4, STOP",
        "FULL_VOLTAGE, 400, 1314, 4, HOLDS",
        "DRIVE, 40, 100, 4, STOP",
        "REDUCED_VOLTAGE, 200, 300, 60, STOP"
    })
    void aStartIsJudgedByWhatTheVoltageLeftIt(
            StartLog.Feed feed, double volts, double rpm, double seconds, Verdict verdict) {
        assertThat(started(feed, volts, rpm, seconds).verdict()).isEqualTo(verdict);
    }

    /** Torque (200/400)² = 25 %; copper at 6 × 6 A/mm² from 40 to 155 °C, as the stall sheet of the contract has it. */
    @Test
    void theStallClockRunsAgainstTheCopper() {
        StartResult r = started(StartLog.Feed.REDUCED_VOLTAGE, 200, 300, 4);
        assertThat(r.torquePercent()).isCloseTo(25, within(1e-9));
        assertThat(r.stalledSeconds()).isEqualTo(4);
        double bound = app.brasskettle.core.heating.StallHeatingWorksheet.create()
                .work()
                .apply(new app.brasskettle.core.heating.Stall(6, 6, 40, 155))
                .secondsToLimit();
        assertThat(r.copperSeconds()).isCloseTo(bound, within(1e-9));
        assertThat(r.judgement().because()).contains("stalled 4 s in all");
    }

    private static WatchResult watched(double minutes, double lastA, double bearingC, double spotC) {
        return RunWatchWorksheet.create()
                .work()
                .apply(new RunWatch(
                        20,
                        List.of(
                                new RunWatch.Reading(0, 10, 20, 20, Optional.empty()),
                                new RunWatch.Reading(minutes, lastA, bearingC, 30, Optional.empty())),
                        Optional.of(List.of(
                                new RunWatch.HotSpot("frame, top", 30), new RunWatch.HotSpot("terminal box", spotC)))));
    }

    /** Shop rule: drift 5 and 10 %, bearing 40 and 60 K over the air of 20 °C, hottest place 10 and 20 K over the mean. */
    @ParameterizedTest
    @CsvSource({
        "15, 10, 45, 30, HOLDS",
        "14, 10, 45, 30, UNPROVEN",
        "15, 10.6, 45, 30, WATCH",
        "15, 11.1, 45, 30, STOP",
        "15, 10, 61, 30, WATCH",
        "15, 10, 81, 30, STOP",
        "15, 10, 45, 51, WATCH",
        "5, 10, 81, 30, STOP"
    })
    void aWatchIsJudgedByDriftBearingAndHotSpot(
            double minutes, double a, double bearing, double spot, Verdict verdict) {
        assertThat(watched(minutes, a, bearing, spot).verdict()).isEqualTo(verdict);
    }

    @Test
    void refusesAWatchThatRunsBackwards() {
        assertThat(Refusals.fields(() -> watched(0, 10, 20, 20))).containsExactly("readings[1].minute");
    }
}
