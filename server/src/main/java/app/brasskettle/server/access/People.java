package app.brasskettle.server.access;

import app.brasskettle.server.problems.RefusedException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;

/** The person behind a call. */
public final class People {

    private People() {}

    /** The security framework's view of {@code person}. */
    static Authentication authenticated(Person person) {
        return UsernamePasswordAuthenticationToken.authenticated(
                person,
                null,
                List.of(new SimpleGrantedAuthority("ROLE_" + person.role().name())));
    }

    /** Whoever is signed in; nobody where nobody is. */
    static Optional<Person> find(Authentication signedIn) {
        return signedIn != null && signedIn.getPrincipal() instanceof Person p ? Optional.of(p) : Optional.empty();
    }

    /** The person signed in. */
    public static Person of(Authentication signedIn) {
        return find(signedIn).orElseThrow(() -> RefusedException.notSignedIn("Sign in first"));
    }

    /**
     * The person signed in, who must have one of {@code roles}.
     *
     * @throws RefusedException when they have another
     */
    public static Person of(Authentication signedIn, Role... roles) {
        Person person = of(signedIn);
        if (!Arrays.asList(roles).contains(person.role())) {
            throw RefusedException.forbidden("This is for "
                    + Arrays.stream(roles).map(Role::code).collect(Collectors.joining(", ")) + "; you are signed in as "
                    + person.role().code());
        }
        return person;
    }
}
