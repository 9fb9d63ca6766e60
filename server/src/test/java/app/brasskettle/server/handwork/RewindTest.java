package app.brasskettle.server.handwork;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** From the accepted quote to the proof before varnish, and back to the choice, on a copy of the demonstration's jaw crusher. */
@ExtendWith(RunningServer.class)
class RewindTest {

    private static final List<Map<String, String>> BURNOUT = curve(350);
    private static final List<Map<String, String>> RUN_AWAY = curve(432);

    private Visitor tech;
    private Visitor lead;
    private String job;

    @BeforeEach
    void signIn(Visitor visitor) {
        tech = visitor.as("tech");
        lead = visitor.stranger().as("lead");
    }

    private static List<Map<String, String>> curve(int hottest) {
        List<Map<String, String>> readings = new ArrayList<>();
        int[] celsius = {20, 345, 350, hottest, 351, 350, 120};
        for (int i = 0; i < celsius.length; i++) {
            readings.add(Map.of("minutes", String.valueOf(60 * i), "partC", celsius[i] + " °C"));
        }
        return readings;
    }

    private JsonNode now() {
        return tech.get(job).with(200).json();
    }

    private Visitor.Answer write(Visitor who, String kind, Object typed) {
        int version = now().at("/sheets/" + kind + "/version").asInt(0);
        return who.put(job + "/sheets/" + kind, Map.of("version", version, "typed", typed));
    }

    private Visitor.Answer hand(Visitor who, String act, String place) {
        return who.post(job + "/hands", Map.of("act", act, "place", place));
    }

    private String next() {
        return now().at("/next/sentence").asString();
    }

    private List<String> holding(String step) {
        List<String> codes = new ArrayList<>();
        now().at("/rewind/gates").get(step).forEach(h -> codes.add(h.get("code").asString()));
        return codes;
    }

    /** A motor whose rewind was accepted, its winding taken twice and settled. */
    private void accepted() {
        JsonNode crusher = tech.get("/api/jobs/TQ-0404").with(200).json();
        job = "/api/jobs/" + Plates.received(tech);
        for (String kind : List.of("arrival", "plate", "teardown-log", "winding", "connection")) {
            write(tech, kind, crusher.at("/sheets/" + kind + "/typed")).with(200);
        }
        write(lead, "winding-second", crusher.at("/sheets/winding-second/typed"))
                .with(200);
        lead.post(job + "/winding/settle", Map.of("reason", "")).with(200);
        write(lead, "offers", crusher.at("/sheets/offers/typed")).with(200);
        choose(1, "Rewind").with(200);
        Map<String, Object> conclusion = new HashMap<>(Map.of("explanation", "turn-short", "reason", "seen"));
        conclusion.put("root", "");
        conclusion.put("recommendations", List.of("Set the relay to the plate."));
        lead.post(job + "/conclusion", conclusion).with(200);
    }

    private Visitor.Answer choose(int quote, String option) {
        lead.post(job + "/quotes", Map.of()).with(200);
        return lead.post(
                job + "/quotes/" + quote + "/answer",
                Map.of("option", option, "customer", "R. Ashe", "how", "telephone", "reason", "Soonest."));
    }

    private void prepared() throws IOException {
        accepted();
        assertThat(holding("rewind/stripping")).containsExactly("asbestos", "connection-photographed", "core-tested");
        assertThat(write(tech, "stripping", Map.of("method", "burn-out"))
                        .with(409)
                        .text())
                .contains("asbestos");
        assertThat(tech.post(job + "/worked", Map.of("work", "stripped"))
                        .with(409)
                        .text())
                .contains("asbestos");
        assertThat(tech.post(job + "/worked", Map.of("work", "rewound"))
                        .with(409)
                        .text())
                .contains("Not every coil is in");
        write(tech, "preparation", Map.of("oldInsulation", "free-of-asbestos", "coreNotTested", "no loop set today"))
                .with(200);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", png);
        tech.postFileOf("image/png", job + "/photos?step=rewind/before-stripping", png.toByteArray())
                .with(200);
        assertThat(holding("rewind/stripping")).isEmpty();
        JsonNode wires = tech.post(job + "/sheets/redesign/preview", Map.of())
                .with(200)
                .json()
                .at("/offer/candidates/0/wires");
        List<Map<String, String>> chosen = new ArrayList<>();
        wires.forEach(w -> chosen.add(Map.of(
                "name", w.get("name").asString(),
                "count", w.get("count").asString(),
                "bareDiameterMm", w.get("bareDiameterMm").asString(),
                "insulatedDiameterMm", w.get("insulatedDiameterMm").asString())));
        write(tech, "redesign", Map.of("wires", chosen)).with(200);
    }

    private void stripped(List<Map<String, String>> oven) {
        write(
                        tech,
                        "stripping",
                        Map.of(
                                "method",
                                "burn-out",
                                "overheatAlarm",
                                true,
                                "waterSpray",
                                true,
                                "watchedBy",
                                "M. Orre",
                                "readings",
                                oven,
                                "copperOut",
                                true))
                .with(200);
    }

    private void looped(String watts) {
        Map<String, Object> typed = Map.of(
                "coreMassKg", "60",
                "measuredW", watts,
                "beforeBurnoutW", "230",
                "hottestC", "42",
                "meanCoreC", "40",
                "fluxDensityT", "1.32");
        tech.post(
                        job + "/tests/core-loop-result",
                        Map.of("typed", typed, "speed", 1, "because", watts.equals("240") ? "" : "again"))
                .with(200);
    }

    private int slots() {
        return now().at("/redesign/chosen/data/slots").asInt();
    }

    private void readyForCoils() throws IOException {
        prepared();
        stripped(BURNOUT);
        write(tech, "core-after", Map.of("teeth", "sound", "burrs", "sound", "slots", "sound", "bore", "sound"))
                .with(200);
        assertThat(hand(tech, "coil-in", "1").with(409).text()).contains("not tested since it was stripped");
        looped("240");
        write(tech, "coils-wound", Map.of("coils", String.valueOf(slots()))).with(200);
        String turns = now().at("/redesign/chosen/data/turnsPerCoil").asString();
        hand(tech, "coil-counted", turns).with(200);
        assertThat(now().at("/rewind/coils/headline").asString()).contains("who wound it");
        hand(lead, "coil-counted", turns).with(200);
        assertThat(holding("rewind/insertion")).isEmpty();
    }

    @Test
    void eachStepWaitsForWhatItNeedsAndTheHandsAreFoundAgain() throws IOException {
        readyForCoils();
        for (int slot = 1; slot <= 14; slot++) {
            hand(slot % 2 == 0 ? tech : lead, "coil-in", String.valueOf(slot)).with(200);
        }
        assertThat(hand(tech, "coil-in", "3").with(400).problemFields()).containsExactly("place");
        assertThat(hand(tech, "coil-in", "400").with(400).problemFields()).containsExactly("place");
        assertThat(hand(tech, "joint-brazed", "T1").with(409).text()).contains("Not every coil is in");
        tech.post(job + "/set-down", Map.of("workNote", "half in", "displacedBy", ""))
                .with(200);
        assertThat(next()).startsWith("Coil 15 of " + slots() + " next: slot 15 to 27, group 3");
        tech.post(job + "/pick-up", Map.of()).with(200);
        hand(tech, "coil-out", "14").with(200);
        assertThat(next()).startsWith("Coil 14 of ");
        for (int slot = 14; slot <= slots(); slot++) {
            hand(tech, "coil-in", String.valueOf(slot)).with(200);
        }
        List<String> joints = new ArrayList<>();
        now().at("/rewind/brazing/joints")
                .forEach(j -> joints.add(j.get("place").asString()));
        joints.subList(1, joints.size())
                .forEach(p -> hand(tech, "joint-brazed", p).with(200));
        assertThat(hand(tech, "joint-brazed", joints.get(1)).with(400).problemFields())
                .containsExactly("place");
        List<List<String>> turned = joints.stream()
                .map(j -> List.of(j.replace("S5", "S0")
                        .replace("F5", "S5")
                        .replace("S0", "F5")
                        .split(" ")))
                .toList();
        String scheme = now().at("/sheets/connection/typed/scheme").asString();
        write(tech, "brazed", Map.of("scheme", scheme, "joints", turned)).with(200);
        assertThat(next()).isEqualTo("Group 5 is the wrong way round");
        write(
                        tech,
                        "brazed",
                        Map.of(
                                "scheme",
                                scheme,
                                "joints",
                                joints.stream().map(j -> List.of(j.split(" "))).toList()))
                .with(200);
        assertThat(now().at("/windingState/present").asBoolean()).isFalse();
        hand(tech, "joint-brazed", joints.get(0)).with(200);
        assertThat(now().at("/windingState/present").asBoolean()).isTrue();
        assertThat(next()).startsWith("Before varnish: 4 of 4 tests");
        assertThat(write(tech, "varnishing", Map.of("method", "dip", "passes", List.of(Map.of())))
                        .with(409)
                        .text())
                .contains("not proved");
        assertThat(tech.post(job + "/worked", Map.of("work", "dipped"))
                        .with(409)
                        .text())
                .contains("not proved");
        assertThat(tech.get(job + "/certificate.pdf").with(409).text()).contains("Not ready to release");
        assertThat(hand(lead, "signed", "").with(409).text()).contains("Blocked");
    }

    @Test
    void aBurnoutThatRanAwaySendsTheJobBackToChooseAndKeepsTheAnswer() throws IOException {
        prepared();
        stripped(RUN_AWAY);
        JsonNode back = now();
        assertThat(back.at("/next/station").asString()).isEqualTo("choose");
        assertThat(back.at("/next/sentence").asString()).contains("432 °C");
        assertThat(back.at("/chosen/option").asString()).isEqualTo("Rewind");
        assertThat(holding("rewind/insertion")).contains("not-back-at-choice");
        // The new fact is among those the choice rests on.
        assertThat(back.at("/choice/options"))
                .anySatisfy(o -> assertThat(o.toString()).contains("rewind", "The core stops", "432 °C"));
        // Correcting the sheet, or the prices, lifts nothing; a core that is measured sound does.
        write(tech, "stripping", Map.of("method", "burn-out", "readings", BURNOUT, "copperOut", true))
                .with(200);
        assertThat(holding("rewind/insertion")).contains("not-back-at-choice");
        looped("240");
        assertThat(holding("rewind/insertion")).doesNotContain("not-back-at-choice");
        looped("900");
        assertThat(now().at("/next/station").asString()).isEqualTo("choose");
        assertThat(choose(2, "Rewind").with(400).text()).contains("The core stops");
        lead.post(
                        job + "/quotes/2/answer",
                        Map.of(
                                "option", "New motor, IE4",
                                "customer", "R. Ashe",
                                "how", "telephone",
                                "reason", "The core is gone."))
                .with(200);
        assertThat(next()).isEqualTo("Not ready to release: Nobody said what happens to the old motor");
        write(lead, "disposal", Map.of("fate", "scrapped-here", "agreedWith", "R. Ashe"))
                .with(200);
        hand(tech, "signed", "").with(200);
        assertThat(hand(tech, "signed", "").with(400).problemFields()).containsExactly("by");
        hand(lead, "signed", "").with(200);
        assertThat(now().at("/release/signatures").size()).isEqualTo(2);
    }

    @Test
    void aLoggersFileIsReadOrRefusedByLineAndColumn() {
        assertThat(tech.post("/api/oven-log", Map.of("csv", "minutes,part °C\n0,20\n60,345\n"))
                        .with(200)
                        .json()
                        .at("/readings")
                        .size())
                .isEqualTo(2);
        assertThat(tech.post("/api/oven-log", Map.of("csv", "minutes,part °F\n0,68\n60,650\n"))
                        .with(400)
                        .text())
                .contains("is in °F");
        assertThat(tech.post("/api/oven-log", Map.of("csv", "minutes,part °C\n0,20\n60,345\n30,350\n"))
                        .with(400)
                        .problemFields())
                .containsExactly("readings[2].minutes");
    }
}
