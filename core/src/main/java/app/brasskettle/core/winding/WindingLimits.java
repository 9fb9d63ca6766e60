package app.brasskettle.core.winding;

/**
 * Usual ranges a taken winding is held against. All are shop settings; the defaults are common design practice.
 *
 * @param gapLowT least usual flux density in the air gap
 * @param gapHighT highest usual
 * @param toothLowT least in the teeth
 * @param toothHighT highest in the teeth
 * @param coreLowT least in the back iron
 * @param coreHighT highest in the back iron
 * @param currentDensityWatch current density in A/mm² from which to watch
 * @param currentDensityStop beyond which the count is wrong or the winding too hot
 * @param fillWatchPercent slot fill from which to watch
 * @param fillStopPercent beyond which the coils do not go in
 */
public record WindingLimits(
        double gapLowT,
        double gapHighT,
        double toothLowT,
        double toothHighT,
        double coreLowT,
        double coreHighT,
        double currentDensityWatch,
        double currentDensityStop,
        double fillWatchPercent,
        double fillStopPercent) {

    public static WindingLimits standard() {
        return new WindingLimits(0.4, 0.9, 1.2, 1.85, 1.0, 1.65, 6.5, 9, 75, 82);
    }
}
