package app.brasskettle.core.rules;

import app.brasskettle.core.worksheet.Word;

/** Whom a shop follows on a question. */
public enum School implements Word {
    STANDARD,
    PRACTICE
}
