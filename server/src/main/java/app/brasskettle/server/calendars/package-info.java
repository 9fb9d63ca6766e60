/** Calendars of the plan, one of each person and place, read by whoever holds its address until somebody takes it back. */
package app.brasskettle.server.calendars;
