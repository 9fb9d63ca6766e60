package app.brasskettle.core.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.Plates;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ArrivalReadingTest {

    /** 29 A on the plate. */
    private static final Plate PLATE = Plates.plate(Map.of());

    private static Arrival arrival(Map<String, Object> circumstances, Map<String, Object> handover) {
        Map<String, Object> typed = new LinkedHashMap<>();
        typed.put("shaft", "free");
        typed.put("signs", List.of());
        typed.put("auxiliaries", List.of());
        typed.put("circumstances", circumstances);
        typed.put("handover", handover);
        return TypedInput.read(Arrival.class, typed).input();
    }

    private static Judgement line(Arrival arrival, Optional<Plate> plate, String words) {
        return ArrivalAssessment.of(arrival, plate).lines().stream()
                .filter(l -> l.headline().contains(words))
                .findFirst()
                .orElseThrow(() -> new AssertionError("nothing says " + words));
    }

    /** 29 A rated; IEC 60947-4-1 and NEC 430.32 bounds at 1.05 and 1.15 of it, 0.8 below. */
    @ParameterizedTest
    @CsvSource({
        "22, mains, WATCH", "24, mains, HOLDS", "29, mains, HOLDS", "30.4, mains, HOLDS", "31, mains, WATCH",
        "33.3, mains, WATCH", "33.5, mains, STOP", "50, mains, STOP", "16.7, star-delta, HOLDS", "19, star-delta, WATCH"
    })
    void aSettingIsHeldAgainstThePlate(String set, String feed, Verdict verdict) {
        Arrival arrival =
                arrival(Map.of("protection", "overload-relay", "protectionCurrentA", set, "feed", feed), Map.of());
        assertThat(line(arrival, Optional.of(PLATE), "Protection was set to").verdict())
                .isEqualTo(verdict);
    }

    @Test
    void aServiceFactorLeavesMoreRoom() {
        Plate reserve = Plates.plate(Map.of("details", Map.of("serviceFactor", "1.15")));
        Arrival arrival = arrival(Map.of("protection", "overload-relay", "protectionCurrentA", "35"), Map.of());
        assertThat(line(arrival, Optional.of(PLATE), "Protection").verdict()).isEqualTo(Verdict.STOP);
        assertThat(line(arrival, Optional.of(reserve), "Protection").verdict()).isEqualTo(Verdict.WATCH);
        assertThat(line(arrival, Optional.empty(), "Protection").verdict()).isEqualTo(Verdict.UNPROVEN);
    }

    @Test
    void whatTheInstallationLacksStopsNothingOnTheBench() {
        ArrivalAssessment reading =
                ArrivalAssessment.of(arrival(Map.of("protection", "none"), Map.of()), Optional.of(PLATE));
        assertThat(reading.handling()).isEqualTo(Verdict.HOLDS);
    }

    @Test
    void nothingBeforeAMotorIsAStop() {
        assertThat(line(arrival(Map.of("protection", "none"), Map.of()), Optional.of(PLATE), "Nothing watched")
                        .verdict())
                .isEqualTo(Verdict.STOP);
        assertThat(line(arrival(Map.of("protection", "breaker-only"), Map.of()), Optional.empty(), "Only a breaker")
                        .verdict())
                .isEqualTo(Verdict.STOP);
    }

    @Test
    void whatItWasExposedToIsSettledBeforeAnyoneHandlesIt() {
        assertThat(line(arrival(Map.of(), Map.of()), Optional.empty(), "exposed to")
                        .verdict())
                .isEqualTo(Verdict.UNPROVEN);
        Arrival asbestos = arrival(Map.of(), Map.of("exposures", List.of("asbestos", "chemicals")));
        assertThat(line(asbestos, Optional.empty(), "Exposed to asbestos, chemicals")
                        .verdict())
                .isEqualTo(Verdict.STOP);
        assertThat(ArrivalAssessment.of(asbestos, Optional.empty()).handling()).isEqualTo(Verdict.STOP);
        Arrival safe =
                arrival(Map.of(), Map.of("exposures", List.of("asbestos"), "madeSafe", "R. Holm, bagged and wetted"));
        assertThat(line(safe, Optional.empty(), "made safe: R. Holm").verdict()).isEqualTo(Verdict.HOLDS);
        assertThat(Refusals.fields(() -> arrival(Map.of(), Map.of("exposures", List.of("nothing", "food")))))
                .containsExactly("handover.exposures");
    }

    @ParameterizedTest
    @CsvSource({"25, false", "25.1, true", "55 lb, false", "56 lb, true"})
    void overTwentyFiveKilogramsItIsHoisted(String mass, boolean hoisted) {
        List<Judgement> lines = ArrivalAssessment.of(arrival(Map.of(), Map.of("massKg", mass)), Optional.empty())
                .lines();
        assertThat(lines.stream().anyMatch(l -> l.next().contains("Hoist"))).isEqualTo(hoisted);
    }

    @Test
    void answersThatAreEvidenceCountAsSuch() {
        Arrival told = arrival(
                Map.of("feed", "drive", "cableDistanceM", "120 ft", "protection", "none", "startsAnHour", "12"),
                Map.of());
        JobAssessment reading = JobAssessment.of(JobRecords.with(told), 0);
        assertThat(reading.evidence())
                .extracting(JobAssessment.Piece::code)
                .contains("fed-by-drive", "long-drive-cable", "no-overload-relay", "frequent-starts");
        Arrival near = arrival(Map.of("feed", "drive", "cableDistanceM", "30", "startsAnHour", "10"), Map.of());
        assertThat(JobAssessment.of(JobRecords.with(near), 0).evidence())
                .extracting(JobAssessment.Piece::code)
                .doesNotContain("long-drive-cable", "no-overload-relay", "frequent-starts");
    }

    @Test
    void refusesASettingOfNoProtection() {
        assertThat(Refusals.fields(() -> arrival(Map.of("protection", "none", "protectionCurrentA", "20"), Map.of())))
                .containsExactly("circumstances.protectionCurrentA");
    }
}
