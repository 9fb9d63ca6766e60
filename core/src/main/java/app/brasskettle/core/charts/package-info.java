/** What charts draw of tests: points in plain figures, with the limit beside them, so that no page computes one. */
package app.brasskettle.core.charts;
