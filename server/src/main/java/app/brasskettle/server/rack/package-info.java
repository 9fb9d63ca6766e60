/** Winding wire on the shop's rack: its lots, their kilograms and prices. */
package app.brasskettle.server.rack;
