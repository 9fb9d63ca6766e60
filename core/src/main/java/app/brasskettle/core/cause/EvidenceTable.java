package app.brasskettle.core.cause;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.ShippedTable;
import java.util.Collection;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;

/**
 * The evidence table: what each piece is called, what look brings it, and how many decibans it weighs for or against each
 * explanation.
 *
 * <p>Read from the CSV files beside this class, which are the place to change a weight; each carries its own header
 * and a sentence of reasoning per row.
 */
public final class EvidenceTable {

    /** How many closed jobs the estimated shares count for, before a shop has closed its own. */
    public static final int ESTIMATE_COUNTS_FOR = 100;

    /** No piece shows for certain, however strong its weight. */
    static final double SURE = 0.97;

    /** Kind of a piece that the plate tells: it comes by itself, and nobody is sent to look for it. */
    static final String PLATE = "plate";
    /** Kind of a piece that is the absence of others. */
    static final String QUIET = "quiet";
    /** Kind of a piece that earlier visits of the same motor bring. */
    static final String HISTORY = "history";

    /** Kind of a piece that others make together. */
    static final String COMBINED = "combined";

    private static final Set<String> COMES_BY_ITSELF = Set.of(PLATE, QUIET, HISTORY, COMBINED);

    private static final EvidenceTable SHIPPED = new EvidenceTable();

    /**
     * One piece of evidence.
     *
     * @param code its name
     * @param kind plate, complaint, finding, test, map, quiet, combined or history
     * @param group views of one fact share a group
     * @param minutes what the look takes
     * @param seen share of failed motors that show it
     * @param words the piece in running text
     * @param look what to do to find out
     */
    public record Entry(
            String code, String kind, String group, double minutes, double seen, String words, String look) {}

    record Weight(double decibans, String reason) {}

    private final Map<String, Entry> entries;
    private final Map<String, Map<Explanation, Weight>> weights;
    private final Map<Explanation, Double> priors;
    private final Map<String, double[]> chances;

    private EvidenceTable(
            Map<String, Entry> entries,
            Map<String, Map<Explanation, Weight>> weights,
            Map<Explanation, Double> priors,
            Map<String, double[]> chances) {
        this.entries = entries;
        this.weights = weights;
        this.priors = priors;
        this.chances = chances;
    }

    private EvidenceTable() {
        this(new LinkedHashMap<>(), new LinkedHashMap<>(), new EnumMap<>(Explanation.class), new LinkedHashMap<>());
        for (CSVRecord row : rows("evidence.csv")) {
            Entry entry = new Entry(
                    row.get("code"),
                    row.get("kind"),
                    row.get("group"),
                    Double.parseDouble(row.get("minutes")),
                    Double.parseDouble(row.get("seen")),
                    row.get("words"),
                    row.get("look"));
            entries.put(entry.code(), entry);
        }
        for (CSVRecord row : rows("weights.csv")) {
            Map<Explanation, Weight> own =
                    weights.computeIfAbsent(row.get("evidence"), k -> new EnumMap<>(Explanation.class));
            for (String item : row.get("weights").split(";")) {
                String[] parts = item.strip().split(" ");
                Weight weight = new Weight(Double.parseDouble(parts[1]), row.get("reason"));
                if (own.put(explanation(parts[0]), weight) != null) {
                    throw new IllegalStateException(row.get("evidence") + " weighs twice for " + parts[0]);
                }
            }
        }
        for (CSVRecord row : rows("returns.csv")) {
            Explanation e = explanation(row.get("explanation"));
            String code = EarlierFailure.code(e);
            // It comes by itself: nobody is sent to look for it, so how often it is seen plays no part.
            entries.put(code, new Entry(code, HISTORY, HISTORY, 1, 0, EarlierFailure.label(e), ""));
            weights.put(code, Map.of(e, new Weight(Double.parseDouble(row.get("decibans")), row.get("reason"))));
        }
        for (CSVRecord row : rows("priors.csv")) {
            priors.put(explanation(row.get("explanation")), Double.parseDouble(row.get("share")));
        }
        entries.values().forEach(e -> chances.put(e.code(), chances(e)));
    }

    /** The table that ships with the product. */
    public static EvidenceTable shipped() {
        return SHIPPED;
    }

    /**
     * The same table with what a shop's own closed jobs teach: each share becomes (estimate · 100 + own count) / (100 + all own),
     * the mean of a Dirichlet distribution after the counts.
     */
    public EvidenceTable learnt(Map<Explanation, Integer> closed) {
        int all = closed.values().stream().mapToInt(Integer::intValue).sum();
        Map<Explanation, Double> shares = new EnumMap<>(Explanation.class);
        double estimated = priors.values().stream().mapToDouble(d -> d).sum();
        priors.forEach((e, share) -> shares.put(
                e,
                (ESTIMATE_COUNTS_FOR * share / estimated + closed.getOrDefault(e, 0)) / (ESTIMATE_COUNTS_FOR + all)));
        return new EvidenceTable(entries, weights, shares, chances);
    }

    /** Share of failed motors that an explanation started, before any evidence. */
    public double share(Explanation explanation) {
        return priors.get(explanation);
    }

    /** Every piece of evidence there is, in the order of the file. */
    public List<Entry> entries() {
        return List.copyOf(entries.values());
    }

    /** The piece called {@code code}. */
    public Optional<Entry> entry(String code) {
        return Optional.ofNullable(entries.get(code));
    }

    /** Whether {@code code} comes with the plate, the motor's history, other pieces or a silence: no look brings it. */
    boolean comesByItself(String code) {
        return entry(code).filter(e -> COMES_BY_ITSELF.contains(e.kind())).isPresent();
    }

    /** What counts as quiet beside {@code gathered} on a motor that was open: looks that whoever opened it cannot but take. */
    List<String> quiet(Collection<String> gathered) {
        Set<String> told = gathered.stream()
                .flatMap(c -> entry(c).stream())
                .map(Entry::group)
                .collect(Collectors.toSet());
        return entries.values().stream()
                .filter(e -> e.kind().equals(QUIET))
                .filter(e -> !told.contains(e.group().substring(QUIET.length() + 1)))
                .map(Entry::code)
                .toList();
    }

    /** Decibans of {@code code} for {@code explanation}; nothing said weighs 0. */
    double decibans(String code, Explanation explanation) {
        Map<Explanation, Weight> own = weights.get(code);
        Weight weight = own == null ? null : own.get(explanation);
        return weight == null ? 0 : weight.decibans();
    }

    /** Chance that {@code code} shows when each explanation is true, in the order of the explanations. */
    double[] chances(String code) {
        return chances.get(code);
    }

    /** A piece is seen(share of failed motors)·10^(decibans/10) of the time, and never quite for certain. */
    private double[] chances(Entry entry) {
        Explanation[] all = Explanation.values();
        double[] chance = new double[all.length];
        for (int x = 0; x < all.length; x++) {
            chance[x] = Math.min(SURE, entry.seen() * Math.pow(10, decibans(entry.code(), all[x]) / 10));
        }
        return chance;
    }

    Optional<Weight> weight(String code, Explanation explanation) {
        return Optional.ofNullable(weights.getOrDefault(code, Map.of()).get(explanation));
    }

    private static Explanation explanation(String word) {
        return Coded.parse(Explanation.class, word)
                .orElseThrow(() -> new IllegalStateException("The evidence table names no explanation " + word));
    }

    private static List<CSVRecord> rows(String file) {
        return ShippedTable.rows(EvidenceTable.class, file);
    }
}
