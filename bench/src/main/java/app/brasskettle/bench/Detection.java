package app.brasskettle.bench;

import app.brasskettle.core.catalogue.WorksheetCatalogue;
import app.brasskettle.core.instruments.MotorFault;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.insulation.InsulationClass;
import app.brasskettle.core.insulation.InsulationLimits;
import app.brasskettle.core.insulation.InsulationSystem;
import app.brasskettle.core.insulation.InsulationTest;
import app.brasskettle.core.insulation.InsulationWorksheet;
import app.brasskettle.core.insulation.TimedReading;
import app.brasskettle.core.insulation.WindingKind;
import app.brasskettle.core.resistance.Conductor;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.resistance.Pair;
import app.brasskettle.core.resistance.ResistanceLimits;
import app.brasskettle.core.resistance.ResistanceTest;
import app.brasskettle.core.resistance.ResistanceWorksheet;
import app.brasskettle.core.resistance.TerminalOhms;
import app.brasskettle.core.surge.SurgeLimits;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.withstand.StepVoltageTest;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.DoubleStream;

/**
 * The share of simulated motors each test of the bench does not pass, per fault, printed as a Markdown table; the row of the
 * sound motor is the false alarms. A test counts as finding something where its verdict is not HOLDS, or where the
 * instrument tripped or found no value before a reading could be judged.
 */
public final class Detection {

    private static final int SEEDS = 200;
    private static final double[] KILOWATTS = {0.37, 7.5, 90};
    private static final List<Connection> CONNECTIONS = List.of(Connection.WYE, Connection.DELTA);
    private static final double SURGE_V = 1170;
    private static final double RAMP_V = 850;

    private static final Map<String, Function<SimulatedMotor, Verdict>> TESTS = new LinkedHashMap<>();

    static {
        TESTS.put("insulation, 10 min", Detection::insulation);
        TESTS.put("resistance", Detection::resistance);
        TESTS.put("balance, 8 positions", Detection::balance);
        TESTS.put("step voltage", Detection::ramp);
        TESTS.put("surge, rotor in", m -> surge(m, true));
        TESTS.put("surge, rotor out", m -> surge(m, false));
    }

    private Detection() {}

    public static void main(String[] args) {
        System.out.println("| motor | " + String.join(" | ", TESTS.keySet()) + " | any test |");
        System.out.println("|---|" + "---|".repeat(TESTS.size() + 1));
        row("sound", Set.of());
        for (MotorFault fault : MotorFault.values()) {
            row(fault.spoken(), Set.of(fault));
        }
    }

    private static void row(String name, Set<MotorFault> faults) {
        int[] found = new int[TESTS.size() + 1];
        int motors = 0;
        for (Connection connection : CONNECTIONS) {
            for (double kilowatts : KILOWATTS) {
                for (long seed = 0; seed < SEEDS; seed++) {
                    motors++;
                    count(new SimulatedMotor(400, 1000 * kilowatts, connection, 22, faults, seed), found);
                }
            }
        }
        StringBuilder line = new StringBuilder("| " + name + " |");
        for (int n : found) {
            line.append(String.format(" %d of %d |", n, motors));
        }
        System.out.println(line);
    }

    private static void count(SimulatedMotor motor, int[] found) {
        boolean any = false;
        int column = 0;
        for (Function<SimulatedMotor, Verdict> test : TESTS.values()) {
            boolean hit = test.apply(motor) != Verdict.HOLDS;
            found[column++] += hit ? 1 : 0;
            any |= hit;
        }
        found[column] += any ? 1 : 0;
    }

    private static Verdict insulation(SimulatedMotor motor) {
        List<TimedReading> readings = DoubleStream.of(15, 30, 60, 120, 300, 600)
                .mapToObj(t -> motor.insulationAt(t, 500))
                .toList();
        return InsulationWorksheet.create(InsulationLimits.standard())
                .work()
                .apply(new InsulationTest(
                        400,
                        WindingKind.RANDOM_WOUND,
                        InsulationSystem.THERMOSETTING,
                        false,
                        InsulationClass.F,
                        22,
                        Optional.empty(),
                        Optional.empty(),
                        readings))
                .verdict();
    }

    private static Verdict resistance(SimulatedMotor motor) {
        Map<Pair, Double> ohms = motor.terminalOhms();
        List<Pair> open =
                Arrays.stream(Pair.values()).filter(p -> !ohms.containsKey(p)).toList();
        return ResistanceWorksheet.create(ResistanceLimits.standard())
                .work()
                .apply(new ResistanceTest(
                        motor.connection(),
                        WindingKind.RANDOM_WOUND,
                        Conductor.COPPER,
                        22,
                        new TerminalOhms(
                                Optional.ofNullable(ohms.get(Pair.AB)),
                                Optional.ofNullable(ohms.get(Pair.BC)),
                                Optional.ofNullable(ohms.get(Pair.CA))),
                        open.isEmpty() ? Optional.empty() : Optional.of(open)))
                .verdict();
    }

    private static Verdict balance(SimulatedMotor motor) {
        return motor.balance(8)
                .map(read -> WorksheetCatalogue.BALANCE.work().apply(read).verdict())
                .orElse(Verdict.STOP);
    }

    private static Verdict ramp(SimulatedMotor motor) {
        List<StepVoltageTest.Rise> rises = motor.ramp(RAMP_V, 5);
        return rises.size() < 5
                ? Verdict.STOP
                : WorksheetCatalogue.STEP_VOLTAGE
                        .work()
                        .apply(new StepVoltageTest(rises))
                        .verdict();
    }

    private static Verdict surge(SimulatedMotor motor, boolean rotorFitted) {
        return motor.surge(SURGE_V, rotorFitted)
                .compare(SurgeLimits.standard())
                .judgement()
                .verdict();
    }
}
