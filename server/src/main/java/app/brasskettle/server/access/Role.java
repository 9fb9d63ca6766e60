package app.brasskettle.server.access;

import app.brasskettle.core.worksheet.Word;

/** What a person is in the shop. */
public enum Role implements Word {
    TECHNICIAN,
    LEAD,
    OFFICE,
    ADMIN
}
