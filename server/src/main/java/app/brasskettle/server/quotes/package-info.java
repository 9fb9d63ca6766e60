/** Quotes of jobs: as they were given, how they reach the customer, and what came back. */
package app.brasskettle.server.quotes;
