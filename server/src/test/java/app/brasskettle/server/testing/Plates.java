package app.brasskettle.server.testing;

import java.util.HashMap;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Jobs to test on, brought as far as a test needs them. */
public final class Plates {

    /** A motor whose readings are all in the middle of the model's spread, whatever tag it gets. */
    private static final long SEED = 11;

    private Plates() {}

    /** A 15 kW four-pole wye plate as typed. */
    public static Map<String, Object> typed() {
        return new HashMap<>(Map.ofEntries(
                Map.entry("phases", "3"),
                Map.entry("frequencyHz", "50"),
                Map.entry("ratedPowerW", "15 kW"),
                Map.entry("ratedVoltageV", "400"),
                Map.entry("ratedCurrentA", "29"),
                Map.entry("ratedSpeedRpm", "1460"),
                Map.entry("codeLetter", ""),
                Map.entry("connection", "wye"),
                Map.entry("windingKind", "random-wound"),
                Map.entry("insulationClass", "F"),
                Map.entry("madeBefore1970", false),
                Map.entry("hazardousArea", false)));
    }

    /** What is said at the door, as typed. */
    public static Map<String, Object> receipt() {
        return new HashMap<>(Map.of(
                "customer", "Fell Creamery",
                "machine", "butter churn",
                "complaint", "Hums and does not turn.",
                "supply", "mains",
                "urgency", "usual",
                "outageCostPerHour", "25"));
    }

    /** A job that was received and nothing more; its tag. */
    public static String received(Visitor visitor) {
        return visitor.post("/api/jobs", receipt())
                .with(200)
                .json()
                .at("/identity/tag")
                .asString();
    }

    /** A received job whose plate was read; its tag. */
    public static String plated(Visitor visitor) {
        String tag = received(visitor);
        sheet(visitor, tag, "plate", typed());
        return tag;
    }

    /** A job with plate, arrival, lock-out and a proved tester, and these faults in its simulated motor; its tag. */
    public static String ready(Visitor visitor, String... faults) {
        String tag = plated(visitor);
        sheet(
                visitor,
                tag,
                "arrival",
                Map.of("shaft", "free", "signs", new String[0], "auxiliaries", new String[0], "missing", ""));
        visitor.post("/api/jobs/" + tag + "/lock-out", Map.of("means", "two-pole tester, meter"))
                .with(200);
        visitor.post(
                        "/api/jobs/" + tag + "/tests/tester-proof",
                        Map.of("typed", Map.of("rangeMegohm", "20 G", "apartOverRange", true, "togetherMegohm", "0")))
                .with(200);
        visitor.put(
                        "/api/jobs/" + tag + "/instruments/motor",
                        Map.of("faults", faults, "windingTemperatureC", 21, "seed", SEED))
                .with(200);
        return tag;
    }

    /** The job after its sheet was written for the first time. */
    public static JsonNode sheet(Visitor visitor, String tag, String kind, Map<String, Object> typed) {
        return visitor.put("/api/jobs/" + tag + "/sheets/" + kind, Map.of("version", 0, "typed", typed))
                .with(200)
                .json();
    }

    /** The job after a resistance test read from the simulated bridge. */
    public static JsonNode bridged(Visitor visitor, String tag) {
        JsonNode bridge = visitor.post("/api/jobs/" + tag + "/instruments/bridge", Map.of())
                .with(200)
                .json();
        Map<String, Object> ohms = new HashMap<>();
        bridge.get("terminalOhms")
                .propertyStream()
                .forEach(p -> ohms.put(p.getKey(), p.getValue().asString()));
        return visitor.post(
                        "/api/jobs/" + tag + "/tests/winding-resistance",
                        Map.of(
                                "typed",
                                Map.of(
                                        "terminalOhms",
                                        ohms,
                                        "windingTemperatureC",
                                        bridge.get("windingTemperatureC").asString())))
                .with(200)
                .json();
    }

    /** The winding proved discharged by its residual voltage, as soon as the clock lets anybody prove it. */
    public static void discharged(Visitor visitor, String tag) {
        JsonNode clock;
        do {
            Thread.onSpinWait();
            clock = visitor.get("/api/jobs/" + tag).json().get("discharge");
        } while (clock.get("secondsToProof").asDouble() > 0);
        if (clock.get("secondsLeft").asDouble() > 0) {
            visitor.post("/api/jobs/" + tag + "/discharge-proof", Map.of("residualVoltageV", "0.5 V"))
                    .with(200);
        }
    }

    /** A job ready for high voltage: insulation tested, nothing left on the winding; its tag. */
    public static String forHighVoltage(Visitor visitor, String... faults) {
        String tag = ready(visitor, faults);
        bridged(visitor, tag);
        insulated(visitor, tag, "");
        discharged(visitor, tag);
        return tag;
    }

    /** Runs the simulated insulation tester for ten minutes of its clock and keeps what it read. */
    public static JsonNode insulated(Visitor visitor, String tag, String because) {
        String stream = visitor.post(
                        "/api/jobs/" + tag + "/instruments/insulation-tester", Map.of("seconds", 600, "pace", 600))
                .with(200)
                .text();
        var readings = Streams.events(stream, "reading").stream()
                .map(r -> Map.of(
                        "seconds",
                        r.get("seconds").asString(),
                        "megohm",
                        r.get("megohm").asString()))
                .toList();
        return visitor.post(
                        "/api/jobs/" + tag + "/tests/insulation-resistance",
                        Map.of(
                                "typed",
                                Map.of("windingTemperatureC", "21", "readings", readings),
                                "appliedVoltageV",
                                "500 V",
                                "because",
                                because))
                .with(200)
                .json();
    }

    /** Options of a job as the shop's tables build them. */
    public static Map<String, Object> offers(Visitor visitor, String tag) {
        Map<String, Object> typed = new HashMap<>();
        visitor.get("/api/jobs/" + tag + "/offers/estimate")
                .with(200)
                .json()
                .propertyStream()
                .forEach(p -> typed.put(p.getKey(), p.getValue()));
        return typed;
    }
}
