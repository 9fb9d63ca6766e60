package app.brasskettle.server.passwords;

import app.brasskettle.server.admission.WorkGate;
import org.springframework.security.crypto.password.PasswordEncoder;

/** Hashes of passwords take a tenth of a second on purpose: one at a time, so that two hundred at the door leave the floor its pace. */
public final class UnhurriedEncoder implements PasswordEncoder {

    private final PasswordEncoder encoder;
    private final WorkGate turns = new WorkGate(1, "Many sign in at once. Try again in a moment");

    public UnhurriedEncoder(PasswordEncoder encoder) {
        this.encoder = encoder;
    }

    @Override
    public String encode(CharSequence password) {
        return turns.through(() -> encoder.encode(password));
    }

    @Override
    public boolean matches(CharSequence password, String hash) {
        return turns.through(() -> encoder.matches(password, hash));
    }
}
