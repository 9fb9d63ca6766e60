package app.brasskettle.server.photos;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.problems.RefusedException;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Photographs of jobs; each change stands in the job's journal. */
@Service
public class PhotoBook {

    private static final int MOST = 200;
    private static final int MAX_CAPTION = 300;
    private static final int MAX_FINDING = 80;
    private static final Set<String> STEPS = steps();

    /**
     * What a photograph belongs to.
     *
     * @param step step of the job
     * @param finding what on it, empty for the whole
     * @param caption what is to be seen
     */
    public record Attached(String step, String finding, String caption) {

        public Attached {
            step = step == null ? "" : step;
            finding = finding == null ? "" : finding.strip();
            caption = caption == null ? "" : caption.strip();
            Problems problems = new Problems();
            if (!STEPS.contains(step)) {
                problems.add("step", Problem.Code.WORD, "step is \"" + step + "\", which no job has");
            }
            if (finding.length() > MAX_FINDING) {
                problems.add("finding", Problem.Code.RANGE, "finding has at most " + MAX_FINDING + " characters");
            }
            if (caption.length() > MAX_CAPTION) {
                problems.add("caption", Problem.Code.RANGE, "caption has at most " + MAX_CAPTION + " characters");
            }
            problems.throwIfAny();
        }
    }

    /** The steps that are no tests, and where each test is taken. */
    private static Set<String> steps() {
        Set<String> steps = new HashSet<>(JobStep.paths());
        for (TestKind kind : TestKinds.all()) {
            steps.add(kind.step(1));
            steps.add(kind.step(2));
        }
        return Set.copyOf(steps);
    }

    private final PhotoStore store;
    private final JobBook book;

    PhotoBook(PhotoStore store, JobBook book) {
        this.store = store;
        this.book = book;
    }

    /** The photographs of a job, in the order in which they came. */
    @Transactional(readOnly = true)
    public List<Photo> of(String tag) {
        book.mustExist(tag);
        return store.of(tag);
    }

    /**
     * Takes a photograph in.
     *
     * @throws InvalidInputException when the file is no picture that can be decoded
     */
    public List<Photo> add(String tag, byte[] file, Attached to, ChangeContext hand) {
        // Decoded before anything is asked of the database, so that no connection waits for it.
        return add(tag, SanitisedJpeg.from(file), to, hand);
    }

    /** Photographs that are decoded first and taken in later. */
    public PreparedPhotos prepared() {
        return new PreparedPhotos(this);
    }

    List<Photo> add(String tag, SanitisedJpeg photo, Attached to, ChangeContext hand) {
        book.journalled(tag, "photographed", hand, () -> {
            if (store.of(tag).size() >= MOST) {
                throw new InvalidInputException(
                        List.of(new Problem("", Problem.Code.COUNT, "A job holds at most " + MOST + " photographs")));
            }
            long id = store.add(tag, photo, to, hand.person().displayName(), hand.at());
            return Map.of("photo", id, "step", to.step(), "caption", to.caption());
        });
        return store.of(tag);
    }

    @Transactional(readOnly = true)
    byte[] thumbnail(String tag, long id) {
        return rendition(tag, id, PhotoStore.Rendition.THUMBNAIL);
    }

    /** The photograph as it is printed. */
    @Transactional(readOnly = true)
    public byte[] print(String tag, long id) {
        return rendition(tag, id, PhotoStore.Rendition.PRINT);
    }

    private byte[] rendition(String tag, long id, PhotoStore.Rendition rendition) {
        return store.picture(tag, id, rendition).orElseThrow(() -> unknown(tag, id));
    }

    /** The picture of a photograph that {@link #of} named. */
    @Transactional(readOnly = true)
    public byte[] picture(String tag, long id) {
        return rendition(tag, id, PhotoStore.Rendition.IMAGE);
    }

    @Transactional
    List<Photo> change(String tag, long id, int seen, Attached to, ChangeContext hand) {
        Photo before = one(tag, id);
        book.journalled(tag, "photograph " + id + ": " + to.caption(), hand, () -> {
            if (!store.change(id, seen, to)) {
                throw RefusedException.stale("Somebody else changed this photograph. Look again, then save");
            }
            return Map.of("before", before.caption(), "caption", to.caption(), "step", to.step());
        });
        return store.of(tag);
    }

    @Transactional
    List<Photo> remove(String tag, long id, String because, ChangeContext hand) {
        one(tag, id);
        Problems problems = new Problems();
        if (problems.name("because", because) && because.strip().length() > MAX_CAPTION) {
            problems.add("because", Problem.Code.RANGE, "because has at most " + MAX_CAPTION + " characters");
        }
        problems.throwIfAny();
        book.journalled(tag, "photograph " + id + " taken off", hand, () -> {
            store.remove(id, because.strip());
            return Map.of("because", because.strip());
        });
        return store.of(tag);
    }

    private Photo one(String tag, long id) {
        return of(tag).stream().filter(p -> p.id() == id).findFirst().orElseThrow(() -> unknown(tag, id));
    }

    private static RefusedException unknown(String tag, long id) {
        return RefusedException.unknown("There is no photograph " + id + " on " + tag);
    }
}
