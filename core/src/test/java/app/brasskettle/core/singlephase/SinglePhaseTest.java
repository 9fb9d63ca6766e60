package app.brasskettle.core.singlephase;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.verdict.Verdict;
import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SinglePhaseTest {

    private static Map<String, Object> windings(Object... other) {
        Map<String, Object> typed = new LinkedHashMap<>(Map.of(
                "dualVoltage", false,
                "mainOhm", "2.4",
                "mainOpen", false,
                "secondHalfOpen", false,
                "startOhm", "7.5",
                "startOpen", false,
                "protector", "none",
                "steadyWhenFlexed", true));
        for (int i = 0; i < other.length; i += 2) {
            typed.put((String) other[i], other[i + 1]);
        }
        return typed;
    }

    private static SinglePhaseResult of(Object... other) {
        return SinglePhaseWorksheet.create()
                .work()
                .apply(TypedInput.read(SinglePhaseWindings.class, windings(other))
                        .input());
    }

    @Test
    void wholeWindingsHold() {
        SinglePhaseResult r = of();
        assertThat(r.verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(r.startOverMain().orElseThrow()).isCloseTo(7.5 / 2.4, within(1e-12));
        assertThat(r.open()).isFalse();
    }

    /** An open reading outside says nothing of the coil while a protector sits in between. */
    @Test
    void aWindingBehindAProtectorIsNotCalledOpenUntilMeasuredBehindIt() {
        SinglePhaseResult outside = of("mainOhm", "", "mainOpen", true, "protector", "in-main");
        assertThat(outside.verdict()).isEqualTo(Verdict.UNPROVEN);
        assertThat(outside.open()).isTrue();
        SinglePhaseResult behind =
                of("mainOhm", "", "mainOpen", true, "protector", "in-main", "acrossProtectorOhm", "2.4");
        assertThat(behind.protectorOpen()).isTrue();
        assertThat(behind.verdict()).isEqualTo(Verdict.STOP);
        SinglePhaseResult coil = of("mainOhm", "", "mainOpen", true);
        assertThat(coil.judgement().headline()).isEqualTo("The main winding reads open");
    }

    /** The protector watches one half of a dual-voltage winding; the other half reads open on its own account. */
    @Test
    void theHalfThatTheProtectorWatchesIsTheOneItMayOpen() {
        SinglePhaseResult watched = of(
                "dualVoltage",
                true,
                "secondHalfOpen",
                true,
                "protector",
                "in-second-half",
                "acrossProtectorOhm",
                "2.41");
        assertThat(watched.protectorOpen()).isTrue();
        SinglePhaseResult other = of(
                "dualVoltage", true, "secondHalfOpen", true, "protector", "in-first-half", "acrossProtectorOhm", "2.4");
        assertThat(other.protectorOpen()).isFalse();
        assertThat(other.judgement().headline()).contains("Half of the main winding reads open");
    }

    @ParameterizedTest
    @CsvSource({"2.44, HOLDS", "2.46, WATCH", "2.6, STOP"})
    void halvesAreAlike(String second, Verdict verdict) {
        assertThat(of("dualVoltage", true, "secondHalfOhm", second).verdict()).isEqualTo(verdict);
    }

    @Test
    void aReadingThatComesAndGoesIsAJointNotTheCoil() {
        SinglePhaseResult r = of("steadyWhenFlexed", false);
        assertThat(r.comesAndGoes()).isTrue();
        assertThat(r.verdict()).isEqualTo(Verdict.STOP);
        assertThat(r.judgement().because()).contains("joint or the protector");
    }

    @Test
    void aStartWindingUnderTheMainOneAsksForTheLeads() {
        assertThat(of("startOhm", "2.0").verdict()).isEqualTo(Verdict.WATCH);
    }

    /**
     * Start winding over main by the shop's own ranges: split phase 1.5 to 6, start capacitor 1.1 to 6, permanent capacitor 0.8 to
     * 4; 2.4 Ω is the main winding.
     */
    @ParameterizedTest
    @CsvSource({
        "split-phase, 3.6, HOLDS",
        "split-phase, 3.5, WATCH",
        "split-phase, 14.4, HOLDS",
        "split-phase, 14.5, WATCH",
        "capacitor-start, 2.64, HOLDS",
        "capacitor-start, 2.6, WATCH",
        "capacitor-run, 2.4, HOLDS",
        "capacitor-run, 1.92, HOLDS",
        "capacitor-run, 1.9, WATCH",
        "capacitor-run, 9.7, WATCH",
        "capacitor-start-run, 1.92, HOLDS"
    })
    void theRatioIsThatOfTheWayItStarts(String kind, String start, Verdict verdict) {
        SinglePhaseResult r = of("kind", kind, "startOhm", start);
        assertThat(r.verdict()).isEqualTo(verdict);
        if (verdict == Verdict.WATCH) {
            assertThat(r.judgement().headline()).contains(kind.replace('-', ' '));
        }
    }

    /** Two halves of 2.4 Ω in parallel are 1.2 Ω: a start winding of 2.4 Ω is twice the main one. */
    @Test
    void aDualVoltageMotorsStartWindingStandsAcrossBothHalves() {
        SinglePhaseResult r = of("dualVoltage", true, "secondHalfOhm", "2.4", "startOhm", "2.4", "kind", "split-phase");
        assertThat(r.startOverMain().orElseThrow()).isCloseTo(2, within(1e-12));
        assertThat(r.verdict()).isEqualTo(Verdict.HOLDS);
    }

    private static StartingGearResult gear(String kind, Map<String, Object> other) {
        Map<String, Object> typed = new LinkedHashMap<>(Map.of(
                "kind",
                kind,
                "switchKind",
                "centrifugal",
                "heardDropOut",
                true,
                "heardDropIn",
                true,
                "bleederOhm",
                "15 k"));
        typed.putAll(other);
        return StartingGearWorksheet.create()
                .work()
                .apply(TypedInput.read(StartingGear.class, typed).input());
    }

    /** Start capacitor: the marked range, else ±20 %; run capacitor ±10 %. */
    @ParameterizedTest
    @CsvSource({
        "capacitor-start, 100, , 80, HOLDS",
        "capacitor-start, 100, , 79.9, STOP",
        "capacitor-start, 100, , 120.1, STOP",
        "capacitor-start, 88, 108, 87.9, STOP",
        "capacitor-start, 88, 108, 108, HOLDS"
    })
    void aStartCapacitorIsJudgedByItsMarking(String kind, String low, String high, String measured, Verdict verdict) {
        assertThat(gear(
                                kind,
                                Map.of(
                                        "startMarkedMicrofarad",
                                        low,
                                        "startMarkedToMicrofarad",
                                        high == null ? "" : high,
                                        "startMeasuredMicrofarad",
                                        measured))
                        .verdict())
                .isEqualTo(verdict);
    }

    @ParameterizedTest
    @CsvSource({"18, HOLDS", "17.9, STOP", "22, HOLDS", "22.1, STOP"})
    void aRunCapacitorKeepsWithinTenPercent(String measured, Verdict verdict) {
        assertThat(gear("capacitor-run", Map.of("runMarkedMicrofarad", "20", "runMeasuredMicrofarad", measured))
                        .verdict())
                .isEqualTo(verdict);
    }

    @Test
    void aSwitchMustBeHeardOutAndIn() {
        assertThat(gear("split-phase", Map.of()).verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(gear("split-phase", Map.of("heardDropIn", false)).switchFails())
                .isTrue();
        assertThat(gear("split-phase", Map.of("heardDropOut", "")).verdict()).isEqualTo(Verdict.UNPROVEN);
        assertThat(gear("split-phase", Map.of("switchKind", "none", "heardDropOut", ""))
                        .verdict())
                .isEqualTo(Verdict.HOLDS);
    }

    @Test
    void refusesWhatContradictsItself() {
        assertThat(Refusals.fields(() -> of("mainOpen", true, "startOhm", "", "secondHalfOhm", "2")))
                .containsExactlyInAnyOrder("mainOhm", "startOhm", "secondHalfOhm");
        assertThat(Refusals.fields(() -> gear("capacitor-start-run", Map.of("startMarkedMicrofarad", "100"))))
                .containsExactlyInAnyOrder("startMeasuredMicrofarad", "runMarkedMicrofarad", "runMeasuredMicrofarad");
    }
}
