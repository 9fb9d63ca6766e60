package app.brasskettle.server.printing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Pages printed a moment ago: whoever asks for the same page of the same state again gets it without its being printed again. What
 * is printed says when, so a minute is no lie.
 */
@Component
public class PrintedPages {

    private static final long MOST_BYTES = 12L << 20;

    /**
     * A page.
     *
     * @param name what it is, and of which job
     * @param state everything it was printed from
     */
    public record Page(String name, String state) {}

    private final Cache<Page, byte[]> printed = Caffeine.newBuilder()
            .expireAfterWrite(Duration.ofMinutes(1))
            .maximumWeight(MOST_BYTES)
            .weigher((Page page, byte[] pdf) -> pdf.length)
            .build();

    /** The page as it was printed, or as {@code print} prints it now; two who ask at once wait for one printing. */
    public byte[] of(Page page, Supplier<byte[]> print) {
        return printed.get(page, p -> print.get());
    }
}
