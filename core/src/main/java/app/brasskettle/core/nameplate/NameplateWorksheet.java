package app.brasskettle.core.nameplate;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reading of a nameplate: poles, slip, torque, and whether its figures can all be true. */
public final class NameplateWorksheet {

    private static final double WATTS_PER_HP = 745.699872;
    private static final double MAX_SLIP_PERCENT = 20;
    /** Below this no plate of an induction motor over a few hundred watts comes out right. */
    private static final double MIN_EFFICIENCY_TIMES_POWER_FACTOR = 0.3;

    private static final double MAX_EFFICIENCY_TIMES_POWER_FACTOR = 0.92;
    private static final String SOURCE = "IEC 60034-1, cl. 9 and 10; NEMA MG 1, 10.37";

    private NameplateWorksheet() {}

    public static Worksheet<Nameplate, NameplateAssessment> create() {
        return new Worksheet<>(
                "nameplate",
                "Nameplate",
                Nameplate.class,
                List.of("IEC 60034-1", "NEMA MG 1"),
                NameplateWorksheet::read);
    }

    static NameplateAssessment read(Nameplate plate) {
        double cycles = 60 * plate.frequencyHz();
        int pairs = (int) Limit.floor(cycles / plate.ratedSpeedRpm());
        double synchronous = cycles / pairs;
        double slip = 100 * (synchronous - plate.ratedSpeedRpm()) / synchronous;
        double torque = plate.ratedPowerW() / (2 * Math.PI * plate.ratedSpeedRpm() / 60);
        double root = plate.phases() == 3 ? Math.sqrt(3) : 1;
        double apparent = root * plate.ratedVoltageV() * plate.ratedCurrentA();
        double product = plate.ratedPowerW() / apparent;
        double kva = plate.ratedPowerW() / WATTS_PER_HP * 1000 / (root * plate.ratedVoltageV());
        Optional<Double> low = plate.codeLetter().map(c -> c.lowKvaPerHp() * kva);
        Optional<Double> high = plate.codeLetter()
                .map(CodeLetter::highKvaPerHp)
                .filter(java.util.OptionalDouble::isPresent)
                .map(h -> h.getAsDouble() * kva);
        boolean plausible = !Limit.over(slip, MAX_SLIP_PERCENT);
        List<String> contradictions = contradictions(plate, pairs, slip, product, plausible);
        String rootText = plate.phases() == 3 ? "√3·" : "";
        List<Step> steps = new ArrayList<>(List.of(
                new Step(
                        "poles",
                        "2·⌊60·f / n⌋",
                        "2·⌊60·" + Figures.plain(plate.frequencyHz()) + " / " + Figures.plain(plate.ratedSpeedRpm())
                                + "⌋",
                        2.0 * pairs,
                        "",
                        SOURCE),
                new Step(
                        "slip",
                        "100·(ns − n)/ns",
                        "100·(" + Figures.plain(synchronous) + " − " + Figures.plain(plate.ratedSpeedRpm()) + ")/"
                                + Figures.plain(synchronous),
                        slip,
                        "%",
                        SOURCE),
                new Step(
                        "torque",
                        "P / (2π·n/60)",
                        Figures.plain(plate.ratedPowerW()) + " / (2π·" + Figures.plain(plate.ratedSpeedRpm()) + "/60)",
                        torque,
                        "Nm",
                        SOURCE),
                new Step(
                        "efficiency × power factor",
                        "P / (" + rootText + "U·I)",
                        Figures.plain(plate.ratedPowerW()) + " / (" + rootText + Figures.plain(plate.ratedVoltageV())
                                + "·" + Figures.plain(plate.ratedCurrentA()) + ")",
                        product,
                        "",
                        SOURCE)));
        return new NameplateAssessment(
                2 * pairs,
                synchronous,
                slip,
                torque,
                apparent,
                product,
                plausible,
                low,
                high,
                judge(2 * pairs, slip, torque, product, contradictions),
                contradictions,
                List.copyOf(steps));
    }

    private static List<String> contradictions(
            Nameplate plate, int pairs, double slip, double product, boolean plausible) {
        List<String> found = new ArrayList<>();
        if (!plausible) {
            found.add("Slip comes out at " + Figures.percent(slip)
                    + "; over 20 % the speed or the frequency is misread.");
        } else if (slip == 0) {
            found.add("The speed is the field's own, " + Figures.plain(plate.ratedSpeedRpm())
                    + " r/min: an induction motor under load slips. Read the speed again.");
        }
        if (product > 1) {
            found.add("More power at the shaft (" + Figures.plain(plate.ratedPowerW() / 1000)
                    + " kW) than the line gives at " + Figures.plain(plate.ratedVoltageV()) + " V and "
                    + Figures.plain(plate.ratedCurrentA()) + " A. Power, voltage or current is misread"
                    + (plate.phases() == 1 ? ", or the motor has three phases." : "."));
        } else if (product > MAX_EFFICIENCY_TIMES_POWER_FACTOR) {
            found.add("Efficiency × power factor is " + Figures.significant(product, 3)
                    + "; few motors pass 0.92. Check the current against the voltage it belongs to.");
        } else if (product < MIN_EFFICIENCY_TIMES_POWER_FACTOR && plate.ratedPowerW() > 200) {
            found.add("Efficiency × power factor is only " + Figures.significant(product, 3)
                    + ". The current may belong to the lower of two voltages.");
        }
        if (pairs > 8 && plausible) {
            found.add(2 * pairs + " poles is unusual: is the speed that of a gearbox?");
        }
        return List.copyOf(found);
    }

    private static Judgement judge(int poles, double slip, double torque, double product, List<String> contradictions) {
        String figures = poles + " poles, slip " + Figures.percent(slip) + ", " + Figures.significant(torque, 3)
                + " Nm, efficiency × power factor " + Figures.significant(product, 2);
        if (contradictions.isEmpty()) {
            return new Judgement(
                    Verdict.HOLDS,
                    "The plate agrees with itself: " + figures,
                    "Slip not over 20 %, efficiency × power factor between 0.3 and 0.92",
                    SOURCE,
                    "Photograph the plate, then test.");
        }
        boolean impossible = product > 1 || slip > MAX_SLIP_PERCENT;
        return new Judgement(
                impossible ? Verdict.STOP : Verdict.WATCH,
                contradictions.get(0),
                "Read as " + figures,
                SOURCE,
                "Read the plate again before anything rests on it.");
    }
}
