/** A pile of unknown motors, a minute at each: what was seen, and the job one of them became. */
package app.brasskettle.server.triage;
