package app.brasskettle.core.resistance;

import app.brasskettle.core.insulation.WindingKind;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * Three resistances taken terminal to terminal.
 *
 * @param connection how the phases are joined
 * @param windingKind make of the winding
 * @param conductor its metal
 * @param windingTemperatureC temperature of the winding
 * @param terminalOhms readings
 * @param openPairs pairs that read open, none of which may also have a reading
 */
public record ResistanceReadings(
        Connection connection,
        WindingKind windingKind,
        Conductor conductor,
        double windingTemperatureC,
        TerminalOhms terminalOhms,
        Optional<List<Pair>> openPairs) {

    public ResistanceReadings {
        openPairs = Problems.orEmpty(openPairs).map(Problems::copy);
        Problems problems = new Problems();
        problems.present("connection", connection);
        problems.present("windingKind", windingKind);
        problems.present("conductor", conductor);
        problems.temperature("windingTemperatureC", windingTemperatureC);
        List<Pair> open = openPairs.orElse(List.of());
        problems.size("openPairs", open, 0, Integer.MAX_VALUE);
        problems.distinct(open, i -> "openPairs[" + i + "]");
        if (problems.present("terminalOhms", terminalOhms)) {
            for (int i = 0; i < open.size(); i++) {
                String field = "openPairs[" + i + "]";
                if (open.get(i) != null && terminalOhms.of(open.get(i)).isPresent() && problems.clear(field)) {
                    problems.add(
                            field,
                            Problem.Code.CONTRADICTION,
                            field + " is " + open.get(i).code() + ", which also reads "
                                    + terminalOhms.of(open.get(i)).get() + " Ω; a pair is open or it has a value");
                }
            }
            for (Pair pair : Pair.values()) {
                terminalOhms.of(pair).ifPresent(v -> problems.positive("terminalOhms." + pair.code(), v, "Ω"));
                if (terminalOhms.of(pair).isEmpty() && !open.contains(pair)) {
                    String field = "terminalOhms." + pair.code();
                    problems.add(field, Problem.Code.MISSING, field + " is missing and not named as open");
                }
            }
        }
        problems.throwIfAny();
    }

    List<Pair> open() {
        return openPairs.orElse(List.of());
    }
}
