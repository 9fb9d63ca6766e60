/** Vibration, insulated bearings and balance of a rotor. */
package app.brasskettle.core.mechanics;
