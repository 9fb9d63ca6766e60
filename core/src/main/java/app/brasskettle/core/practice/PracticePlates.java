package app.brasskettle.core.practice;

import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.insulation.InsulationClass;
import app.brasskettle.core.insulation.WindingKind;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.resistance.Connection;
import java.util.Optional;

/** Nameplates of practice motors. */
final class PracticePlates {

    private static final double SLIP = 0.973;

    private PracticePlates() {}

    static double speed(SimulatedMotor.Rating r) {
        return Math.round(SLIP * 120 * r.frequencyHz() / r.poles());
    }

    static Plate of(SimulatedMotor.Rating r) {
        return new Plate(
                r.phases(),
                r.frequencyHz(),
                Optional.of(r.powerW()),
                Optional.of(r.voltageV()),
                Optional.of(Math.round(10 * r.currentA()) / 10.0),
                Optional.of(speed(r)),
                Optional.empty(),
                r.connection(),
                WindingKind.RANDOM_WOUND,
                InsulationClass.F,
                false,
                false,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    static String words(SimulatedMotor.Rating r) {
        return Figures.plain(r.powerW() / 1000) + " kW, " + Figures.plain(r.voltageV()) + " V, "
                + Figures.significant(r.currentA(), 3) + " A, " + Figures.plain(speed(r)) + " r/min, "
                + Figures.plain(r.frequencyHz()) + " Hz, " + r.phases() + (r.phases() == 1 ? " phase" : " phases")
                + (r.connection() == Connection.UNKNOWN
                        ? ""
                        : ", " + r.connection().code()) + ", class F";
    }
}
