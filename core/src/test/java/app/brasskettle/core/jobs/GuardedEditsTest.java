package app.brasskettle.core.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.findings.Findings;
import app.brasskettle.core.jobs.Arrival.Auxiliary;
import app.brasskettle.core.jobs.Arrival.ShaftState;
import app.brasskettle.core.jobs.Handover.Exposure;
import app.brasskettle.core.nameplate.Plates;
import app.brasskettle.core.teardown.TeardownLog;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What was is not undone by editing: each edit that would lift what holds a gate is named, and no other. */
class GuardedEditsTest {

    private static Arrival arrival(ShaftState shaft, List<Evidence> signs, Auxiliary... auxiliaries) {
        return arrival(shaft, signs, Optional.empty(), auxiliaries);
    }

    private static Arrival arrival(
            ShaftState shaft, List<Evidence> signs, Optional<Handover> handover, Auxiliary... auxiliaries) {
        return new Arrival(shaft, signs, List.of(auxiliaries), Optional.empty(), Optional.empty(), handover);
    }

    private static Optional<Handover> exposed(String madeSafe, Exposure... exposures) {
        return Optional.of(new Handover(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(List.of(exposures)),
                Optional.of(madeSafe),
                Optional.empty(),
                Optional.empty()));
    }

    /** A bound shaft is not called free, nor not tried, by whoever is in a hurry; the other way anybody may. */
    @ParameterizedTest
    @EnumSource(ShaftState.class)
    void aBoundShaftStaysBound(ShaftState after) {
        Arrival bound = arrival(ShaftState.BINDS, List.of());
        List<String> undone = GuardedEdits.of(bound, arrival(after, List.of()));
        assertThat(undone.isEmpty()).isEqualTo(after == ShaftState.BINDS);
        assertThat(GuardedEdits.of(arrival(after, List.of()), bound)).isEmpty();
    }

    @Test
    void whatAHighVoltageWouldHarmStaysOnTheList() {
        Arrival both = arrival(ShaftState.FREE, List.of(), Auxiliary.THERMISTORS, Auxiliary.DRIVE);
        Arrival one = arrival(ShaftState.FREE, List.of(), Auxiliary.DRIVE);
        assertThat(GuardedEdits.of(both, one)).singleElement().asString().contains("thermistors");
        assertThat(GuardedEdits.of(one, both)).isEmpty();
        assertThat(GuardedEdits.of(both, both)).isEmpty();
    }

    @Test
    void aDeclaredExposureStaysDeclared() {
        Arrival declared = arrival(ShaftState.FREE, List.of(), exposed("", Exposure.ASBESTOS));
        assertThat(GuardedEdits.of(declared, arrival(ShaftState.FREE, List.of())))
                .singleElement()
                .asString()
                .contains("harmful");
        assertThat(GuardedEdits.of(declared, arrival(ShaftState.FREE, List.of(), exposed("", Exposure.NOTHING))))
                .hasSize(1);
        assertThat(GuardedEdits.of(
                        declared, arrival(ShaftState.FREE, List.of(), exposed("washed at 60 °C", Exposure.ASBESTOS))))
                .as("made safe, and still told")
                .isEmpty();
        assertThat(GuardedEdits.of(arrival(ShaftState.FREE, List.of()), declared))
                .isEmpty();
    }

    /** Of all evidence, these hold a gate: the motor is not made whole by taking the word back. */
    @ParameterizedTest
    @EnumSource(Evidence.class)
    void evidenceThatHoldsAGateIsNotTakenAway(Evidence evidence) {
        boolean holds = Set.of(
                        Evidence.PROTECTOR_OPEN,
                        Evidence.SHAFT_BINDS,
                        Evidence.BEARING_DESTROYED,
                        Evidence.ROTOR_DRAG_MARKS)
                .contains(evidence);
        assertThat(GuardedEdits.guards(evidence)).isEqualTo(holds);
    }

    @Test
    void aSignAtTheDoorThatHoldsAGateStays() {
        Arrival seen = arrival(ShaftState.FREE, List.of(Evidence.PROTECTOR_OPEN, Evidence.BURNT_SMELL));
        assertThat(GuardedEdits.of(seen, arrival(ShaftState.FREE, List.of(Evidence.PROTECTOR_OPEN))))
                .isEmpty();
        assertThat(GuardedEdits.of(seen, arrival(ShaftState.FREE, List.of(Evidence.BURNT_SMELL))))
                .singleElement()
                .asString()
                .contains("protector open");
    }

    @Test
    void theHazardousAreaMarkIsNotTakenOff() {
        var plain = Plates.plate(Map.of());
        var marked = Plates.plate(Map.of("hazardousArea", true));
        assertThat(GuardedEdits.of(marked, plain)).singleElement().asString().contains("hazardous areas");
        assertThat(GuardedEdits.of(plain, marked)).isEmpty();
        assertThat(GuardedEdits.of(marked, marked)).isEmpty();
    }

    private static TeardownLog log(int... ids) {
        return new TeardownLog(
                Optional.empty(),
                List.of(),
                IntStream.of(ids)
                        .mapToObj(id -> new TeardownLog.LoggedPart(
                                id,
                                "wave washer " + id,
                                TeardownLog.PartEnd.FRAME,
                                TeardownLog.PartState.GOOD,
                                true,
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty()))
                        .toList(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    @Test
    void aLoggedPartIsNotTakenOutOfTheLog() {
        assertThat(GuardedEdits.of(log(1, 2), log(2)))
                .singleElement()
                .asString()
                .contains("wave washer 1");
        assertThat(GuardedEdits.of(log(1, 2), log())).hasSize(2);
        assertThat(GuardedEdits.of(log(1), log(1, 2))).isEmpty();
    }

    private static Findings findings(String... conditions) {
        return new Findings(
                java.util.Arrays.stream(conditions)
                        .map(c -> new Findings.Finding(
                                c.equals("drag-marks") ? "rotor" : "rolling bearing",
                                c.equals("drag-marks") ? Findings.FindingPlace.ROTOR : Findings.FindingPlace.DRIVE_END,
                                Optional.of(c),
                                Findings.Severity.SEVERE,
                                Optional.empty()))
                        .toList(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    @Test
    void aFindingThatHoldsAGateStays() {
        assertThat(GuardedEdits.of(findings("fracture", "drag-marks"), findings("fracture")))
                .singleElement()
                .asString()
                .contains("rotor drag marks");
        assertThat(GuardedEdits.of(findings("fracture"), findings("cage-parts-missing")))
                .as("destroyed either way")
                .isEmpty();
        assertThat(GuardedEdits.of(findings("fracture"), findings())).hasSize(1);
        assertThat(GuardedEdits.of(findings(), findings("fracture"))).isEmpty();
    }

    @Test
    void otherSheetsGuardNothing() {
        assertThat(GuardedEdits.of(log(1), findings())).isEmpty();
    }
}
