package app.brasskettle.core.nameplate;

/**
 * A range in which a figure most likely lies.
 *
 * @param low its lower end
 * @param high its upper end
 */
record Band(double low, double high) {

    Band times(double factor) {
        return new Band(low * factor, high * factor);
    }

    Band times(Band other) {
        return new Band(low * other.low, high * other.high);
    }

    /** What divides by {@code other}: least over most, most over least. */
    Band over(Band other) {
        return new Band(low / other.high, high / other.low);
    }

    Band meet(Band other) {
        return new Band(Math.max(low, other.low), Math.min(high, other.high));
    }

    Band join(Band other) {
        return new Band(Math.min(low, other.low), Math.max(high, other.high));
    }

    boolean empty() {
        return low > high;
    }

    boolean holds(double value) {
        return value >= low && value <= high;
    }

    /** The middle by ratio, which suits figures that grow in steps. */
    double middle() {
        return Math.sqrt(low * high);
    }
}
