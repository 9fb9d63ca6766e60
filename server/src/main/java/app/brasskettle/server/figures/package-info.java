/** Figures of the shop: drawn, in tables, as CSV and XLSX. */
package app.brasskettle.server.figures;
