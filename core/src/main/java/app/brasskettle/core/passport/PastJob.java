package app.brasskettle.core.passport;

import java.util.Optional;

/**
 * One stay of a motor in the shop.
 *
 * @param tag the job
 * @param receivedAt seconds of the epoch
 * @param cause code of the explanation concluded
 * @param causeSpoken the same in words
 * @param answer what the customer chose
 * @param insulationMegohm resistance to frame corrected to 40 °C, of the test that stands
 * @param windingOhmAt25C mean of the terminal resistances at 25 °C, of the test that stands
 */
public record PastJob(
        String tag,
        double receivedAt,
        Optional<String> cause,
        Optional<String> causeSpoken,
        Optional<String> answer,
        Optional<Double> insulationMegohm,
        Optional<Double> windingOhmAt25C) {}
