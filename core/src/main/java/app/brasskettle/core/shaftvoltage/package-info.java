/** Voltage on the shaft and current through the bearings, by both schools, with and without remedies. */
package app.brasskettle.core.shaftvoltage;
