/** The loop test of a stator core: how many turns, and what the core's loss and its hot spots say. */
package app.brasskettle.core.coreloop;
