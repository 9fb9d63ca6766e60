/** The shop's bank of windings: kept by settling, searched in memory, taken in and given out as a file. */
package app.brasskettle.server.bank;
