/** The shops of a house: which one a call works in, and whose rows it may see. */
package app.brasskettle.server.shops;
