/** Pages of XHTML turned into PDF, one after the other, and kept for a minute. */
package app.brasskettle.server.printing;
