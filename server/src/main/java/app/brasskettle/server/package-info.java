/** Start of the application. */
package app.brasskettle.server;
