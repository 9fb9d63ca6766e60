package app.brasskettle.core.quantity;

import app.brasskettle.core.worksheet.Word;

/** The units in which somebody writes a figure when no unit stands beside it. */
public enum UnitSystem implements Word {
    METRIC,
    US_CUSTOMARY
}
