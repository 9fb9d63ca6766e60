/** What a password or a number at the tablet must be, and how a password is hashed. */
package app.brasskettle.server.passwords;
