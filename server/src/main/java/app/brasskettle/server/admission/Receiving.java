package app.brasskettle.server.admission;

import app.brasskettle.server.problems.RefusedException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * How many bodies are on their way at once: of one session, of one address without a session, and in all. A body that comes
 * slowly holds a thread of the server, and threads are few.
 */
final class Receiving {

    private static final int OF_A_SESSION = 12;
    private static final int OF_AN_ADDRESS = 24;
    private static final int IN_ALL = 120;
    private static final int TRY_AGAIN_S = 2;

    private final String cookie;
    private final Map<String, Integer> underWay = new ConcurrentHashMap<>();
    private final AtomicInteger all = new AtomicInteger();

    Receiving(String cookie) {
        this.cookie = cookie;
    }

    /**
     * Begins to receive a body; {@link #ended} must follow with what this answers.
     *
     * @throws RefusedException when there are too many
     */
    String begun(HttpServletRequest request) {
        Optional<String> session = session(request);
        String sender = session.map(s -> "session " + s).orElse("address " + request.getRemoteAddr());
        int most = session.isPresent() ? OF_A_SESSION : OF_AN_ADDRESS;
        if (all.incrementAndGet() > IN_ALL) {
            all.decrementAndGet();
            throw tooMany();
        }
        if (underWay.merge(sender, 1, Integer::sum) > most) {
            ended(sender);
            throw tooMany();
        }
        return sender;
    }

    void ended(String sender) {
        underWay.computeIfPresent(sender, (s, n) -> n == 1 ? null : n - 1);
        all.decrementAndGet();
    }

    private Optional<String> session(HttpServletRequest request) {
        String bearer = request.getHeader("Authorization");
        return bearer != null
                ? Optional.of(bearer)
                : Arrays.stream(Optional.ofNullable(request.getCookies()).orElse(new Cookie[0]))
                        .filter(c -> c.getName().equals(cookie))
                        .map(Cookie::getValue)
                        .findFirst();
    }

    private static RefusedException tooMany() {
        return RefusedException.busy("Too much is being sent at once. Try again in a moment", TRY_AGAIN_S);
    }
}
