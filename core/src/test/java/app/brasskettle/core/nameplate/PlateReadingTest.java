package app.brasskettle.core.nameplate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.verdict.Verdict;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PlateReadingTest {

    private static final Map<String, Object> NOTHING_READ =
            Map.of("ratedPowerW", "", "ratedVoltageV", "", "ratedCurrentA", "", "ratedSpeedRpm", "");

    private static Map<String, Object> burnt(Map<String, Object> clues) {
        Map<String, Object> typed = new HashMap<>(NOTHING_READ);
        typed.put("clues", clues);
        return typed;
    }

    private static PlateAssessment read(Map<String, Object> other) {
        return PlateAssessment.of(Plates.plate(other));
    }

    private static PlateEstimate estimate(Map<String, Object> clues) {
        return read(burnt(clues)).estimate().orElseThrow();
    }

    private static Map<String, String> mark(String field, String state) {
        return Map.of("field", field, "state", state);
    }

    private static Map<String, Object> block(
            String hz, String power, String volts, String amps, String rpm, String joined) {
        return Map.of(
                "frequencyHz", hz,
                "ratedPowerW", power,
                "ratedVoltageV", volts,
                "ratedCurrentA", amps,
                "ratedSpeedRpm", rpm,
                "connection", joined);
    }

    @Test
    void aWholePlateJudgesItselfAsItsWorksheetDoes() {
        PlateAssessment reading = read(Map.of());
        assertThat(reading.judgement()).isEqualTo(reading.rating().orElseThrow().judgement());
        assertThat(reading.poles()).contains(4);
        assertThat(reading.doubtful()).isEmpty();
    }

    @Test
    void whatIsMissingIsNamedAndProvesNothing() {
        PlateAssessment reading = read(Map.of("ratedVoltageV", "", "ratedCurrentA", ""));
        assertThat(reading.judgement().verdict()).isEqualTo(Verdict.UNPROVEN);
        assertThat(reading.judgement().headline()).contains("voltage, current").contains("no test voltage");
        assertThat(reading.rating()).isEmpty();
    }

    @Test
    void aWornFigureIsWatchedAndNamed() {
        PlateAssessment reading =
                read(Map.of("marks", List.of(mark("ratedCurrentA", "worn"), mark("serial", "missing"))));
        assertThat(reading.judgement().verdict()).isEqualTo(Verdict.WATCH);
        assertThat(reading.judgement().headline()).contains("current");
        assertThat(reading.doubtful()).containsExactlyInAnyOrder("current: worn", "serial number: missing");
    }

    /** Motors whose sizes and ratings are those of ordinary catalogues: bore and core measured on rewound stators. */
    @ParameterizedTest
    @CsvSource({
        "90, 4, 400, 0.080, 0.110, 1500, 3.4, 1425",
        "132, 4, 400, 0.136, 0.160, 7500, 15, 1450",
        "160, 4, 400, 0.165, 0.195, 15000, 29, 1460",
        "280, 4, 400, 0.285, 0.235, 90000, 160, 1485",
        "160, 2, 400, 0.150, 0.145, 15000, 27, 2940",
        "132, 6, 400, 0.148, 0.140, 4000, 9.2, 960"
    })
    void anEstimateFromSizesHoldsTheMotorItCameFrom(
            double height, int poles, double volts, double bore, double core, double power, double amps, double rpm) {
        PlateEstimate estimate = estimate(Map.of(
                "shaftHeightMm", height + "",
                "poles", poles + "",
                "supplyVoltageV", volts + "",
                "boreDiameterM", bore * 1000 + " mm",
                "coreLengthM", core * 1000 + " mm"));
        assertThat(estimate.contradictions()).isEmpty();
        holds(estimate, PlateField.RATED_POWER, power);
        holds(estimate, PlateField.RATED_VOLTAGE, volts);
        holds(estimate, PlateField.RATED_CURRENT, amps);
        holds(estimate, PlateField.RATED_SPEED, rpm);
    }

    private static void holds(PlateEstimate estimate, PlateField field, double true_) {
        PlateEstimate.Figure figure = estimate.figure(field).orElseThrow();
        assertThat(true_).as(field + " " + figure.shown()).isBetween(figure.low(), figure.high());
        assertThat(figure.value()).isBetween(figure.low(), figure.high());
        assertThat(figure.range()).contains(" to ");
    }

    @Test
    void everyFurtherClueNarrowsTheRangeOrContradictsIt() {
        Random seeded = new Random(7);
        for (int i = 0; i < 200; i++) {
            Map<String, Object> clues = new HashMap<>(Map.of(
                    "supplyVoltageV", "400",
                    "poles", "4",
                    "shaftHeightMm", List.of("90", "132", "160", "225").get(seeded.nextInt(4))));
            PlateEstimate before = estimate(clues);
            clues.put("conductorAreaMm2", String.valueOf(0.3 + 12 * seeded.nextDouble()));
            PlateEstimate after = estimate(clues);
            PlateEstimate.Figure wide = before.figure(PlateField.RATED_POWER).orElseThrow();
            PlateEstimate.Figure narrow = after.figure(PlateField.RATED_POWER).orElseThrow();
            if (after.contradictions().isEmpty()) {
                assertThat(narrow.low()).isGreaterThanOrEqualTo(wide.low());
                assertThat(narrow.high()).isLessThanOrEqualTo(wide.high());
            } else {
                assertThat(after.contradictions().get(0)).contains("copper").contains("shaft height");
            }
        }
    }

    @Test
    void deltaCarriesMoreOnTheLineThanWyeOnTheSameCopper() {
        Map<String, Object> clues = Map.of("supplyVoltageV", "400", "conductorAreaMm2", "2");
        Map<String, Object> delta = burnt(clues);
        delta.put("connection", "delta");
        double wye =
                estimate(clues).figure(PlateField.RATED_POWER).orElseThrow().high();
        double ratio = read(delta)
                        .estimate()
                        .orElseThrow()
                        .figure(PlateField.RATED_POWER)
                        .orElseThrow()
                        .high()
                / wye;
        assertThat(ratio).isCloseTo(Math.sqrt(3), within(1e-9));
    }

    @Test
    void whatIsStillReadableOnAWornPlateIsAClueToo() {
        Map<String, Object> worn =
                new HashMap<>(Map.of("ratedPowerW", "", "ratedVoltageV", "", "clues", Map.of("supplyVoltageV", "400")));
        PlateEstimate.Figure power = read(worn)
                .estimate()
                .orElseThrow()
                .figure(PlateField.RATED_POWER)
                .orElseThrow();
        assertThat(15_000.0).isBetween(power.low(), power.high());
        assertThat(power.basis()).contains("current on the plate");
        assertThat(read(worn).poles()).as("from the speed that was read").contains(4);
    }

    @Test
    void anEstimateIsMarkedAndCarriesItsRange() {
        Map<String, Object> typed = burnt(Map.of("supplyVoltageV", "400", "poles", "4", "shaftHeightMm", "160"));
        typed.putAll(Map.of(
                "ratedPowerW", "11 kW",
                "ratedVoltageV", "400",
                "ratedCurrentA", "22",
                "ratedSpeedRpm", "1460",
                "marks",
                        List.of(
                                mark("ratedPowerW", "estimated"),
                                mark("ratedVoltageV", "estimated"),
                                mark("ratedCurrentA", "estimated"),
                                mark("ratedSpeedRpm", "estimated"))));
        PlateAssessment reading = read(typed);
        assertThat(reading.judgement().verdict()).isEqualTo(Verdict.WATCH);
        assertThat(reading.judgement().headline()).startsWith("Estimated, not read: 11 kW (7.5 to 18.5 kW)");
        typed.put("ratedPowerW", "55 kW");
        typed.put("ratedCurrentA", "105");
        assertThat(read(typed).judgement().headline()).contains("55 kW lies outside what was measured");
    }

    @Test
    void marksMustFitWhatStandsThere() {
        assertThat(Refusals.fields(() -> Plates.plate(Map.of("marks", List.of(mark("ratedPowerW", "missing"))))))
                .containsExactly("ratedPowerW");
        assertThat(Refusals.fields(
                        () -> Plates.plate(Map.of("ratedPowerW", "", "marks", List.of(mark("ratedPowerW", "worn"))))))
                .containsExactly("ratedPowerW");
        assertThat(Refusals.fields(() -> Plates.plate(Map.of("marks", List.of(mark("ratedPowerW", "estimated"))))))
                .as("estimated from nothing")
                .containsExactly("ratedPowerW");
        assertThat(Refusals.fields(() ->
                        Plates.plate(Map.of("marks", List.of(mark("serial", "missing"), mark("serial", "missing"))))))
                .containsExactly("marks[1].field");
    }

    @Test
    void aPlateIsRefusedForItsRatingAndItsWordsTogether() {
        Map<String, Object> wrong = Map.of(
                "ratedPowerW",
                "-1",
                "connection",
                "zigzag",
                "details",
                Map.of("serviceFactor", "0.8", "powerFactor", "1.2"),
                "clues",
                Map.of("poles", "5"));
        assertThat(Refusals.fields(() -> Plates.plate(wrong)))
                .containsExactlyInAnyOrder(
                        "ratedPowerW", "connection", "details.serviceFactor", "details.powerFactor", "clues.poles");
        assertThat(Refusals.fields(() -> Plates.plate(Map.of("ratedSpeedRpm", "3100"))))
                .containsExactly("ratedSpeedRpm");
    }

    @ParameterizedTest
    @CsvSource({
        // slow block: power, current, speed; what the first rating (15 kW, 1460 r/min, 4 poles) makes of it
        "7.5 kW, 17, 725, constant torque, 1:2",
        "15 kW, 34, 725, constant power, 1:2",
        "1.9 kW, 5.4, 725, square of speed, 1:2",
        "10 kW, 22, 970, constant torque, not 1:2"
    })
    void twoSpeedsSayWhatLoadAndWhatWindingTheyAre(String power, String amps, String rpm, String load, String winding) {
        RatingBlockAssessment block = read(Map.of("further", List.of(block("50", power, "400", amps, rpm, "delta"))))
                .blocks()
                .get(0);
        assertThat(block.kind()).isEqualTo(RatingBlockAssessment.Kind.TWO_SPEED);
        assertThat(block.sentence()).contains(load).contains(winding);
        assertThat(block.verdict()).isEqualTo(Verdict.HOLDS);
    }

    @Test
    void dualVoltageIsOneMotorSeenTwice() {
        PlateAssessment root = read(Map.of("further", List.of(block("50", "15 kW", "230", "50.3", "1460", "delta"))));
        assertThat(root.blocks().get(0).kind()).isEqualTo(RatingBlockAssessment.Kind.DUAL_VOLTAGE);
        assertThat(root.blocks().get(0).sentence()).contains("1:√3").contains("delta on the lower");
        assertThat(root.judgement().verdict()).isEqualTo(Verdict.HOLDS);
        PlateAssessment swapped = read(
                Map.of("connection", "delta", "further", List.of(block("50", "15 kW", "230", "50.3", "1460", "wye"))));
        assertThat(swapped.judgement().headline()).contains("other way round");
        PlateAssessment misread = read(Map.of("further", List.of(block("50", "15 kW", "230", "29", "1460", "delta"))));
        assertThat(misread.blocks().get(0).contradictions()).anyMatch(c -> c.contains("current is misread"));
        PlateAssessment twice = read(Map.of("further", List.of(block("50", "15 kW", "800", "14.5", "1460", "wye"))));
        assertThat(twice.blocks().get(0).sentence()).contains("1:2");
        PlateAssessment odd = read(Map.of("further", List.of(block("50", "15 kW", "500", "23.2", "1460", "wye"))));
        assertThat(odd.judgement().verdict()).isEqualTo(Verdict.WATCH);
    }

    @Test
    void bothFrequenciesStandBesideEachOther() {
        RatingBlockAssessment same = read(Map.of("further", List.of(block("60", "18 kW", "480", "29", "1755", "wye"))))
                .blocks()
                .get(0);
        assertThat(same.kind()).isEqualTo(RatingBlockAssessment.Kind.TWO_FREQUENCIES);
        assertThat(same.sentence()).contains("flux and torque stay");
        RatingBlockAssessment weaker = read(Map.of(
                        "further", List.of(block("60", "15 kW", "400", "29", "1750", "wye"))))
                .blocks()
                .get(0);
        assertThat(weaker.sentence()).contains("-17 %");
        RatingBlockAssessment wrong = read(Map.of("further", List.of(block("60", "15 kW", "480", "29", "1160", "wye"))))
                .blocks()
                .get(0);
        assertThat(wrong.contradictions()).anyMatch(c -> c.contains("4 and 6 poles"));
    }

    @Test
    void aMarkingAloneMakesItExplosionProtected() {
        Map<String, Object> marked = Map.of("details", Map.of("hazardousMarking", "II 2G Ex db IIB T4"));
        assertThat(Plates.plate(marked).explosionProtected()).isTrue();
        assertThat(read(marked).cautions()).anyMatch(c -> c.contains("certified repairer"));
        assertThat(Plates.plate(Map.of()).explosionProtected()).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"phases=1", "madeBefore1970=true", "protector"})
    void whatCanHurtIsSaid(String what) {
        Map<String, Object> typed = switch (what) {
            case "phases=1" -> Map.of("phases", "1");
            case "protector" -> Map.of("details", Map.of("protector", "automatic"));
            default -> Map.of("madeBefore1970", true);
        };
        assertThat(read(typed).cautions()).hasSize(1);
    }
}
