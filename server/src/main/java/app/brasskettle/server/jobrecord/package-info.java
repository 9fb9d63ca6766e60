/** A stored job turned into the records the core reads, and into the digests that signatures stand on. */
package app.brasskettle.server.jobrecord;
