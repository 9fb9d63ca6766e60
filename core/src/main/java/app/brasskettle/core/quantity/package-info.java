/** Figures as people write them, with units, turned into SI and shown again. */
package app.brasskettle.core.quantity;
