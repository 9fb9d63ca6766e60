package app.brasskettle.core.energise;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.energise.EnergiseGate.Reason;
import app.brasskettle.core.energise.EnergiseGate.State;
import app.brasskettle.core.energise.GateFacts.Taken;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.EnumSource.Mode;

class EnergiseGateTest {

    private static final double NOW = 1000;

    /** A record on which everything is in order and released to run, changed by each case. */
    private static final class Sheet {
        Optional<Boolean> shaft = Optional.of(true);
        Optional<String> lockedOut = Optional.of("M. Orre");
        Optional<Taken> insulation = Optional.of(new Taken(Verdict.HOLDS, false, 900, "insulation"));
        Optional<Taken> resistance = Optional.of(new Taken(Verdict.HOLDS, false, 700, "resistance"));
        Optional<Taken> surge = Optional.of(new Taken(Verdict.HOLDS, false, 800, "surge"));
        List<GateFacts.Further> further = List.of();
        boolean openPair;
        boolean ground;
        Optional<DischargeClock> clock = Optional.empty();
        boolean opened;
        int partsOff;
        Optional<Double> worked = Optional.empty();
        List<String> auxiliaries = List.of();
        Set<String> isolated = Set.of();
        List<GateFacts.Opening> openings = List.of();
        boolean released = true;

        GateFacts facts() {
            return new GateFacts(
                    shaft,
                    lockedOut,
                    insulation,
                    resistance,
                    surge,
                    further,
                    openPair,
                    ground,
                    clock,
                    opened,
                    partsOff,
                    worked,
                    auxiliaries,
                    isolated,
                    openings,
                    released);
        }

        EnergiseGate gate() {
            return EnergiseGate.of(facts(), NOW);
        }
    }

    private static EnergiseGate with(Consumer<Sheet> change) {
        Sheet sheet = new Sheet();
        change.accept(sheet);
        return sheet.gate();
    }

    private static Taken taken(Verdict verdict, double at) {
        return new Taken(verdict, false, at, "a test");
    }

    private static GateFacts.Further other(
            String step, Verdict verdict, GateFacts.Effect effect, boolean highVoltage, double at) {
        return new GateFacts.Further("Other test", step, "what it said", verdict, effect, highVoltage, at);
    }

    /** What the Stop of a further test does, by its effect; nothing else than Stop does anything. */
    @ParameterizedTest
    @CsvSource({
        "NONE, OPEN, false, false",
        "LIMIT, SHUT, true, false",
        "SHUTS, SHUT, false, false",
        "NEVER, SHUT, false, true",
        "TEST_POWER_ONLY, TEST_POWER, false, false"
    })
    void theStopOfAFurtherTestDoesWhatItsEffectSays(
            GateFacts.Effect effect, State state, boolean disputable, boolean never) {
        EnergiseGate gate = with(s -> s.further = List.of(other("bench/other", Verdict.STOP, effect, false, 600)));
        assertThat(gate.state()).isEqualTo(state);
        gate.holding().forEach(r -> {
            assertThat(r.disputable()).isEqualTo(disputable);
            assertThat(r.never()).isEqualTo(never);
        });
        assertThat(with(s -> s.further = List.of(other("bench/other", Verdict.WATCH, effect, false, 600)))
                        .state())
                .isEqualTo(State.OPEN);
    }

    @Test
    void anOpenedWindingNeedsAWithstandTestThatHolds() {
        EnergiseGate none = with(s -> s.opened = true);
        assertThat(none.state()).isEqualTo(State.TEST_POWER);
        assertThat(none.holding()).extracting(Reason::code).containsExactly("withstand");
        assertThat(with(s -> {
                            s.opened = true;
                            s.further = List.of(
                                    other(GateFacts.WITHSTAND_STEP, Verdict.HOLDS, GateFacts.Effect.NEVER, true, 850));
                        })
                        .state())
                .isEqualTo(State.OPEN);
    }

    @Test
    void opensWhenEverythingIsInOrder() {
        EnergiseGate gate = new Sheet().gate();
        assertThat(gate.state()).isEqualTo(State.OPEN);
        assertThat(gate.holding()).isEmpty();
        assertThat(gate.leads().mayConnect()).isTrue();
    }

    @Test
    void isShutOnAnEmptyRecordAndNamesEveryReason() {
        EnergiseGate gate = EnergiseGate.of(GateFacts.none(), NOW);
        assertThat(gate.state()).isEqualTo(State.SHUT);
        assertThat(gate.leads().mayConnect()).isFalse();
        assertThat(gate.holding())
                .extracting(Reason::code)
                .contains("no-lock-out", "shaft-unknown", "insulation", "resistance");
    }

    @Test
    void aReleasedMotorAloneRunsAndAnUnreleasedGetsTestPower() {
        EnergiseGate gate = with(s -> s.released = false);
        assertThat(gate.state()).isEqualTo(State.TEST_POWER);
        assertThat(gate.holding()).extracting(Reason::code).containsExactly("not-released");
    }

    @Test
    void shaftDecidesFirst() {
        assertThat(with(s -> s.shaft = Optional.of(false)).state()).isEqualTo(State.SHUT);
        assertThat(with(s -> s.shaft = Optional.empty()).state()).isEqualTo(State.SHUT);
    }

    @ParameterizedTest
    @CsvSource({"HOLDS, OPEN", "WATCH, OPEN", "STOP, SHUT", "UNPROVEN, SHUT"})
    void insulationMustNotStopNorBeUnproven(Verdict verdict, State state) {
        assertThat(with(s -> s.insulation = Optional.of(taken(verdict, 900))).state())
                .isEqualTo(state);
    }

    @Test
    void insulationNotTakenShuts() {
        assertThat(with(s -> s.insulation = Optional.empty()).state()).isEqualTo(State.SHUT);
    }

    @Test
    void insulationTakenBeforeTheLastHighVoltageShuts() {
        EnergiseGate gate = with(s -> s.surge = Optional.of(taken(Verdict.HOLDS, 950)));
        assertThat(gate.state()).isEqualTo(State.SHUT);
        assertThat(gate.holding())
                .singleElement()
                .extracting(Reason::sentence)
                .asString()
                .contains("last high voltage");
    }

    @Test
    void insulationTakenBeforeWashingOrOpeningShuts() {
        assertThat(with(s -> s.worked = Optional.of(950.0)).state()).isEqualTo(State.SHUT);
        assertThat(with(s -> s.worked = Optional.of(850.0)).state()).isEqualTo(State.OPEN);
    }

    @Test
    void aSpotReadingOpensTestPowerOnly() {
        EnergiseGate gate = with(s -> s.insulation = Optional.of(new Taken(Verdict.WATCH, true, 900, "spot")));
        assertThat(gate.state()).isEqualTo(State.TEST_POWER);
    }

    @ParameterizedTest
    @CsvSource({"HOLDS, OPEN", "WATCH, OPEN", "STOP, SHUT", "UNPROVEN, SHUT"})
    void resistanceMustNotStop(Verdict verdict, State state) {
        assertThat(with(s -> s.resistance = Optional.of(taken(verdict, 700))).state())
                .isEqualTo(state);
    }

    @ParameterizedTest
    @CsvSource({"HOLDS, OPEN", "WATCH, OPEN", "STOP, SHUT", "UNPROVEN, OPEN"})
    void surgeShutsWhenItStops(Verdict verdict, State state) {
        assertThat(with(s -> s.surge = Optional.of(taken(verdict, 800))).state())
                .isEqualTo(state);
    }

    @ParameterizedTest
    @EnumSource(
            value = Verdict.class,
            mode = Mode.EXCLUDE,
            names = {"HOLDS", "STOP"})
    void anOpenedWindingNeedsASurgeTestThatHolds(Verdict verdict) {
        EnergiseGate gate = with(s -> {
            s.opened = true;
            s.surge = Optional.of(taken(verdict, 800));
        });
        assertThat(gate.state()).isEqualTo(State.TEST_POWER);
        assertThat(with(s -> {
                            s.opened = true;
                            s.surge = Optional.empty();
                        })
                        .state())
                .isEqualTo(State.TEST_POWER);
    }

    @Test
    void aRunningDischargeClockShuts() {
        DischargeClock running = new DischargeClock(990, 1050, 1050, 15, Optional.empty());
        assertThat(with(s -> s.clock = Optional.of(running)).state()).isEqualTo(State.SHUT);
        DischargeClock over = new DischargeClock(900, 960, 1000, 15, Optional.empty());
        assertThat(with(s -> s.clock = Optional.of(over)).state()).isEqualTo(State.OPEN);
    }

    @Test
    void noLeadHandMayOpenItAgainstWhatKills() {
        assertThat(never(s -> s.shaft = Optional.of(false))).containsExactly("shaft-binds");
        assertThat(never(s -> s.partsOff = 1)).containsExactly("parts-off");
        assertThat(never(s -> s.openPair = true)).containsExactly("open-circuit");
        assertThat(never(s -> s.lockedOut = Optional.empty())).containsExactly("no-lock-out");
        assertThat(never(s -> s.clock = Optional.of(new DischargeClock(990, 1050, 1050, 15, Optional.empty()))))
                .containsExactly("discharging");
        assertThat(never(s -> {
                    s.ground = true;
                    s.insulation = Optional.of(taken(Verdict.STOP, 900));
                }))
                .containsExactly("insulation");
        assertThat(never(s -> s.insulation = Optional.of(taken(Verdict.STOP, 900))))
                .as("a limit in dispute is another matter")
                .isEmpty();
    }

    private static List<String> never(Consumer<Sheet> change) {
        return with(change).holding().stream()
                .filter(Reason::never)
                .map(Reason::code)
                .toList();
    }

    /** Whatever else is on record, adding a reason to shut never opens the gate further. */
    @Test
    void moreTroubleNeverOpensTheGate() {
        List<Consumer<Sheet>> troubles = List.of(
                s -> s.shaft = Optional.of(false),
                s -> s.lockedOut = Optional.empty(),
                s -> s.insulation = Optional.empty(),
                s -> s.resistance = Optional.empty(),
                s -> s.openPair = true,
                s -> s.surge = Optional.of(taken(Verdict.STOP, 800)),
                s -> s.worked = Optional.of(990.0),
                s -> s.opened = true,
                s -> s.partsOff = 2,
                s -> s.released = false,
                s -> s.clock = Optional.of(new DischargeClock(990, 1050, 1050, 15, Optional.empty())));
        for (int mask = 0; mask < 1 << troubles.size(); mask++) {
            Sheet sheet = new Sheet();
            for (int i = 0; i < troubles.size(); i++) {
                if ((mask >> i & 1) == 1) {
                    troubles.get(i).accept(sheet);
                }
            }
            State before = sheet.gate().state();
            for (Consumer<Sheet> trouble : troubles) {
                trouble.accept(sheet);
                assertThat(sheet.gate().state()).isLessThanOrEqualTo(before);
            }
        }
    }

    @Test
    void highVoltageNeedsInsulationThatHoldsAndNothingConnectedItWouldHarm() {
        Sheet sheet = new Sheet();
        assertThat(HighVoltageGate.of(sheet.facts(), NOW).open()).isTrue();
        sheet.insulation = Optional.of(taken(Verdict.WATCH, 900));
        assertThat(HighVoltageGate.of(sheet.facts(), NOW).open()).isFalse();
        sheet.insulation = Optional.empty();
        assertThat(HighVoltageGate.of(sheet.facts(), NOW).open()).isFalse();

        Sheet parts = new Sheet();
        parts.auxiliaries = List.of("thermistors", "brake");
        parts.isolated = Set.of("brake");
        HighVoltageGate gate = HighVoltageGate.of(parts.facts(), NOW);
        assertThat(gate.open()).isFalse();
        assertThat(gate.holding().get(0).sentence()).contains("thermistors").doesNotContain("brake");
        parts.isolated = Set.of("brake", "thermistors");
        assertThat(HighVoltageGate.of(parts.facts(), NOW).open()).isTrue();
    }

    @Test
    void highVoltageWaitsForLockOutAndDischarge() {
        Sheet sheet = new Sheet();
        sheet.lockedOut = Optional.empty();
        sheet.clock = Optional.of(new DischargeClock(990, 1050, 1050, 15, Optional.empty()));
        assertThat(HighVoltageGate.of(sheet.facts(), NOW).holding())
                .extracting(Reason::code)
                .containsExactly("no-lock-out", "discharging");
    }

    @Test
    void anotherTestThatStopsShutsItAndALeadHandMayArgue() {
        EnergiseGate gate = with(
                s -> s.further = List.of(other("bench/balance", Verdict.STOP, GateFacts.Effect.LIMIT, false, 600)));
        assertThat(gate.state()).isEqualTo(State.SHUT);
        assertThat(gate.holding().get(0).step()).isEqualTo("bench/balance");
        assertThat(gate.holding().get(0).never()).isFalse();
    }

    @Test
    void aRampAfterTheInsulationTestAsksForAnother() {
        GateFacts.Further before = other("bench/step-voltage", Verdict.HOLDS, GateFacts.Effect.LIMIT, true, 899);
        GateFacts.Further after = other("bench/step-voltage", Verdict.HOLDS, GateFacts.Effect.LIMIT, true, 901);
        assertThat(with(s -> s.further = List.of(before)).state()).isEqualTo(State.OPEN);
        assertThat(with(s -> s.further = List.of(after)).state()).isEqualTo(State.SHUT);
    }

    private static GateFacts.Opening argued(String code, String sentence) {
        return new GateFacts.Opening(code, sentence, "I. Dalby", "agreed with the customer, spare fitted after");
    }

    @Test
    void aLeadHandMayArgueALimitInWritingAndBothStand() {
        EnergiseGate gate = with(s -> {
            s.insulation = Optional.of(new Taken(Verdict.STOP, false, 900, "3.4 MΩ, least 5 MΩ"));
            s.openings = List.of(argued("insulation", "3.4 MΩ, least 5 MΩ"));
        });
        assertThat(gate.state()).isEqualTo(State.OPEN);
        assertThat(gate.waived()).singleElement().satisfies(w -> {
            assertThat(w.by()).isEqualTo("I. Dalby");
            assertThat(w.reason().sentence()).isEqualTo("3.4 MΩ, least 5 MΩ");
        });
    }

    @Test
    void aNewFigureIsANewReasonAndAsksAgain() {
        EnergiseGate gate = with(s -> {
            s.insulation = Optional.of(new Taken(Verdict.STOP, false, 900, "1.1 MΩ, least 5 MΩ"));
            s.openings = List.of(argued("insulation", "3.4 MΩ, least 5 MΩ"));
        });
        assertThat(gate.state()).isEqualTo(State.SHUT);
        assertThat(gate.waived()).isEmpty();
    }

    /** Whatever a lead hand writes, these hold: bound shaft, ground, open circuit, no lock-out, running clock, nothing measured. */
    @Test
    void againstWhatIsNoLimitNothingCanBeWritten() {
        List<Consumer<Sheet>> dangers = List.of(
                s -> s.shaft = Optional.of(false),
                s -> s.shaft = Optional.empty(),
                s -> s.lockedOut = Optional.empty(),
                s -> s.openPair = true,
                s -> {
                    s.ground = true;
                    s.insulation = Optional.of(taken(Verdict.STOP, 900));
                },
                s -> s.insulation = Optional.empty(),
                s -> s.insulation = Optional.of(taken(Verdict.UNPROVEN, 900)),
                s -> s.insulation = Optional.of(taken(Verdict.STOP, 790)),
                s -> s.resistance = Optional.empty(),
                s -> s.resistance = Optional.of(taken(Verdict.UNPROVEN, 900)),
                s -> s.worked = Optional.of(950.0));
        for (Consumer<Sheet> danger : dangers) {
            EnergiseGate shut = with(danger);
            List<GateFacts.Opening> everything = shut.holding().stream()
                    .map(r -> argued(r.code(), r.sentence()))
                    .toList();
            EnergiseGate argued = with(danger.andThen(s -> s.openings = everything));
            assertThat(argued).isEqualTo(shut);
            assertThat(argued.state()).isEqualTo(State.SHUT);
        }
    }
}
