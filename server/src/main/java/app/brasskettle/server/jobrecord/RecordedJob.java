package app.brasskettle.server.jobrecord;

import app.brasskettle.core.cause.EarlierFailure;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.cause.Explanation;
import app.brasskettle.core.choice.ChoiceSheet;
import app.brasskettle.core.coilset.CoilSetTake;
import app.brasskettle.core.connection.ConnectionSheet;
import app.brasskettle.core.drying.DryingCurve;
import app.brasskettle.core.findings.Findings;
import app.brasskettle.core.jobs.Arrival;
import app.brasskettle.core.jobs.CoilsTaken;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.jobs.TakenApart;
import app.brasskettle.core.leads.LeadMap;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.passport.MotorMark;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.redesign.RedesignSheet;
import app.brasskettle.core.release.EarlierRelease;
import app.brasskettle.core.rewind.Stripping;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.signature.RecordMarks;
import app.brasskettle.core.teardown.PaintedStator;
import app.brasskettle.core.teardown.Refit;
import app.brasskettle.core.teardown.TeardownLog;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.JudgedTests;
import app.brasskettle.core.testrecord.TestJudge;
import app.brasskettle.core.windingtake.WindingAssessment;
import app.brasskettle.core.windingtake.WindingRecord;
import app.brasskettle.core.windingtake.WindingTake;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventRow;
import app.brasskettle.server.runs.RunRow;
import app.brasskettle.server.settings.ShopSettings;
import app.brasskettle.server.sheets.SheetKind;
import app.brasskettle.server.sheets.SheetRow;
import app.brasskettle.server.testrecord.TestReadings;
import app.brasskettle.server.testrecord.TestRow;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A stored job turned into the records the core reads. */
public final class RecordedJob {

    private final JobRow row;
    private final List<SheetRow> sheets;
    private final List<TestRow> tests;
    private final List<EventRow> events;
    private final List<RunRow> runs;

    private final List<SheetRow> plates;
    private final TestReadings readings;
    private final Set<String> photographed;
    private final ShopSettings shop;
    private final Map<Explanation, Integer> closed;
    private final List<EarlierFailure> earlier;
    private final Optional<EarlierRelease> released;
    private JobRecord record;
    private RecordMarks marks;

    public RecordedJob(
            JobRow row,
            List<SheetRow> sheets,
            List<TestRow> tests,
            TestReadings readings,
            List<EventRow> events,
            List<RunRow> runs,
            List<SheetRow> plates,
            Set<String> photographed,
            ShopSettings shop,
            Map<Explanation, Integer> closed,
            List<EarlierFailure> earlier,
            Optional<EarlierRelease> released) {
        this.row = row;
        this.released = released;
        this.earlier = earlier;
        this.closed = closed;
        this.shop = shop;
        this.sheets = sheets;
        this.tests = tests;
        this.readings = readings;
        this.events = events;
        this.runs = runs;
        this.plates = plates;
        this.photographed = photographed;
    }

    /** Reads the job's own row. */
    public JobRow row() {
        return row;
    }

    /** Lists its sheets as they stand. */
    public List<SheetRow> sheets() {
        return sheets;
    }

    /** Lists its tests, superseded ones too. */
    public List<TestRow> tests() {
        return tests;
    }

    /** Lists what was done by name, in order. */
    public List<EventRow> events() {
        return events;
    }

    /** Lists the runs of instruments on its motor. */
    public List<RunRow> runs() {
        return runs;
    }

    /** The same record beside a row that was written since. */
    public RecordedJob at(JobRow newer) {
        RecordedJob job = new RecordedJob(
                newer, sheets, tests, readings, events, runs, plates, photographed, shop, closed, earlier, released);
        job.record = record;
        return job;
    }

    /** The same motor with what it failed of before, and when it left proved. */
    public RecordedJob after(List<EarlierFailure> failures, Optional<EarlierRelease> proved) {
        return new RecordedJob(
                row, sheets, tests, readings, events, runs, plates, photographed, shop, closed, failures, proved);
    }

    /** The mark by which the motor is known again: of the serial number on its plate, else the one it was received with. */
    public Optional<String> mark() {
        return plate().flatMap(Plate::serial)
                .flatMap(MotorMark::of)
                .map(MotorMark::text)
                .or(() -> Optional.of(row.mark()).filter(m -> !m.isEmpty()));
    }

    public Optional<SheetRow> sheet(SheetKind kind) {
        return sheets.stream().filter(s -> s.kind() == kind).findFirst();
    }

    /** The record a sheet holds, read again from what was typed. */
    public <T extends Record> Optional<T> read(SheetKind kind, Class<T> type) {
        return sheet(kind).map(s -> TypedInput.read(type, s.typed()).input());
    }

    public Optional<TestRow> standing(TestKind kind) {
        return standing(kind, 1);
    }

    public Optional<TestRow> standing(TestKind kind, int speed) {
        return tests.stream()
                .filter(t -> t.kind() == kind && t.speed() == speed && t.stands())
                .findFirst();
    }

    public Optional<EventRow> last(EventKind kind) {
        return events.stream().filter(e -> e.kind() == kind).reduce((a, b) -> b);
    }

    public List<EventRow> all(EventKind kind) {
        return events.stream().filter(e -> e.kind() == kind).toList();
    }

    /** Those of them that were done here; what a file brought is history. */
    public List<EventRow> here(EventKind kind) {
        return events.stream().filter(e -> e.kind() == kind && !e.imported()).toList();
    }

    public Optional<EventRow> lastHere(EventKind kind) {
        return here(kind).stream().reduce((a, b) -> b);
    }

    public Optional<Plate> plate() {
        return read(SheetKind.PLATE, Plate.class);
    }

    /** The record as the core takes it; read once, since tests are computed on the way. */
    public JobRecord record() {
        if (record == null) {
            record = gather();
        }
        return record;
    }

    /** The record as it stands, a mark for each topic that a signature rests on. */
    RecordMarks marks() {
        if (marks == null) {
            marks = RecordDigests.marks(sheets, events, tests);
        }
        return marks;
    }

    /** What a signature given now keeps of the record it stands for. */
    public Map<String, Object> signedRecord() {
        return RecordDigests.kept(marks());
    }

    /** The same job as it would read with another plate. */
    public RecordedJob withPlate(SheetRow plate) {
        List<SheetRow> others = new ArrayList<>(
                sheets.stream().filter(s -> s.kind() != SheetKind.PLATE).toList());
        others.add(plate);
        List<SheetRow> versions = new ArrayList<>(plates);
        versions.add(plate);
        return new RecordedJob(
                row, others, tests, readings, events, runs, versions, photographed, shop, closed, earlier, released);
    }

    /** Every test with its effective judgement. */
    public JudgedTests judged() {
        return TestJudge.judge(record().rules(), record().plate(), record().timeline(), record().demonstration());
    }

    private JobRecord gather() {
        ShopRules rules = shop.rules();
        List<JobRecord.PlateVersion> versions = plates.stream()
                .map(s -> new JobRecord.PlateVersion(
                        TypedInput.read(Plate.class, s.typed()).input(), JobClock.seconds(s.at()), s.by()))
                .toList();
        Optional<Plate> plate = versions.isEmpty()
                ? Optional.empty()
                : Optional.of(versions.get(versions.size() - 1).plate());
        FinishFacts finish = new FinishFacts(this);
        return new JobRecord(
                sheet(SheetKind.ARRIVAL)
                        .map(s -> new JobRecord.Received(
                                TypedInput.read(Arrival.class, s.typed()).input(),
                                JobClock.seconds(s.at()),
                                s.imported())),
                versions,
                shop.validCertificate(JobClock.now()),
                rules,
                shop.standIns(),
                new RoutingFacts(this).read(),
                row.outageCostPerHour().doubleValue(),
                new TimelineFacts(this).read(readings.of(tests, plate, rules)),
                new PowerFacts(this).read(JobClock.seconds(JobClock.now())),
                new TakenApart(
                        read(SheetKind.TEARDOWN_LOG, TeardownLog.class),
                        refits(),
                        read(SheetKind.LEAD_MAP, LeadMap.class),
                        read(SheetKind.FINDINGS, Findings.class),
                        photographed),
                read(SheetKind.COIL_MAP, PaintedStator.class).map(PaintedStator::map),
                added(),
                struck(),
                last(EventKind.CONCLUDED).map(e -> e.text("label")),
                closed,
                earlier,
                WindingAssessment.of(windingRecord(), rules),
                read(SheetKind.CONNECTION, ConnectionSheet.class).map(ConnectionSheet::scheme),
                coilSets(),
                read(SheetKind.REDESIGN, RedesignSheet.class),
                read(SheetKind.OFFERS, ChoiceSheet.class),
                CustomerAnswers.chosen(this),
                CustomerAnswers.reply(this),
                read(SheetKind.DRYING, DryingCurve.class),
                finish.rewind(),
                finish.release(released));
    }

    /** What is on record of the winding: two takes, the word that settled them, its joints. */
    public WindingRecord windingRecord() {
        return new WindingRecord(
                taken(SheetKind.WINDING),
                taken(SheetKind.WINDING_SECOND),
                lastHere(EventKind.WINDING_SETTLED)
                        .map(e -> new WindingRecord.Settlement(
                                e.by(), e.text("reason"), (int) e.figure("firstVersion"), (int)
                                        e.figure("secondVersion"))),
                read(SheetKind.CONNECTION, ConnectionSheet.class),
                read(SheetKind.STRIPPING, Stripping.class)
                        .flatMap(Stripping::copperKg)
                        .or(() ->
                                read(SheetKind.TEARDOWN_LOG, TeardownLog.class).flatMap(TeardownLog::strippedOutKg)));
    }

    private Optional<CoilsTaken> coilSets() {
        return sheet(SheetKind.COIL_SETS)
                .map(s -> new CoilsTaken(
                        TypedInput.read(CoilSetTake.class, s.typed()).input(),
                        s.by(),
                        s.version(),
                        JobClock.seconds(s.at()),
                        lastHere(EventKind.WINDING_SETTLED)
                                .map(e -> new CoilsTaken.Settled(
                                        e.by(),
                                        e.text("reason"),
                                        (int) e.figure("coilSetsVersion"),
                                        e.epochSeconds()))));
    }

    private Optional<WindingRecord.Taken> taken(SheetKind kind) {
        return sheet(kind)
                .flatMap(s -> read(kind, WindingTake.class)
                        .map(t -> new WindingRecord.Taken(t, s.by(), s.version(), JobClock.seconds(s.at()))));
    }

    /** Whether anybody recorded that it was opened. */
    public boolean opened() {
        return events.stream()
                .anyMatch(e ->
                        WorkEvent.read(e).filter(w -> w.work() == Work.OPENED).isPresent());
    }

    /** Parts put back or left out, and not taken off again since. */
    private List<Refit> refits() {
        Map<Integer, Refit> refits = new LinkedHashMap<>();
        for (EventRow e : events) {
            switch (e.kind()) {
                case PART_REFITTED -> refits.put(part(e), new Refit(part(e), e.by(), Optional.empty()));
                case PART_LEFT_OUT -> refits.put(part(e), new Refit(part(e), e.by(), Optional.of(e.text("reason"))));
                case PART_OFF_AGAIN -> refits.remove(part(e));
                default -> {}
            }
        }
        return List.copyOf(refits.values());
    }

    private static int part(EventRow e) {
        return (int) e.figure("part");
    }

    List<Evidence> added() {
        Map<String, Evidence> added = new LinkedHashMap<>();
        all(EventKind.EVIDENCE_ADDED)
                .forEach(e -> Coded.parse(Evidence.class, e.text("code")).ifPresent(c -> added.put(c.code(), c)));
        return new ArrayList<>(added.values());
    }

    Set<String> struck() {
        Set<String> struck = new LinkedHashSet<>();
        for (EventRow e : events) {
            switch (e.kind()) {
                case EVIDENCE_STRUCK -> struck.add(e.text("code"));
                case EVIDENCE_ADDED, EVIDENCE_RESTORED -> struck.remove(e.text("code"));
                default -> {}
            }
        }
        return struck;
    }
}
