/** Printed sheets. */
package app.brasskettle.server.reports;
