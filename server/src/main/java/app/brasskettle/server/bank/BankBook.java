package app.brasskettle.server.bank;

import app.brasskettle.core.bank.BankIndex;
import app.brasskettle.core.bank.BankMatch;
import app.brasskettle.core.bank.BankOpinion;
import app.brasskettle.core.bank.BankQuestion;
import app.brasskettle.core.bank.BankRecord;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.PlateDetails;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.redesign.RedesignSheet;
import app.brasskettle.core.windingtake.WindingRecord;
import app.brasskettle.core.windingtake.WindingTake;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.shops.CurrentShop;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Searches of the bank. An index for each shop is kept in memory and read anew when the bank has changed. */
@Component
public class BankBook {

    private static final int BESIDE_A_TAKE = 4;
    /** Indexes kept: one for each shop, or for shops searched together, that was searched lately. */
    private static final int KEPT = 6;

    private final BankStore store;
    private final CurrentShop current;
    private final Cache<List<Long>, Read> kept =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    BankBook(BankStore store, CurrentShop current) {
        this.store = store;
        this.current = current;
    }

    /** The index of one version of the bank. */
    private record Read(long version, BankIndex index) {}

    private BankIndex index() {
        long version = store.version();
        // Two who search at once wait for one reading.
        return kept.asMap()
                .compute(
                        current.seen(),
                        (shops, read) -> read != null && read.version() == version
                                ? read
                                : new Read(version, new BankIndex(store.entries())))
                .index();
    }

    /**
     * What a search found.
     *
     * @param size windings in the bank
     * @param matches the nearest, nearest first
     */
    record Found(int size, List<BankMatch> matches) {}

    /** Finds the windings nearest to what is known, each with how often it was wound and proved here. */
    Found nearest(BankQuestion question, int most) {
        BankIndex index = index();
        return new Found(index.size(), matches(question, index.nearest(question, most)));
    }

    private List<BankMatch> matches(BankQuestion question, List<BankIndex.Near> near) {
        List<Long> ids = near.stream().map(BankIndex.Near::id).toList();
        Map<Long, BankRecord> records = store.records(ids);
        Map<Long, BankStore.Times> times = store.times(ids);
        Map<Long, Map<String, Object>> changes = store.redesigns(ids);
        return near.stream()
                .filter(n -> records.containsKey(n.id()))
                .map(n -> {
                    BankStore.Times t = times.getOrDefault(n.id(), BankStore.Times.NONE);
                    Optional<String> change = Optional.ofNullable(changes.get(n.id()))
                            .flatMap(typed -> TypedInput.read(RedesignSheet.class, typed)
                                    .input()
                                    .described());
                    return BankMatch.of(question, records.get(n.id()).since(t.rewound(), t.proved(), change));
                })
                .toList();
    }

    /** Adds windings from elsewhere; none of their keys may be there yet. */
    public void add(List<BankRecord> records, String by, OffsetDateTime at) {
        store.add(records, by, at);
    }

    /** Keeps a job's winding once its data are settled; a motor whose plate was not read is kept by what the plate tells. */
    public void settle(RecordedJob job, String by, OffsetDateTime at) {
        JobAssessment.winding(job.record()).data().ifPresent(winding -> {
            Optional<Plate> plate = job.plate();
            store.settle(
                    job.row().id(),
                    job.mark().orElse(""),
                    new BankRecord(
                            job.row().tag(),
                            plate.flatMap(Plate::maker),
                            plate.flatMap(Plate::details).flatMap(PlateDetails::model),
                            plate.flatMap(Plate::ratedPowerW),
                            winding,
                            job.windingRecord()
                                    .first()
                                    .map(WindingRecord.Taken::by)
                                    .orElse(by),
                            at.toLocalDate().toString(),
                            0,
                            0,
                            Optional.empty()),
                    by,
                    at);
        });
    }

    /**
     * Holds a take against the windings nearest to it; nothing until some of its core is known.
     *
     * @param take what was taken
     * @param tag the job it is of: what the bank has of it already confirms nothing
     */
    public Optional<BankOpinion> opinion(WindingTake take, String tag) {
        if (take.slots().isEmpty() || take.boreDiameterM().isEmpty()) {
            return Optional.empty();
        }
        BankQuestion like = BankQuestion.like(take);
        Optional<Long> own = store.ofJob(tag);
        List<BankIndex.Near> others = index().nearest(like, BESIDE_A_TAKE + 1).stream()
                .filter(n -> own.filter(id -> id == n.id()).isEmpty())
                .limit(BESIDE_A_TAKE)
                .toList();
        return Optional.of(BankOpinion.of(take, matches(like, others)));
    }
}
