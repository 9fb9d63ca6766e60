package app.brasskettle.core.rules;

import app.brasskettle.core.worksheet.Coded;

/** A question on which practitioners disagree. */
public enum Question implements Coded {
    INSULATION_VOLTAGE(
            "Insulation test voltage",
            "by the table of rated voltages",
            "twice the rated voltage, to the tester's next step, never above the table's upper figure"),
    INSULATION_ACCEPTANCE(
            "Insulation acceptance",
            "least at 40 °C by IEEE Std 43",
            "field rule on the raw figure: 100 MΩ and up holds, 30 to 100 watch, below stop"),
    SURGE_LEVEL(
            "Withstand and surge levels",
            "withstand by IEC 60034-1 cl. 9; surge from 1 kV 3.5 or 2.6 times U·√2/√3 (IEEE Std 522)",
            "2U + 1000 V for both, less for what is not new"),
    SHAFT_VOLTAGE(
            "Shaft voltage",
            "judge the voltage: 100 mV rolling, 200 mV sleeve",
            "judge the current through the bearing: 0.1 holds, to 0.8 A/mm² watch"),
    BEARING_REMOVAL(
            "Bearing removal",
            "puller on the inner race, with the reason",
            "quick even heat of the inner race, with the reason");

    private final String label;
    private final String standard;
    private final String practice;

    Question(String label, String standard, String practice) {
        this.label = label;
        this.standard = standard;
        this.practice = practice;
    }

    /** The question as a heading. */
    public String label() {
        return label;
    }

    /** What {@code school} answers. */
    public String answer(School school) {
        return school == School.STANDARD ? standard : practice;
    }
}
