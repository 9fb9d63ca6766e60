package app.brasskettle.server.sheets;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * Two people's changes of one sheet, told apart by what stood there before either of them.
 *
 * <p>What only one of them changed is taken; what both changed alike is taken once; what they changed differently is a clash
 * that a person settles. Lists whose entries have a name of their own (an {@code id}, or a joint with its end) are merged entry
 * by entry: what either of them added stands, what either took out is gone. Other lists are merged place by place while all three
 * are of one length, else as a whole.
 */
public final class SheetMerge {

    private final List<Clash> clashes = new ArrayList<>();

    private SheetMerge() {}

    /** One place that both changed, each to something else. */
    public record Clash(String field, Object before, Object theirs, Object mine) {}

    /** The merged sheet, theirs where there is a clash, and the clashes. */
    public record Outcome(Map<String, Object> merged, List<Clash> clashes) {}

    public static Outcome of(Map<String, Object> before, Map<String, Object> theirs, Map<String, Object> mine) {
        SheetMerge merge = new SheetMerge();
        Map<String, Object> merged = merge.maps("", before, theirs, mine);
        return new Outcome(merged, List.copyOf(merge.clashes));
    }

    private Map<String, Object> maps(String path, Map<?, ?> before, Map<?, ?> theirs, Map<?, ?> mine) {
        Set<Object> names = new LinkedHashSet<>(theirs.keySet());
        names.addAll(mine.keySet());
        Map<String, Object> merged = new LinkedHashMap<>();
        for (Object name : names) {
            String field = path.isEmpty() ? name.toString() : path + "." + name;
            Object value = value(field, before.get(name), theirs.get(name), mine.get(name));
            if (value != null) {
                merged.put(name.toString(), value);
            }
        }
        return merged;
    }

    private Object value(String field, Object before, Object theirs, Object mine) {
        if (same(theirs, mine) || same(before, mine)) {
            return theirs;
        }
        if (same(before, theirs)) {
            return mine;
        }
        if (theirs instanceof Map<?, ?> t && mine instanceof Map<?, ?> m) {
            return maps(field, before instanceof Map<?, ?> b ? b : Map.of(), t, m);
        }
        if (named(theirs) && named(mine) && (blank(before) || named(before))) {
            return entries(field, entriesOf(before), entriesOf(theirs), entriesOf(mine));
        }
        if (before instanceof List<?> b
                && theirs instanceof List<?> t
                && mine instanceof List<?> m
                && b.size() == t.size()
                && t.size() == m.size()) {
            List<Object> merged = new ArrayList<>();
            for (int i = 0; i < t.size(); i++) {
                merged.add(value(field + "[" + i + "]", b.get(i), t.get(i), m.get(i)));
            }
            return merged;
        }
        clashes.add(new Clash(field, before, theirs, mine));
        return theirs;
    }

    private static boolean named(Object list) {
        return list instanceof List<?> l
                && !l.isEmpty()
                && l.stream().allMatch(e -> e instanceof Map<?, ?> m && name(m).isPresent());
    }

    /** What an entry is known by, whoever writes it. */
    private static Optional<String> name(Map<?, ?> entry) {
        if (entry.get("id") instanceof Number id) {
            return Optional.of("id " + id);
        }
        return entry.containsKey("joint")
                ? Optional.of(entry.get("joint") + ", " + entry.get("end"))
                : Optional.empty();
    }

    private static Map<String, Map<?, ?>> entriesOf(Object list) {
        Map<String, Map<?, ?>> entries = new LinkedHashMap<>();
        if (list instanceof List<?> l) {
            l.forEach(e -> entries.put(name((Map<?, ?>) e).orElseThrow(), (Map<?, ?>) e));
        }
        return entries;
    }

    private List<Object> entries(
            String field, Map<String, Map<?, ?>> before, Map<String, Map<?, ?>> theirs, Map<String, Map<?, ?>> mine) {
        Set<String> names = new LinkedHashSet<>(theirs.keySet());
        names.addAll(mine.keySet());
        List<Object> merged = new ArrayList<>();
        for (String name : names) {
            Object one = value(field + "[" + merged.size() + "]", before.get(name), theirs.get(name), mine.get(name));
            if (one != null) {
                merged.add(one);
            }
        }
        return merged;
    }

    /** Nothing, an empty text and an empty list are alike: an untouched field is one or the other. */
    private static boolean same(Object a, Object b) {
        return Objects.equals(a, b) || blank(a) && blank(b);
    }

    private static boolean blank(Object value) {
        return value == null
                || value instanceof String s && s.isBlank()
                || value instanceof List<?> l && l.isEmpty()
                || value instanceof Map<?, ?> m && m.values().stream().allMatch(SheetMerge::blank);
    }
}
