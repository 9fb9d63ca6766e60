package app.brasskettle.core.leads;

import app.brasskettle.core.leads.LeadMap.MappedLead;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a lead map says: whether each lead can be found again, and how the winding was connected.
 *
 * @param verdict the worst of the lines
 * @param lines one judgement each for marks, count, connection and box
 * @param terminals terminals in the order they were first named, for a drawing
 * @param connectedAs the usual connection that these links make, in words
 * @param differsFromPlate whether these links make another connection than the plate gives
 */
public record LeadMapAssessment(
        Verdict verdict,
        List<Judgement> lines,
        List<Terminal> terminals,
        Optional<String> connectedAs,
        boolean differsFromPlate) {

    private static final String MARKS = "IEC 60034-8";
    private static final String SHOP = "Shop rule";

    /**
     * A terminal with what lies on it.
     *
     * @param name as written; empty for leads that lay on none
     * @param leads names of its leads
     * @param colours their colours, in the same order
     * @param joins lines and other things joined there
     */
    public record Terminal(String name, List<String> leads, List<String> colours, List<String> joins) {}

    /**
     * The reading of {@code map}.
     *
     * @param plateLeads leads that the plate counts
     * @param plate connection the plate gives
     * @param box where the terminal box sat
     */
    public static LeadMapAssessment of(
            LeadMap map, Optional<Integer> plateLeads, Connection plate, Optional<String> box) {
        Optional<KnownLinks> known = known(map);
        List<Judgement> lines = new ArrayList<>();
        lines.add(marks(map));
        plateLeads.filter(n -> n != map.leads().size()).ifPresent(n -> lines.add(count(map, n)));
        lines.add(connection(map, known, plate));
        lines.add(box.map(b ->
                        new Judgement(Verdict.HOLDS, "Terminal box " + b + ", seen from the drive end", "", SHOP, ""))
                .orElseGet(() -> new Judgement(
                        Verdict.WATCH,
                        "Terminal box: unknown as received",
                        "Brackets can be fitted in four positions",
                        SHOP,
                        "Ask the customer which side the box and its cable entry were.")));
        return new LeadMapAssessment(
                Verdict.worst(lines.stream().map(Judgement::verdict).toList()),
                List.copyOf(lines),
                terminals(map),
                known.map(KnownLinks::name),
                known.filter(k -> differs(k, plate)).isPresent());
    }

    private static Judgement marks(LeadMap map) {
        List<MappedLead> bare = map.leads().stream().filter(l -> !l.marked()).toList();
        int n = map.leads().size();
        if (!bare.isEmpty()) {
            return new Judgement(
                    Verdict.STOP,
                    bare.size() + " of " + n + " leads carry neither number nor mark",
                    bare.stream().map(MappedLead::name).collect(Collectors.joining(", ")),
                    SHOP,
                    "Band them before they come off their terminals.");
        }
        List<String> names =
                map.leads().stream().map(l -> l.name().toUpperCase(Locale.ROOT)).toList();
        List<String> twice = names.stream()
                .filter(name -> names.stream().filter(name::equals).count() > 1)
                .distinct()
                .toList();
        return twice.isEmpty()
                ? new Judgement(Verdict.HOLDS, "All " + n + " leads can be told apart", "", MARKS, "")
                : new Judgement(
                        Verdict.WATCH,
                        twice.get(0) + " stands on more than one lead",
                        "Parallel leads, or one is wrong",
                        MARKS,
                        "Ring them out and add a mark to each.");
    }

    private static Judgement count(LeadMap map, int plate) {
        return new Judgement(
                Verdict.WATCH,
                map.leads().size() + " leads here, " + plate + " by the plate",
                "",
                SHOP,
                "Look for leads joined inside, or correct the plate.");
    }

    private static Judgement connection(LeadMap map, Optional<KnownLinks> known, Connection plate) {
        if (map.leads().stream().allMatch(l -> l.terminal().isEmpty())) {
            return new Judgement(
                    Verdict.UNPROVEN, "No terminal noted", "", MARKS, "Note which leads lay on one terminal.");
        }
        if (known.isEmpty()) {
            boolean three = map.leads().size() == 3;
            return new Judgement(
                    three ? Verdict.HOLDS : Verdict.UNPROVEN,
                    three ? "Three leads: connected inside" : "These links make no usual connection",
                    "Looked up by the leads' numbers among the usual ones for 6, 9 and 12 leads",
                    MARKS,
                    three ? "" : "Check the numbers, or ring the leads out and draw what is there.");
        }
        String as = "Was connected in " + known.get().name();
        if (known.get().connection() == Connection.UNKNOWN) {
            return new Judgement(Verdict.HOLDS, as, "", MARKS, "");
        }
        if (plate == Connection.UNKNOWN) {
            return new Judgement(Verdict.HOLDS, as, "The plate says nothing of it", MARKS, "Enter it on the plate.");
        }
        boolean agrees = !differs(known.get(), plate);
        return new Judgement(
                agrees ? Verdict.HOLDS : Verdict.STOP,
                agrees ? as + ", as the plate says" : as + "; the plate says " + plate.code(),
                agrees ? "" : "A delta winding in wye gives a third of its torque; a wye winding in delta burns",
                MARKS,
                agrees ? "" : "Ask which voltage fed it and who connected it: this may be the cause.");
    }

    private static boolean differs(KnownLinks known, Connection plate) {
        return known.connection() != Connection.UNKNOWN && plate != Connection.UNKNOWN && known.connection() != plate;
    }

    private static Optional<KnownLinks> known(LeadMap map) {
        Map<String, Set<Integer>> on = new LinkedHashMap<>();
        Set<Integer> all = new HashSet<>();
        for (MappedLead lead : map.leads()) {
            Optional<Integer> number = lead.number().or(lead::mark).flatMap(KnownLinks::number);
            if (number.isEmpty() || !all.add(number.get())) {
                return Optional.empty();
            }
            lead.place()
                    .ifPresent(p -> on.computeIfAbsent(p, k -> new HashSet<>()).add(number.get()));
        }
        return KnownLinks.of(
                all.size(), on.values().stream().filter(s -> s.size() > 1).collect(Collectors.toSet()));
    }

    private static List<Terminal> terminals(LeadMap map) {
        Map<String, List<MappedLead>> on = new LinkedHashMap<>();
        for (MappedLead lead : map.leads()) {
            on.computeIfAbsent(lead.place().orElse(""), k -> new ArrayList<>()).add(lead);
        }
        List<Terminal> terminals = new ArrayList<>();
        on.forEach((place, leads) -> terminals.add(new Terminal(
                leads.get(0).terminal().orElse(""),
                leads.stream().map(MappedLead::name).toList(),
                leads.stream().map(l -> l.colour().orElse("")).toList(),
                leads.stream().flatMap(l -> l.joins().stream()).distinct().toList())));
        return List.copyOf(terminals);
    }
}
