package app.brasskettle.core.jobs;

import app.brasskettle.core.instruments.Faults;
import app.brasskettle.core.instruments.MotorFault;
import app.brasskettle.core.instruments.SimulatedBench;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.surge.SurgeSet;

/** Surge traces of a sound motor and of one with shorted turns, made once. */
final class Surges {

    private static final SurgeSet SOUND = of(Faults.of());
    private static final SurgeSet SHORTED = of(Faults.of(MotorFault.TURN_SHORT));

    private Surges() {}

    private static SurgeSet of(Faults faults) {
        SimulatedMotor motor =
                new SimulatedMotor(SimulatedMotor.Rating.usual(400, 15_000, Connection.WYE), 22, faults, 11);
        return motor.surge(new SimulatedBench(motor).surgeV(), false);
    }

    static SurgeSet set(boolean shorted) {
        return shorted ? SHORTED : SOUND;
    }
}
