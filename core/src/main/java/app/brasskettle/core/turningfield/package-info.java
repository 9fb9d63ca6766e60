/** The turning field of a bare stator at low voltage: a dummy rotor round the bore, currents, warm groups, the span counted. */
package app.brasskettle.core.turningfield;
