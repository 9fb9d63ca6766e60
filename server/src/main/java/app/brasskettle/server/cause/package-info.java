/** Evidence and conclusion of a job. */
package app.brasskettle.server.cause;
