package app.brasskettle.core.findings;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.findings.Findings.FindingPlace;
import app.brasskettle.core.findings.Findings.Severity;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.ShippedTable;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;

/**
 * A condition that a component can be found in; read from {@code conditions.csv}.
 *
 * @param component what part
 * @param condition its code
 * @param words the condition in running text
 * @param places where such a component sits
 * @param stopFrom severity from which it is Stop; empty where it never is
 * @param evidence what it says to the cause
 * @param severeEvidence what it says instead when it is severe
 * @param source standard and clause; empty for the shop's own rule
 * @param next what to do
 */
public record Condition(
        String component,
        String condition,
        String words,
        List<FindingPlace> places,
        Optional<Severity> stopFrom,
        Optional<Evidence> evidence,
        Optional<Evidence> severeEvidence,
        String source,
        String next) {

    private static final List<Condition> ALL = ShippedTable.rows(Condition.class, "conditions.csv").stream()
            .map(Condition::row)
            .toList();

    /** Every condition of every component, in the order of the file. */
    public static List<Condition> all() {
        return ALL;
    }

    /** Every component there is a list for. */
    public static List<String> components() {
        return ALL.stream().map(Condition::component).distinct().toList();
    }

    static List<Condition> ofComponent(String component) {
        return ALL.stream().filter(c -> c.component().equals(component)).toList();
    }

    static Optional<Condition> find(String component, String condition) {
        return ofComponent(component).stream()
                .filter(c -> c.condition().equals(condition))
                .findFirst();
    }

    /** What it says to the cause at this severity. */
    Optional<Evidence> evidence(Severity severity) {
        return severity == Severity.SEVERE ? severeEvidence.or(() -> evidence) : evidence;
    }

    /** The verdict on it at this severity; what can never be Stop and says nothing bad holds. */
    Verdict verdict(Severity severity) {
        return stopFrom.map(from -> severity.compareTo(from) >= 0 ? Verdict.STOP : Verdict.WATCH)
                .orElse(Verdict.HOLDS);
    }

    private static Condition row(CSVRecord row) {
        return new Condition(
                row.get("component"),
                row.get("condition"),
                row.get("words"),
                Arrays.stream(row.get("places").split(" "))
                        .map(p -> Coded.parse(FindingPlace.class, p).orElseThrow())
                        .toList(),
                Coded.parse(Severity.class, row.get("stop")),
                Coded.parse(Evidence.class, row.get("evidence")),
                Coded.parse(Evidence.class, row.get("severe")),
                row.get("source"),
                row.get("next"));
    }
}
