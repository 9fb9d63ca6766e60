package app.brasskettle.core.jobs;

import app.brasskettle.core.instruments.Faults;
import app.brasskettle.core.instruments.MotorFault;
import app.brasskettle.core.instruments.SimulatedBench;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.surge.SurgeRise;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.worksheet.Samples;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Surge traces of a sound motor and of one with shorted turns, made once. */
final class Surges {

    private static final SurgeSet SOUND = of(Faults.of());
    private static final SurgeSet SHORTED = of(Faults.of(MotorFault.TURN_SHORT));

    private static final SurgeSet ROTOR_IN_SOUND = of(Faults.of(), true);
    private static final SurgeSet ROTOR_IN_SHORTED = of(Faults.of(MotorFault.TURN_SHORT), true);

    private Surges() {}

    private static SurgeSet of(Faults faults) {
        return of(faults, false);
    }

    private static SurgeSet of(Faults faults, boolean rotorIn) {
        SimulatedMotor motor =
                new SimulatedMotor(SimulatedMotor.Rating.usual(400, 15_000, Connection.WYE), 22, faults, 11);
        return motor.surge(new SimulatedBench(motor).surgeV(), rotorIn);
    }

    static SurgeSet set(boolean shorted) {
        return shorted ? SHORTED : SOUND;
    }

    /** The same with the rotor in, the shaft at {@code degrees}. */
    static SurgeSet rotorIn(boolean shorted, double degrees) {
        SurgeSet set = shorted ? ROTOR_IN_SHORTED : ROTOR_IN_SOUND;
        return new SurgeSet(
                set.sampleIntervalS(),
                set.traceA(),
                set.traceB(),
                set.traceC(),
                set.connection(),
                true,
                Optional.of(degrees));
    }

    /** Coils unlike by construction: one phase of a wye rings a tenth slower and dies no faster. */
    static SurgeSet unlike() {
        return new SurgeSet(1e-6, ring(9000), ring(9000), ring(8100), Connection.WYE, false, Optional.empty());
    }

    /** Pulses of 500, 1000, 1500 V …, leads A and B ringing at 9 kHz and lead C as given. */
    static SurgeRise rising(double... hertz) {
        List<SurgeRise.Pulse> pulses = new ArrayList<>();
        for (SurgeRise.Lead lead : SurgeRise.Lead.values()) {
            for (int i = 0; i < hertz.length; i++) {
                pulses.add(new SurgeRise.Pulse(lead, 500 * (i + 1), ring(lead == SurgeRise.Lead.C ? hertz[i] : 9000)));
            }
        }
        return new SurgeRise(1e-6, false, Optional.of(Connection.WYE), pulses);
    }

    private static Samples ring(double hertz) {
        return Samples.of(IntStream.range(0, 1000)
                .mapToDouble(i ->
                        Math.rint(1e6 * Math.exp(-hertz * i * 3.3e-7) * Math.cos(2e-6 * Math.PI * hertz * i)) / 1e3)
                .toArray());
    }
}
