/** Jobs in open formats: a whole job with its photographs as one file, out and in again, and the job list as CSV. */
package app.brasskettle.server.exchange;
