package app.brasskettle.core.release;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.handwork.HandAct;
import app.brasskettle.core.handwork.HandDone;
import app.brasskettle.core.handwork.HandLog;
import app.brasskettle.core.prove.ProofTable;
import app.brasskettle.core.signature.RecordMarks;
import app.brasskettle.core.signature.SecondLook;
import app.brasskettle.core.signature.Signed;
import app.brasskettle.core.signature.Topic;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.JobStep;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class ReleaseAssessmentTest {

    private static final double TESTED = 100;

    private static ProofTable proof(Verdict verdict) {
        return new ProofTable(List.of(), List.of(), List.of(), new Judgement(verdict, "proof", "", "", "test it"));
    }

    private static ReleaseFacts facts(Verdict proof, int partsOff, ReleaseAssessment.Hold... open) {
        return facts(proof, partsOff, SecondLook.byAnother(), open);
    }

    private static ReleaseFacts facts(Verdict proof, int partsOff, SecondLook look, ReleaseAssessment.Hold... open) {
        return new ReleaseFacts(
                Optional.of(OptionKind.REWIND),
                proof(proof),
                List.of(open),
                partsOff,
                List.of(),
                Optional.of("no key"),
                2,
                look,
                List.of(),
                Optional.empty(),
                12);
    }

    private static ReleaseRecord record(List<HandDone> acts) {
        return record(acts, RecordMarks.none());
    }

    /** Signatures of a record on which nothing was written yet, read beside {@code marks}. */
    private static ReleaseRecord record(List<HandDone> acts, RecordMarks marks) {
        List<Signed> signed = acts.stream()
                .filter(a -> a.act() == HandAct.SIGNED)
                .map(a -> new Signed(a.by(), a.at(), digests(RecordMarks.none())))
                .toList();
        return new ReleaseRecord(new HandLog(acts), signed, marks, Optional.empty(), List.of(), Optional.empty(), 0);
    }

    private static Map<Topic, String> digests(RecordMarks marks) {
        return Arrays.stream(Topic.values())
                .collect(Collectors.toMap(t -> t, t -> marks.of(t).digest()));
    }

    private static List<HandDone> looked() {
        List<HandDone> acts = new ArrayList<>();
        for (DispatchItem item : DispatchItem.values()) {
            acts.add(new HandDone(HandAct.CHECKED, item.code(), "A", TESTED + 1));
        }
        return acts;
    }

    @Test
    void twoPeopleSignAndNobodyTwice() {
        List<HandDone> acts = looked();
        ReleaseAssessment ready = ReleaseAssessment.of(record(acts), facts(Verdict.HOLDS, 0));
        assertThat(ready.holding()).isEmpty();
        assertThat(ready.nextSignature("A", 5000)).isEqualTo("1");
        acts.add(new HandDone(HandAct.SIGNED, "1", "A", TESTED + 2));
        ReleaseAssessment once = ReleaseAssessment.of(record(acts), facts(Verdict.HOLDS, 0));
        assertThat(once.released()).isFalse();
        assertThat(Refusals.fields(() -> once.nextSignature("A", 5000))).containsExactly("by");
        assertThat(once.nextSignature("B", 5000)).isEqualTo("2");
        acts.add(new HandDone(HandAct.SIGNED, "2", "B", TESTED + 3));
        ReleaseAssessment both = ReleaseAssessment.of(record(acts), facts(Verdict.WATCH, 0));
        assertThat(both.released()).isTrue();
        assertThat(both.warrantyUntil().orElseThrow()).isGreaterThan(TESTED + 31_000_000);
        assertThat(Refusals.fields(() -> both.nextSignature("C", 5000))).containsExactly("by");
    }

    /** In a shop of one person the same one signs again, ten minutes later and not before; elsewhere never. */
    @Test
    void inAShopOfOnePersonTheSecondLookIsALaterOne() {
        List<HandDone> acts = looked();
        acts.add(new HandDone(HandAct.SIGNED, "1", "A", 1000));
        SecondLook alone = new SecondLook(true);
        ReleaseAssessment once = ReleaseAssessment.of(record(acts), facts(Verdict.HOLDS, 0, alone));
        assertThat(Refusals.fields(() -> once.nextSignature("A", 1599))).containsExactly("by");
        assertThat(once.nextSignature("A", 1600)).isEqualTo("2");
        assertThat(once.nextSignature("B", 1001)).isEqualTo("2");
        acts.add(new HandDone(HandAct.SIGNED, "2", "A", 1599));
        assertThat(ReleaseAssessment.of(record(acts), facts(Verdict.HOLDS, 0, alone))
                        .released())
                .isFalse();
        acts.add(new HandDone(HandAct.SIGNED, "2", "A", 1600));
        assertThat(ReleaseAssessment.of(record(acts), facts(Verdict.HOLDS, 0, alone))
                        .released())
                .isTrue();
        assertThat(ReleaseAssessment.of(record(acts), facts(Verdict.HOLDS, 0)).released())
                .as("once a second person is asked for again")
                .isFalse();
    }

    /** Whatever is tested or worked on after a signature asks for new ones; what holds the release takes them away. */
    @Test
    void aSignatureIsOfTheMotorAsItWas() {
        List<HandDone> acts = looked();
        acts.add(new HandDone(HandAct.SIGNED, "1", "A", TESTED + 2));
        acts.add(new HandDone(HandAct.SIGNED, "2", "B", TESTED + 3));
        for (Topic topic : Topic.values()) {
            RecordMarks changed =
                    new RecordMarks(Map.of(topic, new RecordMarks.Mark("other", TESTED + 4, "joint T1 opened")));
            ReleaseAssessment ended = ReleaseAssessment.of(record(acts, changed), facts(Verdict.HOLDS, 0));
            assertThat(ended.signatures()).as(topic.code()).isEmpty();
            assertThat(ended.ended()).as(topic.code()).hasSize(2).allMatch(t -> t.contains("joint T1 opened"));
        }
        assertThat(ReleaseAssessment.of(record(acts), facts(Verdict.HOLDS, 1)).released())
                .isFalse();
        assertThat(ReleaseAssessment.of(record(acts), facts(Verdict.UNPROVEN, 0))
                        .released())
                .isFalse();
        assertThat(ReleaseAssessment.of(record(acts), facts(Verdict.STOP, 0)).released())
                .isFalse();
        acts.add(new HandDone(HandAct.UNCHECKED, DispatchItem.KEY.code(), "A", TESTED + 4));
        assertThat(ReleaseAssessment.of(record(acts), facts(Verdict.HOLDS, 0)).released())
                .isFalse();
    }

    @Test
    void whatCameWithoutAPartGoesBackWithoutIt() {
        assertThat(ReleaseAssessment.of(record(looked()), facts(Verdict.HOLDS, 0))
                        .open())
                .containsExactly("Came without: no key");
    }

    @Test
    void aReturnCountsFromTheRelease() {
        EarlierRelease left = new EarlierRelease("TQ-1", 0, List.of("Set the relay."));
        double year = 365.2425 * 86_400;
        assertThat(left.returned(year - 1000, 12).verdict()).isEqualTo(Verdict.WATCH);
        assertThat(left.returned(year + 1000, 12).verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(left.returned(10, 12).because()).contains("Set the relay.");
    }

    /** NFPA 70, 430.32: 125 % with a service factor of 1.15 or more, else 115 %. */
    @Test
    void theRelayFollowsTheServiceFactor() {
        assertThat(RelaySetting.of("", 40, Optional.of(1.15)).mostA()).isEqualTo(50);
        assertThat(RelaySetting.of("", 40, Optional.of(1.0)).mostA()).isEqualTo(46);
        assertThat(RelaySetting.of("", 40, Optional.empty()).setA()).isEqualTo(40);
    }

    @Test
    void whatIsNotFinishedHoldsTheSignature() {
        ReleaseAssessment.Hold oven =
                new ReleaseAssessment.Hold("Varnish: read from the simulated oven", "Read it", JobStep.VARNISH.path());
        ReleaseAssessment release = ReleaseAssessment.of(record(looked()), facts(Verdict.HOLDS, 0, oven));
        assertThat(release.holding()).containsExactly(oven);
        assertThat(release.judgement().headline()).contains("simulated oven");
    }
}
