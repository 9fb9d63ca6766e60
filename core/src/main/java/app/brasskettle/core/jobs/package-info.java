/** A job read as a whole: its stations, what needs hands next, and the evidence it holds. */
package app.brasskettle.core.jobs;
