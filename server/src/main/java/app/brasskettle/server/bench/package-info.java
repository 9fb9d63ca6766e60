/** Bench tests on a job. */
package app.brasskettle.server.bench;
