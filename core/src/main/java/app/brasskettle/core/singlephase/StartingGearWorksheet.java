package app.brasskettle.core.singlephase;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;

/** Capacitors against their marking (start ±20 % or the marked range, run ±10 %), and a switch that must be heard. */
public final class StartingGearWorksheet {

    private static final double START_SHARE = 0.2;
    private static final double RUN_SHARE = 0.1;
    private static final String SOURCE =
            "Shop rule: start capacitor in its marked range, else ±20 %; run capacitor ±10 %";

    private StartingGearWorksheet() {}

    public static Worksheet<StartingGear, StartingGearResult> create() {
        return new Worksheet<>(
                "starting-gear",
                "Start switch and capacitors",
                StartingGear.class,
                List.of("Shop rule"),
                StartingGearWorksheet::work);
    }

    /** A capacitor, its range and what it measures, in µF. */
    private record Capacitor(String name, double low, double high, double measured) {

        boolean holds() {
            return !Limit.under(measured, low) && !Limit.over(measured, high);
        }

        String label() {
            return name + " " + Figures.plain(measured) + " µF, " + Figures.plain(low) + " to " + Figures.plain(high);
        }
    }

    private static List<Capacitor> capacitors(StartingGear gear) {
        List<Capacitor> all = new ArrayList<>();
        if (gear.kind().hasStartCapacitor()) {
            double marked = gear.startMarkedMicrofarad().orElseThrow();
            boolean range = gear.startMarkedToMicrofarad().isPresent();
            all.add(new Capacitor(
                    "start capacitor",
                    range ? marked : marked * (1 - START_SHARE),
                    gear.startMarkedToMicrofarad().orElse(marked * (1 + START_SHARE)),
                    gear.startMeasuredMicrofarad().orElseThrow()));
        }
        if (gear.kind().hasRunCapacitor()) {
            double marked = gear.runMarkedMicrofarad().orElseThrow();
            all.add(new Capacitor(
                    "run capacitor",
                    marked * (1 - RUN_SHARE),
                    marked * (1 + RUN_SHARE),
                    gear.runMeasuredMicrofarad().orElseThrow()));
        }
        return all;
    }

    private static StartingGearResult work(StartingGear gear) {
        List<Capacitor> capacitors = capacitors(gear);
        boolean hold = capacitors.stream().allMatch(Capacitor::holds);
        boolean switched = gear.switchKind() != StartingGear.SwitchKind.NONE;
        boolean fails = switched
                && (gear.heardDropOut().filter(h -> !h).isPresent()
                        || gear.heardDropIn().filter(h -> !h).isPresent());
        boolean unheard =
                switched && (gear.heardDropOut().isEmpty() || gear.heardDropIn().isEmpty());
        String figures =
                String.join("; ", capacitors.stream().map(Capacitor::label).toList());
        List<Step> steps = capacitors.stream()
                .map(c -> new Step(c.name(), "measured against its range", c.label(), c.measured(), "µF", SOURCE))
                .toList();
        return new StartingGearResult(hold, fails, judge(gear, hold, fails, unheard, figures), steps);
    }

    private static Judgement judge(StartingGear gear, boolean hold, boolean fails, boolean unheard, String figures) {
        if (fails) {
            String what = gear.heardDropOut().filter(h -> !h).isPresent()
                    ? "The start switch does not drop out"
                    : "The start switch does not drop in again";
            return new Judgement(
                    Verdict.STOP,
                    figures.isEmpty() ? what : what + "; " + figures,
                    "A start winding left in burns in seconds",
                    SOURCE,
                    "Cut at once. Contacts, weights and springs of the switch.");
        }
        if (!hold) {
            return new Judgement(
                    Verdict.STOP,
                    "Out of range: " + figures,
                    "",
                    SOURCE,
                    "New capacitor of the marked capacitance and voltage. Discharge the old one first.");
        }
        if (unheard) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    (figures.isEmpty() ? "" : "In range: " + figures + "; ") + "switch not heard yet",
                    "",
                    SOURCE,
                    "Listen to it drop out and in when it runs.");
        }
        boolean bleeder = gear.kind().hasStartCapacitor() && gear.bleederOhm().isEmpty();
        return new Judgement(
                Verdict.HOLDS,
                figures.isEmpty() ? "Switch heard out and in" : "In range: " + figures,
                bleeder ? "No bleeder on record: it keeps its charge" : "",
                SOURCE,
                bleeder ? "Short it through a resistor before anybody touches it." : "Starting gear is sound.");
    }
}
