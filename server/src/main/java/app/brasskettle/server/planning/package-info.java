/** The shop’s plan: its roster, searches that run beside the requests, plans that count once accepted by name, what-if, promises. */
package app.brasskettle.server.planning;
