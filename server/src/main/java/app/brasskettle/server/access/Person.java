package app.brasskettle.server.access;

import java.io.Serializable;

/**
 * Somebody signed in.
 *
 * @param username name to sign in with
 * @param displayName name on the record
 * @param role what they are in the shop
 */
public record Person(String username, String displayName, Role role) implements Serializable {}
