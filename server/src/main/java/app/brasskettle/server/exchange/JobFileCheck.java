package app.brasskettle.server.exchange;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.RecordReader;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.sheets.SheetKind;
import java.time.OffsetDateTime;
import java.util.Optional;

/** What a job file must be before anything of it is believed: each field that is wrong is named by its place in the file. */
final class JobFileCheck {

    private static final int MAX_ROWS = 5000;
    private static final int CLOCKS_APART_MINUTES = 5;
    private static final int MAX_NAME = 120;
    private static final int MAX_INSTRUMENT = 80;
    private static final String TAG = "[A-Z]{2}-[0-9]{4,12}";

    private JobFileCheck() {}

    /**
     * Checks every field of {@code file}.
     *
     * @param now the present time, which nothing in the file may lie after by more than two clocks differ
     * @throws InvalidInputException with one problem per field that is wrong
     */
    static void check(JobFile file, OffsetDateTime now) {
        Problems problems = new Problems();
        if (!JobFile.FORMAT.equals(file.format())) {
            problems.add("format", Problem.Code.WORD, "format is not " + JobFile.FORMAT);
        }
        if (file.version() != JobFile.VERSION) {
            problems.add(
                    "version",
                    Problem.Code.RANGE,
                    "version is " + file.version() + "; this shop reads version " + JobFile.VERSION);
        }
        problems.present("job", file.job());
        problems.present("exportedAt", file.exportedAt());
        problems.present("shop", file.shop());
        problems.size("contacts", file.contacts(), 0, 30);
        problems.size("sheets", file.sheets(), 0, SheetKind.values().length);
        problems.size("tests", file.tests(), 0, MAX_ROWS);
        problems.size("events", file.events(), 0, MAX_ROWS);
        problems.throwIfAny();
        JobFile.Job job = file.job();
        if (job.tag() == null || !job.tag().matches(TAG)) {
            problems.add("job.tag", Problem.Code.SYNTAX, "job.tag is no tag such as TQ-0401");
        }
        problems.present("job.simulatedMotor", job.simulatedMotor());
        problems.present("job.askedBy", job.askedBy());
        if (job.mark() == null || !job.mark().matches("[A-Z0-9]{0,60}")) {
            problems.add("job.mark", Problem.Code.SYNTAX, "job.mark has capital letters and figures only");
        }
        signed("job", job.receivedBy(), job.receivedAt(), now, problems);
        for (int i = 0; i < file.contacts().size(); i++) {
            file.contacts().get(i).check("contacts[" + i + "].", problems);
        }
        problems.distinct(file.sheets().stream().map(JobFile.Sheet::kind).toList(), i -> "sheets[" + i + "].kind");
        for (int i = 0; i < file.sheets().size(); i++) {
            sheet(file.sheets().get(i), "sheets[" + i + "]", now, problems);
        }
        for (int i = 0; i < file.tests().size(); i++) {
            test(file.tests().get(i), "tests[" + i + "]", now, problems);
        }
        for (int i = 0; i < file.events().size(); i++) {
            JobFile.Event e = file.events().get(i);
            String at = "events[" + i + "]";
            kind(EventKind.class, e.kind(), at, problems);
            problems.present(at + ".detail", e.detail());
            signed(at, e.by(), e.at(), now, problems);
        }
        problems.throwIfAny();
    }

    private static void sheet(JobFile.Sheet s, String at, OffsetDateTime now, Problems problems) {
        signed(at, s.by(), s.at(), now, problems);
        Optional<SheetKind> kind = kind(SheetKind.class, s.kind(), at, problems);
        if (kind.isPresent() && problems.present(at + ".typed", s.typed())) {
            inner(at + ".typed", problems, () -> TypedInput.read(kind.get().type(), s.typed()));
        }
    }

    private static void test(JobFile.Test t, String at, OffsetDateTime now, Problems problems) {
        signed(at, t.by(), t.at(), now, problems);
        problems.present(at + ".typed", t.typed());
        problems.present(at + ".because", t.because());
        problems.whole(at + ".speed", t.speedNumber(), 1, 2, "");
        if (t.appliedV() != null) {
            problems.positive(at + ".appliedV", t.appliedV(), "V");
        }
        if (t.instrument() != null
                && problems.name(at + ".instrument", t.instrument())
                && problems.present(at + ".calibrationDue", t.calibrationDue())
                && t.instrument().length() > MAX_INSTRUMENT) {
            problems.add(
                    at + ".instrument",
                    Problem.Code.RANGE,
                    at + ".instrument has at most " + MAX_INSTRUMENT + " characters");
        }
        Optional<TestKind> kind = TestKinds.named(t.kind() == null ? "" : t.kind());
        if (kind.isEmpty()) {
            problems.add(at + ".kind", Problem.Code.WORD, at + ".kind must be one of " + TestKinds.choices());
        }
        if (kind.isPresent() && problems.present(at + ".input", t.input())) {
            inner(at + ".input", problems, () -> RecordReader.read(kind.get().inputType(), t.input()));
        }
    }

    private static void inner(String at, Problems problems, Runnable reading) {
        try {
            reading.run();
        } catch (InvalidInputException refused) {
            refused.problems().forEach(p -> problems.add(at + "." + p.field(), p.code(), p.message()));
        }
    }

    private static <E extends Enum<E> & Coded> Optional<E> kind(
            Class<E> type, String word, String at, Problems problems) {
        Optional<E> kind = Coded.parse(type, word == null ? "" : word);
        if (kind.isEmpty()) {
            problems.add(at + ".kind", Problem.Code.WORD, at + ".kind must be one of " + Coded.choices(type));
        }
        return kind;
    }

    private static void signed(String at, String by, OffsetDateTime when, OffsetDateTime now, Problems problems) {
        if (problems.name(at + ".by", by) && by.length() > MAX_NAME) {
            problems.add(at + ".by", Problem.Code.RANGE, at + ".by has at most " + MAX_NAME + " characters");
        }
        // Two clocks may differ by minutes; a date that lies ahead would make what it signs younger than it is.
        if (problems.present(at + ".at", when) && when.isAfter(now.plusMinutes(CLOCKS_APART_MINUTES))) {
            problems.add(at + ".at", Problem.Code.RANGE, at + ".at lies in the future");
        }
    }
}
