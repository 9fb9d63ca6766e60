/** A motor proved: each test beside what it read as received and before varnish, and beside what its winding predicts. */
package app.brasskettle.core.prove;
