/** Customers of the shop, and the people to reach there. */
package app.brasskettle.server.customers;
