/** The list of the floor, and what moves a job out of the usual order. */
package app.brasskettle.server.floor;
