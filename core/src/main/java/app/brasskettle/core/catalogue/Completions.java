package app.brasskettle.core.catalogue;

import app.brasskettle.core.resistance.Pair;
import app.brasskettle.core.rules.Question;
import app.brasskettle.core.rules.School;
import app.brasskettle.core.run.NoLoadRun;
import app.brasskettle.core.testkind.RecordFacts;
import app.brasskettle.core.withstand.WithstandQuestion;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Readings as typed, completed by what the record says, so that nothing is asked twice. */
final class Completions {

    private Completions() {}

    /** How new the winding is comes from the record and is not chosen; what counts as the same winding ends with work on it. */
    static void withstand(Map<String, Object> whole, RecordFacts facts) {
        Object told = whole.get("state");
        if (told != null && !told.equals(facts.state().code())) {
            throw new InvalidInputException(List.of(new Problem(
                    "state",
                    Problem.Code.CONTRADICTION,
                    "state is " + told + "; by the work on record the winding is "
                            + facts.state().code())));
        }
        whole.put("state", facts.state().code());
        whole.put("repeat", facts.stoodBefore());
        whole.put(
                "school",
                (facts.rules().school(Question.SURGE_LEVEL) == School.STANDARD
                                ? WithstandQuestion.School.STANDARD
                                : WithstandQuestion.School.WORKSHOP)
                        .code());
    }

    /** The span that the design of the winding asks for. */
    static void designedSpan(Map<String, Object> whole, RecordFacts facts) {
        facts.spanSlots().ifPresent(s -> whole.put("spanSlots", s));
    }

    /** A line that reads nothing is named as dead, so that it is a finding and no slip. */
    static void deadLines(Map<String, Object> whole, RecordFacts facts) {
        if (!(whole.get("lineCurrentsA") instanceof List<?> currents)) {
            return;
        }
        List<String> dead = new ArrayList<>();
        for (NoLoadRun.Line line : NoLoadRun.Line.values()) {
            if (line.ordinal() < currents.size() && nothing(currents.get(line.ordinal()))) {
                dead.add(line.code());
            }
        }
        if (!dead.isEmpty()) {
            whole.put("deadLines", dead);
        }
    }

    private static boolean nothing(Object typed) {
        return typed != null && typed.toString().strip().matches("0+([.,]0*)?\\s*(A|mA)?");
    }

    /** A pair typed as "open" is named as open and has no figure. */
    static void openPairs(Map<String, Object> whole, RecordFacts facts) {
        if (!(whole.get("terminalOhms") instanceof Map<?, ?> ohms)) {
            return;
        }
        Map<String, Object> figures = new LinkedHashMap<>();
        List<String> open = new ArrayList<>();
        ohms.forEach((pair, value) -> {
            if (value instanceof String text && text.strip().equalsIgnoreCase("open")) {
                open.add(pair.toString());
            } else {
                figures.put(pair.toString(), value);
            }
        });
        whole.put("terminalOhms", figures);
        if (!open.isEmpty()) {
            whole.put(
                    "openPairs",
                    open.stream()
                            .filter(p -> Coded.parse(Pair.class, p).isPresent())
                            .toList());
        }
    }
}
