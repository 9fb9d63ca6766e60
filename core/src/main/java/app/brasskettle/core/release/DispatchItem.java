package app.brasskettle.core.release;

import app.brasskettle.core.worksheet.Coded;

/** What hand and eye look at before a motor leaves. */
public enum DispatchItem implements Coded {
    TERMINAL_BOX("Terminal box as it came, leads marked, links as the plate asks"),
    ROTATION("Direction of rotation marked"),
    GREASE("Greased, by the grams of its bearings"),
    PAINT("Painted, plate readable"),
    SHAFT_END("Shaft end covered"),
    KEY("Key taped in, or listed as not supplied"),
    LABEL("Label tied on");

    private final String label;

    DispatchItem(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
