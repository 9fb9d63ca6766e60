package app.brasskettle.server.testrecord;

import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.surge.EarlierTraces;
import app.brasskettle.core.testkind.Judging;
import app.brasskettle.core.testkind.PlateBasis;
import app.brasskettle.core.testrecord.RecordedTest;
import app.brasskettle.core.worksheet.RecordReader;
import app.brasskettle.server.clock.JobClock;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * Tests on record as the core takes them. Readings never change once they are stored, so what was read and computed of traces is
 * kept in memory, as long as plate and rules say the same; otherwise every look at a job would read megabytes.
 */
@Component
public class TestReadings {

    /** Text of readings whose records are kept; records take about as much again. */
    private static final long KEPT_BYTES = 24_000_000;

    /** A test under what the plate says to it. */
    private record Key(long id, Map<String, Object> plate) {}

    /** What was read and computed of it. */
    private record Read(
            PlateBasis.Reread reread, Optional<EarlierTraces> earlier, ShopRules rules, Judging judging, int bytes) {}

    private final TestStore store;
    private final Cache<Key, Read> kept = Caffeine.newBuilder()
            .maximumWeight(KEPT_BYTES)
            .<Key, Read>weigher((key, read) -> read.bytes())
            .build();

    public TestReadings(TestStore store) {
        this.store = store;
    }

    /** Reads the tests of a job with the figures of the plate that stands now. */
    public List<RecordedTest> of(List<TestRow> rows, Optional<Plate> plate, ShopRules rules) {
        Map<Long, TestStore.Whole> missing = store.whole(rows.stream()
                .filter(t -> t.kind().traces() && known(t, plate, rules).isEmpty())
                .map(TestRow::id)
                .toList());
        return rows.stream()
                .map(t -> t.kind().traces() ? traced(t, plate, rules, missing) : plain(t, plate))
                .toList();
    }

    private Optional<Read> known(TestRow t, Optional<Plate> plate, ShopRules rules) {
        return Optional.ofNullable(kept.getIfPresent(key(t, plate)))
                .filter(r -> r.rules().equals(rules));
    }

    private static Key key(TestRow t, Optional<Plate> plate) {
        Map<String, Object> said = new LinkedHashMap<>();
        plate.ifPresent(p -> PlateBasis.overlay(t.kind(), t.speed(), p, said));
        return new Key(t.id(), said);
    }

    private RecordedTest traced(TestRow t, Optional<Plate> plate, ShopRules rules, Map<Long, TestStore.Whole> missing) {
        Read read = known(t, plate, rules).orElseGet(() -> {
            TestStore.Whole whole = missing.computeIfAbsent(
                    t.id(), id -> store.whole(List.of(id)).get(id));
            Read fresh = read(t, plate, rules, whole);
            kept.put(key(t, plate), fresh);
            return fresh;
        });
        return recorded(
                t, read.reread(), read.earlier(), Optional.of(new RecordedTest.Known(read.rules(), read.judging())));
    }

    private static Read read(TestRow t, Optional<Plate> plate, ShopRules rules, TestStore.Whole whole) {
        PlateBasis.Reread reread = PlateBasis.reread(t.kind(), t.speed(), whole.input(), plate);
        return new Read(
                reread,
                whole.earlierTraces().map(e -> RecordReader.read(EarlierTraces.class, e)),
                rules,
                t.kind().judge(reread.input(), rules),
                whole.bytes());
    }

    private static RecordedTest plain(TestRow t, Optional<Plate> plate) {
        return recorded(
                t, PlateBasis.reread(t.kind(), t.speed(), t.input(), plate), Optional.empty(), Optional.empty());
    }

    private static RecordedTest recorded(
            TestRow t, PlateBasis.Reread read, Optional<EarlierTraces> earlier, Optional<RecordedTest.Known> known) {
        return new RecordedTest(
                t.kind(),
                t.speed(),
                read.input(),
                read.contradiction(),
                JobClock.seconds(t.at()),
                t.by(),
                t.appliedV(),
                t.instrument().map(i -> i.used(t.at())),
                t.origin(),
                t.originNote(),
                t.supersededBecause(),
                t.corrected(),
                earlier,
                known);
    }
}
