/** The shop's own instruments: what they are called, and until when their calibration is good. */
package app.brasskettle.server.calibration;
