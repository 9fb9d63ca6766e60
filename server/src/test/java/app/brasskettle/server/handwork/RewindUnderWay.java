package app.brasskettle.server.handwork;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.Visitor;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import tools.jackson.databind.JsonNode;

/** A rewind brought to a step by two people, on a copy of the demonstration's jaw crusher. */
final class RewindUnderWay {

    static final List<Map<String, String>> BURNOUT = curve(350);
    static final List<Map<String, String>> RUN_AWAY = curve(432);

    final Visitor tech;
    final Visitor lead;
    String job;

    RewindUnderWay(Visitor visitor) {
        tech = visitor.as("tech");
        lead = visitor.stranger().as("lead");
    }

    static List<Map<String, String>> curve(int hottest) {
        List<Map<String, String>> readings = new ArrayList<>();
        int[] celsius = {20, 345, 350, hottest, 351, 350, 120};
        for (int i = 0; i < celsius.length; i++) {
            readings.add(Map.of("minutes", String.valueOf(60 * i), "partC", celsius[i] + " °C"));
        }
        return readings;
    }

    JsonNode now() {
        return tech.get(job).with(200).json();
    }

    Visitor.Answer write(Visitor who, String kind, Object typed) {
        int version = now().at("/sheets/" + kind + "/version").asInt(0);
        return who.put(job + "/sheets/" + kind, Map.of("version", version, "typed", typed));
    }

    Visitor.Answer hand(Visitor who, String act, String place) {
        return who.post(job + "/hands", Map.of("act", act, "place", place));
    }

    String next() {
        return now().at("/next/sentence").asString();
    }

    List<String> holding(String step) {
        List<String> codes = new ArrayList<>();
        now().at("/rewind/gates").get(step).forEach(h -> codes.add(h.get("code").asString()));
        return codes;
    }

    /** A motor whose rewind was accepted, its winding taken twice and settled. */
    void accepted() {
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

    Visitor.Answer choose(int quote, String option) {
        lead.post(job + "/quotes", Map.of()).with(200);
        return lead.post(
                job + "/quotes/" + quote + "/answer",
                Map.of("option", option, "customer", "R. Ashe", "how", "telephone", "reason", "Soonest."));
    }

    void prepared() throws IOException {
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
                .as("a winding that is in comes out first")
                .contains("asbestos");
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

    void stripped(List<Map<String, String>> oven) {
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

    void looped(String watts) {
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

    int slots() {
        return now().at("/redesign/chosen/data/slots").asInt();
    }

    void readyForCoils() throws IOException {
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

    /** Every coil in and every joint brazed, as the list has them. */
    void connected() throws IOException {
        readyForCoils();
        for (int slot = 1; slot <= slots(); slot++) {
            hand(tech, "coil-in", String.valueOf(slot)).with(200);
        }
        now().at("/rewind/brazing/joints")
                .forEach(j ->
                        hand(tech, "joint-brazed", j.get("place").asString()).with(200));
    }
}
