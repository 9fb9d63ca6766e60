/** The journal of jobs: a line for every change. */
package app.brasskettle.server.journal;
