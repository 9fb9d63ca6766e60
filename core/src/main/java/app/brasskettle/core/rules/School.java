package app.brasskettle.core.rules;

import app.brasskettle.core.worksheet.Coded;

/** Whom a shop follows on a question. */
public enum School implements Coded {
    STANDARD,
    PRACTICE
}
