/** Runs of instruments under voltage: claimed before the voltage is on, kept alive while it is, ended by whoever finds them dead. */
package app.brasskettle.server.runs;
