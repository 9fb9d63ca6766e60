/** What several stores do with rows. */
package app.brasskettle.server.sql;
