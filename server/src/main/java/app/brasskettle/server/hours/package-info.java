/** Hours of a job: taps of those who work, beside the task table and the quote. */
package app.brasskettle.server.hours;
