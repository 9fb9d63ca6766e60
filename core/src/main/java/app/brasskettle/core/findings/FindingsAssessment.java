package app.brasskettle.core.findings;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.findings.Findings.Finding;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Phrase;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What findings say: a judgement each, and what they are as evidence.
 *
 * @param verdict the worst of the lines
 * @param lines one judgement for each finding, in their order, then for end play and spin-down
 * @param evidence what they say to the cause, none twice
 * @param unlooked components nobody has said anything about
 */
public record FindingsAssessment(
        Verdict verdict, List<Judgement> lines, List<Evidence> evidence, List<String> unlooked) {

    private static final String SHOP = "Shop rule";
    /** A rotor that stops this soon is held by something: grease, drag, a bearing. */
    private static final double SHORT_SPIN_S = 5;
    /** Axial play over which a located rotor is not located any more. */
    private static final double WIDE_PLAY_MM = 0.5;

    /** The reading of {@code findings}. */
    public static FindingsAssessment of(Findings findings) {
        List<Judgement> lines = new ArrayList<>();
        Set<Evidence> evidence = new LinkedHashSet<>();
        for (Finding f : findings.findings()) {
            Optional<Condition> condition = f.condition().flatMap(c -> Condition.find(f.component(), c));
            lines.add(line(f, condition));
            condition.flatMap(c -> c.evidence(f.severity())).ifPresent(evidence::add);
        }
        // A winding cannot look sound and show an arc; what was found outweighs the general look.
        if (evidence.contains(Evidence.COPPER_BEADS)) {
            evidence.remove(Evidence.WINDING_LOOKS_SOUND);
        }
        findings.endPlayMm().ifPresent(e -> lines.add(endPlay(e)));
        spin(findings).ifPresent(lines::add);
        List<String> unlooked = Condition.components().stream()
                .filter(c -> findings.findings().stream()
                        .noneMatch(f -> f.component().equals(c)))
                .toList();
        return new FindingsAssessment(
                Verdict.worst(lines.stream().map(Judgement::verdict).toList()),
                List.copyOf(lines),
                List.copyOf(evidence),
                unlooked);
    }

    private static Judgement line(Finding f, Optional<Condition> condition) {
        String place = f.component().contains(f.place().label())
                ? ""
                : ", " + f.place().label();
        String where = Phrase.capital(f.component()) + place + ": ";
        String note = f.note().orElse("");
        return condition
                .map(c -> new Judgement(
                        c.verdict(f.severity()),
                        where
                                + c.words()
                                + (c.stopFrom().isEmpty()
                                        ? ""
                                        : ", " + f.severity().code()),
                        note,
                        c.source().isEmpty() ? SHOP : c.source(),
                        c.next()))
                .orElseGet(() -> new Judgement(
                        f.severity() == Findings.Severity.SEVERE ? Verdict.STOP : Verdict.WATCH,
                        where + note + ", " + f.severity().code(),
                        "",
                        SHOP,
                        "Photograph it; add what it says to the cause by hand."));
    }

    private static Judgement endPlay(double mm) {
        boolean wide = Limit.over(mm, WIDE_PLAY_MM);
        return new Judgement(
                wide ? Verdict.WATCH : Verdict.HOLDS,
                "End play " + Figures.plain(mm) + " mm" + (wide ? ", over " : ", limit ") + Figures.plain(WIDE_PLAY_MM)
                        + " mm",
                "For a rotor located by a rolling bearing",
                SHOP,
                wide ? "Look for a missing wave washer, spacer or a worn cap." : "");
    }

    private static Optional<Judgement> spin(Findings findings) {
        Optional<Double> last = findings.spinDownAfterSeconds().or(findings::spinDownBeforeSeconds);
        return last.map(s -> {
            boolean shortSpin = Limit.under(s, SHORT_SPIN_S);
            String change = findings.spinDownAfterSeconds().isPresent()
                            && findings.spinDownBeforeSeconds().isPresent()
                    ? ", before "
                            + Figures.plain(findings.spinDownBeforeSeconds().get()) + " s"
                    : "";
            return new Judgement(
                    shortSpin ? Verdict.WATCH : Verdict.HOLDS,
                    "Spins down in " + Figures.plain(s) + " s" + change + (shortSpin ? ": under 5 s names drag" : ""),
                    "",
                    SHOP,
                    shortSpin ? "Look for drag, over-full grease, a tight cap or a brake." : "");
        });
    }
}
