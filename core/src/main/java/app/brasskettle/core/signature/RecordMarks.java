package app.brasskettle.core.signature;

import java.util.EnumMap;
import java.util.Map;

/**
 * The record of a job as it stands, a mark for each topic.
 *
 * @param marks digest of the recorded inputs of each topic, and what was last done there
 */
public record RecordMarks(Map<Topic, Mark> marks) {

    /**
     * A topic as it stands.
     *
     * @param digest of its recorded inputs, never of judgements, words or clocks
     * @param changedAt when it was last written, seconds of the epoch; negative infinity where nothing was
     * @param lastChange what was done there last, in words; empty where the topic says enough
     */
    public record Mark(String digest, double changedAt, String lastChange) {

        /** A topic on which nothing is on record. */
        public static Mark untouched() {
            return new Mark("", Double.NEGATIVE_INFINITY, "");
        }
    }

    public RecordMarks {
        Map<Topic, Mark> all = new EnumMap<>(Topic.class);
        for (Topic topic : Topic.values()) {
            all.put(topic, marks.getOrDefault(topic, Mark.untouched()));
        }
        marks = Map.copyOf(all);
    }

    /** Marks of a record that holds nothing. */
    public static RecordMarks none() {
        return new RecordMarks(Map.of());
    }

    /** Finds the mark of a topic. */
    public Mark of(Topic topic) {
        return marks.get(topic);
    }
}
