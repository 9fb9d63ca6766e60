package app.brasskettle.core.grouping;

/** Sum of the unit vectors of coils. */
record PhaseVector(double real, double imaginary) {

    double size() {
        return Math.hypot(real, imaginary);
    }

    double degrees() {
        return Math.toDegrees(Math.atan2(imaginary, real));
    }
}
