/** A job as a page shows it: views made of the record, and whether a page has seen the newest. */
package app.brasskettle.server.jobview;
