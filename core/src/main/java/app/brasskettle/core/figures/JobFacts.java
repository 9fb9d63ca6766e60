package app.brasskettle.core.figures;

import java.util.Optional;

/**
 * What the figures of the shop take of a job; no name of anybody is among it.
 *
 * @param tag its tag
 * @param customer whose motor
 * @param phases by its plate
 * @param powerW by its plate
 * @param receivedAt seconds of the epoch
 * @param leftAt seconds of the epoch; empty while it is here
 * @param promisedAt seconds of the epoch
 * @param cause what started the failure, as it was concluded
 * @param root what lies at the root of it
 * @param way the way chosen, by its code
 * @param option the option chosen, as it was called
 * @param advised the option that was advised in the quote
 * @param foundBy label of the test that stopped it first
 * @param earlier the visit of the same motor before this one
 * @param later the visit of the same motor after this one
 */
public record JobFacts(
        String tag,
        String customer,
        Optional<Integer> phases,
        Optional<Double> powerW,
        double receivedAt,
        Optional<Double> leftAt,
        Optional<Double> promisedAt,
        Optional<String> cause,
        Optional<String> root,
        Optional<String> way,
        Optional<String> option,
        Optional<String> advised,
        Optional<String> foundBy,
        Optional<Visit> earlier,
        Optional<Visit> later) {

    /**
     * Another visit of the same motor.
     *
     * @param tag its tag
     * @param receivedAt seconds of the epoch
     * @param leftAt seconds of the epoch
     * @param cause what was concluded then
     */
    public record Visit(String tag, double receivedAt, Optional<Double> leftAt, Optional<String> cause) {}
}
