package app.brasskettle.server.calendars;

import app.brasskettle.core.worksheet.Coded;

/** Whose calendar it is. */
enum FeedKind implements Coded {
    PERSON,
    PLACE
}
