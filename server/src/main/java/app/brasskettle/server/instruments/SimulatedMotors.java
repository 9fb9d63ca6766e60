package app.brasskettle.server.instruments;

import app.brasskettle.core.instruments.MotorFault;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.worksheet.Word;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.problems.RefusedException;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;

/** The simulated motor of a job: its rating from the nameplate, its faults from the job's own setting. */
@Component
class SimulatedMotors {

    private final JobBook book;

    SimulatedMotors(JobBook book) {
        this.book = book;
    }

    SimulatedMotor of(String tag) {
        Plate plate = book.plate(tag)
                .filter(p -> p.ratedVoltageV().isPresent() && p.ratedPowerW().isPresent())
                .orElseThrow(() -> RefusedException.gated(
                        "Read or estimate voltage and power first: the instruments set themselves by them"));
        Map<String, Object> setting = book.simulatedMotor(tag);
        Set<MotorFault> faults = EnumSet.noneOf(MotorFault.class);
        if (setting.get("faults") instanceof List<?> words) {
            words.forEach(w -> Word.parse(MotorFault.class, w.toString()).ifPresent(faults::add));
        }
        double temperature = setting.get("windingTemperatureC") instanceof Number n ? n.doubleValue() : 20;
        return new SimulatedMotor(
                plate.ratedVoltageV().get(),
                plate.ratedPowerW().get(),
                plate.connection(),
                temperature,
                faults,
                tag.hashCode());
    }
}
