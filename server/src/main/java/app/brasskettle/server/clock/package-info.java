/** What time it is: one clock for the record, held against the database's. */
package app.brasskettle.server.clock;
