/** A motor known again by its mark: its stays, and what they say together. */
package app.brasskettle.server.passport;
