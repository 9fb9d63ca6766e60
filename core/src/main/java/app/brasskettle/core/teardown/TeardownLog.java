package app.brasskettle.core.teardown;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * A motor taken apart, as it is written down on the way: marks first, then the parts in the order they come off.
 *
 * @param build what kind of motor it is to take apart
 * @param marks pairs of match marks across its joints
 * @param parts parts in the order they came off
 * @param removal how the bearings came off, and why so
 * @param removalReason the reason for it
 * @param woundStatorMassKg mass of the stator with its winding, weighed before stripping
 * @param strippedStatorMassKg mass of the same stator without
 */
public record TeardownLog(
        Optional<MotorBuild> build,
        List<MatchMark> marks,
        List<LoggedPart> parts,
        Optional<Removal> removal,
        Optional<String> removalReason,
        Optional<Double> woundStatorMassKg,
        Optional<Double> strippedStatorMassKg) {

    /**
     * A pair of marks across a joint.
     *
     * @param joint the joint, by the name of the part that is taken off there
     * @param end which end
     * @param mark the mark on both sides of it
     */
    public record MatchMark(String joint, PartEnd end, String mark) {

        public MatchMark {
            Problems problems = new Problems();
            problems.name("joint", joint);
            problems.present("end", end);
            problems.name("mark", mark);
            problems.throwIfAny();
        }
    }

    /**
     * A part as it came off.
     *
     * @param id its number in this log, given once
     * @param part its name
     * @param end where it sat
     * @param state what it looked like
     * @param small whether it is easily lost
     * @param method how it came off: a way of the list, or own words
     * @param orientation which way round it sat
     * @param fasteners how many screws held it
     * @param fastenerSize their thread and length
     * @param fastenerState what they looked like
     * @param note anything else
     */
    public record LoggedPart(
            int id,
            String part,
            PartEnd end,
            PartState state,
            boolean small,
            Optional<String> method,
            Optional<String> orientation,
            Optional<Integer> fasteners,
            Optional<String> fastenerSize,
            Optional<PartState> fastenerState,
            Optional<String> note) {

        private static final int LAST_ID = 9999;
        private static final int MAX_FASTENERS = 96;

        public LoggedPart {
            method = Problems.orEmpty(method);
            orientation = Problems.orEmpty(orientation);
            fasteners = Problems.orEmpty(fasteners);
            fastenerSize = Problems.orEmpty(fastenerSize);
            fastenerState = Problems.orEmpty(fastenerState);
            note = Problems.orEmpty(note);
            Problems problems = new Problems();
            problems.whole("id", id, 1, LAST_ID, "");
            problems.name("part", part);
            problems.present("end", end);
            problems.present("state", state);
            fasteners.ifPresent(n -> problems.whole("fasteners", n, 1, MAX_FASTENERS, ""));
            problems.throwIfAny();
        }

        /** The part with its place, in running text. */
        public String label() {
            return end.with(part);
        }
    }

    /** Where a part sits. */
    public enum PartEnd implements Coded {
        DRIVE_END("drive end"),
        NON_DRIVE_END("non-drive end"),
        FRAME("frame");

        private final String label;

        PartEnd(String label) {
            this.label = label;
        }

        /** The place in running text. */
        public String label() {
            return label;
        }

        /** A part called {@code name} with this place, in running text. */
        String with(String name) {
            return this == FRAME ? name : name + ", " + label;
        }
    }

    /** What a part or its fasteners look like. */
    public enum PartState implements Coded {
        GOOD,
        WORN,
        DAMAGED,
        MISSING;

        /** Whether it cannot go back as it is. */
        boolean toReplace() {
            return this == DAMAGED || this == MISSING;
        }
    }

    /** How a bearing comes off its seat. */
    public enum Removal implements Coded {
        PULLER,
        HEAT
    }

    private static final int MAX_MARKS = 60;
    private static final int MAX_PARTS = 400;

    public TeardownLog {
        build = Problems.orEmpty(build);
        marks = Problems.copy(marks);
        parts = Problems.copy(parts);
        removal = Problems.orEmpty(removal);
        removalReason = Problems.orEmpty(removalReason);
        woundStatorMassKg = Problems.orEmpty(woundStatorMassKg);
        strippedStatorMassKg = Problems.orEmpty(strippedStatorMassKg);
        Problems problems = new Problems();
        if (problems.size("marks", marks, 0, MAX_MARKS)) {
            problems.distinct(
                    marks.stream().map(m -> m.joint() + ", " + m.end().code()).toList(), i -> "marks[" + i + "].joint");
        }
        if (problems.size("parts", parts, 0, MAX_PARTS)) {
            problems.distinct(parts.stream().map(LoggedPart::id).toList(), i -> "parts[" + i + "].id");
        }
        if (removalReason.isPresent() && removal.isEmpty()) {
            problems.add("removal", Problem.Code.MISSING, "removal is missing, and a reason for it is given");
        }
        woundStatorMassKg.ifPresent(m -> problems.positive("woundStatorMassKg", m, "kg"));
        strippedStatorMassKg.ifPresent(m -> problems.positive("strippedStatorMassKg", m, "kg"));
        if (woundStatorMassKg.isPresent()
                && strippedStatorMassKg.isPresent()
                && problems.clear("woundStatorMassKg", "strippedStatorMassKg")
                && strippedStatorMassKg.get() >= woundStatorMassKg.get()) {
            problems.add(
                    "strippedStatorMassKg",
                    Problem.Code.CONTRADICTION,
                    "strippedStatorMassKg is " + strippedStatorMassKg.get() + " kg, not under the "
                            + woundStatorMassKg.get() + " kg with its winding");
        }
        problems.throwIfAny();
    }

    /** A log of a stator that was not stripped. */
    public TeardownLog(
            Optional<MotorBuild> build,
            List<MatchMark> marks,
            List<LoggedPart> parts,
            Optional<Removal> removal,
            Optional<String> removalReason,
            Optional<Double> woundStatorMassKg) {
        this(build, marks, parts, removal, removalReason, woundStatorMassKg, Optional.empty());
    }

    /** Returns what came out of the stator, copper with its insulation, in kg. */
    public Optional<Double> strippedOutKg() {
        return woundStatorMassKg.flatMap(before -> strippedStatorMassKg.map(after -> before - after));
    }

    /** The log of a motor on which no bolt was turned. */
    public static TeardownLog none() {
        return new TeardownLog(
                Optional.empty(), List.of(), List.of(), Optional.empty(), Optional.empty(), Optional.empty());
    }
}
