/** Prices built from a shop's tables: hours by task and frame, material by weight, bearings and new motors by list. */
package app.brasskettle.core.pricing;
