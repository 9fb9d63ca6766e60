/** What closed jobs taught about causes. */
package app.brasskettle.server.priors;
