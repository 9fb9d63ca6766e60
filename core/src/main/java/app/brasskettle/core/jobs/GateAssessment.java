package app.brasskettle.core.jobs;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.energise.DischargeClock;
import app.brasskettle.core.energise.GateFacts;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.rules.ShopLimit;
import app.brasskettle.core.teardown.TeardownLogAssessment;
import app.brasskettle.core.testrecord.JudgedTests;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What the record of a job tells the gates. */
final class GateAssessment {

    /** Findings that say that a rotor cannot have turned freely. */
    private static final List<Evidence> BOUND =
            List.of(Evidence.SHAFT_BINDS, Evidence.BEARING_DESTROYED, Evidence.ROTOR_DRAG_MARKS);

    private GateAssessment() {}

    static GateFacts of(
            JobRecord job,
            JudgedTests tests,
            DismantledAssessment apart,
            List<Evidence> standing,
            Optional<DischargeClock> clock) {
        return new GateFacts(
                tests,
                job.timeline().works(),
                job.timeline().winding(),
                job.power(),
                clock,
                job.plate()
                        .filter(p -> p.ratedVoltageV().isPresent())
                        .map(Plate::phases)
                        .orElse(0),
                job.speeds(),
                shaft(job),
                contradictions(job, standing),
                apart.log().map(TeardownLogAssessment::off).orElse(0),
                job.routing().left().isPresent(),
                standing.contains(Evidence.PROTECTOR_OPEN),
                job.arrived()
                        .map(a -> a.auxiliaries().stream()
                                .map(Arrival.Auxiliary::label)
                                .toList())
                        .orElse(List.of()),
                job.rules().figure(ShopLimit.WAIVER_FACTOR),
                job.demonstration());
    }

    private static Optional<GateFacts.Shaft> shaft(JobRecord job) {
        return job.arrival()
                .flatMap(r -> r.sheet().turnsFreely().map(free -> new GateFacts.Shaft(free, r.at(), r.elsewhere())));
    }

    /** Records that cannot both be true, in the words a lead hand settles them by. */
    private static List<String> contradictions(JobRecord job, List<Evidence> standing) {
        List<String> all = new ArrayList<>();
        boolean free =
                job.arrived().flatMap(Arrival::turnsFreely).filter(f -> f).isPresent();
        if (free) {
            BOUND.stream()
                    .filter(standing::contains)
                    .map(e -> "The shaft is recorded as free, and also: " + e.label())
                    .forEach(all::add);
        }
        return List.copyOf(all);
    }
}
