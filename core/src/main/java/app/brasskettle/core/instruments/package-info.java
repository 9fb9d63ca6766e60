/** One physical model of a motor, sound or faulty, that every simulated instrument reads. */
package app.brasskettle.core.instruments;
