package app.brasskettle.core.release;

import app.brasskettle.core.handwork.HandAct;
import app.brasskettle.core.handwork.HandDone;
import app.brasskettle.core.signature.SecondLook;
import app.brasskettle.core.signature.Signed;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Whether a motor may leave released, and what goes with it.
 *
 * @param items what hand and eye look at, done or not
 * @param holding what keeps it from being signed; empty where it may be
 * @param signatures who released it for the record as it stands
 * @param people how many people sign: two for work on the winding, one for the rest
 * @param look who may sign as the second
 * @param ended signatures that no longer stand, and what ended each
 * @param relays settings for the customer's overload relay
 * @param advice what the customer is told about the cause
 * @param open what stays open: parts left out, what it came without
 * @param warrantyUntil when the shop no longer stands by its work, seconds of the epoch; empty until both signed
 * @param returned what coming back means, where the same motor left proved before
 * @param replaced whether the motor is replaced and does not leave as a proved one
 * @param judgement what stands
 */
public record ReleaseAssessment(
        List<Item> items,
        List<Hold> holding,
        List<HandDone> signatures,
        int people,
        SecondLook look,
        List<String> ended,
        List<RelaySetting> relays,
        List<String> advice,
        List<String> open,
        Optional<Double> warrantyUntil,
        Optional<Judgement> returned,
        boolean replaced,
        Judgement judgement) {

    private static final String SOURCE =
            "Shop rule: two people release a motor whose winding was worked on, one person any other";

    /** An item, and who looked at it. */
    public record Item(DispatchItem item, String label, Optional<HandDone> done) {}

    /** What holds a signature, what lifts it, and the step where. */
    public record Hold(String sentence, String opens, String step) {}

    /** Reads a release off its record and the facts of the job. */
    public static ReleaseAssessment of(ReleaseRecord record, ReleaseFacts facts) {
        Map<String, HandDone> checked = record.hands().standing(HandAct.CHECKED);
        List<Item> items = Arrays.stream(DispatchItem.values())
                .map(i -> new Item(
                        i,
                        i.label()
                                + facts.grease()
                                        .filter(g -> i == DispatchItem.GREASE)
                                        .map(g -> ": " + g)
                                        .orElse(""),
                        Optional.ofNullable(checked.get(i.code()))))
                .toList();
        List<Hold> holding = holding(record, facts, items);
        List<HandDone> signatures = holding.isEmpty() ? signatures(record, facts) : List.of();
        Optional<Double> until = signatures.size() == facts.people() && facts.warrantyMonths() > 0
                ? Optional.of(signatures.get(signatures.size() - 1).at()
                        + facts.warrantyMonths() * EarlierRelease.SECONDS_OF_A_MONTH)
                : Optional.empty();
        List<String> open = new ArrayList<>(facts.leftOut());
        facts.cameWithout().map(w -> "Came without: " + w).ifPresent(open::add);
        return new ReleaseAssessment(
                items,
                holding,
                signatures,
                facts.people(),
                facts.look(),
                record.ended(),
                facts.relays(),
                record.advice(),
                List.copyOf(open),
                until,
                record.earlier().map(e -> e.returned(record.receivedAt(), facts.warrantyMonths())),
                facts.replaced(),
                judge(holding, signatures, facts, record.ended()));
    }

    /** The signatures that stand, each a look of its own, as many as are needed. */
    private static List<HandDone> signatures(ReleaseRecord record, ReleaseFacts facts) {
        List<HandDone> signatures = new ArrayList<>();
        for (Signed signed : record.standing()) {
            if (signatures.size() < facts.people()
                    && signatures.stream()
                            .allMatch(s -> facts.look().counts(s.by(), s.at(), signed.by(), signed.at()))) {
                signatures.add(
                        new HandDone(HandAct.SIGNED, String.valueOf(signatures.size() + 1), signed.by(), signed.at()));
            }
        }
        return List.copyOf(signatures);
    }

    /** Tells whether as many people released it as its work asks for. */
    public boolean released() {
        return signatures.size() >= people;
    }

    /** Items that can be looked at. */
    public static Set<String> places() {
        return Arrays.stream(DispatchItem.values())
                .map(DispatchItem::code)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /**
     * Finds the place for another signature.
     *
     * @param by who signs
     * @param at when, seconds of the epoch
     * @throws app.brasskettle.core.worksheet.InvalidInputException where it is not that person's to give
     */
    public String nextSignature(String by, double at) {
        Problems problems = new Problems();
        if (released()) {
            problems.add(
                    "by",
                    Problem.Code.DUPLICATE,
                    "by is " + by + "; "
                            + signatures.stream().map(HandDone::by).collect(Collectors.joining(" and "))
                            + " released it already");
        } else if (signatures.stream().anyMatch(s -> !look.counts(s.by(), s.at(), by, at))) {
            problems.add(
                    "by",
                    Problem.Code.DUPLICATE,
                    "by is " + by + ", who signed first. "
                            + (look.onePerson()
                                    ? "Look at the record and the motor again in ten minutes, and sign then"
                                    : "A second person signs"));
        }
        problems.throwIfAny();
        return String.valueOf(signatures.size() + 1);
    }

    private static List<Hold> holding(ReleaseRecord record, ReleaseFacts facts, List<Item> items) {
        List<Hold> holding = new ArrayList<>();
        if (facts.replaced()) {
            if (record.disposal().isEmpty()) {
                holding.add(new Hold(
                        "Nobody said what happens to the old motor",
                        "Record it with who agreed.",
                        JobStep.DISPATCH.path()));
            }
            return holding;
        }
        if (facts.partsOff() > 0) {
            holding.add(new Hold(
                    facts.partsOff()
                            + (facts.partsOff() == 1 ? " logged part is not back" : " logged parts are not back"),
                    "Put them back, or say why they stay out.",
                    JobStep.REASSEMBLY.path()));
        }
        Judgement proof = facts.proof().judgement();
        if (proof.verdict() == Verdict.STOP || proof.verdict() == Verdict.UNPROVEN) {
            holding.add(new Hold(proof.headline(), proof.next(), JobStep.PROVE.path()));
        }
        holding.addAll(facts.open());
        List<String> open = items.stream()
                .filter(i -> i.done().isEmpty())
                .map(i -> i.label())
                .toList();
        if (!open.isEmpty()) {
            holding.add(new Hold(
                    open.size() == 1 ? "Not looked at: " + open.get(0) : open.size() + " items are not looked at",
                    "Tap each one when it is done.",
                    JobStep.DISPATCH.path()));
        }
        return holding;
    }

    private static Judgement judge(
            List<Hold> holding, List<HandDone> signatures, ReleaseFacts facts, List<String> ended) {
        if (!holding.isEmpty()) {
            Hold first = holding.get(0);
            return new Judgement(
                    Verdict.UNPROVEN,
                    "Not ready to release: " + first.sentence(),
                    holding.stream().skip(1).map(Hold::sentence).collect(Collectors.joining("; ")),
                    SOURCE,
                    first.opens());
        }
        String history = String.join("; ", ended);
        String names = signatures.stream().map(HandDone::by).distinct().collect(Collectors.joining(" and "));
        if (signatures.size() >= facts.people()) {
            return new Judgement(
                    Verdict.HOLDS,
                    "Released by " + names,
                    history,
                    SOURCE,
                    "Print the certificate and the label; it may leave.");
        }
        return signatures.isEmpty()
                ? new Judgement(
                        Verdict.UNPROVEN,
                        facts.people() == 1
                                ? "Ready: one person signs"
                                : facts.look().onePerson()
                                        ? "Ready: signed twice, ten minutes apart"
                                        : "Ready: two people sign",
                        history,
                        SOURCE,
                        "Sign it.")
                : new Judgement(
                        Verdict.UNPROVEN,
                        "Signed by " + names,
                        "Four eyes: whoever did the work sees what he meant to do",
                        SOURCE,
                        facts.look().who() + " looks at the record and the motor, and signs.");
    }
}
