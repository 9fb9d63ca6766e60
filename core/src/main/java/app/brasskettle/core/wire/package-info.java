/** Winding wire: sizes by table and by gauge, and what a shop has on its rack. */
package app.brasskettle.core.wire;
