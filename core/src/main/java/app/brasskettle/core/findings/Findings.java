package app.brasskettle.core.findings;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * Findings on an open motor.
 *
 * @param findings each finding
 * @param endPlayMm how far the shaft moved along its axis before it was opened
 * @param spinDownBeforeSeconds time from rated speed to standstill before it was opened, or turned by hand on the bench
 * @param spinDownAfterSeconds the same after reassembly
 */
public record Findings(
        List<Finding> findings,
        Optional<Double> endPlayMm,
        Optional<Double> spinDownBeforeSeconds,
        Optional<Double> spinDownAfterSeconds) {

    /**
     * One finding.
     *
     * @param component what part
     * @param place where
     * @param condition a condition of the list for that component, or absent where only the note tells it
     * @param severity how bad
     * @param note anything else
     */
    public record Finding(
            String component,
            FindingPlace place,
            Optional<String> condition,
            Severity severity,
            Optional<String> note) {

        public Finding {
            condition = Problems.orEmpty(condition);
            note = Problems.orEmpty(note).map(String::strip).filter(n -> !n.isEmpty());
            Problems problems = new Problems();
            boolean named = problems.name("component", component);
            if (named && Condition.ofComponent(component).isEmpty()) {
                problems.add(
                        "component",
                        Problem.Code.WORD,
                        "component is “" + component + "”; it must be one of "
                                + String.join(", ", Condition.components()));
            }
            problems.present("place", place);
            problems.present("severity", severity);
            if (named
                    && problems.clear("component")
                    && condition.isPresent()
                    && Condition.find(component, condition.get()).isEmpty()) {
                problems.add(
                        "condition",
                        Problem.Code.WORD,
                        "condition is “" + condition.get() + "”, none of those of a " + component);
            }
            if (condition.isEmpty() && note.isEmpty()) {
                problems.add(
                        "note", Problem.Code.MISSING, "note is missing: say what was found where no condition fits");
            }
            problems.throwIfAny();
        }
    }

    /** Where something was found. */
    public enum FindingPlace implements Coded {
        DRIVE_END,
        NON_DRIVE_END,
        WINDING,
        ROTOR,
        FRAME,
        TERMINAL_BOX,
        COUPLED_SIDE
    }

    /** How bad a finding is. */
    public enum Severity implements Coded {
        SLIGHT,
        MODERATE,
        SEVERE
    }

    private static final int MOST = 200;
    private static final int MAX_SPIN_S = 3600;
    private static final int WIDEST_PLAY_MM = 50;

    public Findings {
        findings = Problems.copy(findings);
        endPlayMm = Problems.orEmpty(endPlayMm);
        spinDownBeforeSeconds = Problems.orEmpty(spinDownBeforeSeconds);
        spinDownAfterSeconds = Problems.orEmpty(spinDownAfterSeconds);
        Problems problems = new Problems();
        problems.size("findings", findings, 0, MOST);
        endPlayMm.ifPresent(e -> {
            if (problems.notNegative("endPlayMm", e, "mm") && e > WIDEST_PLAY_MM) {
                problems.add("endPlayMm", Problem.Code.RANGE, "endPlayMm is " + e + " mm; at most " + WIDEST_PLAY_MM);
            }
        });
        spinDownBeforeSeconds.ifPresent(s -> problems.aboveTo("spinDownBeforeSeconds", s, 0, MAX_SPIN_S, "s"));
        spinDownAfterSeconds.ifPresent(s -> problems.aboveTo("spinDownAfterSeconds", s, 0, MAX_SPIN_S, "s"));
        problems.throwIfAny();
    }
}
