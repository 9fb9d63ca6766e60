/** Refusals as RFC 9457 problem documents. */
package app.brasskettle.server.problems;
