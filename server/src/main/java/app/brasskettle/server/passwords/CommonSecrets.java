package app.brasskettle.server.passwords;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import java.util.stream.Collectors;

/** Passwords and numbers that anybody would try first: from lists that ship with the application. */
public final class CommonSecrets {

    /** Fewer than a million guesses by lists of passwords, names, words, dates and keyboards. */
    private static final int FIRST_GUESSED = 1;

    private static final Zxcvbn GUESSER = new Zxcvbn();
    private static final Set<String> PINS = pins();

    private CommonSecrets() {}

    static boolean password(String password) {
        return GUESSER.measure(password).getScore() <= FIRST_GUESSED;
    }

    /** A number on the list, one figure over and over, or figures in a row up or down. */
    public static boolean pin(String pin) {
        if (pin.length() < 2) {
            return false;
        }
        int step = pin.charAt(1) - pin.charAt(0);
        boolean row = Math.abs(step) <= 1;
        for (int i = 1; i < pin.length(); i++) {
            row &= pin.charAt(i) - pin.charAt(i - 1) == step;
        }
        return row || PINS.contains(pin);
    }

    private static Set<String> pins() {
        try (BufferedReader list = new BufferedReader(new InputStreamReader(
                CommonSecrets.class.getResourceAsStream("/access/common-pins.txt"), StandardCharsets.UTF_8))) {
            return list.lines()
                    .filter(l -> !l.startsWith("#"))
                    .map(String::strip)
                    .collect(Collectors.toUnmodifiableSet());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
