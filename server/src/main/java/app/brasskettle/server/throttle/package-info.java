/** Attempts counted before they are judged, in the database, so that two servers and a hundred at once count together. */
package app.brasskettle.server.throttle;
