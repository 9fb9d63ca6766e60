/** Figures of the shop: jobs counted by cause, customer and kind, returns, advice, promises, hours, detection. Nothing about persons. */
package app.brasskettle.core.figures;
