package app.brasskettle.core.testrecord;

import app.brasskettle.core.work.TestGroup;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/** The definition of one kind of test: everything about it that is not its computation. */
final class TestDefinition {

    final String step;
    final String label;
    final TestGroup group;
    final Class<? extends Record> input;
    final Optional<Worksheet<?, ?>> sheet;
    StopEffect stop = StopEffect.none();
    Set<InstrumentKind> instruments = EnumSet.noneOf(InstrumentKind.class);
    Optional<Integer> phases = Optional.empty();
    boolean eachSpeed;
    boolean powered;
    boolean highVoltage;
    boolean traces;
    ToDoubleFunction<Record> voltageSeconds = r -> 0;

    private TestDefinition(
            String step,
            String label,
            TestGroup group,
            Class<? extends Record> input,
            Optional<Worksheet<?, ?>> sheet) {
        this.step = step;
        this.label = label;
        this.group = group;
        this.input = input;
        this.sheet = sheet;
    }

    static TestDefinition of(String step, String label, TestGroup group, Worksheet<?, ?> sheet) {
        return new TestDefinition(step, label, group, sheet.inputType(), Optional.of(sheet));
    }

    static TestDefinition of(String step, String label, TestGroup group, Class<? extends Record> input) {
        return new TestDefinition(step, label, group, input, Optional.empty());
    }

    TestDefinition stop(StopEffect effect) {
        stop = effect;
        return this;
    }

    TestDefinition readBy(InstrumentKind first, InstrumentKind... others) {
        instruments = EnumSet.of(first, others);
        return this;
    }

    TestDefinition eachSpeed() {
        eachSpeed = true;
        return this;
    }

    TestDefinition threePhase() {
        phases = Optional.of(3);
        return this;
    }

    TestDefinition singlePhase() {
        phases = Optional.of(1);
        return this;
    }

    /** It is read on the motor on power. */
    TestDefinition powered() {
        powered = true;
        return this;
    }

    /** Its readings are traces, too long to show as they were typed. */
    TestDefinition traces() {
        traces = true;
        return this;
    }

    /** It holds direct voltage on the winding for so many seconds. */
    TestDefinition direct(ToDoubleFunction<Record> seconds) {
        voltageSeconds = seconds;
        return this;
    }

    /** The same at a voltage that needs insulation proved before and after. */
    TestDefinition highVoltage(ToDoubleFunction<Record> seconds) {
        highVoltage = true;
        return direct(seconds);
    }
}
