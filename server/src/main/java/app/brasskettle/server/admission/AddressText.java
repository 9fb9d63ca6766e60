package app.brasskettle.server.admission;

import app.brasskettle.core.worksheet.TextBounds;
import jakarta.servlet.http.HttpServletRequest;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/** The texts that come in the address of a call. */
final class AddressText {

    private static final int LONGEST = 4000;

    private AddressText() {}

    /** What is wrong with a parameter. */
    record Fault(String parameter, String message) {}

    /** The first parameter of {@code request} that cannot be read or printed, or is too long; nothing where all can be used. */
    static Optional<Fault> fault(HttpServletRequest request) {
        String query = request.getQueryString();
        if (query == null) {
            return Optional.empty();
        }
        if (query.length() > LONGEST) {
            return Optional.of(new Fault("", "The address has more than " + LONGEST + " characters"));
        }
        for (String part : query.split("&")) {
            String name = part.replaceFirst("=.*", "");
            Optional<Fault> fault = text(part)
                    .map(t -> TextBounds.fault("", t).map(p -> new Fault(printable(name), p.message())))
                    .orElse(Optional.of(new Fault(printable(name), "The address has a % that no two figures follow")));
            if (fault.isPresent()) {
                return fault;
            }
        }
        return Optional.empty();
    }

    private static String printable(String name) {
        return name.matches("[A-Za-z0-9_.-]{1,40}") ? name : "";
    }

    private static Optional<String> text(String part) {
        try {
            return Optional.of(URLDecoder.decode(part, StandardCharsets.UTF_8));
        } catch (IllegalArgumentException malformed) {
            return Optional.empty();
        }
    }
}
