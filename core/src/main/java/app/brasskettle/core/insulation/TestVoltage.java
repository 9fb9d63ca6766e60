package app.brasskettle.core.insulation;

/**
 * Band of direct test voltage for a rated voltage (IEEE Std 43-2013, table 1).
 *
 * @param lowV lower end
 * @param highV upper end
 */
public record TestVoltage(double lowV, double highV) {

    private static final double[] TESTER_STEPS_V = {50, 100, 250, 500, 1000, 2500, 5000, 10_000};

    /** The band for {@code ratedV}; an upper end belongs to the lower band, up to the next whole volt. */
    public static TestVoltage forRated(double ratedV) {
        if (ratedV < 1000) {
            return new TestVoltage(500, 500);
        }
        if (ratedV < 2501) {
            return new TestVoltage(500, 1000);
        }
        if (ratedV < 5001) {
            return new TestVoltage(1000, 2500);
        }
        return ratedV < 12_001 ? new TestVoltage(2500, 5000) : new TestVoltage(5000, 10_000);
    }

    /** The field school's choice: twice the rated voltage, to the tester's next step, never above the band. */
    public static double inTheField(double ratedV) {
        double high = forRated(ratedV).highV();
        for (double step : TESTER_STEPS_V) {
            if (step >= 2 * ratedV) {
                return Math.min(step, high);
            }
        }
        return high;
    }
}
