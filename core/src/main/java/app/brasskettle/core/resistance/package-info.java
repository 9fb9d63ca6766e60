/** Winding resistance between terminals: correction, unbalance, phase values, open circuits. */
package app.brasskettle.core.resistance;
