package app.brasskettle.server.jobrecord;

import app.brasskettle.core.handwork.HandAct;
import app.brasskettle.core.signature.RecordMarks;
import app.brasskettle.core.signature.Signed;
import app.brasskettle.core.signature.Topic;
import app.brasskettle.core.work.WorkDone;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventRow;
import app.brasskettle.server.sheets.SheetKind;
import app.brasskettle.server.sheets.SheetRow;
import app.brasskettle.server.testrecord.TestRow;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * Digests of what is recorded on a job, topic by topic, for signatures to stand on. Form 1: the typed inputs of sheets, events and tests
 * as they were recorded, keys in order; no judgement, no moment, no signature. A later form is written beside this one.
 */
final class RecordDigests {

    private static final String FORM = "1";
    private static final String DIGESTS = "digests";

    private static final Map<SheetKind, Topic> SHEETS = Map.ofEntries(
            Map.entry(SheetKind.PLATE, Topic.PLATE),
            Map.entry(SheetKind.REDESIGN, Topic.BUILD),
            Map.entry(SheetKind.TEARDOWN_LOG, Topic.PARTS),
            Map.entry(SheetKind.RENEWAL, Topic.PARTS),
            Map.entry(SheetKind.MACHINING, Topic.PARTS),
            Map.entry(SheetKind.BRAZED, Topic.JOINTS),
            Map.entry(SheetKind.COILS_WOUND, Topic.COILS),
            Map.entry(SheetKind.CORE_AFTER, Topic.CORE),
            Map.entry(SheetKind.STRIPPING, Topic.OVEN),
            Map.entry(SheetKind.WASHING, Topic.OVEN),
            Map.entry(SheetKind.DRYING, Topic.OVEN),
            Map.entry(SheetKind.VARNISHING, Topic.OVEN));
    /** What of the arrival sheet says how the motor is built and how it turns. */
    private static final List<String> BUILD_OF_ARRIVAL = List.of("shaft", "auxiliaries");

    private final List<TestRow> tests;
    private final Map<Topic, List<Object>> inputs = new EnumMap<>(Topic.class);
    private final Map<Topic, Double> changedAt = new EnumMap<>(Topic.class);
    private final Map<Topic, String> lastChange = new EnumMap<>(Topic.class);

    private RecordDigests(List<TestRow> tests) {
        this.tests = tests;
    }

    /** Marks of a job's record as it stands. */
    static RecordMarks marks(List<SheetRow> sheets, List<EventRow> events, List<TestRow> tests) {
        RecordDigests digests = new RecordDigests(tests);
        sheets.forEach(digests::sheet);
        events.forEach(digests::event);
        tests.forEach(digests::test);
        Map<Topic, RecordMarks.Mark> marks = new EnumMap<>(Topic.class);
        digests.inputs.forEach((topic, said) -> marks.put(
                topic,
                new RecordMarks.Mark(
                        sha256(canonical(said)),
                        digests.changedAt.get(topic),
                        digests.lastChange.getOrDefault(topic, ""))));
        return new RecordMarks(marks);
    }

    /** What a signature keeps of the record it is given for. */
    static Map<String, Object> kept(RecordMarks marks) {
        Map<String, Object> digests = new LinkedHashMap<>();
        for (Topic topic : Topic.values()) {
            digests.put(topic.code(), marks.of(topic).digest());
        }
        return Map.of(DIGESTS, Map.of(FORM, digests));
    }

    /** A signature as an event keeps it; one from before digests were kept has none. */
    static Signed signed(EventRow event) {
        Map<Topic, String> digests = new EnumMap<>(Topic.class);
        if (event.detail().get(DIGESTS) instanceof Map<?, ?> forms && forms.get(FORM) instanceof Map<?, ?> form) {
            form.forEach((topic, digest) -> Coded.parse(Topic.class, String.valueOf(topic))
                    .ifPresent(t -> digests.put(t, String.valueOf(digest))));
        }
        return new Signed(event.by(), event.epochSeconds(), digests);
    }

    /** What ended the last release to run, where something did. */
    static Optional<String> releaseEnded(RecordedJob job) {
        return job.lastHere(EventKind.RUN_RELEASED)
                .map(RecordDigests::signed)
                .flatMap(s -> s.ended(job.marks(), Topic.ofRunRelease()));
    }

    private void sheet(SheetRow sheet) {
        double at = JobClock.seconds(sheet.at());
        if (sheet.kind() == SheetKind.ARRIVAL) {
            Map<String, Object> built = new TreeMap<>();
            BUILD_OF_ARRIVAL.forEach(k -> built.put(k, sheet.typed().getOrDefault(k, "")));
            // Its words on complaint and circumstances may grow without the motor being another one.
            add(Topic.BUILD, built, Double.NEGATIVE_INFINITY, "");
        } else {
            Optional.ofNullable(SHEETS.get(sheet.kind()))
                    .ifPresent(t -> add(t, List.of(sheet.kind().code(), sheet.typed()), at, ""));
        }
    }

    private void event(EventRow e) {
        double at = e.epochSeconds();
        switch (e.kind()) {
            case WORKED ->
                add(
                        Topic.WORK,
                        picked(e, Set.of("work", "remedy", "place")),
                        at,
                        WorkEvent.read(e).map(WorkDone::label).orElse(e.text("work")));
            case CAME_BACK -> add(Topic.WORK, e.kind().code(), at, "it was out of the shop");
            case PART_REFITTED, PART_LEFT_OUT, PART_OFF_AGAIN ->
                add(Topic.PARTS, List.of(e.kind().code(), picked(e, Set.of("part", "reason"))), at, e.text("name"));
            case SHAFT_TURNED -> add(Topic.BUILD, picked(e, Set.of("shaft")), at, "the shaft was turned by hand");
            case HAND_DONE -> hand(e);
            case OVERRULED, TEST_MISREAD ->
                add(Topic.TESTS, picked(e, Set.of("step", "testAt", "verdict")), at, testAt(e.text("step")));
            case CONCLUDED -> {
                replace(Topic.CONCLUSION, picked(e, Set.of("explanation", "root")), at);
                replace(Topic.ADVICE, picked(e, Set.of("recommendations")), at);
            }
            case CHOSEN -> replace(Topic.ANSWER, picked(e, Set.of("option", "kind", "price")), at);
            default -> {}
        }
    }

    private String testAt(String step) {
        return tests.stream()
                .filter(t -> t.kind().step(t.speed()).equals(step))
                .map(t -> t.kind().label())
                .findFirst()
                .orElse("");
    }

    private void hand(EventRow e) {
        Coded.parse(HandAct.class, e.text("act"))
                .flatMap(act -> switch (act) {
                    case COIL_IN, COIL_OUT, COIL_COUNTED -> Optional.of(Topic.COILS);
                    case JOINT_BRAZED, JOINT_OPENED -> Optional.of(Topic.JOINTS);
                    case CHECKED, UNCHECKED, SIGNED -> Optional.empty();
                })
                .ifPresent(topic -> add(
                        topic,
                        picked(e, Set.of("act", "place")),
                        e.epochSeconds(),
                        e.text("act").replace('-', ' ') + ", " + e.text("place")));
    }

    private void test(TestRow t) {
        Map<String, Object> said = new TreeMap<>();
        said.put("id", t.id());
        said.put("kind", t.kind().code());
        said.put("speed", t.speed());
        said.put("typed", t.typed());
        said.put("input", t.input());
        said.put("origin", t.origin().code());
        said.put("volts", t.appliedV().map(Object.class::cast).orElse(""));
        said.put("instrument", t.instrument().map(i -> i.name()).orElse(""));
        add(Topic.TESTS, said, JobClock.seconds(t.at()), t.kind().label());
    }

    private void add(Topic topic, Object said, double at, String what) {
        inputs.computeIfAbsent(topic, t -> new ArrayList<>()).add(said);
        if (at >= changedAt.getOrDefault(topic, Double.NEGATIVE_INFINITY)) {
            changedAt.put(topic, at);
            lastChange.put(topic, what);
        }
        changedAt.putIfAbsent(topic, Double.NEGATIVE_INFINITY);
    }

    /** Only the last word counts: an answer given again as it was is that answer. */
    private void replace(Topic topic, Object said, double at) {
        inputs.remove(topic);
        add(topic, said, at, "");
    }

    private static Map<String, Object> picked(EventRow e, Set<String> fields) {
        Map<String, Object> picked = new TreeMap<>();
        fields.stream()
                .filter(f -> e.detail().get(f) != null)
                .forEach(f -> picked.put(f, e.detail().get(f)));
        return picked;
    }

    /** Text of a value that is the same for the same value, whatever the order of its keys. */
    private static String canonical(Object value) {
        if (value instanceof Map<?, ?> map) {
            Map<String, Object> sorted = new TreeMap<>();
            map.forEach((k, v) -> sorted.put(String.valueOf(k), v));
            StringBuilder text = new StringBuilder("{");
            sorted.forEach((k, v) -> text.append(k.length())
                    .append(':')
                    .append(k)
                    .append('=')
                    .append(canonical(v))
                    .append(';'));
            return text.append('}').toString();
        }
        if (value instanceof Iterable<?> list) {
            StringBuilder text = new StringBuilder("[");
            list.forEach(v -> text.append(canonical(v)).append(','));
            return text.append(']').toString();
        }
        String text = value instanceof Number n ? String.valueOf(n.doubleValue()) : String.valueOf(value);
        return text.length() + ":" + text;
    }

    private static String sha256(String text) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java platform has SHA-256", e);
        }
    }
}
