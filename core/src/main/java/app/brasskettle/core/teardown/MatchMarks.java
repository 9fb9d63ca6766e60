package app.brasskettle.core.teardown;

import app.brasskettle.core.teardown.TeardownLog.MatchMark;
import app.brasskettle.core.teardown.TeardownLog.PartEnd;
import app.brasskettle.core.teardown.TeardownLogAssessment.Joint;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Phrase;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Pairs of marks across the joints of a motor: which there are, whether each can be told from the others, which are photographed. */
final class MatchMarks {

    /** Start of what a photograph of a pair is filed under. */
    private static final String PHOTO = "mark ";

    private MatchMarks() {}

    /** Joints of this motor, marked or not: of its build, and others that somebody marked. */
    static List<Joint> joints(TeardownLog log, List<UsualPart> usual, Set<String> photographed) {
        List<Joint> joints = new ArrayList<>();
        for (UsualPart part : usual) {
            if (part.joint()) {
                joints.add(
                        joint(part.part(), part.end(), part.label(), mark(log, part.part(), part.end()), photographed));
            }
        }
        for (MatchMark m : log.marks()) {
            if (usual.stream().noneMatch(u -> u.joint() && u.is(m.joint(), m.end()))) {
                joints.add(joint(m.joint(), m.end(), m.end().with(m.joint()), Optional.of(m.mark()), photographed));
            }
        }
        return List.copyOf(joints);
    }

    private static Joint joint(
            String part, PartEnd end, String label, Optional<String> mark, Set<String> photographed) {
        String photo = PHOTO + part + ", " + end.code();
        return new Joint(part, end, label, dots(end), mark, photo, photographed.contains(photo));
    }

    private static Optional<String> mark(TeardownLog log, String part, PartEnd end) {
        return log.marks().stream()
                .filter(m -> m.joint().strip().equalsIgnoreCase(part) && m.end() == end)
                .map(MatchMark::mark)
                .findFirst();
    }

    private static String dots(PartEnd end) {
        return end == PartEnd.NON_DRIVE_END ? "two dots" : "one dot";
    }

    /** What the marks say. */
    static Judgement judge(TeardownLog log, List<Joint> joints, boolean equalBearings) {
        String swap = equalBearings ? "Equal bearings at both ends: unmarked caps are easily swapped. " : "";
        if (joints.isEmpty()) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    "No joint marked",
                    swap,
                    TeardownLogAssessment.SHOP,
                    "Say what kind of motor it is, then mark each joint before the first bolt.");
        }
        List<Joint> bare = joints.stream().filter(j -> j.mark().isEmpty()).toList();
        String count = joints.size() - bare.size() + " of " + joints.size() + " joints marked";
        if (bare.isEmpty()) {
            List<String> unclear = alike(log);
            return unclear.isEmpty()
                    ? photographed(count, swap, joints)
                    : new Judgement(
                            Verdict.WATCH,
                            count + ", but " + unclear.get(0) + " carry the same mark",
                            swap,
                            TeardownLogAssessment.SHOP,
                            "One dot at the drive end, two at the other, so that no part fits twice.");
        }
        List<Joint> gone = bare.stream()
                .filter(j -> log.parts().stream()
                        .anyMatch(p -> p.part().strip().equalsIgnoreCase(j.part()) && p.end() == j.end()))
                .toList();
        String names = bare.stream().map(j -> Phrase.lower(j.label())).collect(Collectors.joining("; "));
        return gone.isEmpty()
                ? new Judgement(
                        Verdict.UNPROVEN,
                        count + "; bare: " + names,
                        swap,
                        TeardownLogAssessment.SHOP,
                        "Mark them before the first bolt.")
                : new Judgement(
                        Verdict.STOP,
                        gone.get(0).label() + " came off without a mark",
                        swap + count,
                        TeardownLogAssessment.SHOP,
                        "Find its place by register and rub marks now, mark it, and say so in its note.");
    }

    private static Judgement photographed(String count, String swap, List<Joint> joints) {
        List<String> bare = joints.stream()
                .filter(j -> !j.photographed())
                .map(j -> Phrase.lower(j.label()))
                .toList();
        return new Judgement(
                Verdict.HOLDS,
                count
                        + (bare.isEmpty()
                                ? ", each photographed"
                                : ", " + (joints.size() - bare.size()) + " photographed"),
                swap,
                TeardownLogAssessment.SHOP,
                bare.isEmpty() ? "" : "Photograph " + String.join("; ", bare) + ".");
    }

    /** Joints of the same name at both ends that carry one mark. */
    private static List<String> alike(TeardownLog log) {
        return log.marks().stream()
                .filter(m -> log.marks().stream()
                        .anyMatch(o -> o != m
                                && o.joint().equalsIgnoreCase(m.joint())
                                && o.mark().strip().equalsIgnoreCase(m.mark().strip())))
                .map(m -> "the two of " + Phrase.lower(m.joint()))
                .distinct()
                .toList();
    }
}
