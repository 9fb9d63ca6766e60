package app.brasskettle.server.instruments;

import app.brasskettle.core.connection.ConnectionDiagram;
import app.brasskettle.core.instruments.BareStator;
import app.brasskettle.core.instruments.DeviceFault;
import app.brasskettle.core.instruments.Faults;
import app.brasskettle.core.instruments.MotorFault;
import app.brasskettle.core.instruments.OvenFault;
import app.brasskettle.core.instruments.Severity;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.instruments.WindersMistake;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.PlateAssessment;
import app.brasskettle.core.nameplate.RatingBlock;
import app.brasskettle.core.redesign.DesignedWinding;
import app.brasskettle.core.redesign.RedesignAssessment;
import app.brasskettle.core.turningfield.FieldReading;
import app.brasskettle.core.turningfield.LowVoltagePlan;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.ReadJob;
import app.brasskettle.server.problems.RefusedException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The simulated motor of a job: its rating from the nameplate, its faults from the job's own setting. */
@Component
public class SimulatedMotors {

    private static final int USUAL_POLES = 4;

    private final JobBook book;

    SimulatedMotors(JobBook book) {
        this.book = book;
    }

    SimulatedMotor of(String tag) {
        return of(tag, 1);
    }

    /** The motor as it is at one of its speeds. */
    public SimulatedMotor of(String tag, int speed) {
        Plate plate = book.plate(tag)
                .filter(p -> p.ratedVoltageV().isPresent() && p.ratedPowerW().isPresent())
                .orElseThrow(() -> RefusedException.gated(
                        "Read or estimate voltage and power first: the instruments set themselves by them"));
        return of(plate, speed, book.simulatedMotor(tag), seed(tag));
    }

    private long seed(String tag) {
        return book.simulatedMotor(tag).get("seed") instanceof Number n ? n.longValue() : tag.hashCode();
    }

    /** The motor of {@code plate} with what a job set for its model. */
    private static SimulatedMotor of(Plate plate, int speed, Map<String, Object> setting, long seed) {
        Optional<RatingBlock> second = plate.secondSpeed().filter(b -> speed == 2);
        int poles = second.map(RatingBlock::poles)
                .or(() -> PlateAssessment.of(plate).poles())
                .orElse(USUAL_POLES);
        double temperature = setting.get("windingTemperatureC") instanceof Number n ? n.doubleValue() : 20;
        return new SimulatedMotor(
                new SimulatedMotor.Rating(
                        plate.phases(),
                        second.map(RatingBlock::ratedVoltageV)
                                .or(plate::ratedVoltageV)
                                .orElseThrow(),
                        second.map(RatingBlock::ratedPowerW)
                                .or(plate::ratedPowerW)
                                .orElseThrow(),
                        plate.frequencyHz(),
                        poles,
                        second.map(RatingBlock::connection).orElse(plate.connection())),
                temperature,
                faults(setting),
                speed == 2 ? seed + 1 : seed);
    }

    /** Faults by their words, each clear unless its severity is named. */
    private static Faults faults(Map<String, Object> setting) {
        Faults faults = Faults.none();
        Map<?, ?> severities = setting.get("severities") instanceof Map<?, ?> m ? m : Map.of();
        if (setting.get("faults") instanceof List<?> words) {
            for (Object word : words) {
                Optional<MotorFault> fault = Coded.parse(MotorFault.class, word.toString());
                if (fault.isPresent()) {
                    Object told = severities.get(word);
                    Severity severity = Coded.parse(Severity.class, told == null ? "" : told.toString())
                            .orElse(Severity.MODERATE);
                    faults = faults.with(fault.get(), severity);
                }
            }
        }
        return faults;
    }

    /** What goes wrong with the simulated oven of a job. */
    OvenFault oven(String tag) {
        Object told = book.simulatedMotor(tag).get("ovenFault");
        return Coded.parse(OvenFault.class, told == null ? "" : told.toString()).orElse(OvenFault.NONE);
    }

    /** The new winding of a job as its winder left it, at one of its speeds, and the current it draws if it is sound. */
    FieldReading bareStator(String tag, ReadJob job, int speed) {
        List<LowVoltagePlan> plans = job.reading().rewind().field();
        Optional<RedesignAssessment> design = job.reading().redesign();
        Optional<WindingData> data = design.flatMap(RedesignAssessment::chosen).map(DesignedWinding::data);
        Optional<ConnectionDiagram> diagram = design.flatMap(RedesignAssessment::diagram);
        if (plans.size() < speed || data.isEmpty() || diagram.isEmpty()) {
            throw RefusedException.gated(
                    "The simulated field needs the new winding and a connection that proves itself");
        }
        LowVoltagePlan plan = plans.get(speed - 1);
        Object told = book.simulatedMotor(tag).get("windersMistake");
        return diagram.get()
                .forPoles(plan.poles(), data.get().connection())
                .map(c -> BareStator.of(
                        data.get(),
                        diagram.get(),
                        c,
                        Coded.parse(WindersMistake.class, told == null ? "" : told.toString()),
                        seed(tag)))
                .orElseThrow()
                .read(plan.voltageV(), plan.currentA());
    }

    /** How the instruments of a job fail, if they do. */
    DeviceFault device(String tag) {
        Object told = book.simulatedMotor(tag).get("deviceFault");
        return Coded.parse(DeviceFault.class, told == null ? "" : told.toString())
                .orElse(DeviceFault.NONE);
    }
}
