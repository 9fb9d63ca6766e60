package app.brasskettle.core.jobs;

import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.RatingBlock;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.resistance.Connection;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Who changed what the tests are judged by. */
final class PlateChanges {

    private static final String NOT_KNOWN = "not known";
    private static final String NONE = "none";
    /** What {@link #basis} says of a fact that the plate does not state. */
    static final Set<String> UNSTATED = Set.of(NOT_KNOWN, NONE, Connection.UNKNOWN.code());

    private PlateChanges() {}

    /**
     * Says, a sentence each and newest first, who changed which of the facts that limits rest on.
     *
     * @param versions of the plate, oldest first
     */
    static List<String> of(List<JobRecord.PlateVersion> versions) {
        List<String> changes = new ArrayList<>();
        for (int i = versions.size() - 1; i > 0; i--) {
            Map<String, String> before = basis(versions.get(i - 1).plate());
            Map<String, String> after = basis(versions.get(i).plate());
            List<String> told = new ArrayList<>();
            after.forEach((fact, now) -> {
                if (!now.equals(before.get(fact))) {
                    told.add(fact + " " + before.get(fact) + " to " + now);
                }
            });
            if (!told.isEmpty()) {
                changes.add(versions.get(i).by() + " changed the plate: " + String.join(", ", told));
            }
        }
        return List.copyOf(changes);
    }

    /** The facts that limits rest on, in words. */
    static Map<String, String> basis(Plate p) {
        Map<String, String> facts = new LinkedHashMap<>();
        facts.put("phases", Integer.toString(p.phases()));
        facts.put("voltage", p.ratedVoltageV().map(v -> Figures.plain(v) + " V").orElse(NOT_KNOWN));
        facts.put("power", p.ratedPowerW().map(v -> Figures.plain(v) + " W").orElse(NOT_KNOWN));
        facts.put("current", p.ratedCurrentA().map(v -> Figures.plain(v) + " A").orElse(NOT_KNOWN));
        facts.put(
                "speed", p.ratedSpeedRpm().map(v -> Figures.plain(v) + " r/min").orElse(NOT_KNOWN));
        facts.put("frequency", Figures.plain(p.frequencyHz()) + " Hz");
        facts.put("connection", p.connection().code());
        facts.put("winding kind", p.windingKind().code());
        facts.put("insulation class", p.insulationClass().code());
        facts.put("made before 1970", p.madeBefore1970() ? "yes" : "no");
        facts.put("hazardous area", p.explosionProtected() ? "yes" : "no");
        facts.put(
                "second speed",
                p.secondSpeed()
                        .map(RatingBlock::ratedSpeedRpm)
                        .map(n -> Figures.plain(n) + " r/min")
                        .orElse(NONE));
        return facts;
    }
}
