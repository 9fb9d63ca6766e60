/** The invented shop that the demonstration starts with. */
package app.brasskettle.server.demo;
