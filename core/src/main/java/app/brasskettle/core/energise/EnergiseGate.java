package app.brasskettle.core.energise;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.testkind.StopEffect.Hold;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.work.TestGroup;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Phrase;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.DoubleStream;

/**
 * Answer to "may this motor be put on power?", computed from the record and never ticked.
 *
 * @param state blocked, test power only, or permitted
 * @param holding what holds it where it is, worst first
 * @param leads whether leads may be connected, a question of its own
 * @param mayRun the powered tests that may be made now: all of them, on test power a start and what a stopped run is repeated by,
 *     or none
 * @param waived figures that a lead hand waived, with the written reason
 * @param demonstration true where simulated instruments are on: whatever it says permits no customer's motor
 * @param validUntil until when it can be relied on without being computed anew, seconds of the epoch; empty without an end
 */
public record EnergiseGate(
        State state,
        List<Reason> holding,
        Leads leads,
        List<TestKind> mayRun,
        List<Waived> waived,
        boolean demonstration,
        Optional<Double> validUntil) {

    /** What lasts a working day on the bench, or a minute, says nothing of the motor that leaves it. */
    private static final Set<String> OF_THE_DAY = Set.of(
            GateRow.NO_LOCK_OUT.code(),
            GateRow.NOT_RELEASED.code(),
            GateRow.DISCHARGING.code(),
            GateRow.RUN_UNDER_WAY.code(),
            GateRow.LEFT_SHOP.code());

    /** How far the motor may be put on power. */
    public enum State implements Coded {
        BLOCKED,
        /** Reduced voltage or current-limited, guarded. */
        TEST_POWER_ONLY,
        PERMITTED;

        /** Names the state as the lamp shows it. */
        public String label() {
            return switch (this) {
                case BLOCKED -> "energising blocked";
                case TEST_POWER_ONLY -> "test power only";
                case PERMITTED -> "energising permitted";
            };
        }
    }

    /**
     * One thing that holds energising.
     *
     * @param code name of the reason: a row of the table, or the step of the test that stopped
     * @param sentence what is so
     * @param liftedBy what would lift it
     * @param step the step of the job where that is done
     * @param hold how far it holds
     * @param waivable true when a lead hand may waive it in writing; anything else nobody may
     * @param source standard and clause, or the shop's rule
     */
    public record Reason(
            String code, String sentence, String liftedBy, String step, Hold hold, boolean waivable, String source) {

        static Reason of(GateRow row, String sentence) {
            return at(row, sentence, row.step());
        }

        static Reason at(GateRow row, String sentence, String step) {
            return new Reason(row.code(), sentence, row.liftedBy(), step, row.hold(), false, row.source());
        }

        /** Tells whether it says something of the motor itself, and not only of this day on the bench. */
        public boolean outlastsDay() {
            return !OF_THE_DAY.contains(code);
        }

        Reason asWaivable() {
            return new Reason(code, sentence, liftedBy, step, hold, true, source);
        }
    }

    /** A figure that a lead hand waived. */
    public record Waived(Reason reason, String by, String why) {}

    /** Whether leads may be connected: the supply locked out and proved dead, by name and time. */
    public record Leads(boolean mayConnect, String sentence) {}

    /**
     * Computes the gate.
     *
     * @param facts what the record says
     * @param now seconds of the epoch
     */
    public static EnergiseGate of(GateFacts facts, double now) {
        List<Reason> held = new GateTable(facts, now).reasons();
        List<Waived> waived = new ArrayList<>();
        List<Reason> holding = new ArrayList<>();
        for (Reason reason : held) {
            Optional<Waived> waiver = waiver(reason, facts.power().waivers());
            waiver.ifPresentOrElse(waived::add, () -> holding.add(reason));
        }
        List<Reason> ordered = new ArrayList<>(
                holding.stream().filter(r -> r.hold() == Hold.BLOCKED).toList());
        State state = !ordered.isEmpty() ? State.BLOCKED : holding.isEmpty() ? State.PERMITTED : State.TEST_POWER_ONLY;
        holding.stream().filter(r -> r.hold() != Hold.BLOCKED).forEach(ordered::add);
        return new EnergiseGate(
                state,
                List.copyOf(ordered),
                leads(facts, now),
                mayRun(state, holding),
                List.copyOf(waived),
                facts.demonstration(),
                validUntil(facts, now));
    }

    /** Whether this powered test may be made now. */
    public boolean mayRun(TestKind kind) {
        return mayRun.contains(kind);
    }

    private static List<TestKind> mayRun(State state, List<Reason> holding) {
        boolean onlyRuns = holding.stream()
                .allMatch(r -> TestKinds.atStep(r.step())
                        .filter(k -> k.group() == TestGroup.RUN)
                        .isPresent());
        return TestKinds.all().stream()
                .filter(TestKind::powered)
                .filter(k ->
                        state == State.PERMITTED || state == State.TEST_POWER_ONLY && (k.triesTestPower() || onlyRuns))
                .toList();
    }

    /** Whoever waived the reason as it stands now; a new figure is a new reason and asks again. */
    private static Optional<Waived> waiver(Reason reason, List<Waiver> waivers) {
        return waivers.stream()
                .filter(w -> reason.waivable())
                .filter(w -> w.code().equals(reason.code()) && w.sentence().equals(reason.sentence()))
                .reduce((earlier, later) -> later)
                .map(w -> new Waived(reason, w.by(), w.why()));
    }

    private static Leads leads(GateFacts facts, double now) {
        LockOutAssessment lockOut = LockOutAssessment.of(facts, now);
        return lockOut.ended()
                .map(why -> new Leads(false, "Leads may not be connected: " + why))
                .orElseGet(() -> {
                    LockOut by = facts.power().lockOut().orElseThrow();
                    return new Leads(true, "Leads may be connected: " + by.by() + ", " + Phrase.lower(by.means()));
                });
    }

    /** The next moment at which time alone changes the answer. */
    private static Optional<Double> validUntil(GateFacts facts, double now) {
        double next = DoubleStream.concat(
                        DoubleStream.concat(
                                facts.power().lockOut().stream()
                                        .mapToDouble(l -> l.at() + LockOutAssessment.DAY_SECONDS),
                                facts.power().releasedAt().stream()
                                        .mapToDouble(r -> r + LockOutAssessment.DAY_SECONDS)),
                        facts.clock().stream().mapToDouble(DischargeClock::until))
                .filter(t -> t > now)
                .min()
                .orElse(Double.POSITIVE_INFINITY);
        return Optional.of(next).filter(Double::isFinite);
    }
}
