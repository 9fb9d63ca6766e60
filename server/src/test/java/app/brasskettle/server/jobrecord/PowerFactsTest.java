package app.brasskettle.server.jobrecord;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.energise.PowerRecord;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventRow;
import app.brasskettle.server.runs.RunRow;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What the gate is told of power: what was done here counts, what a file says was done elsewhere does not, voltage always does. */
class PowerFactsTest {

    private static final double NOW = JobClock.seconds(at(59));

    private static OffsetDateTime at(int minute) {
        return OffsetDateTime.of(2026, 1, 5, 9, minute, 0, 0, ZoneOffset.UTC);
    }

    private static EventRow event(EventKind kind, boolean imported, Map<String, Object> detail) {
        return new EventRow(kind, detail, imported, "I. Dalby", at(10));
    }

    private static RunRow run(String kind, Optional<OffsetDateTime> ended, double seconds) {
        return new RunRow(1, kind, 1, "tester", false, 1, "I. Dalby", at(20), ended, seconds, false);
    }

    private static PowerRecord read(List<EventRow> events, List<RunRow> runs) {
        RecordedJob job = new RecordedJob(
                null,
                List.of(),
                List.of(),
                null,
                events,
                runs,
                List.of(),
                Set.of(),
                null,
                Map.of(),
                List.of(),
                Optional.empty());
        return new PowerFacts(job).read(NOW);
    }

    /** Whatever permits: none of it may come from a file. */
    @ParameterizedTest
    @EnumSource(
            names = {
                "LOCKED_OUT",
                "RUN_RELEASED",
                "ISOLATED",
                "LIMIT_WAIVED",
                "CONTRADICTION_SETTLED",
                "DISCHARGE_PROVED",
                "PLATE_STAMPED",
                "SHAFT_TURNED"
            })
    void whatPermitsActsOnlyWhereItWasDone(EventKind kind) {
        Map<String, Object> detail = Map.of("means", "two testers", "shaft", "free", "names", List.of("heater"));
        PowerRecord nothing = read(List.of(), List.of());
        assertThat(read(List.of(event(kind, true, detail)), List.of())).isEqualTo(nothing);
        assertThat(read(List.of(event(kind, false, detail)), List.of())).isNotEqualTo(nothing);
    }

    @Test
    void voltageCountsWhereverItWas() {
        Map<String, Object> minute = Map.of("seconds", 60, "pace", 1);
        for (boolean imported : new boolean[] {true, false}) {
            assertThat(read(List.of(event(EventKind.VOLTAGE_APPLIED, imported, minute)), List.of())
                            .voltages())
                    .singleElement()
                    .satisfies(v -> assertThat(v.seconds()).isEqualTo(60));
        }
    }

    /** A run of high voltage makes insulation readings old though nobody recorded a test from it; while it is on, until now. */
    @Test
    void aRunOfHighVoltageCountsWithoutATest() {
        String steps = WindingTests.STEP_VOLTAGE.code();
        assertThat(read(List.of(), List.of(run(steps, Optional.of(at(30)), 90))).highVoltageAt())
                .contains(JobClock.seconds(at(30)));
        assertThat(read(List.of(), List.of(run(steps, Optional.empty(), 0))).highVoltageAt())
                .contains(NOW);
        assertThat(read(List.of(), List.of(run(steps, Optional.of(at(30)), 0))).highVoltageAt())
                .as("broken off before any voltage was on")
                .isEmpty();
        assertThat(read(List.of(), List.of(run(WindingTests.INSULATION_RESISTANCE.code(), Optional.of(at(30)), 90)))
                        .highVoltageAt())
                .as("an insulation test is no high voltage")
                .isEmpty();
    }
}
