package app.brasskettle.core.cause;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.ShippedTable;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * The way from what started a failure to what was found of it, for example bearing, drag, ground: mechanism and root are
 * different links of it.
 *
 * @param links in order, first what started it
 */
public record Chain(List<Link> links) {

    /**
     * One link.
     *
     * @param words what happened
     * @param shown words of the evidence that shows it; none for a link that follows from the others
     */
    public record Link(String words, List<String> shown) {}

    private record Part(String words, List<String> codes) {}

    private static final Map<Explanation, List<Part>> PARTS = ShippedTable.rows(Chain.class, "chains.csv").stream()
            .collect(Collectors.toUnmodifiableMap(
                    r -> Coded.parse(Explanation.class, r.get("explanation")).orElseThrow(),
                    r -> Arrays.stream(r.get("links").split("\\|"))
                            .map(Chain::part)
                            .toList()));

    private static Part part(String text) {
        String[] halves = text.strip().split(":");
        return new Part(
                halves[0].strip(),
                halves.length == 1 ? List.of() : List.of(halves[1].strip().split(" ")));
    }

    /** The chain of {@code explanation}, as far as the evidence {@code codes} show it. */
    public static Chain of(Explanation explanation, Collection<String> codes, EvidenceTable table) {
        List<Link> links = new ArrayList<>();
        List<Part> parts = PARTS.get(explanation);
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            List<String> shown = part.codes().stream()
                    .filter(codes::contains)
                    .map(c -> table.entry(c).orElseThrow().words())
                    .toList();
            // What started it stands in the chain whether or not anything shows it: it is what is claimed.
            if (i == 0 || part.codes().isEmpty() || !shown.isEmpty()) {
                links.add(new Link(part.words(), shown));
            }
        }
        return new Chain(List.copyOf(links));
    }

    /** Every code the chains name, for whoever checks the table. */
    static List<String> codes() {
        return PARTS.values().stream()
                .flatMap(List::stream)
                .flatMap(p -> p.codes().stream())
                .toList();
    }
}
