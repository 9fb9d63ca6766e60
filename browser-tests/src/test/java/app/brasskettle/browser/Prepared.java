package app.brasskettle.browser;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Jobs brought to the bench by calls from a signed-in page, so that a test begins where its story does. */
final class Prepared {

    /** A seed whose sound motor lies in the middle of the model's spread. */
    private static final int SEED = 11;

    private static final String CALL = """
            async ([method, path, body]) => {
              const token = decodeURIComponent(/XSRF-TOKEN=([^;]*)/.exec(document.cookie)[1]);
              const answer = await fetch(path, { method, body: JSON.stringify(body),
                headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token } });
              if (!answer.ok) throw new Error(path + ': ' + await answer.text());
              return answer.json();
            }""";

    /** Readings that a simulated tester streams. */
    private static final String TESTER = """
            async (path) => {
              const token = decodeURIComponent(/XSRF-TOKEN=([^;]*)/.exec(document.cookie)[1]);
              const answer = await fetch(path, { method: 'POST', body: JSON.stringify({ seconds: 600, pace: 600 }),
                headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token } });
              if (!answer.ok) throw new Error(path + ': ' + await answer.text());
              return (await answer.text()).split('\\n\\n').filter((e) => e.includes('event:reading'))
                .map((e) => JSON.parse(e.slice(e.indexOf('data:') + 5)))
                .map((r) => ({ seconds: String(r.seconds), megohm: String(r.megohm) }));
            }""";

    private Prepared() {}

    /** A 15 kW four-pole motor in wye, received and its plate read; its tag. */
    static String threePhase(Hand hand, String... faults) {
        return received(hand, plate("3", "15 kW", "400", "29", "1460", "wye"), faults);
    }

    /** The same with a winding for 965 r/min in delta beside it; its tag. */
    static String twoSpeed(Hand hand) {
        Map<String, Object> plate = plate("3", "15 kW", "400", "29", "1460", "wye");
        plate.put(
                "further",
                List.of(Map.of(
                        "frequencyHz", "50",
                        "ratedPowerW", "9 kW",
                        "ratedVoltageV", "400",
                        "ratedCurrentA", "20",
                        "ratedSpeedRpm", "965",
                        "connection", "delta")));
        return received(hand, plate);
    }

    /** Records that the supply is locked out and proved dead. */
    static void lockedOut(Hand hand, String tag) {
        call(hand, "POST", "/api/jobs/" + tag + "/lock-out", Map.of("means", "two-pole tester, meter"));
    }

    /** Records a proved tester and what it read of the winding, at 500 V and 40 °C after a minute. */
    static void insulation(Hand hand, String tag, String megohm) {
        call(
                hand,
                "POST",
                "/api/jobs/" + tag + "/tests/tester-proof",
                Map.of("typed", Map.of("rangeMegohm", "20 G", "apartOverRange", true, "togetherMegohm", "0")));
        Map<String, Object> typed =
                Map.of("windingTemperatureC", "40", "readings", List.of(Map.of("seconds", "60", "megohm", megohm)));
        call(
                hand,
                "POST",
                "/api/jobs/" + tag + "/tests/insulation-resistance",
                Map.of("typed", typed, "appliedVoltageV", "500"));
    }

    /**
     * Runs the simulated insulation tester for ten minutes of its clock, six hundred times as fast, keeps what it read, and waits
     * until the winding has discharged.
     */
    static void insulatedFast(Hand hand, String tag) {
        call(
                hand,
                "POST",
                "/api/jobs/" + tag + "/tests/tester-proof",
                Map.of("typed", Map.of("rangeMegohm", "20 G", "apartOverRange", true, "togetherMegohm", "0")));
        List<?> readings =
                (List<?>) hand.page().evaluate(TESTER, "/api/jobs/" + tag + "/instruments/insulation-tester");
        call(
                hand,
                "POST",
                "/api/jobs/" + tag + "/tests/insulation-resistance",
                Map.of("typed", Map.of("windingTemperatureC", "21", "readings", readings), "appliedVoltageV", "500 V"));
        while (((Number) ((Map<?, ?>) job(hand, tag).get("discharge")).get("secondsLeft")).doubleValue() > 0) {
            Thread.onSpinWait();
        }
    }

    /** Paints the stator of a four-pole motor in wye that lost line B. */
    static void painted(Hand hand, String tag) {
        List<String> groups = new ArrayList<>();
        for (int g = 0; g < 12; g++) {
            groups.add(g % 3 == 2 ? "bright" : "dark");
        }
        Map<String, Object> map = Map.of("connection", "wye", "poles", "4", "groups", groups, "spots", List.of());
        call(hand, "PUT", "/api/jobs/" + tag + "/sheets/coil-map", Map.of("version", 0, "typed", map));
    }

    /** A capacitor-start motor of 0.75 kW; its tag. */
    static String singlePhase(Hand hand, String... faults) {
        return received(hand, plate("1", "0.75 kW", "230", "5.1", "1420", "unknown"), faults);
    }

    static Map<String, Object> plate(
            String phases, String power, String volts, String amps, String rpm, String connection) {
        Map<String, Object> plate = new LinkedHashMap<>();
        plate.put("phases", phases);
        plate.put("frequencyHz", "50");
        plate.put("ratedPowerW", power);
        plate.put("ratedVoltageV", volts);
        plate.put("ratedCurrentA", amps);
        plate.put("ratedSpeedRpm", rpm);
        plate.put("connection", connection);
        plate.put("windingKind", "random-wound");
        plate.put("insulationClass", "F");
        plate.put("madeBefore1970", false);
        plate.put("hazardousArea", false);
        return plate;
    }

    private static String received(Hand hand, Map<String, Object> plate, String... faults) {
        Map<?, ?> job = (Map<?, ?>) call(
                hand,
                "POST",
                "/api/jobs",
                Map.of(
                        "customer", "Fell Creamery",
                        "machine", "butter churn",
                        "complaint", "Is it fit?",
                        "supply", "mains",
                        "urgency", "usual",
                        "outageCostPerHour", "0"));
        String tag = ((Map<?, ?>) job.get("identity")).get("tag").toString();
        call(hand, "PUT", "/api/jobs/" + tag + "/sheets/plate", Map.of("version", 0, "typed", plate));
        call(
                hand,
                "PUT",
                "/api/jobs/" + tag + "/sheets/arrival",
                Map.of(
                        "version",
                        0,
                        "typed",
                        Map.of("shaft", "free", "signs", List.of(), "auxiliaries", List.of(), "missing", "")));
        call(
                hand,
                "PUT",
                "/api/jobs/" + tag + "/instruments/motor",
                Map.of("faults", List.of(faults), "windingTemperatureC", 21, "seed", SEED));
        return tag;
    }

    /** Answer of a call as JSON read into maps and lists. */
    static Map<?, ?> job(Hand hand, String tag) {
        return (Map<?, ?>) hand.page().evaluate("tag => fetch('/api/jobs/' + tag).then((r) => r.json())", tag);
    }

    static Object call(Hand hand, String method, String path, Object body) {
        return hand.page().evaluate(CALL, List.of(method, path, body));
    }
}
