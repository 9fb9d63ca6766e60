package app.brasskettle.core.testkind;

import app.brasskettle.core.worksheet.Coded;

/**
 * What the Stop of a test does to energising.
 *
 * @param hold how far it holds
 * @param waivable true when a lead hand may waive it in writing, within the shop's factor
 * @param why the reason
 */
public record StopEffect(Hold hold, boolean waivable, String why) {

    /** How far a reason holds energising. */
    public enum Hold implements Coded {
        /** Not at all. */
        NOTHING,
        /** Reduced voltage or limited current, guarded, is still safe and is what it takes to look for the cause. */
        TEST_POWER_ONLY,
        /** No power of any kind. */
        BLOCKED
    }

    public static StopEffect none() {
        return new StopEffect(Hold.NOTHING, false, "Says nothing about power");
    }

    public static StopEffect blocks(String why) {
        return new StopEffect(Hold.BLOCKED, false, why);
    }

    public static StopEffect limit(String why) {
        return new StopEffect(Hold.BLOCKED, true, why);
    }

    public static StopEffect testPower(String why) {
        return new StopEffect(Hold.TEST_POWER_ONLY, false, why);
    }

    public static StopEffect testPowerLimit(String why) {
        return new StopEffect(Hold.TEST_POWER_ONLY, true, why);
    }
}
