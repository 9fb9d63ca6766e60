package app.brasskettle.server.access;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.io.Serializable;
import java.security.Principal;

/**
 * Somebody signed in.
 *
 * @param username name to sign in with
 * @param displayName name on the record
 * @param role what they are in the shop
 */
public record Person(String username, String displayName, Role role) implements Principal, Serializable {

    /** Tells whether their word stands over the shop's limits, with a reason. */
    public boolean leads() {
        return role == Role.LEAD || role == Role.ADMIN;
    }

    /** The name a session is kept under, so that closing an account can end its sessions. */
    @Override
    @JsonIgnore
    public String getName() {
        return username;
    }
}
