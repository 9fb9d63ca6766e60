package app.brasskettle.core.quantity;

import app.brasskettle.core.worksheet.Coded;

/** The units in which somebody writes a figure when no unit stands beside it. */
public enum UnitSystem implements Coded {
    METRIC,
    US_CUSTOMARY
}
