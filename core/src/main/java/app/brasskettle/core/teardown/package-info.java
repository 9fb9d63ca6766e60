/** What is seen when a motor is open: the coil map and what its pattern says. */
package app.brasskettle.core.teardown;
