/** What is done on a job by name: its kinds, and an event as stored. */
package app.brasskettle.server.events;
