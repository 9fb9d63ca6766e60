package app.brasskettle.core.withstand;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.surge.SurgeLevel;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.List;
import java.util.Optional;

/**
 * Levels of withstand tests (IEC 60034-1, cl. 9; IEEE Std 95) and of the surge test beside them.
 *
 * <p>A full-level test is made once: a repeat on a new or partly rewound winding is made at 80 %. Machines under 1 kW and under
 * 100 V lie outside.
 */
public final class WithstandWorksheet {

    private static final double DIRECT_OVER_ALTERNATING = 1.7;
    private static final double MIN_NEW_V = 1500;
    private static final double MIN_RECONDITIONED_V = 1000;
    private static final double REPEAT = 0.8;
    private static final double SMALL_V = 100;
    private static final double SMALL_W = 1000;
    private static final String SOURCE = "IEC 60034-1, cl. 9; IEEE Std 95";

    private WithstandWorksheet() {}

    public static Worksheet<WithstandQuestion, WithstandLevels> create() {
        return new Worksheet<>(
                "withstand-voltage",
                "Withstand levels",
                WithstandQuestion.class,
                List.of("IEC 60034-1", "IEEE Std 95", "IEEE Std 522"),
                WithstandWorksheet::work);
    }

    private static WithstandLevels work(WithstandQuestion test) {
        double u = test.ratedVoltageV();
        boolean standard = test.school() == WithstandQuestion.School.STANDARD;
        double ac = standard ? standard(u, test.state()) : workshop(u, test.state());
        boolean fresh = test.state() == SurgeLevel.State.NEW || test.state() == SurgeLevel.State.PARTLY_REWOUND;
        if (test.repeat() && fresh) {
            ac *= REPEAT;
        }
        double surge = standard ? SurgeLevel.peakV(u, test.state()) : SurgeLevel.inTheWorkshop(u, test.state());
        double perUnit = u * Math.sqrt(2) / Math.sqrt(3);
        double dc = DIRECT_OVER_ALTERNATING * ac;
        String volts = Figures.plain(u);
        return new WithstandLevels(
                ac,
                dc,
                surge,
                perUnit,
                List.of(
                        new Step("alternating", formula(test, standard), volts + " V rated", ac, "V", SOURCE),
                        new Step("direct", "1.7·ac", "1.7·" + Figures.plain(ac), dc, "V", SOURCE),
                        new Step("per unit", "U·√2/√3", volts + "·√2/√3", perUnit, "V", "IEEE Std 522"),
                        new Step("surge peak", "by rated voltage and state", "", surge, "V", "IEEE Std 522")));
    }

    /**
     * Alternating level of a machine under 1 kW and under 100 V by the standard: 2U + 500, reconditioned 1.5U and at least 500 V
     * (IEC 60034-1, table 17); empty for any other, and for the workshop school.
     */
    static Optional<Double> smallMachineAcV(WithstandRecord test) {
        boolean small = test.school() == WithstandQuestion.School.STANDARD
                && test.ratedVoltageV() < SMALL_V
                && test.ratedPowerW().filter(w -> w < SMALL_W).isPresent();
        if (!small) {
            return Optional.empty();
        }
        double u = test.ratedVoltageV();
        double fresh = 2 * u + 500;
        return Optional.of(
                switch (test.state()) {
                    case NEW -> test.repeat() ? REPEAT * fresh : fresh;
                    case PARTLY_REWOUND -> (test.repeat() ? REPEAT : 1) * 0.75 * fresh;
                    case RECONDITIONED -> Math.max(1.5 * u, 500);
                    case IN_SERVICE -> 1.25 * u;
                });
    }

    private static double standard(double u, SurgeLevel.State state) {
        double fresh = Math.max(2 * u + 1000, MIN_NEW_V);
        return switch (state) {
            case NEW -> fresh;
            case PARTLY_REWOUND -> 0.75 * fresh;
            case RECONDITIONED -> Math.max(1.5 * u, MIN_RECONDITIONED_V);
            case IN_SERVICE -> 1.25 * u;
        };
    }

    private static double workshop(double u, SurgeLevel.State state) {
        double full = 2 * u + 1000;
        return switch (state) {
            case NEW -> full;
            case PARTLY_REWOUND -> 0.75 * full;
            case RECONDITIONED -> 0.65 * full;
            // The workshop tests a motor in service with direct voltage of that level.
            case IN_SERVICE -> full / DIRECT_OVER_ALTERNATING;
        };
    }

    private static String formula(WithstandQuestion test, boolean standard) {
        String level = switch (test.state()) {
            case NEW -> standard ? "max(2U + 1000, 1500)" : "2U + 1000";
            case PARTLY_REWOUND -> standard ? "0.75·max(2U + 1000, 1500)" : "0.75·(2U + 1000)";
            case RECONDITIONED -> standard ? "max(1.5U, 1000)" : "0.65·(2U + 1000)";
            case IN_SERVICE -> standard ? "1.25U" : "(2U + 1000)/1.7";
        };
        return test.repeat() ? "0.8·" + level + ", repeated" : level;
    }
}
