package app.brasskettle.measurements;

import app.brasskettle.core.casebook.WoundStators;
import app.brasskettle.core.instruments.WindersMistake;
import app.brasskettle.core.turningfield.FieldResult;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** What the proof before varnish finds of a winder's mistakes, look by look, on simulated bare stators. */
final class MistakesFound {

    private static final List<String> LOOKS =
            List.of("dummy rotor, 4 places", "lines", "lines, predicted", "warm groups", "span counted");
    private static final int SEEDS = 40;

    private MistakesFound() {}

    static void print() {
        System.out.println("\n## A winder's mistakes, before varnish\n");
        System.out.println("| winding | " + String.join(" | ", LOOKS) + " | any look |");
        System.out.println("|---|" + "---|".repeat(LOOKS.size() + 1));
        line("sound", Optional.empty());
        for (WindersMistake mistake : WindersMistake.values()) {
            line(mistake.label(), Optional.of(mistake));
        }
    }

    private static void line(String name, Optional<WindersMistake> mistake) {
        List<FieldResult> all = WoundStators.read(mistake, SEEDS);
        String shares = IntStream.range(0, LOOKS.size())
                .mapToObj(i -> share(
                        all.stream()
                                .filter(r -> r.findings().get(i).verdict() != Verdict.HOLDS)
                                .count(),
                        all.size()))
                .collect(Collectors.joining(" | "));
        long any = all.stream()
                .filter(r -> r.judgement().verdict() != Verdict.HOLDS)
                .count();
        System.out.println("| " + name + " (" + all.size() + ") | " + shares + " | " + share(any, all.size()) + " |");
    }

    private static String share(long found, int of) {
        return Math.round(1000.0 * found / of) / 10.0 + " %";
    }
}
