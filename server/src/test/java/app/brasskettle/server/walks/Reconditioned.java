package app.brasskettle.server.walks;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Ways of motors whose winding stays in. */
final class Reconditioned {

    private Reconditioned() {}

    /** A 15 kW four-pole wye plate, with what is different about this one. */
    static Map<String, Object> plate(Object... other) {
        Map<String, Object> plate = new HashMap<>(Map.ofEntries(
                Map.entry("phases", "3"),
                Map.entry("frequencyHz", "50"),
                Map.entry("ratedPowerW", "15 kW"),
                Map.entry("ratedVoltageV", "400"),
                Map.entry("ratedCurrentA", "29"),
                Map.entry("ratedSpeedRpm", "1460"),
                Map.entry("connection", "wye"),
                Map.entry("windingKind", "random-wound"),
                Map.entry("insulationClass", "F"),
                Map.entry("madeBefore1970", false),
                Map.entry("hazardousArea", false),
                Map.entry("details", Map.of("frame", "160L"))));
        for (int i = 0; i < other.length; i += 2) {
            plate.put(other[i].toString(), other[i + 1]);
        }
        return plate;
    }

    static Walk noFault(Walk w) {
        return w.received("butter churn", "Trips now and then.")
                .unpacked(plate())
                .ohms(1, "0.5", "0.501", "0.5")
                .insulation("900", "500")
                .surged(1, true, "1400")
                .insulation("905", "500")
                .releasedToRun()
                .withoutLoad(1, "10", "10.1", "10", "400")
                .concluded("no-fault-found")
                .signed();
    }

    static Walk bearings(Walk w) {
        return w.received("butter churn", "Rumbles.")
                .unpacked(plate())
                .ohms(1, "0.5", "0.501", "0.5")
                .insulation("900", "500")
                .worked("opened")
                .concluded("bearing-wear")
                .chosen("Recondition")
                .newBearings()
                .together()
                .insulation("905", "500")
                .releasedToRun()
                .withoutLoad(1, "10", "10.1", "10", "400")
                .watched("10")
                .vibration()
                .signed();
    }

    private static Map<String, Object> drying(String... megohm) {
        List<Map<String, String>> readings = new ArrayList<>();
        for (int i = 0; i < megohm.length; i++) {
            readings.add(Map.of("hours", String.valueOf(i), "megohm", megohm[i], "windingC", i == 0 ? "21" : "85"));
        }
        return Map.of("insulationSystem", "thermosetting", "minimumMegohm", "5", "readings", readings);
    }

    static Walk dried(Walk w) {
        return w.received("butter churn", "Stood in water.")
                .unpacked(plate(), "winding-wet")
                .ohms(1, "0.5", "0.501", "0.5")
                .insulation("0.02", "500")
                .concluded("moisture-or-dirt")
                .chosen("Recondition")
                .sheet("drying", drying("0.02", "0.1", "0.9", "3", "9", "20", "31", "33", "33.4", "33.5"))
                .safe()
                .insulation("900", "500")
                .withstood("1000")
                .surged(1, true, "1400")
                .insulation("905", "500")
                .releasedToRun()
                .withoutLoad(1, "10", "10.1", "10", "400")
                .watched("10")
                .vibration()
                .signed();
    }

    private static Map<String, Object> pass(boolean turnedOver) {
        List<Map<String, String>> bake = new ArrayList<>();
        int[] celsius = {40, 120, 152, 155, 156, 155, 154, 153, 90};
        for (int i = 0; i < celsius.length; i++) {
            bake.add(Map.of("minutes", String.valueOf(60 * i), "partC", celsius[i] + " °C"));
        }
        return Map.of("turnedOver", turnedOver, "readings", bake);
    }

    private static Walk proved(Walk w, String megohm) {
        return w.safe()
                .ohms(1, "0.5", "0.501", "0.5")
                .insulation(megohm, "500")
                .withstood("1000")
                .surged(1, true, "1400")
                .insulation(megohm + "5", "500")
                .releasedToRun()
                .withoutLoad(1, "10", "10.1", "10", "400")
                .watched("10")
                .vibration();
    }

    static Walk dippedTwice(Walk w) {
        w.received("butter churn", "Old and dry.")
                .unpacked(plate())
                .ohms(1, "0.5", "0.501", "0.5")
                .insulation("300", "500")
                .worked("opened")
                .concluded("moisture-or-dirt")
                .chosen("Recondition")
                .sheet("washing", Map.of("with", "hot-water", "rinsedClear", true))
                .sheet("drying", drying("2", "1", "3", "9", "20", "31", "33", "33.4", "33.5"))
                .sheet("varnishing", Map.of("method", "dip", "passes", List.of(pass(false))))
                .sheet("varnishing", Map.of("method", "dip", "passes", List.of(pass(false), pass(true))))
                .together();
        return proved(w, "1900").signed();
    }

    private static Map<String, Object> gear(String measured, boolean ran) {
        Map<String, Object> gear = new HashMap<>(Map.of(
                "kind", "capacitor-start",
                "switchKind", "centrifugal",
                "startMarkedMicrofarad", "60",
                "startMarkedToMicrofarad", "72",
                "startMeasuredMicrofarad", measured));
        if (ran) {
            gear.put("heardDropOut", true);
            gear.put("heardDropIn", true);
        }
        return gear;
    }

    private static Walk windings(Walk w) {
        return w.test(
                "single-phase-windings",
                Map.of(
                        "mainOhm", "2.4",
                        "startOhm", "5.1",
                        "dualVoltage", false,
                        "mainOpen", false,
                        "secondHalfOpen", false,
                        "startOpen", false,
                        "protector", "none",
                        "steadyWhenFlexed", true));
    }

    static Walk capacitor(Walk w) {
        Map<String, Object> plate = plate(
                "phases", "1",
                "connection", "unknown",
                "ratedVoltageV", "230",
                "ratedPowerW", "750 W",
                "ratedCurrentA", "5.1",
                "ratedSpeedRpm", "1420");
        w.received("separator", "Hums, does not start.").unpacked(plate);
        windings(w)
                .insulation("900", "500")
                .test("starting-gear", gear("12", false))
                .concluded("start-circuit-failure")
                .chosen("Recondition")
                .sheet(
                        "renewal",
                        Map.of("parts", List.of(Map.of("kind", "capacitor", "type", "66 µF 250 V", "done", true))))
                .safe()
                .insulation("905", "500")
                .test("starting-gear", gear("66", false))
                .releasedToRun()
                .test("starting-gear", gear("66", true));
        return w.watched("3.6").signed();
    }

    static Walk twoSpeeds(Walk w) {
        Map<String, Object> plate = plate(
                "further",
                List.of(Map.of(
                        "frequencyHz", "50",
                        "ratedPowerW", "9 kW",
                        "ratedVoltageV", "400",
                        "ratedCurrentA", "20",
                        "ratedSpeedRpm", "965",
                        "connection", "wye")));
        return w.received("station fan", "Rumbles.")
                .unpacked(plate)
                .ohms(1, "0.5", "0.501", "0.5")
                .ohms(2, "0.82", "0.821", "0.82")
                .insulation("900", "500")
                .worked("opened")
                .concluded("bearing-wear")
                .chosen("Recondition")
                .newBearings()
                .together()
                .insulation("905", "500")
                .releasedToRun()
                .withoutLoad(1, "10", "10.1", "10", "400")
                .withoutLoad(2, "9", "9.1", "9", "400")
                .watched("10")
                .vibration()
                .signed();
    }

    static Walk formWound(Walk w) {
        Map<String, Object> plate = plate(
                "ratedPowerW", "250 kW",
                "ratedVoltageV", "3300",
                "ratedCurrentA", "54",
                "ratedSpeedRpm", "1488",
                "windingKind", "form-wound");
        return w.received("brine pump", "Damp.")
                .unpacked(plate)
                .ohms(1, "0.62", "0.621", "0.62")
                .insulation("40", "1000")
                .worked("opened")
                .concluded("moisture-or-dirt")
                .chosen("Recondition")
                .sheet("washing", Map.of("with", "hot-water", "rinsedClear", true))
                .sheet("drying", drying("40", "12", "30", "90", "200", "310", "330", "334", "335"))
                .together()
                .safe()
                .ohms(1, "0.62", "0.622", "0.62")
                .insulation("2900", "1000")
                .withstood("5700")
                .surged(1, true, "8000")
                .insulation("2905", "1000")
                .releasedToRun()
                .withoutLoad(1, "17", "17.1", "17", "3300")
                .watched("17")
                .vibration()
                .signed();
    }

    static Walk torqueMotor(Walk w) {
        return w.received("cable winder", "Rumbles.")
                .unpacked(plate("ratedPowerW", "0.4 kW", "ratedCurrentA", "9", "ratedSpeedRpm", "900"))
                .stampedSo()
                .ohms(1, "0.5", "0.501", "0.5")
                .insulation("900", "500")
                .worked("opened")
                .concluded("bearing-wear")
                .chosen("Recondition")
                .newBearings()
                .together()
                .insulation("905", "500")
                .releasedToRun()
                .withoutLoad(1, "7", "7.1", "7", "400")
                .watched("7")
                .vibration()
                .signed();
    }
}
