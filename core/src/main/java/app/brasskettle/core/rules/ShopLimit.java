package app.brasskettle.core.rules;

import app.brasskettle.core.worksheet.Coded;

/** A limit that a shop may set for itself, with the figure it comes with and where that is from. */
public enum ShopLimit implements Coded {
    RANDOM_WOUND_MEGOHM(
            Sheet.INSULATION,
            "Least insulation at 40 °C, random-wound",
            "MΩ",
            5,
            1,
            10_000,
            "IEEE Std 43-2013, table 3"),
    FORM_WOUND_MEGOHM(
            Sheet.INSULATION,
            "Least insulation at 40 °C, form-wound from 1 kV",
            "MΩ",
            100,
            10,
            10_000,
            "IEEE Std 43-2013, table 3"),
    FIELD_HOLDS_MEGOHM(Sheet.INSULATION, "Field rule holds from", "MΩ", 100, 5, 10_000, "Field rule"),
    FIELD_WATCH_MEGOHM(Sheet.INSULATION, "Field rule watches from", "MΩ", 30, 1, 10_000, "Field rule"),
    RESISTANCE_FORM_WOUND_PERCENT(
            Sheet.RESISTANCE, "Resistance unbalance, form-wound", "%", 1, 0.1, 10, "Shop practice beside IEEE Std 118"),
    RESISTANCE_PERCENT(
            Sheet.RESISTANCE, "Resistance unbalance, others", "%", 2, 0.1, 10, "Shop practice beside IEEE Std 118"),
    SURGE_PHASE_PERCENT(
            Sheet.SURGE, "Surge, phases apart, rotor out", "%", 10, 1, 50, "Shop practice beside IEEE Std 522"),
    SURGE_ROTOR_PERCENT(
            Sheet.SURGE, "Surge, phases apart, rotor in", "%", 15, 1, 50, "Shop practice beside IEEE Std 522"),
    SURGE_PULSE_PERCENT(Sheet.SURGE, "Surge, pulse to pulse", "%", 5, 1, 50, "Shop practice beside IEEE Std 522"),
    CURRENT_DENSITY_WATCH(Sheet.WINDING, "Current density to watch from", "A/mm²", 6.5, 1, 20, "Design practice"),
    CURRENT_DENSITY_STOP(Sheet.WINDING, "Current density to stop at", "A/mm²", 9, 1, 30, "Design practice"),
    SLOT_FILL_WATCH_PERCENT(Sheet.WINDING, "Slot fill to watch from", "%", 75, 10, 100, "Design practice"),
    SLOT_FILL_STOP_PERCENT(Sheet.WINDING, "Slot fill to stop at", "%", 82, 10, 100, "Design practice"),
    WIRE_THICKEST_MM(
            Sheet.REWIND,
            "Thickest wire that is wound in by hand",
            "mm",
            1.6,
            0.5,
            3,
            "Shop practice: thicker wire does not lie down in the slot"),
    WIRE_ALLOWANCE_PERCENT(
            Sheet.REWIND,
            "Wire drawn from the rack beyond the copper computed",
            "%",
            5,
            0,
            50,
            "Shop practice: ends, enamel and what stays on the reel"),
    LEAD_CURRENT_DENSITY(
            Sheet.REWIND, "Current density in a lead", "A/mm²", 5, 1, 10, "Shop practice for insulated leads in air"),
    LINER_TO_250_V_MM(
            Sheet.REWIND, "Slot liner up to 250 V", "mm", 0.25, 0.1, 2, "Shop practice: thickness by voltage class"),
    LINER_TO_690_V_MM(
            Sheet.REWIND, "Slot liner up to 690 V", "mm", 0.35, 0.1, 2, "Shop practice: thickness by voltage class"),
    LINER_OVER_690_V_MM(
            Sheet.REWIND, "Slot liner over 690 V", "mm", 0.5, 0.1, 3, "Shop practice: thickness by voltage class"),
    BURNOUT_ORGANIC_C(
            Sheet.OVEN,
            "Burnout, core with organic insulation, at most",
            "°C",
            370,
            250,
            450,
            "IEEE Std 1068: core insulation that carbonises"),
    BURNOUT_INORGANIC_C(
            Sheet.OVEN,
            "Burnout, core with inorganic insulation, at most",
            "°C",
            400,
            250,
            450,
            "IEEE Std 1068: core insulation of oxide or phosphate"),
    BURNOUT_ALUMINIUM_C(
            Sheet.OVEN, "Burnout, aluminium frame, at most", "°C", 300, 200, 400, "Shop practice: the frame lets go"),
    BURNOUT_HOLD_C(
            Sheet.OVEN, "Burnout, time counts from", "°C", 340, 200, 400, "Shop practice: old insulation turns to ash"),
    BURNOUT_HOLD_MINUTES(Sheet.OVEN, "Burnout, held for", "min", 240, 10, 2000, "Shop practice"),
    BAKE_HOLD_C(Sheet.OVEN, "Bake, time counts from", "°C", 150, 60, 220, "The resin’s data sheet"),
    BAKE_HOLD_MINUTES(Sheet.OVEN, "Bake, held for", "min", 240, 10, 2000, "The resin’s data sheet"),
    BAKE_LIMIT_C(Sheet.OVEN, "Bake, at most", "°C", 180, 80, 260, "The resin’s data sheet"),
    UNVARNISHED_SURGE_PERCENT(
            Sheet.SURGE,
            "Surge before varnish, of the level of the new winding",
            "%",
            80,
            40,
            100,
            "Shop practice: without varnish the turns are held by enamel alone"),
    WARRANTY_MONTHS(
            Sheet.RELEASE, "Warranty on work done here", "months", 12, 0, 120, "Shop rule, told on the certificate"),
    WAIVER_FACTOR(
            Sheet.GATE,
            "A lead hand may waive a limit missed by a factor of",
            "",
            1.5,
            1,
            2,
            "Shop rule: what is missed by a little may be argued, in writing");

    /** The computation a limit belongs to. */
    enum Sheet {
        INSULATION,
        RESISTANCE,
        SURGE,
        WINDING,
        REWIND,
        OVEN,
        RELEASE,
        GATE
    }

    private final Sheet sheet;
    private final String label;
    private final String unit;
    private final double standard;
    private final double least;
    private final double most;
    private final String source;

    ShopLimit(Sheet sheet, String label, String unit, double standard, double least, double most, String source) {
        this.sheet = sheet;
        this.label = label;
        this.unit = unit;
        this.standard = standard;
        this.least = least;
        this.most = most;
        this.source = source;
    }

    Sheet sheet() {
        return sheet;
    }

    /** The limit as a heading. */
    public String label() {
        return label;
    }

    public String unit() {
        return unit;
    }

    /** The figure it comes with. */
    public double standard() {
        return standard;
    }

    /** The least a shop may set. */
    public double least() {
        return least;
    }

    /** The most a shop may set. */
    public double most() {
        return most;
    }

    /** Where the figure it comes with is from. */
    public String source() {
        return source;
    }
}
