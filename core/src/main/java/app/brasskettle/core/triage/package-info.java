/** A pile of unknown motors: what a minute at each of them says, and what it is worth doing next. */
package app.brasskettle.core.triage;
