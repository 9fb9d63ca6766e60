/** Seats of bearings against the limits of their size: designation, nominal, limits, out-of-round, taper. */
package app.brasskettle.core.fits;
