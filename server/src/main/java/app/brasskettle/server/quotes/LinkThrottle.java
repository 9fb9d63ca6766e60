package app.brasskettle.server.quotes;

import app.brasskettle.server.problems.RefusedException;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.stereotype.Component;

/**
 * Stops whoever tries addresses of quotes: an address is 256 random bits, so that guessing is hopeless, and ten wrong ones a minute are
 * no customer's slip.
 */
@Component
class LinkThrottle {

    private static final int WRONG_A_MINUTE = 10;
    private static final int MOST_CALLERS = 10_000;

    private final Cache<String, AtomicInteger> wrong = Caffeine.newBuilder()
            .expireAfterWrite(Duration.ofMinutes(1))
            .maximumSize(MOST_CALLERS)
            .build();

    /** Refuses a caller with too many wrong addresses behind them. */
    void check(String caller) {
        AtomicInteger count = wrong.getIfPresent(caller);
        if (count != null && count.get() >= WRONG_A_MINUTE) {
            throw RefusedException.tooMany("Too many addresses that open nothing. Wait a minute, then try again");
        }
    }

    /** Forgets who tried what. */
    void forget() {
        wrong.invalidateAll();
    }

    void wrong(String caller) {
        wrong.get(caller, c -> new AtomicInteger()).incrementAndGet();
    }
}
