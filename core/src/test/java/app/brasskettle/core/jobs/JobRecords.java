package app.brasskettle.core.jobs;

import app.brasskettle.core.nameplate.Plate;
import java.util.Optional;

/** Records of jobs on which little is recorded. */
final class JobRecords {

    private JobRecords() {}

    static JobRecord with(Arrival arrival) {
        return with(Optional.of(arrival), Optional.empty(), Optional.empty());
    }

    static JobRecord with(Optional<Arrival> arrival, Optional<Plate> plate, Optional<String> certificate) {
        Job job = new Job();
        job.arrival = arrival;
        job.plate = plate;
        job.certificate = certificate;
        return job.record();
    }
}
