package app.brasskettle.core.practice;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.instruments.Faults;
import app.brasskettle.core.instruments.MotorFault;
import app.brasskettle.core.instruments.Severity;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.jobs.Arrival;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.ShippedTable;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;

/**
 * An exercise: a motor as it comes in, and what is hidden in it.
 *
 * @param id its code
 * @param level 1 for the first week to 5 for hands that have seen much
 * @param topic what it practises
 * @param title its heading
 * @param complaint as the customer says it at the counter
 * @param told what the customer says when asked
 * @param outside what is found before it is opened
 * @param inside what is found once it is open
 * @param pattern how the stator is burnt, in the words of {@link PaintedStator}
 * @param shaft what turning it shows
 * @param rating what it is made for
 * @param celsius temperature of the winding
 * @param faults of the simulated motor
 * @param outageCostPerHour what an hour without it costs
 * @param design of a bare stator; empty for a whole motor
 * @param answers codes that are right; the first is what it was made with
 * @param lesson what is to be learnt
 */
public record Exercise(
        String id,
        int level,
        Topic topic,
        String title,
        String complaint,
        List<Evidence> told,
        List<Evidence> outside,
        List<Evidence> inside,
        String pattern,
        Arrival.ShaftState shaft,
        SimulatedMotor.Rating rating,
        double celsius,
        Faults faults,
        double outageCostPerHour,
        String design,
        List<String> answers,
        String lesson) {

    /** What an exercise practises. */
    public enum Topic implements Coded {
        BENCH,
        SINGLE_PHASE,
        MECHANICS,
        TWO_SPEED,
        WINDING,
        DECISION;

        /** Whether a bare stator lies on the bench, and the answer is a winder's mistake. */
        boolean bare() {
            return this == WINDING || this == TWO_SPEED;
        }
    }

    private static final double HERTZ = 50;
    private static final List<Exercise> SHIPPED = ShippedTable.rows(Exercise.class, "exercises.csv").stream()
            .map(Exercise::row)
            .toList();

    /** Every exercise, in the order of the table. */
    public static List<Exercise> shipped() {
        return SHIPPED;
    }

    /** The exercise with a code. */
    public static Optional<Exercise> find(String id) {
        return SHIPPED.stream().filter(e -> e.id().equals(id)).findFirst();
    }

    private static Exercise row(CSVRecord r) {
        return new Exercise(
                r.get("id"),
                Integer.parseInt(r.get("level")),
                Coded.parse(Topic.class, r.get("topic")).orElseThrow(),
                r.get("title"),
                r.get("complaint"),
                evidence(r.get("told")),
                evidence(r.get("outside")),
                evidence(r.get("inside")),
                r.get("pattern"),
                Coded.parse(Arrival.ShaftState.class, r.get("shaft")).orElseThrow(),
                new SimulatedMotor.Rating(
                        Integer.parseInt(r.get("phases")),
                        Double.parseDouble(r.get("volts")),
                        Double.parseDouble(r.get("watts")),
                        HERTZ,
                        Integer.parseInt(r.get("poles")),
                        Coded.parse(Connection.class, r.get("connection")).orElseThrow()),
                Double.parseDouble(r.get("celsius")),
                faults(r.get("faults")),
                r.get("outage").isEmpty() ? 0 : Double.parseDouble(r.get("outage")),
                r.get("design"),
                List.of(r.get("answer").split("\\|")),
                r.get("lesson"));
    }

    private static List<String> words(String text) {
        return Arrays.stream(text.split(" ")).filter(w -> !w.isEmpty()).toList();
    }

    private static List<Evidence> evidence(String text) {
        return words(text).stream()
                .map(w ->
                        Coded.parse(Evidence.class, w).orElseThrow(() -> new IllegalStateException("No evidence " + w)))
                .toList();
    }

    private static Faults faults(String text) {
        Faults faults = Faults.none();
        for (String word : words(text)) {
            String[] parts = word.split(":");
            faults = faults.with(
                    Coded.parse(MotorFault.class, parts[0])
                            .orElseThrow(() -> new IllegalStateException("No fault " + word)),
                    parts.length == 1
                            ? Severity.MODERATE
                            : Coded.parse(Severity.class, parts[1]).orElseThrow());
        }
        return faults;
    }
}
