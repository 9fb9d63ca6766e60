package app.brasskettle.core.jobs;

import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.PlateAssessment;
import app.brasskettle.core.nameplate.PlateDetails;
import app.brasskettle.core.nameplate.RatingBlock;
import app.brasskettle.core.prove.Predicted;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.redesign.DesignedWinding;
import app.brasskettle.core.redesign.RedesignAssessment;
import app.brasskettle.core.release.RelaySetting;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.turningfield.LowVoltagePlan;
import app.brasskettle.core.winding.WindingData;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The speeds of a motor by its plate. */
final class Speeds {

    private Speeds() {}

    /** What a test at each speed adds to its name, ", 1450 Δ"; an empty text for a motor with one. */
    static List<String> names(JobRecord job) {
        Optional<RatingBlock> second = job.plate().flatMap(Plate::secondSpeed);
        return second.isEmpty()
                ? List.of("")
                : List.of(
                        named(
                                job.plate().flatMap(Plate::ratedSpeedRpm).orElse(0.0),
                                job.plate().map(Plate::connection)),
                        named(second.get().ratedSpeedRpm(), second.map(RatingBlock::connection)));
    }

    /** Poles at each speed; none while the plate does not tell. */
    static List<Integer> poles(JobRecord job) {
        List<Integer> poles = new ArrayList<>();
        job.plate().map(PlateAssessment::of).flatMap(PlateAssessment::poles).ifPresent(poles::add);
        if (!poles.isEmpty()) {
            job.plate().flatMap(Plate::secondSpeed).map(RatingBlock::poles).ifPresent(poles::add);
        }
        return List.copyOf(poles);
    }

    /** Settings of the overload relay, one a speed. */
    static List<RelaySetting> relays(JobRecord job) {
        List<String> names = names(job);
        Optional<Double> factor = job.plate().flatMap(Plate::details).flatMap(PlateDetails::serviceFactor);
        List<RelaySetting> relays = new ArrayList<>();
        job.plate().flatMap(Plate::ratedCurrentA).ifPresent(a -> relays.add(RelaySetting.of(names.get(0), a, factor)));
        job.plate()
                .flatMap(Plate::secondSpeed)
                .ifPresent(b -> relays.add(RelaySetting.of(names.get(1), b.ratedCurrentA(), factor)));
        return List.copyOf(relays);
    }

    /** The voltage for the turning field of the new winding at each speed; empty unless every speed has its connection. */
    static List<LowVoltagePlan> field(JobRecord job, RedesignAssessment redesign) {
        List<Integer> poles = poles(job);
        Optional<WindingData> data = redesign.chosen().map(DesignedWinding::data);
        Optional<Double> ohm = redesign.chosen().flatMap(c -> c.result().terminalOhmAt25C());
        if (data.isEmpty() || ohm.isEmpty()) {
            return List.of();
        }
        Map<Integer, Double> ohms =
                Predicted.of(data.get(), ohm.get(), redesign.diagram(), poles).terminalOhmAt25C();
        List<LowVoltagePlan> plans = new ArrayList<>();
        for (int speed = 1; speed <= poles.size(); speed++) {
            double rated = (speed == 2
                            ? job.plate().flatMap(Plate::secondSpeed).map(RatingBlock::ratedCurrentA)
                            : job.plate().flatMap(Plate::ratedCurrentA))
                    .orElse(data.get().ratedCurrentA());
            Optional<Double> terminal = Optional.ofNullable(ohms.get(speed));
            int field = poles.get(speed - 1);
            redesign.diagram()
                    .flatMap(d -> d.forPoles(field, data.get().connection()))
                    .flatMap(c -> terminal.flatMap(t -> LowVoltagePlan.of(data.get(), c, t, rated)))
                    .ifPresent(plans::add);
        }
        return plans.size() == poles.size() ? List.copyOf(plans) : List.of();
    }

    private static String named(double rpm, Optional<Connection> connection) {
        String joined = connection
                .map(c -> switch (c) {
                    case WYE -> " Y";
                    case DELTA -> " Δ";
                    case UNKNOWN -> "";
                })
                .orElse("");
        return ", " + Figures.plain(rpm) + joined;
    }
}
