package app.brasskettle.server.handwork;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** From the accepted quote to the proof before varnish, and back to the choice, on a copy of the demonstration's jaw crusher. */
@ExtendWith(RunningServer.class)
class RewindTest {

    private RewindUnderWay at;

    @BeforeEach
    void signIn(Visitor visitor) {
        at = new RewindUnderWay(visitor);
    }

    @Test
    void eachStepWaitsForWhatItNeedsAndTheHandsAreFoundAgain() throws IOException {
        at.readyForCoils();
        for (int slot = 1; slot <= 14; slot++) {
            at.hand(slot % 2 == 0 ? at.tech : at.lead, "coil-in", String.valueOf(slot))
                    .with(200);
        }
        assertThat(at.hand(at.tech, "coil-in", "3").with(400).problemFields()).containsExactly("place");
        assertThat(at.hand(at.tech, "coil-in", "400").with(400).problemFields()).containsExactly("place");
        assertThat(at.hand(at.tech, "joint-brazed", "T1").with(409).text()).contains("Not every coil is in");
        at.tech
                .post(at.job + "/set-down", Map.of("workNote", "half in", "displacedBy", ""))
                .with(200);
        assertThat(at.next()).startsWith("Coil 15 of " + at.slots() + " next: slot 15 to 27, group 3");
        at.tech.post(at.job + "/pick-up", Map.of()).with(200);
        at.hand(at.tech, "coil-out", "14").with(200);
        assertThat(at.next()).startsWith("Coil 14 of ");
        for (int slot = 14; slot <= at.slots(); slot++) {
            at.hand(at.tech, "coil-in", String.valueOf(slot)).with(200);
        }
        List<String> joints = new ArrayList<>();
        at.now()
                .at("/rewind/brazing/joints")
                .forEach(j -> joints.add(j.get("place").asString()));
        joints.subList(1, joints.size())
                .forEach(p -> at.hand(at.tech, "joint-brazed", p).with(200));
        assertThat(at.hand(at.tech, "joint-brazed", joints.get(1)).with(400).problemFields())
                .containsExactly("place");
        List<List<String>> turned = joints.stream()
                .map(j -> List.of(j.replace("S5", "S0")
                        .replace("F5", "S5")
                        .replace("S0", "F5")
                        .split(" ")))
                .toList();
        String scheme = at.now().at("/sheets/connection/typed/scheme").asString();
        at.write(at.tech, "brazed", Map.of("scheme", scheme, "joints", turned)).with(200);
        assertThat(at.next()).isEqualTo("Group 5 is the wrong way round");
        at.write(
                        at.tech,
                        "brazed",
                        Map.of(
                                "scheme",
                                scheme,
                                "joints",
                                joints.stream().map(j -> List.of(j.split(" "))).toList()))
                .with(200);
        assertThat(at.now().at("/windingState/present").asBoolean()).isFalse();
        at.hand(at.tech, "joint-brazed", joints.get(0)).with(200);
        assertThat(at.now().at("/windingState/present").asBoolean()).isTrue();
        assertThat(at.next()).startsWith("Before varnish: 4 of 4 tests");
        assertThat(at.write(at.tech, "varnishing", Map.of("method", "dip", "passes", List.of(Map.of())))
                        .with(409)
                        .text())
                .contains("not proved");
        assertThat(at.tech
                        .post(at.job + "/worked", Map.of("work", "dipped"))
                        .with(409)
                        .text())
                .contains("not proved");
        assertThat(at.tech.get(at.job + "/certificate.pdf").with(409).text()).contains("Not ready to release");
        assertThat(at.hand(at.lead, "signed", "").with(409).text()).contains("Blocked");
    }

    @Test
    void aBurnoutThatRanAwaySendsTheJobBackToChooseAndKeepsTheAnswer() throws IOException {
        at.prepared();
        at.stripped(RewindUnderWay.RUN_AWAY);
        JsonNode back = at.now();
        assertThat(back.at("/next/station").asString()).isEqualTo("choose");
        assertThat(back.at("/next/sentence").asString()).contains("432 °C");
        assertThat(back.at("/chosen/option").asString()).isEqualTo("Rewind");
        assertThat(at.holding("rewind/insertion")).contains("not-back-at-choice");
        // The new fact is among those the choice rests on.
        assertThat(back.at("/choice/options"))
                .anySatisfy(o -> assertThat(o.toString()).contains("rewind", "The core stops", "432 °C"));
        // Correcting the sheet, or the prices, lifts nothing; a core that is measured sound does.
        at.write(
                        at.tech,
                        "stripping",
                        Map.of("method", "burn-out", "readings", RewindUnderWay.BURNOUT, "copperOut", true))
                .with(200);
        assertThat(at.holding("rewind/insertion")).contains("not-back-at-choice");
        at.looped("240");
        assertThat(at.holding("rewind/insertion")).doesNotContain("not-back-at-choice");
        at.looped("900");
        assertThat(at.now().at("/next/station").asString()).isEqualTo("choose");
        assertThat(at.choose(2, "Rewind").with(400).text()).contains("The core stops");
        at.lead
                .post(
                        at.job + "/quotes/2/answer",
                        Map.of(
                                "option", "New motor, IE4",
                                "customer", "R. Ashe",
                                "how", "telephone",
                                "reason", "The core is gone."))
                .with(200);
        assertThat(at.next()).isEqualTo("Not ready to release: Nobody said what happens to the old motor");
        at.write(at.lead, "disposal", Map.of("fate", "scrapped-here", "agreedWith", "R. Ashe"))
                .with(200);
        at.hand(at.tech, "signed", "").with(200);
        assertThat(at.hand(at.tech, "signed", "").with(400).problemFields()).containsExactly("by");
        at.hand(at.lead, "signed", "").with(200);
        assertThat(at.now().at("/release/signatures").size()).isEqualTo(2);
    }

    @Test
    void aLoggersFileIsReadOrRefusedByLineAndColumn() {
        assertThat(at.tech
                        .post("/api/oven-log", Map.of("csv", "minutes,part °C\n0,20\n60,345\n"))
                        .with(200)
                        .json()
                        .at("/readings")
                        .size())
                .isEqualTo(2);
        assertThat(at.tech
                        .post("/api/oven-log", Map.of("csv", "minutes,part °F\n0,68\n60,650\n"))
                        .with(400)
                        .text())
                .contains("is in °F");
        assertThat(at.tech
                        .post("/api/oven-log", Map.of("csv", "minutes,part °C\n0,20\n60,345\n30,350\n"))
                        .with(400)
                        .problemFields())
                .containsExactly("readings[2].minutes");
    }

    /** Wire goes off its lot as it is written down, and back on it where that is corrected. */
    @Test
    void wireIsBookedOffTheRack() throws IOException {
        at.prepared();
        at.stripped(RewindUnderWay.BURNOUT);
        double before = onHand("W4581");
        coils("W4581", "12").with(200);
        coils("W4581", "9").with(200);
        assertThat(onHand("W4581")).isCloseTo(before - 9, within(1e-6));
        assertThat(coils("W0000", "9").with(400).problemFields()).containsExactly("lot");
        assertThat(coils("W4581", "5000").with(400).problemFields()).containsExactly("wireKg");
        assertThat(onHand("W4581")).isCloseTo(before - 9, within(1e-6));
    }

    private Visitor.Answer coils(String lot, String kg) {
        return at.write(at.tech, "coils-wound", Map.of("coils", "3", "lot", lot, "wireKg", kg));
    }

    private double onHand(String lot) {
        for (JsonNode l : at.tech.get("/api/rack").with(200).json().get("lots")) {
            if (l.at("/wire/lot").asString().equals(lot)) {
                return l.at("/wire/onHandKg").asDouble();
            }
        }
        throw new AssertionError("no lot " + lot);
    }
}
