/** What every file for a spreadsheet needs. */
package app.brasskettle.server.spreadsheet;
