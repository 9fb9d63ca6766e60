package app.brasskettle.core.jobs;

import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.rules.ShopRules;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Records of jobs on which little is recorded. */
final class JobRecords {

    private JobRecords() {}

    static JobRecord with(Arrival arrival) {
        return with(Optional.of(arrival), Optional.empty(), Optional.empty());
    }

    static JobRecord with(Optional<Arrival> arrival, Optional<Plate> plate, Optional<String> certificate) {
        return new JobRecord(
                arrival,
                plate,
                certificate,
                ShopRules.standard(),
                Course.usual(),
                0,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                Set.of(),
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                false,
                TakenApart.not(),
                Optional.empty(),
                List.of(),
                Set.of(),
                Optional.empty(),
                Map.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }
}
