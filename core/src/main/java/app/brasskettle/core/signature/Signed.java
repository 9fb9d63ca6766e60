package app.brasskettle.core.signature;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A signature, and the record it was given for.
 *
 * @param by who signed
 * @param at when, seconds of the epoch
 * @param digests of each topic as it stood; empty for one given before digests were kept, which any later change ends
 */
public record Signed(String by, double at, Map<Topic, String> digests) {

    public Signed {
        digests = Map.copyOf(digests);
    }

    /**
     * Says what ended it.
     *
     * @param now the record as it stands
     * @param restsOn topics the signature stands for
     * @return what was done since, in words; empty while it stands
     */
    public Optional<String> ended(RecordMarks now, Set<Topic> restsOn) {
        String changed = restsOn.stream()
                .sorted()
                .filter(t -> changed(t, now.of(t)))
                .map(t -> now.of(t).lastChange().isEmpty()
                        ? t.told()
                        : t.told() + " (" + now.of(t).lastChange() + ")")
                .collect(Collectors.joining("; "));
        return changed.isEmpty() ? Optional.empty() : Optional.of("since then " + changed);
    }

    private boolean changed(Topic topic, RecordMarks.Mark mark) {
        String then = digests.get(topic);
        return then == null ? mark.changedAt() > at : !then.equals(mark.digest());
    }
}
