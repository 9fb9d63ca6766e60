package app.brasskettle.core.wire;

import app.brasskettle.core.worksheet.Coded;

/** Thickness of the enamel, IEC 60317-0-1 grade 1 and 2. */
public enum WireGrade implements Coded {
    GRADE_1("grade 1, single"),
    GRADE_2("grade 2, double");

    private final String label;

    WireGrade(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
