/** Worksheets over HTTP. */
package app.brasskettle.server.worksheets;
