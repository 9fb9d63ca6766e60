package app.brasskettle.server.walks;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Ways of motors that get a new winding. */
final class Rewound {

    /** Four poles in 36 slots: gap 0.76 T, teeth 1.68 T, back iron 1.5 T, 5 A/mm², worked by hand from 14 turns at 15.2 A. */
    private static final Map<String, Object> TAKE = Map.ofEntries(
            Map.entry("slots", "36"),
            Map.entry("poles", "4"),
            Map.entry("spanSlots", "8"),
            Map.entry("parallelCircuits", "1"),
            Map.entry("connection", "wye"),
            Map.entry(
                    "strands",
                    List.of(Map.of("count", "2", "bareDiameterMm", "1.4 mm", "insulatedDiameterMm", "1.5 mm"))),
            Map.entry("meanTurnLengthM", "520 mm"),
            Map.entry("boreDiameterM", "125 mm"),
            Map.entry("coreLengthM", "130 mm"),
            Map.entry("stackingFactor", "0.95"),
            Map.entry("toothWidthM", "5.2 mm"),
            Map.entry("backIronDepthM", "17 mm"),
            Map.entry("slotAreaMm2", "180"),
            Map.entry("ratedVoltageV", "400"),
            Map.entry("frequencyHz", "50"),
            Map.entry("ratedCurrentA", "15.2"),
            Map.entry("wiresPerCoil", "28"),
            Map.entry("leadExit", "outside"),
            Map.entry("shaftTurns", "clockwise"));

    private Rewound() {}

    private static List<Map<String, String>> oven(int... celsius) {
        List<Map<String, String>> readings = new ArrayList<>();
        for (int i = 0; i < celsius.length; i++) {
            readings.add(Map.of("minutes", String.valueOf(60 * i), "partC", celsius[i] + " °C"));
        }
        return readings;
    }

    private static Walk winding(Walk w, boolean finished) {
        w.safe().ohms(1, "1.1", "1.102", "1.1").insulation(finished ? "2400" : "1900", "500");
        if (finished) {
            w.withstood("1800");
        }
        return w.surged(1, finished, finished ? "2400" : "1600");
    }

    static Walk lap(Walk w) {
        w.received("fly-loft winch", "Smokes.")
                .unpacked(
                        Reconditioned.plate("ratedPowerW", "7.5 kW", "ratedCurrentA", "15.2", "ratedSpeedRpm", "1450"))
                .ohms(1, "1.1", "0.9", "0.91")
                .insulation("0.02", "500")
                .worked("opened")
                .concluded("overload")
                .sheet("winding", TAKE)
                .sheet("connection", Map.of("scheme", "three-lead", "joints", List.of()))
                .secondly("winding-second", TAKE)
                .settled()
                .chosen("Rewind")
                .sheet("preparation", Map.of("oldInsulation", "free-of-asbestos", "coreNotTested", "no loop set today"))
                .photographed("rewind/before-stripping")
                .redesigned()
                .sheet(
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
                                oven(20, 345, 350, 352, 351, 350, 120),
                                "copperOut",
                                true))
                .sheet("core-after", Map.of("teeth", "sound", "burrs", "sound", "slots", "sound", "bore", "sound"))
                .test(
                        "core-loop-result",
                        Map.of(
                                "coreMassKg", "22",
                                "measuredW", "70",
                                "hottestC", "33",
                                "meanCoreC", "31",
                                "fluxDensityT", "1.32"))
                .sheet("coils-wound", Map.of("coils", "36"))
                .counted("14")
                .laidIn()
                .brazed();
        winding(w, false)
                .test(
                        "turning-field",
                        Map.of(
                                "appliedVoltageV", "24",
                                "lineCurrentsA", List.of("5.2", "5.3", "5.2"),
                                "places", turned()))
                .sheet(
                        "varnishing",
                        Map.of(
                                "method",
                                "dip",
                                "passes",
                                List.of(Map.of("readings", oven(40, 120, 152, 155, 156, 155, 154, 153, 90)))))
                .newBearings()
                .together();
        return winding(w, true)
                .insulation("2405", "500")
                .releasedToRun()
                .withoutLoad(1, "6.1", "6.2", "6.1", "400")
                .watched("6.1")
                .vibration()
                .signed();
    }

    private static List<Map<String, Object>> turned() {
        List<Map<String, Object>> places = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            places.add(new HashMap<>(Map.of("turned", "as-the-lines")));
        }
        return places;
    }
}
