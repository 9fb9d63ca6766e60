package app.brasskettle.server.walks;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Visitor;
import app.brasskettle.server.testing.Waiting;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/**
 * A motor on its way from the door to the certificate, by the calls a page makes for two technicians and the office. What changes
 * something is counted as one call, each value somebody fills in as one field; a trace read from a file is one.
 */
final class Walk {

    /** A surge set's samples. */
    private static final int SAMPLES = 400;

    private final Visitor tech;
    private final Visitor second;
    private final Visitor office;
    private final Visitor lead;
    private final JdbcClient db;
    private String tag;
    private String connection = "wye";
    private int calls;
    private int fields;
    private int looks;

    Walk(Visitor tech, Visitor second, Visitor office, Visitor lead, JdbcClient db) {
        this.tech = tech;
        this.second = second;
        this.office = office;
        this.lead = lead;
        this.db = db;
    }

    /** Calls, fields, and calls of a lead hand so far. */
    record Count(int calls, int fields, int leads) {

        /** The same as a row of the table in docs/gates.md. */
        String row(String kind) {
            return "| " + kind + " | " + calls + " | " + fields + " | " + leads + " |";
        }
    }

    Count count() {
        return new Count(calls, fields, looks);
    }

    String tag() {
        return tag;
    }

    JsonNode job() {
        return tech.get("/api/jobs/" + tag).with(200).json();
    }

    private static int filled(Object value) {
        if (value instanceof Map<?, ?> m) {
            return m.values().stream().mapToInt(Walk::filled).sum();
        }
        if (value instanceof List<?> l) {
            return l.size() == SAMPLES ? 1 : l.stream().mapToInt(Walk::filled).sum();
        }
        return value == null || value.toString().isBlank() ? 0 : 1;
    }

    private JsonNode counted(Visitor who, Object typed, Visitor.Answer answer) {
        assertThat(answer.status()).as("%s: %s", typed, answer.text()).isEqualTo(200);
        calls++;
        fields += filled(typed);
        looks += who == lead ? 1 : 0;
        return answer.json();
    }

    Walk received(String machine, String complaint) {
        Map<String, Object> typed = Map.of(
                "customer", "Fell Creamery",
                "machine", machine,
                "complaint", complaint,
                "supply", "mains",
                "urgency", "usual",
                "outageCostPerHour", "25");
        tag = counted(tech, typed, tech.post("/api/jobs", typed))
                .at("/identity/tag")
                .asString();
        return this;
    }

    Walk sheet(Visitor who, String kind, Map<String, Object> typed) {
        write(who, kind, typed, typed);
        return this;
    }

    Walk sheet(String kind, Map<String, Object> typed) {
        return sheet(tech, kind, typed);
    }

    private void write(Visitor who, String kind, Map<String, Object> typed, Object byHand) {
        int version = job().at("/sheets/" + kind + "/version").asInt(0);
        counted(
                who,
                byHand,
                who.put("/api/jobs/" + tag + "/sheets/" + kind, Map.of("version", version, "typed", typed)));
    }

    Walk post(Visitor who, String path, Map<String, Object> typed) {
        counted(who, typed, who.post("/api/jobs/" + tag + "/" + path, typed));
        return this;
    }

    Walk post(String path, Map<String, Object> typed) {
        return post(tech, path, typed);
    }

    /** The shaft by hand, the plate, locked out and the tester proved. */
    Walk unpacked(Map<String, Object> plate, String... signs) {
        connection = plate.getOrDefault("connection", "wye").toString();
        sheet("arrival", Map.of("shaft", "free", "signs", List.of(signs), "auxiliaries", List.of(), "missing", ""));
        sheet("plate", plate);
        return safe();
    }

    Walk safe() {
        post("lock-out", Map.of("means", "two-pole tester, meter"));
        return test("tester-proof", Map.of("rangeMegohm", "20 G", "apartOverRange", true, "togetherMegohm", "0"));
    }

    Walk worked(String work) {
        return post("worked", Map.of("work", work));
    }

    Walk repaired(String remedy, String place) {
        return post("worked", Map.of("work", "repaired", "remedy", remedy, "place", place));
    }

    Walk test(String kind, Map<String, Object> typed) {
        return test(kind, 1, typed, Optional.empty());
    }

    Walk test(String kind, int speed, Map<String, Object> typed, Optional<String> volts) {
        boolean again = job().at("/ledger").toString().contains("\"" + kind + "\"");
        Map<String, Object> body = new HashMap<>(Map.of("typed", typed, "speed", speed, "because", "after the work"));
        volts.ifPresent(v -> body.put("appliedVoltageV", v));
        Map<String, Object> byHand = new HashMap<>(body);
        byHand.remove("speed");
        if (!again) {
            byHand.remove("because");
        }
        counted(tech, byHand, tech.post("/api/jobs/" + tag + "/tests/" + kind, body));
        Waiting.tenMinutes(db, tag);
        return this;
    }

    Walk ohms(int speed, String ab, String bc, String ca) {
        return test(
                "winding-resistance",
                speed,
                Map.of(
                        "terminalOhms", Map.of("ab", ab, "bc", bc, "ca", ca),
                        "windingTemperatureC", "21",
                        "conductor", "copper"),
                Optional.empty());
    }

    /** A minute of insulation test. */
    Walk insulation(String megohm, String volts) {
        return test(
                "insulation-resistance",
                1,
                Map.of(
                        "windingTemperatureC",
                        "21",
                        "readings",
                        List.of(Map.of("seconds", "30", "megohm", megohm), Map.of("seconds", "60", "megohm", megohm))),
                Optional.of(volts));
    }

    /** Three traces that ring and die away alike. */
    Walk surged(int speed, boolean rotorFitted, String volts) {
        Map<String, Object> typed = new HashMap<>(Map.of("sampleIntervalS", "1e-6", "rotorFitted", rotorFitted));
        for (String trace : List.of("traceA", "traceB", "traceC")) {
            List<Double> samples = new ArrayList<>();
            for (int i = 0; i < SAMPLES; i++) {
                samples.add(800
                        * Math.exp(-i / 120.0)
                        * Math.cos(i / (9.0 + 0.01 * (trace.charAt(5) - 'A') + 0.001 * calls)));
            }
            typed.put(trace, samples);
        }
        return test("surge-comparison", speed, typed, Optional.of(volts));
    }

    Walk withstood(String volts) {
        return test(
                "withstand-record",
                Map.of("supply", "alternating", "appliedVoltageV", volts, "heldSeconds", "60", "brokeDown", false));
    }

    Walk releasedToRun() {
        post("lock-out", Map.of("means", "two-pole tester, meter"));
        return post(
                "run-release",
                Map.of(
                        "checked", List.of("bolted-down", "coupling-guarded", "key-captured"),
                        "atTheStop", "Ivo Dalby",
                        "rotation", "clockwise"));
    }

    Walk withoutLoad(int speed, String a, String b, String c, String volts) {
        return test(
                "no-load-run",
                speed,
                Map.of("lineCurrentsA", List.of(a, b, c), "lineVoltagesV", List.of(volts, volts, volts)),
                Optional.empty());
    }

    /** A quarter hour of bearings and current, cold air around. */
    Walk watched(String amperes) {
        List<Map<String, String>> looks = new ArrayList<>();
        double[] warm = {17, 24, 28.5, 30.5};
        for (int i = 0; i < warm.length; i++) {
            looks.add(Map.of(
                    "minute", String.valueOf(5 * i),
                    "currentA", amperes,
                    "driveEndTemperatureC", String.valueOf(warm[i]),
                    "nonDriveEndTemperatureC", String.valueOf(warm[i] - 2)));
        }
        return test("run-watch", Map.of("ambientTemperatureC", "17", "readings", looks));
    }

    Walk vibration() {
        List<Map<String, String>> readings = new ArrayList<>();
        for (String end : List.of("drive-end", "non-drive-end")) {
            for (String way : List.of("horizontal", "vertical", "axial")) {
                readings.add(Map.of("place", end, "direction", way, "velocityMmPerS", "0.6"));
            }
        }
        return test("vibration", Map.of("mounting", "rigid", "readings", readings));
    }

    Walk concluded(String explanation) {
        return post(
                "conclusion",
                Map.of(
                        "explanation",
                        explanation,
                        "reason",
                        "seen on the bench",
                        "root",
                        "",
                        "recommendations",
                        List.of("Set the relay to the plate.")));
    }

    /** Priced by the shop's tables, quoted, and what the customer said on the telephone. */
    Walk chosen(String option) {
        Map<String, Object> estimate = new HashMap<>();
        office.get("/api/jobs/" + tag + "/offers/estimate")
                .with(200)
                .json()
                .propertyStream()
                .forEach(p -> estimate.put(p.getKey(), p.getValue()));
        write(office, "offers", estimate, "");
        post(office, "quotes", Map.of());
        int quote = office.get("/api/jobs/" + tag + "/quotes").json().size();
        return post(
                office,
                "quotes/" + quote + "/answer",
                Map.of("option", option, "customer", "R. Ashe", "how", "telephone", "reason", "Soonest."));
    }

    Walk newBearings() {
        return sheet(
                "renewal",
                Map.of(
                        "parts",
                        List.of(
                                Map.of("kind", "bearing", "end", "drive-end", "type", "6309 C3", "done", true),
                                Map.of("kind", "bearing", "end", "non-drive-end", "type", "6307 C3", "done", true))));
    }

    Walk together() {
        worked("reassembled");
        return post("shaft", Map.of("shaft", "free"));
    }

    /** Looked at, and signed by as many people as the work asks. */
    Walk signed() {
        for (String item : List.of("terminal-box", "rotation", "grease", "paint", "shaft-end", "key", "label")) {
            hand("checked", item);
        }
        for (Visitor who : job().at("/release/people").asInt() == 2 ? List.of(tech, second) : List.of(tech)) {
            Waiting.tenMinutes(db, tag);
            counted(who, "", who.post("/api/jobs/" + tag + "/hands", Map.of("act", "signed", "place", "")));
        }
        return this;
    }

    Walk secondly(String kind, Map<String, Object> typed) {
        Waiting.tenMinutes(db, tag);
        return sheet(second, kind, typed);
    }

    /** Two takes that agree, settled by whoever took the second. */
    Walk settled() {
        return post(second, "winding/settle", Map.of("reason", ""));
    }

    /** The wire that the rack offers first. */
    Walk redesigned() {
        List<Map<String, String>> wires = new ArrayList<>();
        tech.post("/api/jobs/" + tag + "/sheets/redesign/preview", Map.of())
                .with(200)
                .json()
                .at("/offer/candidates/0/wires")
                .forEach(w -> wires.add(Map.of(
                        "name", w.get("name").asString(),
                        "count", w.get("count").asString(),
                        "bareDiameterMm", w.get("bareDiameterMm").asString(),
                        "insulatedDiameterMm", w.get("insulatedDiameterMm").asString())));
        write(tech, "redesign", Map.of("wires", wires), "");
        return this;
    }

    /** The first coil counted by whoever did not wind it. */
    Walk counted(String turns) {
        Waiting.tenMinutes(db, tag);
        counted(
                second,
                turns,
                second.post("/api/jobs/" + tag + "/hands", Map.of("act", "coil-counted", "place", turns)));
        return this;
    }

    /** A tap for each coil. */
    Walk laidIn() {
        int coils = job().at("/redesign/chosen/data/slots").asInt();
        for (int slot = 1; slot <= coils; slot++) {
            hand("coil-in", String.valueOf(slot));
        }
        return this;
    }

    /** A tap for each joint. */
    Walk brazed() {
        job().at("/rewind/brazing/joints")
                .forEach(j -> hand("joint-brazed", j.get("place").asString()));
        return this;
    }

    private void hand(String act, String place) {
        counted(tech, "", tech.post("/api/jobs/" + tag + "/hands", Map.of("act", act, "place", place)));
    }

    /** A lead hand's look at a plate that reads oddly: it is stamped so. */
    Walk stampedSo() {
        photographed("plate");
        return post(lead, "plate-stamped", Map.of("reason", "Stamped so: a torque motor."));
    }

    Walk photographed(String step) {
        counted(tech, "", tech.postFileOf("image/png", "/api/jobs/" + tag + "/photos?step=" + step, Pictures.small()));
        return this;
    }

    /** What still holds power, but for what is of the day; and what holds the release. */
    List<String> held() {
        JsonNode job = job();
        List<String> held = new ArrayList<>();
        job.at("/gate/holding")
                .forEach(h -> held.add(
                        h.get("code").asString() + ": " + h.get("sentence").asString()));
        held.removeIf(h -> h.startsWith("no-lock-out") || h.startsWith("not-released") || h.startsWith("discharging"));
        job.at("/release/holding")
                .forEach(h -> held.add("release: " + h.get("sentence").asString() + " "
                        + h.get("opens").asString()));
        return held;
    }

    /** What the certificate reads. */
    String certificate() throws IOException {
        byte[] pdf = tech.get("/api/jobs/" + tag + "/certificate.pdf").with(200).bytes();
        try (PDDocument paper = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(paper);
        }
    }

    /** Released, by people, with a certificate. */
    boolean certified() {
        JsonNode release = job().get("release");
        return release.at("/judgement/verdict").asString().equals("holds")
                && tech.get("/api/jobs/" + tag + "/certificate.pdf").status() == 200;
    }
}
