/** Photographs of jobs: taken in, re-encoded without a trace of where they were taken, attached to what they show. */
package app.brasskettle.server.photos;
