/** Sheets of a job: what is written once and corrected, merged where two people wrote at once. */
package app.brasskettle.server.sheets;
