package app.brasskettle.server.bench;

import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.energise.HighVoltageGate;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.surge.EarlierTraces;
import app.brasskettle.core.surge.SurgeOutcome;
import app.brasskettle.core.testkind.Judging;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Phrase;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.access.Person;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.ReadJob;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.runs.RunRow;
import app.brasskettle.server.settings.ShopSettings;
import app.brasskettle.server.testrecord.InstrumentRow;
import app.brasskettle.server.testrecord.TestRow;
import app.brasskettle.server.testrecord.TestStore;
import java.time.Duration;
import java.util.Optional;

/** A test about to be recorded on a job: whether it may be, where its readings come from, and what it leaves on the winding. */
final class TestEntry {

    private static final int MAX_REASON = 300;
    /** A corrected reading is of the moment it was taken, just after the one it corrects. */
    private static final Duration CORRECTED_AFTER = Duration.ofMillis(2);

    private final RecordedJob job;
    private final TestBook.Test test;
    private final Optional<RunRow> run;
    private final Optional<InstrumentRow> instrument;
    private final ShopSettings shop;
    private final Judging judging;

    TestEntry(
            RecordedJob job,
            TestBook.Test test,
            Optional<RunRow> run,
            Optional<InstrumentRow> instrument,
            ShopSettings shop) {
        this.job = job;
        this.test = test;
        this.run = run;
        this.instrument = instrument;
        this.shop = shop;
        this.judging = test.kind().judge(test.input(), shop.rules());
    }

    /** The newest run of an instrument that read this test and that no test was recorded from yet. */
    static Optional<RunRow> run(RecordedJob job, TestBook.Test test) {
        return job.runs().stream()
                .filter(r -> reads(r, test) && r.endedAt().isPresent() && !r.used())
                .reduce((earlier, later) -> later);
    }

    private static boolean reads(RunRow run, TestBook.Test test) {
        return run.kind().equals(test.kind().code()) && run.speed() == test.speed();
    }

    /** What the journal keeps of it: which test, and what it said, in doubt where the page doubts it. */
    Journalled journalled(long id, ReadJob read) {
        Judgement word = read.reading()
                .tests()
                .standing(test.kind(), test.speed())
                .map(JudgedTest::effective)
                .orElse(judging.own());
        return new Journalled(id, word.verdict(), word.headline(), standing().isPresent() ? test.because() : "");
    }

    /** A test in the journal. */
    record Journalled(long test, Verdict verdict, String headline, String because) {}

    /** Whether a test of this kind stands already, which a repeat has to say a word about. */
    private Optional<TestRow> standing() {
        return job.standing(test.kind(), test.speed());
    }

    /**
     * Refuses what does not fit the motor, the record or the instrument, and what its gate does not allow.
     *
     * @param now seconds of the epoch
     * @param person who records it
     */
    void check(double now, Person person) {
        Problems problems = new Problems();
        phases(problems);
        because(problems);
        instrument(problems);
        test.takenBefore()
                .filter(w -> w.length() > MAX_REASON)
                .ifPresent(w -> problems.add(
                        "takenBefore", Problem.Code.RANGE, "takenBefore has at most " + MAX_REASON + " characters"));
        if (test.correction() && standing().isEmpty()) {
            problems.add(
                    "correction",
                    Problem.Code.CONTRADICTION,
                    "No reading stands that could be corrected: record the test");
        }
        problems.throwIfAny();
        if (test.correction()) {
            mayCorrect(person);
            return;
        }
        // A run asked its gate before its voltage went on; by now that very voltage holds it.
        if (test.takenBefore().isEmpty() && run.isEmpty()) {
            gates(now);
        }
    }

    /** A typing error is anybody's to correct; one whose correction eases a judgement is a lead hand's. */
    private void mayCorrect(Person person) {
        TestRow before = standing().orElseThrow();
        if (before.origin() != Origin.HERE) {
            throw RefusedException.gated("Only a reading that was typed here can be corrected. Repeat the test");
        }
        boolean eases = job.judged()
                .standing(test.kind(), test.speed())
                .filter(t -> judging.own().verdict().betterThan(t.own().verdict()))
                .isPresent();
        if (eases && !person.leads()) {
            throw RefusedException.guarded(
                    "Corrected so, the test would read better than it does. A lead hand may do that, with what was wrong");
        }
    }

    private void phases(Problems problems) {
        Optional<Integer> plate = job.plate().map(Plate::phases);
        test.kind()
                .phases()
                .filter(n -> plate.filter(p -> !p.equals(n)).isPresent())
                .ifPresent(n -> problems.add(
                        "",
                        Problem.Code.CONTRADICTION,
                        test.kind().label() + " is a test of " + (n == 1 ? "single-phase" : "three-phase")
                                + " motors, and the plate says " + (n == 1 ? "three phases" : "one phase")));
    }

    private void because(Problems problems) {
        if (standing().isPresent() && test.because().isBlank()) {
            problems.add(
                    "because",
                    Problem.Code.MISSING,
                    "Say in a word why the test is repeated; the first one stays visible");
        }
    }

    private void instrument(Problems problems) {
        boolean byEye = test.kind().instruments().isEmpty();
        if (origin() == Origin.SIMULATED || byEye) {
            return;
        }
        instrument.ifPresent(i -> i.kind()
                .filter(k -> !test.kind().instruments().contains(k))
                .ifPresent(k -> problems.add(
                        "instrument",
                        Problem.Code.CONTRADICTION,
                        i.name() + " is a " + k.label() + ", which does not read "
                                + Phrase.lower(test.kind().label()))));
        boolean named = standing().flatMap(TestRow::instrument).isPresent();
        if (instrument.isEmpty() && (shop.namesInstruments() || named)) {
            problems.add(
                    "instrument",
                    Problem.Code.MISSING,
                    named
                            ? "The test that stands names its instrument: name the one this was read with"
                            : "Name the instrument it was read with: this shop always does");
        }
    }

    private void gates(double now) {
        if (!test.kind().highVoltage() && !test.kind().powered()) {
            return;
        }
        JobAssessment reading = JobAssessment.of(job.record(), now);
        if (test.kind().highVoltage() && !reading.highVoltage().permitted()) {
            throw RefusedException.gated(highVoltage(reading.highVoltage()));
        }
        if (test.kind().powered() && !reading.gate().mayRun(test.kind())) {
            throw RefusedException.gated(power(reading.gate()));
        }
    }

    private static String highVoltage(HighVoltageGate gate) {
        return "High voltage is blocked: " + gate.holding().get(0).sentence()
                + ". A test taken before is entered as such, with the reason";
    }

    private static String power(EnergiseGate gate) {
        return Phrase.capital(gate.state().label()) + ": "
                + gate.holding().get(0).sentence() + ". A test taken before is entered as such, with the reason";
    }

    /**
     * Where the readings come from, as the server knows it: what one of its stand-ins showed and nobody recorded yet is recorded
     * now, whoever sends it; and once a stand-in has read this test here, a typed one names the instrument it was read with.
     */
    Origin origin() {
        boolean standInRead = job.runs().stream().anyMatch(r -> r.simulated() && reads(r, test));
        if (test.correction()) {
            return Origin.HERE;
        }
        if (test.simulated() || run.filter(RunRow::simulated).isPresent() || standInRead && instrument.isEmpty()) {
            return Origin.SIMULATED;
        }
        return test.takenBefore().isPresent() ? Origin.TAKEN_BEFORE : Origin.HERE;
    }

    /** Time under voltage that nobody has put on record yet: a run keeps its own. */
    double voltageSeconds() {
        return run.filter(r -> r.seconds() > 0).isPresent() ? 0 : test.kind().voltageSeconds(test.input());
    }

    /** Tells whether its traces show coils unlike by construction, which only earlier traces settle. */
    boolean wantsEarlierTraces() {
        return judging.result() instanceof SurgeOutcome o && o.finding() == SurgeOutcome.Finding.UNLIKE_COILS;
    }

    TestStore.NewTest row(ChangeContext hand, Optional<EarlierTraces> earlier) {
        return new TestStore.NewTest(
                test.kind(),
                test.speed(),
                test.typed(),
                test.input(),
                judging.result(),
                origin(),
                test.takenBefore().orElse(""),
                test.appliedV(),
                instrument,
                standing().isPresent() ? test.because() : "first test",
                hand.name(),
                test.correction() ? standing().orElseThrow().at().plus(CORRECTED_AFTER) : hand.at(),
                earlier,
                test.correction());
    }
}
