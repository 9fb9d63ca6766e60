package app.brasskettle.core.leads;

import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Identification of leads by what rings together. */
public final class LeadWorksheet {

    private static final String SOURCE = "IEC 60034-8; usual lead numbers by NEMA MG 1, part 2";
    private static final Pattern MARK = Pattern.compile("(\\D*)(\\d{1,6})");

    /** Ends of the phases by letter: U1, V2, 1W1. */
    private static final Pattern PHASE_END = Pattern.compile("[1-9]?([UVWuvw])[1-9]");

    private LeadWorksheet() {}

    public static Worksheet<LeadTrace, LeadSets> create() {
        return new Worksheet<>(
                "lead-sets",
                "Leads that ring together",
                LeadTrace.class,
                List.of("IEC 60034-8", "NEMA MG 1"),
                LeadWorksheet::work);
    }

    private static LeadSets work(LeadTrace trace) {
        List<List<String>> sets = sets(trace);
        int[] sizes = sets.stream().mapToInt(List::size).toArray();
        Arrangement arrangement = Arrangement.ofSizes(sizes);
        Optional<Boolean> agree = agree(sets, arrangement);
        Judgement judgement = judge(arrangement, agree, sets);
        return new LeadSets(
                sets,
                arrangement,
                agree,
                judgement.verdict(),
                judgement,
                List.of(new Step(
                        "sets", "leads joined by any path", String.join(" · ", label(sets)), sets.size(), "", SOURCE)));
    }

    /** Each lead with all it reaches over any number of paths; one that rings with none stands alone. */
    private static List<List<String>> sets(LeadTrace trace) {
        List<Set<String>> joined = new ArrayList<>();
        trace.leads().forEach(l -> joined.add(new HashSet<>(Set.of(l))));
        for (List<String> pair : trace.continuity()) {
            Set<String> a = holding(joined, pair.get(0));
            Set<String> b = holding(joined, pair.get(1));
            if (a != b) {
                a.addAll(b);
                joined.removeIf(s -> s == b);
            }
        }
        return joined.stream()
                .map(s -> trace.leads().stream().filter(s::contains).toList())
                .sorted(Comparator.<List<String>>comparingInt(List::size)
                        .thenComparingInt(s -> trace.leads().indexOf(s.get(0))))
                .toList();
    }

    private static Set<String> holding(List<Set<String>> joined, String lead) {
        return joined.stream().filter(s -> s.contains(lead)).findFirst().orElseThrow();
    }

    /** Empty unless all marks are one prefix and a number, and this arrangement has usual numbers. */
    private static Optional<Boolean> agree(List<List<String>> sets, Arrangement arrangement) {
        if (arrangement.usual().isEmpty()) {
            return Optional.empty();
        }
        Set<String> prefixes = new HashSet<>();
        Set<Set<Integer>> found = new HashSet<>();
        for (List<String> set : sets) {
            Set<Integer> numbers = new TreeSet<>();
            for (String mark : set) {
                Matcher m = MARK.matcher(mark);
                if (!m.matches()) {
                    return Optional.empty();
                }
                prefixes.add(m.group(1));
                numbers.add(Integer.parseInt(m.group(2)));
            }
            found.add(numbers);
        }
        if (prefixes.size() > 1) {
            return Optional.empty();
        }
        return Optional.of(found.equals(arrangement.usual()));
    }

    /** The first pair whose letters name two phases (IEC 60034-8: U1 and U2 are the ends of one). */
    private static Optional<String> crossed(List<List<String>> sets) {
        return sets.stream()
                .filter(set -> set.size() == 2)
                .filter(set -> {
                    Matcher one = PHASE_END.matcher(set.get(0));
                    Matcher other = PHASE_END.matcher(set.get(1));
                    return one.matches() && other.matches() && !one.group(1).equalsIgnoreCase(other.group(1));
                })
                .map(set -> String.join(" and ", set))
                .findFirst();
    }

    private static List<String> label(List<List<String>> sets) {
        return sets.stream().map(s -> String.join("-", s)).toList();
    }

    private static Judgement judge(Arrangement arrangement, Optional<Boolean> agree, List<List<String>> sets) {
        String rings = String.join(" · ", label(sets));
        if (arrangement == Arrangement.NO_SOUND_MATCH) {
            return new Judgement(
                    Verdict.STOP,
                    "No sound winding has sets like these: " + rings,
                    "Open or joined circuits, an auxiliary lead among them, or a brought-out neutral",
                    SOURCE,
                    "Ring each lead again, across any protector both ways.");
        }
        if (agree.isPresent() && !agree.get()) {
            return new Judgement(
                    Verdict.WATCH,
                    "Right shape for " + arrangement.label() + ", wrong numbers: " + rings,
                    "Marks are swapped",
                    SOURCE,
                    "Trace the leads before anything is connected.");
        }
        Optional<String> crossed = crossed(sets);
        if (crossed.isPresent()) {
            return new Judgement(
                    Verdict.WATCH,
                    "Crossed leads: " + crossed.get() + " ring together, ends of two phases",
                    "By their letters U1 belongs to U2, V1 to V2, W1 to W2",
                    "IEC 60034-8",
                    "Trace the leads before anything is connected.");
        }
        return new Judgement(
                Verdict.HOLDS,
                "Sets of " + arrangement.label() + ": " + rings,
                agree.isPresent() ? "Marks are the usual ones" : "No usual numbers to hold the marks against",
                SOURCE,
                "Mark every lead, then measure the three resistances.");
    }
}
