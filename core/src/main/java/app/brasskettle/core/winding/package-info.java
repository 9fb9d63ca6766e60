/** Winding data as taken from the old winding, and the checks that tell whether the take can be right. */
package app.brasskettle.core.winding;
