package app.brasskettle.core.worksheet;

import app.brasskettle.core.worksheet.Problem.Code;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * Collector of everything wrong with one input, thrown once at the end.
 *
 * <p>Bounds are strict and NaN is refused everywhere. Sizes beyond 1e12, or below 1e-12 without being zero, are taken
 * for slips of the pen and refused whatever the field.
 */
public final class Problems {

    private static final double LARGEST = 1e12;
    private static final double SMALLEST = 1e-12;

    /** Most problems that are told of one input; how many more there are is told last. */
    public static final int TOLD = 100;

    private final List<Problem> found = new ArrayList<>();
    /** What is blamed, and what holds it: so that asking costs the same however much is wrong. */
    private final Set<String> blamed = new HashSet<>();

    private final Set<String> blamedOrAround = new HashSet<>();
    private int more;

    public void add(String field, Code code, String message) {
        add(new Problem(field, code, message));
    }

    void add(Problem problem) {
        String field = problem.field();
        if (found.size() < TOLD) {
            found.add(problem);
        } else {
            more++;
        }
        blamed.add(field);
        blamedOrAround.add(field);
        around(field, blamedOrAround::add);
    }

    /** Hands on the path of everything that holds {@code field}, until {@code each} has heard of it before. */
    private static boolean around(String field, Predicate<String> each) {
        for (int i = field.length() - 1; i > 0; i--) {
            char c = field.charAt(i);
            if ((c == '.' || c == '[') && !each.test(field.substring(0, i))) {
                return false;
            }
        }
        return true;
    }

    /** True while none of {@code fields}, nor anything inside them, is blamed. */
    public boolean clear(String... fields) {
        for (String field : fields) {
            if (blamedOrAround.contains(field)) {
                return false;
            }
        }
        return true;
    }

    /** True while neither {@code field}, nor anything inside it, nor anything that holds it, is blamed. */
    boolean untouched(String field) {
        return clear(field) && around(field, holder -> !blamed.contains(holder));
    }

    /** True for zero and for anything of a size a shop can meet; false for NaN. */
    public static boolean sane(double value) {
        double size = Math.abs(value);
        return size <= LARGEST && (size == 0 || size >= SMALLEST);
    }

    /** A number of sane size. */
    public boolean number(String field, double value, String unit) {
        if (!sane(value)) {
            add(field, Code.RANGE, field + " is " + figure(value, unit) + "; a figure lies between 1e-12 and 1e12");
            return false;
        }
        return true;
    }

    /** A number above zero. */
    public boolean positive(String field, double value, String unit) {
        if (!number(field, value, unit)) {
            return false;
        }
        if (value <= 0) {
            add(field, Code.RANGE, field + " is " + figure(value, unit) + "; it must be above 0 " + unit);
            return false;
        }
        return true;
    }

    /** A number of zero or more. */
    public boolean notNegative(String field, double value, String unit) {
        if (!number(field, value, unit)) {
            return false;
        }
        if (value < 0) {
            add(field, Code.RANGE, field + " is " + figure(value, unit) + "; it must be 0 " + unit + " or more");
            return false;
        }
        return true;
    }

    /** A number above {@code low} and not over {@code high}. */
    public boolean aboveTo(String field, double value, double low, double high, String unit) {
        if (!number(field, value, unit)) {
            return false;
        }
        if (!(value > low && value <= high)) {
            add(
                    field,
                    Code.RANGE,
                    field + " is " + figure(value, unit) + "; it must be above " + plain(low) + " and not over "
                            + plain(high) + " " + unit);
            return false;
        }
        return true;
    }

    /** A list of {@code fewest} to {@code most} numbers, each above {@code low} and not over {@code high}. */
    public void eachAboveTo(
            String field, List<Double> list, int fewest, int most, double low, double high, String unit) {
        if (size(field, list, fewest, most)) {
            for (int i = 0; i < list.size(); i++) {
                aboveTo(field + "[" + i + "]", list.get(i), low, high, unit);
            }
        }
    }

    /** A check of one figure, as the methods above are: field, figure. */
    public interface FigureCheck {
        void of(String field, double figure);
    }

    /** A figure, or all three of an uncertain one, each held against the field's own bounds. */
    public void each(String field, Triangular figures, FigureCheck check) {
        if (!present(field, figures)) {
            return;
        }
        if (figures.exact()) {
            check.of(field, figures.likely());
            return;
        }
        check.of(field + ".low", figures.low());
        check.of(field + ".likely", figures.likely());
        check.of(field + ".high", figures.high());
    }

    /** A temperature a motor shop can meet: −60 to 500 °C. */
    public boolean temperature(String field, double value) {
        if (!number(field, value, "°C")) {
            return false;
        }
        if (value < -60 || value > 500) {
            add(field, Code.RANGE, field + " is " + figure(value, "°C") + "; it must lie between -60 and 500 °C");
            return false;
        }
        return true;
    }

    /** A whole number from {@code low} to {@code high}. */
    public boolean whole(String field, long value, long low, long high, String unit) {
        if (value < low || value > high) {
            add(
                    field,
                    Code.RANGE,
                    field + " is " + value + "; it must be a whole number from " + low + " to " + high
                            + (unit.isEmpty() ? "" : " " + unit));
            return false;
        }
        return true;
    }

    /** A list with {@code low} to {@code high} entries, none of them absent. */
    public boolean size(String field, List<?> list, int low, int high) {
        if (!present(field, list)) {
            return false;
        }
        if (list.size() < low || list.size() > high) {
            add(
                    field,
                    Code.COUNT,
                    field + " has " + list.size() + " entries; " + low
                            + (high == Integer.MAX_VALUE ? " or more" : " to " + high) + " are needed");
            return false;
        }
        boolean whole = true;
        for (int i = 0; i < list.size(); i++) {
            whole &= present(field + "[" + i + "]", list.get(i));
        }
        return whole;
    }

    /** Something that must be given. */
    public boolean present(String field, Object value) {
        if (value == null) {
            add(field, Code.MISSING, field + " is missing");
            return false;
        }
        return true;
    }

    /** A name with at least one visible character. */
    public boolean name(String field, String value) {
        if (!present(field, value)) {
            return false;
        }
        if (value.isBlank()) {
            add(field, Code.RANGE, field + " is blank; a name needs at least one letter or figure");
            return false;
        }
        return true;
    }

    /** Names that differ from each other; the later of two equal ones is blamed at the path {@code each} gives it. */
    public void distinct(List<?> names, java.util.function.IntFunction<String> each) {
        Set<Object> seen = new HashSet<>();
        for (int i = 0; i < names.size(); i++) {
            Object name = names.get(i);
            if (name != null && !seen.add(name)) {
                String shown = name instanceof Coded w ? w.code() : name.toString();
                add(each.apply(i), Code.DUPLICATE, each.apply(i) + " is " + shown + ", which is given already");
            }
        }
    }

    /** The collected problems thrown as one refusal; nothing happens when there are none. */
    public void throwIfAny() {
        if (!found.isEmpty()) {
            throw new InvalidInputException(all());
        }
    }

    /** What was collected so far: a hundred at most, and how many more there are. */
    public List<Problem> all() {
        return first(TOLD);
    }

    /** The first problems collected so far, {@code most} of them, and how many more there are. */
    public List<Problem> first(int most) {
        List<Problem> first = new ArrayList<>(found.subList(0, Math.min(most, found.size())));
        if (count() > first.size()) {
            first.add(new Problem("", Code.COUNT, "and " + (count() - first.size()) + " more"));
        }
        return List.copyOf(first);
    }

    /** How many problems there are, told or not. */
    public int count() {
        return found.size() + more;
    }

    /** Takes over what was found of something that lies at {@code path}; empty for the same thing. */
    void addAll(Problems inner, String path) {
        inner.found.forEach(p -> add(path.isEmpty() ? p : p.under(path)));
        more += inner.more;
    }

    /** An unmodifiable copy that, unlike {@link List#copyOf}, keeps absent entries so that they can be blamed by place. */
    public static <T> List<T> copy(List<T> list) {
        return list == null ? null : Collections.unmodifiableList(new ArrayList<>(list));
    }

    /** {@code value}, or nothing where a caller passed none at all. */
    public static <T> Optional<T> orEmpty(Optional<T> value) {
        return value == null ? Optional.empty() : value;
    }

    private static String figure(double value, String unit) {
        return (plain(value) + " " + unit).strip();
    }

    private static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e9
                ? Long.toString((long) value)
                : Double.toString(value);
    }
}
