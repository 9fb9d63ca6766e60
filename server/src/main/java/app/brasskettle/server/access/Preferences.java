package app.brasskettle.server.access;

import app.brasskettle.core.quantity.UnitSystem;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problems;

/**
 * How a person wants to write and see.
 *
 * @param units what a figure without a unit means to them
 * @param setting the light or the dark setting
 */
public record Preferences(UnitSystem units, Setting setting) {

    /** Which setting of the screen. */
    public enum Setting implements Coded {
        LIGHT,
        DARK
    }

    public Preferences {
        Problems problems = new Problems();
        problems.present("units", units);
        problems.present("setting", setting);
        problems.throwIfAny();
    }
}
