/** Usual design of a motor's core and winding: what a core can give, and windings made up by the same rules. */
package app.brasskettle.core.design;
