/** Options of a job and the answer to them. */
package app.brasskettle.server.choice;
