package app.brasskettle.core.handwork;

import app.brasskettle.core.connection.ConnectionAssessment;
import app.brasskettle.core.connection.ConnectionDiagram;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The joints of a winding as a check-list, each brazed once and by whom, and what was really joined proved.
 *
 * @param joints in the order of the diagram, those with leads first
 * @param done how many are brazed
 * @param next the one to braze next; empty once all are
 * @param hands where the hands were, in a sentence
 * @param judgement what stands of the whole connection
 */
public record BrazingList(List<Joint> joints, int done, Optional<String> next, String hands, Judgement judgement) {

    private static final String SOURCE = "The diagram of the new winding; network of the joints";

    /**
     * A joint.
     *
     * @param place its terminals, parted by blanks
     * @param terminals starts and finishes of groups
     * @param leads leads that leave there, by their marks
     * @param done who brazed it, and when
     */
    public record Joint(String place, List<String> terminals, List<String> leads, Optional<HandDone> done) {}

    /**
     * The list of a diagram as {@code log} left it.
     *
     * @param really what was really joined, where somebody entered it
     */
    public static BrazingList of(ConnectionDiagram diagram, HandLog log, Optional<ConnectionAssessment> really) {
        Map<String, HandDone> brazed = log.standing(HandAct.JOINT_BRAZED);
        List<Joint> joints = new ArrayList<>();
        for (List<String> joint : diagram.joints()) {
            String place = String.join(" ", joint);
            joints.add(new Joint(
                    place,
                    joint.stream().filter(t -> !diagram.leads().contains(t)).toList(),
                    joint.stream().filter(t -> diagram.leads().contains(t)).toList(),
                    Optional.ofNullable(brazed.get(place))));
        }
        int done = (int) joints.stream().filter(j -> j.done().isPresent()).count();
        Optional<String> next = joints.stream()
                .filter(j -> j.done().isEmpty())
                .map(Joint::place)
                .findFirst();
        String hands = next.map(n -> "Joint " + (done + 1) + " of " + joints.size() + " next: " + n)
                .orElse("All " + joints.size() + " joints are brazed");
        return new BrazingList(List.copyOf(joints), done, next, hands, judge(joints, done, next, really));
    }

    /** Joints that can be brazed. */
    public Set<String> places() {
        Set<String> places = new LinkedHashSet<>();
        joints.forEach(j -> places.add(j.place()));
        return places;
    }

    /** Tells whether every joint is brazed. */
    public boolean full() {
        return done == joints.size();
    }

    private static Judgement judge(
            List<Joint> joints, int done, Optional<String> next, Optional<ConnectionAssessment> really) {
        Optional<Judgement> wrong =
                really.map(ConnectionAssessment::judgement).filter(j -> j.verdict() == Verdict.STOP);
        if (wrong.isPresent()) {
            return wrong.get();
        }
        if (next.isPresent()) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    done + " of " + joints.size() + " joints brazed",
                    "Each joint once, cleaned, sleeved after it has cooled",
                    SOURCE,
                    "Braze " + next.get() + ".");
        }
        boolean proved =
                really.filter(r -> r.judgement().verdict() == Verdict.HOLDS).isPresent();
        return new Judgement(
                Verdict.HOLDS,
                "All " + joints.size() + " joints brazed" + (proved ? ", and what was joined is a sound winding" : ""),
                proved
                        ? "As it was entered, in every connection of its leads"
                        : "Joined as listed it is a sound winding; that it is joined so, the turning field proves",
                SOURCE,
                "Prove it before varnish: resistance, insulation, surge, turning field.");
    }
}
