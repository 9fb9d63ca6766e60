/** Changing calls in one transaction each, answered once for each key however often they are sent. */
package app.brasskettle.server.retries;
