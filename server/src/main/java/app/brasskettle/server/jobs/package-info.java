/** Jobs: their record, their journal, and the floor that lists them. */
package app.brasskettle.server.jobs;
