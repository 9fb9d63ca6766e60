package app.brasskettle.core.leads;

import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.ShippedTable;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A usual way of joining leads.
 *
 * @param leads how many leads
 * @param name its name
 * @param connection wye or delta
 * @param terminals numbers of the leads that lie on one terminal, terminals of a single lead left out
 */
record KnownLinks(int leads, String name, Connection connection, Set<Set<Integer>> terminals) {

    private static final List<KnownLinks> ALL = ShippedTable.rows(KnownLinks.class, "links.csv").stream()
            .map(row -> new KnownLinks(
                    Integer.parseInt(row.get("leads")),
                    row.get("name"),
                    Coded.parse(Connection.class, row.get("connection")).orElseThrow(),
                    Arrays.stream(row.get("terminals").split(" "))
                            .map(t -> Arrays.stream(t.split("-"))
                                    .map(Integer::valueOf)
                                    .collect(Collectors.toSet()))
                            .collect(Collectors.toSet())))
            .toList();

    /** Letters of IEC 60034-8 as the numbers of a six-lead winding. */
    private static final Map<String, Integer> LETTERS =
            Map.of("U1", 1, "V1", 2, "W1", 3, "U2", 4, "V2", 5, "W2", 6, "U", 1, "V", 2, "W", 3);

    /** The number a lead's writing means: "T4", "4", "U2". */
    static Optional<Integer> number(String written) {
        String text = written.strip().toUpperCase(Locale.ROOT);
        if (LETTERS.containsKey(text)) {
            return Optional.of(LETTERS.get(text));
        }
        return text.matches("T?(1[0-2]|[1-9])")
                ? Optional.of(Integer.valueOf(text.replace("T", "")))
                : Optional.empty();
    }

    /** The usual way that joins {@code count} leads so. */
    static Optional<KnownLinks> of(int count, Set<Set<Integer>> terminals) {
        return ALL.stream()
                .filter(k -> k.leads() == count && k.terminals().equals(terminals))
                .findFirst();
    }
}
