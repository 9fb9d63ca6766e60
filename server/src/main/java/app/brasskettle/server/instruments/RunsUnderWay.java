package app.brasskettle.server.instruments;

import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** Runs of instruments that have a voltage on just now, by job. */
@Component
class RunsUnderWay {

    private final Map<String, Set<Stream>> byTag = new ConcurrentHashMap<>();

    void began(String tag, Stream run) {
        byTag.compute(tag, (t, runs) -> {
            Set<Stream> all = runs == null ? ConcurrentHashMap.newKeySet() : runs;
            all.add(run);
            return all;
        });
    }

    void ended(String tag, Stream run) {
        byTag.computeIfPresent(tag, (t, runs) -> {
            runs.remove(run);
            return runs.isEmpty() ? null : runs;
        });
    }

    /** Takes every voltage of a job off; how many there were. */
    int off(String tag) {
        Set<Stream> runs = Set.copyOf(byTag.getOrDefault(tag, Set.of()));
        runs.forEach(Stream::abort);
        return runs.size();
    }
}
