package app.brasskettle.core.rotor;

import app.brasskettle.core.worksheet.Samples;
import org.hipparchus.complex.Complex;
import org.hipparchus.transform.DftNormalization;
import org.hipparchus.transform.FastFourierTransformer;
import org.hipparchus.transform.TransformType;

/**
 * Levels beside the line in the spectrum of a current record, by a fast Fourier transform under a Hann window.
 *
 * @param lineHz frequency of the line as found
 * @param resolutionHz distance of two lines of the spectrum
 * @param lowerDb level at (1 − 2s)·f under the line, dB
 * @param upperDb level at (1 + 2s)·f under the line, dB
 */
record Sidebands(double lineHz, double resolutionHz, double lowerDb, double upperDb) {

    /** A Hann window spreads a line over this many places of the spectrum to either side. */
    private static final int SPREAD = 2;

    /** The sidebands of {@code record} at slip {@code slip}, the line looked for within 2 % of {@code nominalHz}. */
    static Sidebands of(Samples record, double intervalS, double nominalHz, double slip) {
        int size = Integer.highestOneBit(record.size());
        double mean = 0;
        for (int i = 0; i < size; i++) {
            mean += record.at(i) / size;
        }
        double[] windowed = new double[size];
        for (int i = 0; i < size; i++) {
            windowed[i] = (record.at(i) - mean) * 0.5 * (1 - Math.cos(2 * Math.PI * i / (size - 1)));
        }
        Complex[] spectrum =
                new FastFourierTransformer(DftNormalization.STANDARD).transform(windowed, TransformType.FORWARD);
        double resolution = 1 / (size * intervalS);
        int line = highest(spectrum, nominalHz * 0.98, nominalHz * 1.02, resolution);
        double lineHz = line * resolution;
        double away = 2 * slip * lineHz;
        double level = spectrum[line].norm();
        return new Sidebands(
                lineHz,
                resolution,
                decibel(level, spectrum, lineHz - away, resolution),
                decibel(level, spectrum, lineHz + away, resolution));
    }

    /** Whether the sidebands lie far enough from the line to be told from it. */
    boolean apart(double slip) {
        return 2 * slip * lineHz > (2 * SPREAD + 1) * resolutionHz;
    }

    private static double decibel(double line, Complex[] spectrum, double hz, double resolution) {
        int at = highest(spectrum, hz - SPREAD * resolution, hz + SPREAD * resolution, resolution);
        return 20 * Math.log10(line / Math.max(spectrum[at].norm(), Double.MIN_NORMAL));
    }

    private static int highest(Complex[] spectrum, double fromHz, double toHz, double resolution) {
        int last = spectrum.length / 2 - 1;
        int from = Math.max(1, Math.min(last, (int) Math.round(fromHz / resolution)));
        int to = Math.max(from, Math.min(last, (int) Math.round(toHz / resolution)));
        int best = from;
        for (int i = from; i <= to; i++) {
            if (spectrum[i].norm() > spectrum[best].norm()) {
                best = i;
            }
        }
        return best;
    }
}
