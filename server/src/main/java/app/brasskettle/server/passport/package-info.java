/** A motor known again by its mark: its visits, and what they say together. */
package app.brasskettle.server.passport;
