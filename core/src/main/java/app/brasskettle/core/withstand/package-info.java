/** Withstand levels by two schools, and the rising direct voltage that stops before the winding does. */
package app.brasskettle.core.withstand;
