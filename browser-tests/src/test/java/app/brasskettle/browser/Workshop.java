package app.brasskettle.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

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

    /** Four times ten minutes under voltage, and the ten that the next one lasts before it is on record. */
    private static final Duration DISCHARGED = Duration.ofMinutes(60);

    private static final Duration PATIENCE = Duration.ofSeconds(20);
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
        shop.concluded("lost-phase", "Fuse in one line open.");
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
        shop.write(
                tech, "arrival", Map.of("shaft", "free", "signs", List.of(), "auxiliaries", List.of(), "missing", ""));
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

    void concluded(String explanation, String reason) {
        post(
                lead,
                "conclusion",
                Map.of(
                        "explanation",
                        explanation,
                        "reason",
                        reason,
                        "root",
                        "",
                        "recommendations",
                        List.of("A phase-loss relay set to the plate.")));
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

    /** Locked out, the tester proved, resistance in wye, and insulation with {@code megohm} after one minute of ten. */
    void bench(String megohm, double polarization, String because) {
        safe(because);
        resistance(1, "wye", List.of("0.42", "0.421", "0.4195"), because);
        insulation(megohm, polarization, because);
    }

    private void safe(String because) {
        lockedOut();
        test(
                "tester-proof",
                1,
                Map.of("rangeMegohm", "20 G", "apartOverRange", true, "togetherMegohm", "0"),
                because,
                "");
    }

    /** Resistance in wye and in delta, insulation, and a pulse on each speed; the winding is discharged after each. */
    void windingTested(String because, boolean finished) {
        safe(because);
        resistance(1, "wye", List.of("0.3921", "0.3926", "0.3918"), because);
        resistance(2, "delta", List.of("0.5232", "0.5227", "0.5236"), because);
        insulation("1900", 2.7, because);
        if (finished) {
            withstood("1800");
        }
        for (int speed = 1; speed <= 2; speed++) {
            surged(speed, finished, because, finished ? "2400" : "1600");
        }
    }

    /** A minute of alternating voltage. */
    void withstood(String volts) {
        test(
                "withstand-record",
                1,
                Map.of("supply", "alternating", "appliedVoltageV", volts, "heldSeconds", "60", "brokeDown", false),
                "",
                "");
        discharged();
    }

    /** A pulse on each lead, with the rotor in or out. */
    void surged(int speed, boolean rotorFitted, String because, String volts) {
        test("surge-comparison", speed, pulses(rotorFitted), because, volts);
        discharged();
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

    /** Ten minutes: {@code megohm} after one of them, so many times that at the end. */
    void insulation(String megohm, double polarization, String because) {
        double one = Double.parseDouble(megohm);
        List<Map<String, String>> readings = new ArrayList<>();
        double[] seconds = {15, 30, 60, 300, 600};
        double[] share = {
            Math.pow(polarization, -0.6), Math.pow(polarization, -0.3), 1, Math.pow(polarization, 0.7), polarization
        };
        for (int i = 0; i < seconds.length; i++) {
            readings.add(Map.of("seconds", String.valueOf(seconds[i]), "megohm", String.valueOf(share[i] * one)));
        }
        test("insulation-resistance", 1, Map.of("windingTemperatureC", "21", "readings", readings), because, "500");
        discharged();
    }

    /** Lets the time pass that a winding stays grounded, and waits until the product knows. */
    void discharged() {
        product.passes(DISCHARGED);
        long patience = System.nanoTime() + PATIENCE.toNanos();
        Map<?, ?> clock = (Map<?, ?>) job().get("discharge");
        while (((Number) clock.get("secondsLeft")).doubleValue() > 0) {
            if (System.nanoTime() > patience) {
                throw new IllegalStateException("Still discharging: " + clock);
            }
            Thread.onSpinWait();
            clock = (Map<?, ?>) job().get("discharge");
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

    /** Everything looked at and signed by two people, at the page; one of them cannot sign twice. */
    void released(String job) {
        tech.goTo(job + "/release");
        Locator open =
                tech.page().getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(": done$")));
        assertThat(open).hasCount(7);
        for (int left = 7; left > 0; left--) {
            open.first().click();
            assertThat(open).hasCount(left - 1);
        }
        tech.press("Sign as first");
        tech.seesJudged("Unproven: Signed by Mara Orre");
        tech.press("Sign as second");
        tech.sees("A second person signs");
        lead.open(job + "/release");
        lead.press("Sign as second");
        lead.seesJudged("Holds: Released by Mara Orre and Ivo Dalby");
        lead.sees("Certificate of test");
    }
}
