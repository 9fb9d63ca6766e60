/** What prices are built from: the shop's price list and task table, and the options of a job built of them. */
package app.brasskettle.server.pricing;
