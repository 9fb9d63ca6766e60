/** Windings taken coil by coil: concentric ones, main and start winding, two windings in one core. */
package app.brasskettle.core.coilset;
