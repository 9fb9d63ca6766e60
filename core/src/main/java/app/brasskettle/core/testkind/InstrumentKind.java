package app.brasskettle.core.testkind;

import app.brasskettle.core.worksheet.Coded;

/** Kinds of instrument a shop has on its list. */
public enum InstrumentKind implements Coded {
    INSULATION_TESTER("insulation tester"),
    MILLIOHM_BRIDGE("milliohm bridge"),
    MULTIMETER("multimeter"),
    INDUCTANCE_BRIDGE("inductance bridge"),
    WITHSTAND_SET("withstand set"),
    SURGE_SET("surge set"),
    POWER_ANALYSER("power analyser"),
    CLAMP_METER("clamp meter"),
    OSCILLOSCOPE("oscilloscope"),
    CAPACITANCE_METER("capacitance meter"),
    THERMOMETER("thermometer or thermal camera"),
    VIBRATION_METER("vibration meter"),
    CORE_LOSS_SET("core loss set"),
    MICROMETER("micrometer or bore gauge"),
    FEELER_GAUGE("feeler gauge"),
    DIAL_GAUGE("dial gauge"),
    BALANCING_MACHINE("balancing machine"),
    TACHOMETER("tachometer");

    private final String label;

    InstrumentKind(String label) {
        this.label = label;
    }

    /** Names the kind in running text. */
    public String label() {
        return label;
    }
}
