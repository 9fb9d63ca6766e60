package app.brasskettle.core.testrecord;

import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.surge.EarlierTraces;
import app.brasskettle.core.testkind.Judging;
import app.brasskettle.core.testkind.TestKind;
import java.util.Optional;

/**
 * A test as it was recorded.
 *
 * @param kind which test
 * @param speed 1, or 2 for the second speed of a two-speed motor
 * @param input its readings, completed by the plate that stands now
 * @param contradiction why plate and readings cannot both be right, where they cannot
 * @param at when it was taken, seconds of the epoch
 * @param by who took it
 * @param appliedV test voltage in V as noted or as the instrument set it; peak of a surge
 * @param instrument the instrument of the shop's list that read it
 * @param origin how it came into the record
 * @param originNote reason or file behind the origin; empty for a test taken here
 * @param supersededBecause why a later test stands in its place, where one does
 * @param corrected true where the later one corrects a typing error of this one and is no new reading
 * @param earlierTraces traces of an earlier visit that were laid beside these, for a surge test that needs them
 * @param known what was computed of these readings before; used as long as the rules are the same
 */
public record RecordedTest(
        TestKind kind,
        int speed,
        Record input,
        Optional<String> contradiction,
        double at,
        String by,
        Optional<Double> appliedV,
        Optional<InstrumentUsed> instrument,
        Origin origin,
        String originNote,
        Optional<String> supersededBecause,
        boolean corrected,
        Optional<EarlierTraces> earlierTraces,
        Optional<Known> known) {

    /**
     * A judgement computed before, which spares computing it again.
     *
     * @param rules the rules it was made by
     * @param judging what they say of the readings alone
     */
    public record Known(ShopRules rules, Judging judging) {}

    /** A test that needs no earlier traces beside it. */
    public RecordedTest(
            TestKind kind,
            int speed,
            Record input,
            Optional<String> contradiction,
            double at,
            String by,
            Optional<Double> appliedV,
            Optional<InstrumentUsed> instrument,
            Origin origin,
            String originNote,
            Optional<String> supersededBecause) {
        this(
                kind,
                speed,
                input,
                contradiction,
                at,
                by,
                appliedV,
                instrument,
                origin,
                originNote,
                supersededBecause,
                false,
                Optional.empty(),
                Optional.empty());
    }

    /** A test taken here at {@code at} without an instrument of the list, at the voltage given. */
    public static RecordedTest taken(TestKind kind, Record input, double at, Optional<Double> appliedV) {
        return new RecordedTest(
                kind,
                1,
                input,
                Optional.empty(),
                at,
                "",
                appliedV,
                Optional.empty(),
                Origin.HERE,
                "",
                Optional.empty());
    }

    /** Step of the job where it is taken. */
    public String step() {
        return kind.step(speed);
    }

    /** Judges its readings alone, or takes what the same rules made of them before. */
    Judging alone(ShopRules rules) {
        return known.filter(k -> k.rules().equals(rules)).map(Known::judging).orElseGet(() -> kind.judge(input, rules));
    }

    /** Tells whether no later test stands in its place. */
    public boolean standing() {
        return supersededBecause.isEmpty();
    }
}
