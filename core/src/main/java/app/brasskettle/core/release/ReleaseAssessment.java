package app.brasskettle.core.release;

import app.brasskettle.core.handwork.HandAct;
import app.brasskettle.core.handwork.HandDone;
import app.brasskettle.core.handwork.HandLog;
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
 * @param signatures who released it, two people at most
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
        List<RelaySetting> relays,
        List<String> advice,
        List<String> open,
        Optional<Double> warrantyUntil,
        Optional<Judgement> returned,
        boolean replaced,
        Judgement judgement) {

    /** A motor is released by so many people. */
    public static final int SIGNATURES = 2;

    private static final String SOURCE = "Shop rule: two people release a motor";

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
        List<HandDone> signatures = holding.isEmpty()
                ? List.copyOf(record.hands()
                        .since(facts.changedAt())
                        .standing(HandAct.SIGNED)
                        .values())
                : List.of();
        Optional<Double> until = signatures.size() == SIGNATURES && facts.warrantyMonths() > 0
                ? Optional.of(signatures.get(1).at() + facts.warrantyMonths() * EarlierRelease.SECONDS_OF_A_MONTH)
                : Optional.empty();
        List<String> open = new ArrayList<>(facts.leftOut());
        facts.cameWithout().map(w -> "Came without: " + w).ifPresent(open::add);
        return new ReleaseAssessment(
                items,
                holding,
                signatures,
                facts.relays(),
                record.advice(),
                List.copyOf(open),
                until,
                record.earlier().map(e -> e.returned(record.receivedAt(), facts.warrantyMonths())),
                facts.replaced(),
                judge(holding, signatures));
    }

    /** Tells whether two people released it. */
    public boolean released() {
        return signatures.size() == SIGNATURES;
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
     * @throws app.brasskettle.core.worksheet.InvalidInputException where it is not that person's to give
     */
    public String nextSignature(String by) {
        HandLog given = new HandLog(signatures);
        Problems problems = new Problems();
        if (released()) {
            problems.add(
                    "by",
                    Problem.Code.DUPLICATE,
                    "by is " + by + "; " + signatures.get(0).by() + " and "
                            + signatures.get(1).by() + " released it already");
        } else if (given.acts().stream().anyMatch(s -> s.by().equals(by))) {
            problems.add("by", Problem.Code.DUPLICATE, "by is " + by + ", who signed first. A second person signs");
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

    private static Judgement judge(List<Hold> holding, List<HandDone> signatures) {
        if (!holding.isEmpty()) {
            Hold first = holding.get(0);
            return new Judgement(
                    Verdict.UNPROVEN,
                    "Not ready to release: " + first.sentence(),
                    holding.stream().skip(1).map(Hold::sentence).collect(Collectors.joining("; ")),
                    SOURCE,
                    first.opens());
        }
        return switch (signatures.size()) {
            case 0 -> new Judgement(Verdict.UNPROVEN, "Ready: two people sign", "", SOURCE, "Sign it.");
            case 1 ->
                new Judgement(
                        Verdict.UNPROVEN,
                        "Signed by " + signatures.get(0).by(),
                        "Four eyes: whoever did the work sees what he meant to do",
                        SOURCE,
                        "Another person looks at the record and the motor, and signs.");
            default ->
                new Judgement(
                        Verdict.HOLDS,
                        "Released by " + signatures.get(0).by() + " and "
                                + signatures.get(1).by(),
                        "",
                        SOURCE,
                        "Print the certificate and the label; it may leave.");
        };
    }
}
