package app.brasskettle.measurements;

import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.surge.SurgeLimits;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.testfile.TestFile;
import app.brasskettle.core.verdict.Verdict;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.Map;
import java.util.TreeMap;

/** How surge traces that somebody else labelled are judged: a folder with {@code labels.csv} and the files it names. */
final class LabelledTraces {

    private LabelledTraces() {}

    /** Prints a table of labels against verdicts. */
    static void print(Path folder) throws IOException {
        Map<String, Map<Verdict, Integer>> counts = new TreeMap<>();
        for (String row : Files.readAllLines(folder.resolve("labels.csv")).stream()
                .skip(1)
                .toList()) {
            String[] cells = row.split(",", 3);
            SurgeSet set = TypedInput.read(
                            SurgeSet.class,
                            TestFile.typed(
                                    "surge-comparison", SurgeSet.class, Files.readAllBytes(folder.resolve(cells[0]))))
                    .input();
            counts.computeIfAbsent(cells[1], k -> new EnumMap<>(Verdict.class))
                    .merge(set.compare(SurgeLimits.standard()).verdict(), 1, Integer::sum);
        }
        System.out.println("| label | holds | watch | stop | unproven |");
        System.out.println("|---|---|---|---|---|");
        counts.forEach((label, by) -> System.out.println("| " + label + " | " + by.getOrDefault(Verdict.HOLDS, 0)
                + " | " + by.getOrDefault(Verdict.WATCH, 0) + " | " + by.getOrDefault(Verdict.STOP, 0) + " | "
                + by.getOrDefault(Verdict.UNPROVEN, 0) + " |"));
    }
}
