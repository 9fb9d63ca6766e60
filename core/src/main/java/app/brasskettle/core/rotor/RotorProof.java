package app.brasskettle.core.rotor;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.Samples;
import java.util.List;
import java.util.Optional;

/**
 * What tells of a cage: a record of the line current on load, the current over a turn by hand at low single-phase voltage, or
 * both.
 *
 * @param frequencyHz supply frequency
 * @param poles of the motor
 * @param loadSpeedRpm speed while the record was taken
 * @param sampleIntervalS time between its samples
 * @param lineCurrentA the record, 1,024 samples or more, in any unit
 * @param turnCurrentsA currents at even steps over one turn of the shaft
 */
public record RotorProof(
        double frequencyHz,
        int poles,
        Optional<Double> loadSpeedRpm,
        Optional<Double> sampleIntervalS,
        Optional<Samples> lineCurrentA,
        Optional<List<Double>> turnCurrentsA) {

    private static final int FEWEST = 1024;
    private static final int MOST = 1 << 18;
    private static final int FEWEST_STEPS = 8;
    private static final int MAX_STEPS = 720;
    private static final int MAX_POLES = 120;

    public RotorProof {
        loadSpeedRpm = Problems.orEmpty(loadSpeedRpm);
        sampleIntervalS = Problems.orEmpty(sampleIntervalS);
        lineCurrentA = Problems.orEmpty(lineCurrentA);
        turnCurrentsA = Problems.orEmpty(turnCurrentsA).map(Problems::copy);
        Problems problems = new Problems();
        problems.positive("frequencyHz", frequencyHz, "Hz");
        if (problems.whole("poles", poles, 2, MAX_POLES, "") && poles % 2 != 0) {
            problems.add("poles", Problem.Code.RANGE, "poles is " + poles + "; poles come in pairs");
        }
        sampleIntervalS.ifPresent(i -> problems.positive("sampleIntervalS", i, "s"));
        if (lineCurrentA.isPresent()) {
            record(lineCurrentA.get(), problems);
            problems.present("sampleIntervalS", sampleIntervalS.orElse(null));
            problems.present("loadSpeedRpm", loadSpeedRpm.orElse(null));
        }
        if (loadSpeedRpm.isPresent()
                && problems.positive("loadSpeedRpm", loadSpeedRpm.get(), "r/min")
                && problems.clear("frequencyHz", "poles")
                && loadSpeedRpm.get() >= 120 * frequencyHz / poles) {
            problems.add(
                    "loadSpeedRpm",
                    Problem.Code.CONTRADICTION,
                    "loadSpeedRpm is " + loadSpeedRpm.get() + "; on load it lies under the synchronous "
                            + 120 * frequencyHz / poles + " r/min");
        }
        turnCurrentsA.ifPresent(t -> {
            if (problems.size("turnCurrentsA", t, FEWEST_STEPS, MAX_STEPS)) {
                for (int i = 0; i < t.size(); i++) {
                    problems.positive("turnCurrentsA[" + i + "]", t.get(i), "A");
                }
            }
        });
        if (lineCurrentA.isEmpty() && turnCurrentsA.isEmpty()) {
            problems.add("lineCurrentA", Problem.Code.MISSING, "lineCurrentA or turnCurrentsA is needed");
        }
        problems.throwIfAny();
    }

    private static void record(Samples samples, Problems problems) {
        if (samples.size() < FEWEST || samples.size() > MOST) {
            problems.add(
                    "lineCurrentA",
                    Problem.Code.COUNT,
                    "lineCurrentA has " + samples.size() + " samples; " + FEWEST + " to " + MOST + " are needed");
        } else if (samples.peak() == 0) {
            problems.add("lineCurrentA", Problem.Code.RANGE, "lineCurrentA is zero throughout");
        }
    }

    /** Slip of the record: how far the rotor lags the field, per unit. */
    double slip() {
        double synchronous = 120 * frequencyHz / poles;
        return (synchronous - loadSpeedRpm.orElseThrow()) / synchronous;
    }
}
