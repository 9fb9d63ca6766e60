package app.brasskettle.core.teardown;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.teardown.TeardownLog.LoggedPart;
import app.brasskettle.core.teardown.TeardownLog.PartEnd;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What follows from a log of parts: what is marked, what is off, what small parts lie about, and how it goes together again.
 *
 * @param verdict the worst of the lines
 * @param lines one judgement each for marks, parts, bearings and weight
 * @param joints joints of this motor, marked or not
 * @param toCome usual parts not logged yet, in the order they come off
 * @param reassembly the log reversed
 * @param together how far it is together again, once a part is off
 * @param off how many parts are neither back nor left out for a reason
 */
public record TeardownLogAssessment(
        Verdict verdict,
        List<Judgement> lines,
        List<Joint> joints,
        List<UsualPart> toCome,
        List<FittingStep> reassembly,
        Optional<Judgement> together,
        int off) {

    static final String SHOP = "Shop rule";

    /**
     * A joint across which a pair of marks belongs.
     *
     * @param part the part taken off there
     * @param end which end
     * @param label the joint in running text
     * @param usual mark that the shop's scheme puts there
     * @param mark the mark on record
     * @param photo what a photograph of the pair is filed under
     * @param photographed whether there is one
     */
    public record Joint(
            String part,
            PartEnd end,
            String label,
            String usual,
            Optional<String> mark,
            String photo,
            boolean photographed) {}

    /**
     * A step of reassembly.
     *
     * @param id number of the part in the log
     * @param label the part with its place
     * @param details orientation, screws, note
     * @param mind what to mind
     * @param replace whether the part or its screws cannot go back as they are
     * @param small whether it is easily lost
     * @param refit what was done with it
     */
    public record FittingStep(
            int id, String label, String details, String mind, boolean replace, boolean small, Optional<Refit> refit) {}

    /**
     * The reading of {@code log} with what was put back.
     *
     * @param photographed what photographs of the job show
     * @param equalBearings whether the plate gives both ends the same bearing, so that their caps can be swapped
     * @param heatFirst whether the shop's school takes bearings off by heat
     */
    public static TeardownLogAssessment of(
            TeardownLog log, List<Refit> refits, Set<String> photographed, boolean equalBearings, boolean heatFirst) {
        List<UsualPart> usual = log.build().map(UsualPart::of).orElse(List.of());
        List<Joint> joints = MatchMarks.joints(log, usual, photographed);
        Map<Integer, Refit> done =
                refits.stream().collect(Collectors.toMap(Refit::part, Function.identity(), (earlier, later) -> later));
        List<FittingStep> reassembly = reassembly(log, done);
        int off = (int) reassembly.stream().filter(s -> s.refit().isEmpty()).count();
        List<Judgement> lines = new ArrayList<>();
        lines.add(MatchMarks.judge(log, joints, equalBearings));
        Optional<Judgement> together =
                log.parts().isEmpty() ? Optional.empty() : Optional.of(parts(log, reassembly, off));
        together.ifPresent(lines::add);
        rough(log).ifPresent(lines::add);
        if (log.parts().stream().anyMatch(p -> p.part().equalsIgnoreCase("Bearing"))) {
            lines.add(removal(log, heatFirst));
        }
        if (log.parts().stream().anyMatch(p -> p.part().equalsIgnoreCase("Rotor"))) {
            lines.add(weight(log));
        }
        List<UsualPart> toCome = usual.stream()
                .filter(u -> log.parts().stream().noneMatch(p -> u.is(p.part(), p.end())))
                .toList();
        return new TeardownLogAssessment(
                Verdict.worst(lines.stream().map(Judgement::verdict).toList()),
                List.copyOf(lines),
                joints,
                toCome,
                reassembly,
                together,
                off);
    }

    private static Judgement parts(TeardownLog log, List<FittingStep> reassembly, int off) {
        long small = reassembly.stream()
                .filter(s -> s.small() && s.refit().isEmpty())
                .count();
        long replace = reassembly.stream()
                .filter(s -> s.replace() && s.refit().isEmpty())
                .count();
        String smallOnes = small == 0 ? "" : "; " + small + " small, to be bagged and tagged";
        if (off == 0) {
            long left = reassembly.stream()
                    .filter(s -> s.refit().get().leftOut().isPresent())
                    .count();
            return new Judgement(
                    left == 0 ? Verdict.HOLDS : Verdict.WATCH,
                    "All " + count(log.parts().size(), "part") + " back"
                            + (left == 0 ? "" : ", " + left + " left out for a reason"),
                    "",
                    SHOP,
                    "Turn the shaft by hand, record it on the arrival sheet, then test insulation once more.");
        }
        return new Judgement(
                replace == 0 ? Verdict.UNPROVEN : Verdict.STOP,
                count(off, "part") + " off" + smallOnes + (replace == 0 ? "" : "; " + replace + " to be replaced"),
                "A logged part that is not back holds power and release",
                SHOP,
                replace == 0
                        ? "Refit by the list, last off first on."
                        : "Order what is damaged or missing; refit by the list.");
    }

    private record Rough(LoggedPart part, String way, String after) {}

    /** What came off in a way that may have left something behind: the first is told, the others are counted. */
    private static Optional<Judgement> rough(TeardownLog log) {
        List<Rough> all = new ArrayList<>();
        for (LoggedPart p : log.parts()) {
            p.method()
                    .flatMap(way -> UsualPart.method(p.part(), way))
                    .filter(UsualPart.Method::rough)
                    .ifPresent(m -> all.add(new Rough(p, m.way(), m.after())));
        }
        if (all.isEmpty()) {
            return Optional.empty();
        }
        Rough first = all.get(0);
        return Optional.of(new Judgement(
                Verdict.WATCH,
                first.part().label() + ": " + first.way()
                        + (all.size() == 1 ? "" : ", and " + count(all.size() - 1, "more part") + " no better"),
                all.stream().skip(1).map(r -> r.part().label() + ": " + r.way()).collect(Collectors.joining("; ")),
                SHOP,
                all.stream().map(Rough::after).distinct().collect(Collectors.joining(" "))));
    }

    private static Judgement removal(TeardownLog log, boolean heatFirst) {
        String school = heatFirst
                ? "This shop heats the inner race; the other school pulls it"
                : "This shop pulls on the inner race; the other school heats it";
        if (log.removal().isEmpty() || log.removalReason().isEmpty()) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    "How the bearing came off is not on record",
                    school,
                    SHOP,
                    "Say how, and why so: a pulled race cannot be judged for brinelling afterwards.");
        }
        boolean heat = log.removal().get() == TeardownLog.Removal.HEAT;
        boolean own = heat == heatFirst;
        return new Judgement(
                own ? Verdict.HOLDS : Verdict.WATCH,
                (heat ? "Bearings off by heat: " : "Bearings off by puller: ")
                        + log.removalReason().get(),
                school,
                SHOP,
                own ? "Keep them until the cause is concluded." : "The other way than the shop’s; the reason stands.");
    }

    private static Judgement weight(TeardownLog log) {
        return log.woundStatorMassKg()
                .map(kg -> new Judgement(
                        Verdict.HOLDS,
                        "Stator weighed with its winding: " + Figures.plain(kg) + " kg"
                                + log.strippedOutKg()
                                        .map(out -> ", " + Figures.significant(out, 3) + " kg came out")
                                        .orElse(""),
                        "The copper’s mass is the difference after stripping",
                        SHOP,
                        ""))
                .orElseGet(() -> new Judgement(
                        Verdict.UNPROVEN,
                        "Stator not weighed",
                        "After stripping the copper’s mass cannot be had any more",
                        SHOP,
                        "Weigh it now, with its winding."));
    }

    private static List<FittingStep> reassembly(TeardownLog log, Map<Integer, Refit> done) {
        List<LoggedPart> reversed = new ArrayList<>(log.parts());
        Collections.reverse(reversed);
        return reversed.stream()
                .map(p -> new FittingStep(
                        p.id(),
                        p.label(),
                        details(p),
                        UsualPart.named(p.part()).map(UsualPart::back).orElse(""),
                        p.state().toReplace()
                                || p.fastenerState()
                                        .filter(TeardownLog.PartState::toReplace)
                                        .isPresent(),
                        p.small(),
                        Optional.ofNullable(done.get(p.id()))))
                .toList();
    }

    private static String details(LoggedPart p) {
        List<String> words = new ArrayList<>();
        p.method().ifPresent(m -> words.add("came off: " + m));
        p.orientation().ifPresent(words::add);
        p.fasteners().ifPresent(n -> words.add(n + " × " + p.fastenerSize().orElse("screws of unknown size")));
        p.fastenerState().filter(s -> s != TeardownLog.PartState.GOOD).ifPresent(s -> words.add("screws " + s.code()));
        if (p.state() != TeardownLog.PartState.GOOD) {
            words.add("was " + p.state().code());
        }
        p.note().ifPresent(words::add);
        return String.join("; ", words);
    }

    private static String count(int n, String what) {
        return n + " " + what + (n == 1 ? "" : "s");
    }
}
