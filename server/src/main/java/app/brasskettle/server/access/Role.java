package app.brasskettle.server.access;

import app.brasskettle.core.worksheet.Coded;

/** What a person is in the shop. */
public enum Role implements Coded {
    TECHNICIAN,
    LEAD,
    OFFICE,
    ADMIN
}
