/** Simulated instruments: one simulated motor per job, read by all of them. */
package app.brasskettle.server.instruments;
