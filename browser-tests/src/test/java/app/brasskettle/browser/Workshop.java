package app.brasskettle.browser;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Bench work on one motor by calls from a signed-in page, where the story of a test is another one: readings typed as they would
 * be from real instruments, and the time that a winding takes to discharge.
 */
final class Workshop {

    private static final String PHOTOGRAPH = """
            async (path) => {
              const canvas = document.createElement('canvas');
              canvas.width = 40; canvas.height = 30;
              const picture = await new Promise((done) => canvas.toBlob(done, 'image/png'));
              const token = decodeURIComponent(/XSRF-TOKEN=([^;]*)/.exec(document.cookie)[1]);
              const answer = await fetch(path, { method: 'POST', body: picture,
                headers: { 'Content-Type': 'image/png', 'X-XSRF-TOKEN': token } });
              if (!answer.ok) throw new Error(await answer.text());
            }""";

    /** Ten minutes under voltage, and four times that grounded. */
    private static final Duration DISCHARGED = Duration.ofMinutes(45);

    private static final int SAMPLES = 400;

    private final Product.Running product;
    private final Hand tech;
    private final Hand lead;
    private final String tag;

    private Workshop(Product.Running product, Hand tech, Hand lead, String tag) {
        this.product = product;
        this.tech = tech;
        this.lead = lead;
        this.tag = tag;
    }

    String tag() {
        return tag;
    }

    /** A two-speed motor whose rewind its customer accepted: data and plate of TQ-0371, another motor of the kind. */
    static Workshop acceptedRewind(Product.Running product, Hand tech, Hand lead) {
        Map<?, ?> sheets = (Map<?, ?>) Prepared.job(tech, "TQ-0371").get("sheets");
        Map<String, Object> plate = typed(sheets, "plate");
        plate.put("serial", "TS-18-49");
        Workshop shop = received(product, tech, lead, plate);
        for (String kind : List.of("teardown-log", "winding", "connection")) {
            shop.write(tech, kind, typed(sheets, kind));
        }
        shop.write(lead, "winding-second", typed(sheets, "winding-second"));
        shop.post(lead, "winding/settle", Map.of("reason", ""));
        shop.post(
                lead,
                "conclusion",
                Map.of(
                        "explanation",
                        "lost-phase",
                        "reason",
                        "Fuse in one line open.",
                        "root",
                        "no-phase-relay",
                        "recommendations",
                        List.of("A phase-loss relay in both speeds.")));
        shop.write(lead, "offers", typed(sheets, "offers"));
        shop.accepted("rewind");
        shop.write(tech, "redesign", typed(sheets, "redesign"));
        return shop;
    }

    /** A motor just received and unpacked, its plate read. */
    static Workshop received(Product.Running product, Hand tech, Hand lead, Map<String, Object> plate) {
        Map<?, ?> job = (Map<?, ?>) Prepared.call(
                tech,
                "POST",
                "/api/jobs",
                Map.of(
                        "customer", "Fell Creamery",
                        "machine", "chiller fan, two speeds",
                        "complaint", "hums and trips",
                        "supply", "mains",
                        "urgency", "usual",
                        "outageCostPerHour", "0"));
        String tag = ((Map<?, ?>) job.get("identity")).get("tag").toString();
        Workshop shop = new Workshop(product, tech, lead, tag);
        shop.write(tech, "arrival", Map.of("shaft", "free", "signs", List.of(), "auxiliaries", List.of(), "missing", ""));
        shop.write(tech, "plate", plate);
        return shop;
    }

    private static Map<String, Object> typed(Map<?, ?> sheets, String kind) {
        Map<String, Object> copy = new LinkedHashMap<>();
        ((Map<?, ?>) ((Map<?, ?>) sheets.get(kind)).get("typed")).forEach((k, v) -> copy.put(k.toString(), v));
        return copy;
    }

    void write(Hand hand, String kind, Map<String, Object> typed) {
        Map<?, ?> sheets = (Map<?, ?>) job().get("sheets");
        Object version = sheets.get(kind) instanceof Map<?, ?> there ? there.get("version") : 0;
        Prepared.call(hand, "PUT", "/api/jobs/" + tag + "/sheets/" + kind, Map.of("version", version, "typed", typed));
    }

    Object post(Hand hand, String path, Object body) {
        return Prepared.call(hand, "POST", "/api/jobs/" + tag + "/" + path, body);
    }

    /** Quotes what is on offer, and the customer's answer. */
    void accepted(String option) {
        post(lead, "quotes", Map.of());
        post(
                lead,
                "quotes/1/answer",
                Map.of("option", option, "customer", "R. Ashe", "how", "telephone", "reason", "Soonest."));
    }

    void photographed(String step) {
        tech.page().evaluate(PHOTOGRAPH, "/api/jobs/" + tag + "/photos?step=" + step);
    }

    Map<?, ?> job() {
        return Prepared.job(tech, tag);
    }

    void lockedOut() {
        Prepared.lockedOut(tech, tag);
    }

    /** Records a test that was taken; a test that stands already is repeated with a reason. */
    void test(String kind, int speed, Map<String, Object> typed, String because, String volts) {
        Map<String, Object> body = new LinkedHashMap<>(Map.of("typed", typed, "speed", speed, "because", because));
        if (!volts.isEmpty()) {
            body.put("appliedVoltageV", volts);
        }
        post(tech, "tests/" + kind, body);
    }

    /** Resistance in wye and in delta, insulation, and a pulse on each speed; the winding is discharged after each. */
    void windingTested(String because, boolean finished) {
        lockedOut();
        test(
                "tester-proof",
                1,
                Map.of("rangeMegohm", "20 G", "apartOverRange", true, "togetherMegohm", "0"),
                because,
                "");
        resistance(1, "wye", List.of("0.3921", "0.3926", "0.3918"), because);
        resistance(2, "delta", List.of("0.5232", "0.5227", "0.5236"), because);
        insulation("1900", because);
        if (finished) {
            test(
                    "withstand-record",
                    1,
                    Map.of(
                            "supply", "alternating",
                            "appliedVoltageV", "1800",
                            "heldSeconds", "60",
                            "brokeDown", false),
                    "",
                    "");
            discharged();
        }
        for (int speed = 1; speed <= 2; speed++) {
            test("surge-comparison", speed, pulses(finished), because, finished ? "2400" : "1600");
            discharged();
        }
    }

    private void resistance(int speed, String connection, List<String> ohms, String because) {
        test(
                "winding-resistance",
                speed,
                Map.of(
                        "connection", connection,
                        "windingKind", "random-wound",
                        "conductor", "copper",
                        "windingTemperatureC", "20",
                        "terminalOhms", Map.of("ab", ohms.get(0), "bc", ohms.get(1), "ca", ohms.get(2))),
                because,
                "");
    }

    /** Ten minutes that end well above what they began with; {@code megohm} after one of them. */
    void insulation(String megohm, String because) {
        double one = Double.parseDouble(megohm);
        List<Map<String, String>> readings = new ArrayList<>();
        double[][] shape = {{15, 0.4}, {30, 0.7}, {60, 1}, {300, 2.1}, {600, 2.7}};
        for (double[] at : shape) {
            readings.add(Map.of("seconds", String.valueOf(at[0]), "megohm", String.valueOf(at[1] * one)));
        }
        test(
                "insulation-resistance",
                1,
                Map.of("windingTemperatureC", "21", "readings", readings),
                because,
                "500");
        discharged();
    }

    /** Lets the time pass that a winding stays grounded, and waits until the product knows. */
    void discharged() {
        product.passes(DISCHARGED);
        while (((Number) ((Map<?, ?>) job().get("discharge")).get("secondsLeft")).doubleValue() > 0) {
            Thread.onSpinWait();
        }
    }

    /** Three traces that ring and die away alike, as a set with the rotor in or out records them. */
    private static Map<String, Object> pulses(boolean rotorFitted) {
        Map<String, Object> typed = new LinkedHashMap<>();
        typed.put("sampleIntervalS", "1e-6");
        for (String lead : List.of("traceA", "traceB", "traceC")) {
            List<Double> trace = new ArrayList<>();
            for (int i = 0; i < SAMPLES; i++) {
                trace.add(800 * Math.exp(-i / 120.0) * Math.cos(i / (9.0 + 0.01 * (lead.charAt(5) - 'A'))));
            }
            typed.put(lead, trace);
        }
        typed.put("rotorFitted", rotorFitted);
        return typed;
    }

    /** Runs the finished motor: released, started, both speeds without load, a quarter hour, vibration. */
    void ran() {
        post(
                lead,
                "run-release",
                Map.of(
                        "checked", List.of("bolted-down", "coupling-guarded", "key-captured"),
                        "atTheStop", "Mara Orre",
                        "rotation", "clockwise seen from the drive end"));
        Map<String, Object> start = Map.of(
                "feed", "reduced-voltage", "voltageV", "210", "currentA", "70", "reachedRpm", "1490", "seconds", "2.1");
        test("start-log", 1, Map.of("attempts", List.of(start)), "", "");
    }

    /** A run without load at one speed. */
    void withoutLoad(int speed, List<String> amperes) {
        test(
                "no-load-run",
                speed,
                Map.of("lineCurrentsA", amperes, "lineVoltagesV", List.of("400", "401", "399")),
                "",
                "");
    }

    /** A quarter hour of bearings and current, then the vibration of both ends. */
    void watched(String amperes) {
        List<Map<String, String>> looks = new ArrayList<>();
        double[] warm = {17, 24, 28.5, 30.5};
        for (int i = 0; i < warm.length; i++) {
            looks.add(Map.of(
                    "minute", String.valueOf(5 * i),
                    "currentA", amperes,
                    "driveEndTemperatureC", String.valueOf(warm[i]),
                    "nonDriveEndTemperatureC", String.valueOf(warm[i] - 2)));
        }
        test("run-watch", 1, Map.of("ambientTemperatureC", "17", "readings", looks), "", "");
        List<Map<String, String>> shakes = new ArrayList<>();
        for (String end : List.of("drive-end", "non-drive-end")) {
            for (String way : List.of("horizontal", "vertical", "axial")) {
                shakes.add(Map.of("place", end, "direction", way, "velocityMmPerS", "0.6"));
            }
        }
        test("vibration", 1, Map.of("mounting", "rigid", "readings", shakes), "", "");
    }
}
