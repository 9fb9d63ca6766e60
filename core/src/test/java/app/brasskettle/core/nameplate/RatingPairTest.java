package app.brasskettle.core.nameplate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;

/** Plates as makers stamp them: pairs divided by a stroke, some figures shared. */
class RatingPairTest {

    @Test
    void theHigherVoltageIsTheFirstRatingAndItsFiguresGoWithIt() {
        RatingPair pair = RatingPair.of(Map.of(
                        "ratedVoltageV", "230/400 V",
                        "ratedCurrentA", "26,1/15,1",
                        "ratedPowerW", "7.5 kW",
                        "ratedSpeedRpm", "1455",
                        "frequencyHz", "50"))
                .orElseThrow();
        assertThat(pair.first()).isEqualTo(Map.of("ratedVoltageV", "400 V", "ratedCurrentA", "15,1"));
        assertThat(pair.further())
                .isEqualTo(Map.of(
                        "ratedVoltageV", "230 V",
                        "ratedCurrentA", "26,1",
                        "ratedPowerW", "7.5 kW",
                        "ratedSpeedRpm", "1455",
                        "frequencyHz", "50"));
        RatingPair hertz = RatingPair.of(
                        Map.of("ratedVoltageV", "400/460", "frequencyHz", "50/60", "ratedSpeedRpm", "1455/1755"))
                .orElseThrow();
        assertThat(hertz.first())
                .isEqualTo(Map.of("ratedVoltageV", "460", "frequencyHz", "60", "ratedSpeedRpm", "1755"));
    }

    @Test
    void twoSpeedsKeepTheirOrderUnderOneVoltage() {
        RatingPair pair = RatingPair.of(
                        Map.of("ratedVoltageV", "400", "ratedSpeedRpm", "1455/725", "ratedPowerW", "11/7.5 kW"))
                .orElseThrow();
        assertThat(pair.first()).isEqualTo(Map.of("ratedSpeedRpm", "1455", "ratedPowerW", "11 kW"));
        assertThat(pair.further()).containsEntry("ratedVoltageV", "400").containsEntry("ratedPowerW", "7.5 kW");
    }

    @Test
    void oneValueAndThreeValuesAreNoPair() {
        assertThat(RatingPair.of(Map.of("ratedVoltageV", "400", "ratedPowerW", "7-1/2 hp")))
                .isEmpty();
        assertThat(RatingPair.of(Map.of("ratedVoltageV", "208-230/460", "ratedCurrentA", "27-26/13")))
                .as("which belongs to which is for a person to say")
                .isEmpty();
        assertThat(RatingPair.of(Map.of())).isEmpty();
    }
}
