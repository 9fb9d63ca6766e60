package app.brasskettle.measurements;

import java.io.IOException;
import java.util.Map;

/** A motor as the trials hand it in, in the words of the pages. */
final class TrialMotor {

    static final Map<String, Object> PLATE = Map.ofEntries(
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
            Map.entry("hazardousArea", false));

    /** The insulation tester proved on open and on joined leads. */
    static final Map<String, Object> TESTER_PROOF =
            Map.of("typed", Map.of("rangeMegohm", "20 G", "apartOverRange", true, "togetherMegohm", "0"));

    private TrialMotor() {}

    /** Insulation to frame at 500 V, read after so many seconds each. */
    static Map<String, Object> insulation(Map<String, String> megohmBySeconds) {
        return Map.of(
                "typed",
                Map.of(
                        "windingTemperatureC",
                        "40",
                        "readings",
                        megohmBySeconds.entrySet().stream()
                                .map(r -> Map.of("seconds", r.getKey(), "megohm", r.getValue()))
                                .toList()),
                "appliedVoltageV",
                "500",
                "because",
                "");
    }

    /** What is said of a motor that is received. */
    static Map<String, Object> receipt(String machine) {
        return Map.of(
                "customer", "Trial",
                "machine", machine,
                "complaint", "",
                "supply", "mains",
                "urgency", "usual",
                "outageCostPerHour", "0");
    }

    /** Receives one; its tag. */
    static String received(Caller caller, String machine) throws IOException, InterruptedException {
        return caller.post("/api/jobs", receipt(machine))
                .with(200)
                .json()
                .at("/identity/tag")
                .asString();
    }

    /** Receives one and writes its plate; its tag. */
    static String plated(Caller caller, String machine) throws IOException, InterruptedException {
        String tag = received(caller, machine);
        caller.send(
                        "PUT",
                        "/api/jobs/" + tag + "/sheets/plate",
                        "application/json",
                        Caller.bytes(Map.of("version", 0, "typed", PLATE)))
                .with(200);
        return tag;
    }
}
