package app.brasskettle.server.jobs;

import app.brasskettle.core.cause.EarlierFailure;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.cause.Explanation;
import app.brasskettle.core.choice.ChoiceSheet;
import app.brasskettle.core.energise.DischargeClock;
import app.brasskettle.core.energise.GateFacts;
import app.brasskettle.core.findings.Findings;
import app.brasskettle.core.insulation.InsulationTest;
import app.brasskettle.core.jobs.Arrival;
import app.brasskettle.core.jobs.Course;
import app.brasskettle.core.jobs.FurtherTest;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.jobs.Overdue;
import app.brasskettle.core.jobs.Overruling;
import app.brasskettle.core.jobs.Station;
import app.brasskettle.core.jobs.TakenApart;
import app.brasskettle.core.jobs.TesterProof;
import app.brasskettle.core.leads.LeadMap;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.passport.MotorMark;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.resistance.ResistanceTest;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.teardown.PaintedStator;
import app.brasskettle.core.teardown.Refit;
import app.brasskettle.core.teardown.TeardownLog;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.worksheet.RecordReader;
import app.brasskettle.core.worksheet.Word;
import app.brasskettle.server.settings.ShopSettings;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A stored job turned into the records the core reads. */
final class RecordedJob {

    final JobRow row;
    final List<JobRow.SheetRow> sheets;
    final List<JobRow.TestRow> tests;
    final List<JobRow.EventRow> events;

    private final Set<String> photographed;
    private final ShopSettings shop;
    private final Map<Explanation, Integer> closed;
    private final List<EarlierFailure> earlier;
    private JobRecord record;

    RecordedJob(
            JobRow row,
            List<JobRow.SheetRow> sheets,
            List<JobRow.TestRow> tests,
            List<JobRow.EventRow> events,
            Set<String> photographed,
            ShopSettings shop,
            Map<Explanation, Integer> closed,
            List<EarlierFailure> earlier) {
        this.row = row;
        this.earlier = earlier;
        this.closed = closed;
        this.shop = shop;
        this.sheets = sheets;
        this.tests = tests;
        this.events = events;
        this.photographed = photographed;
    }

    /** The same record beside a row that was written since. */
    RecordedJob at(JobRow newer) {
        RecordedJob job = new RecordedJob(newer, sheets, tests, events, photographed, shop, closed, earlier);
        job.record = record;
        return job;
    }

    /** The same motor with what it failed of before. */
    RecordedJob after(List<EarlierFailure> failures) {
        return new RecordedJob(row, sheets, tests, events, photographed, shop, closed, failures);
    }

    /** The mark by which the motor is known again: of the serial number on its plate, else the one it was received with. */
    Optional<String> mark() {
        return plate().flatMap(Plate::serial)
                .flatMap(MotorMark::of)
                .map(MotorMark::text)
                .or(() -> Optional.of(row.mark()).filter(m -> !m.isEmpty()));
    }

    Optional<JobRow.SheetRow> sheet(SheetKind kind) {
        return sheets.stream().filter(s -> s.kind() == kind).findFirst();
    }

    /** The record a sheet holds, read again from what was typed. */
    <T extends Record> Optional<T> read(SheetKind kind, Class<T> type) {
        return sheet(kind).map(s -> TypedInput.read(type, s.typed()).input());
    }

    Optional<JobRow.TestRow> standing(TestKind kind) {
        return standing(kind, 1);
    }

    Optional<JobRow.TestRow> standing(TestKind kind, int speed) {
        return tests.stream()
                .filter(t -> t.kind() == kind && t.speed() == speed && t.stands())
                .findFirst();
    }

    /** The readings of the standing test. */
    <T extends Record> Optional<JobRecord.Taken<T>> taken(TestKind kind, Class<? extends T> type) {
        return standing(kind)
                .map(t -> new JobRecord.Taken<T>(RecordReader.read(type, t.input()), JobClock.seconds(t.at())));
    }

    Optional<JobRow.EventRow> last(EventKind kind) {
        return events.stream().filter(e -> e.kind() == kind).reduce((a, b) -> b);
    }

    List<JobRow.EventRow> all(EventKind kind) {
        return events.stream().filter(e -> e.kind() == kind).toList();
    }

    Optional<Plate> plate() {
        return read(SheetKind.PLATE, Plate.class);
    }

    /** The record as the core takes it; read once, since tests are computed on the way. */
    JobRecord record() {
        if (record == null) {
            record = gather();
        }
        return record;
    }

    private JobRecord gather() {
        ShopRules rules = shop.rules();
        return new JobRecord(
                read(SheetKind.ARRIVAL, Arrival.class),
                plate(),
                shop.validCertificate(JobClock.now()),
                rules,
                course(),
                row.outageCostPerHour().doubleValue(),
                last(EventKind.LOCKED_OUT).map(e -> e.by() + ", " + e.text("means")),
                taken(TestKind.TESTER_PROOF, TesterProof.class),
                taken(TestKind.INSULATION_RESISTANCE, InsulationTest.class)
                        .map(t -> new JobRecord.Taken<>(rules.insulation(t.result()), t.at())),
                taken(TestKind.WINDING_RESISTANCE, ResistanceTest.class)
                        .map(t -> new JobRecord.Taken<>(rules.resistance(t.result()), t.at())),
                taken(TestKind.SURGE_COMPARISON, SurgeSet.class)
                        .map(t -> new JobRecord.Taken<>(rules.surge(t.result()), t.at())),
                further(rules),
                overrulings(),
                overdue(),
                last(EventKind.RUN_RELEASED).map(JobRow.EventRow::epochSeconds),
                isolated(),
                all(EventKind.GATE_OPENED).stream()
                        .map(e -> new GateFacts.Opening(e.text("code"), e.text("sentence"), e.by(), e.text("reason")))
                        .toList(),
                all(EventKind.VOLTAGE_APPLIED).stream()
                        .map(e -> new DischargeClock.Applied(
                                e.epochSeconds(), e.figure("seconds"), Math.max(1, e.figure("pace"))))
                        .toList(),
                all(EventKind.DISCHARGE_PROVED).stream()
                        .map(e -> new DischargeClock.Proof(e.epochSeconds(), e.figure("residualV")))
                        .toList(),
                last(EventKind.WORKED).map(JobRow.EventRow::epochSeconds),
                opened(),
                new TakenApart(
                        read(SheetKind.TEARDOWN_LOG, TeardownLog.class),
                        refits(),
                        read(SheetKind.LEAD_MAP, LeadMap.class),
                        read(SheetKind.FINDINGS, Findings.class),
                        photographed),
                read(SheetKind.COIL_MAP, PaintedStator.class).map(PaintedStator::map),
                added(),
                struck(),
                last(EventKind.CONCLUDED).map(e -> e.text("spoken")),
                closed,
                earlier,
                read(SheetKind.WINDING, WindingData.class).map(rules::winding),
                read(SheetKind.OFFERS, ChoiceSheet.class),
                last(EventKind.CHOSEN).map(e -> e.text("option")));
    }

    /** Standing tests that are none of the first three at the first speed. */
    private List<FurtherTest> further(ShopRules rules) {
        List<FurtherTest> further = new ArrayList<>();
        for (JobRow.TestRow t : tests) {
            if (t.stands() && (t.kind().bySheet() || t.speed() > 1)) {
                t.kind()
                        .further()
                        .ifPresent(kind -> further.add(FurtherTest.of(
                                kind,
                                t.speed(),
                                t.kind().judged(RecordReader.read(t.kind().type(), t.input()), rules),
                                JobClock.seconds(t.at()))));
            }
        }
        further.sort(Comparator.comparing(FurtherTest::kind).thenComparing(FurtherTest::speed));
        return List.copyOf(further);
    }

    private List<Overdue> overdue() {
        List<Overdue> all = new ArrayList<>();
        for (JobRow.TestRow t : tests) {
            t.instrument()
                    .filter(i -> i.calibrationDue().isBefore(t.at().toLocalDate()))
                    .ifPresent(i -> all.add(new Overdue(
                            t.kind().step(t.speed()),
                            JobClock.seconds(t.at()),
                            i.name(),
                            i.calibrationDue().toString())));
        }
        return List.copyOf(all);
    }

    private List<Overruling> overrulings() {
        List<Overruling> all = new ArrayList<>();
        for (JobRow.EventRow e : all(EventKind.OVERRULED)) {
            Word.parse(Verdict.class, e.text("verdict"))
                    .ifPresent(v ->
                            all.add(new Overruling(e.text("step"), e.figure("testAt"), v, e.by(), e.text("reason"))));
        }
        return List.copyOf(all);
    }

    /** Skips, a return and holds, as the events and the row tell them. */
    private Course course() {
        Map<Station, String> skipped = new EnumMap<>(Station.class);
        Optional<JobRow.EventRow> back = Optional.empty();
        for (JobRow.EventRow e : events) {
            Optional<Station> station = Word.parse(Station.class, e.text("station"));
            switch (e.kind()) {
                case SKIPPED -> station.ifPresent(s -> skipped.put(s, e.text("reason")));
                case TAKEN_UP -> station.ifPresent(skipped::remove);
                case SENT_BACK -> {
                    station.ifPresent(skipped::remove);
                    back = Optional.of(e);
                }
                default -> {}
            }
        }
        return new Course(
                skipped,
                back.filter(e -> !doneSince(e))
                        .map(e -> new Course.Back(
                                Word.parse(Station.class, e.text("station")).orElseThrow(), e.text("reason"))),
                row.waiting()
                        .map(w -> new Course.Hold(
                                Word.parse(Course.WaitsFor.class, w.what()).orElseThrow(), w.reason())),
                row.left().map(FloorRow.Left::how));
    }

    /** Whether something was recorded at the station a job was sent back to, since it was. */
    private boolean doneSince(JobRow.EventRow back) {
        Station to = Word.parse(Station.class, back.text("station")).orElseThrow();
        boolean written = sheets.stream().anyMatch(s -> s.kind().station() == to && s.at().isAfter(back.at()));
        boolean tested = to == Station.BENCH && tests.stream().anyMatch(t -> t.at().isAfter(back.at()));
        boolean concluded = to == Station.CAUSE
                && last(EventKind.CONCLUDED)
                        .filter(e -> e.at().isAfter(back.at()))
                        .isPresent();
        return written || tested || concluded;
    }

    Set<String> isolated() {
        return last(EventKind.ISOLATED)
                .map(e -> e.detail().get("names") instanceof List<?> names
                        ? Set.copyOf(names.stream().map(Object::toString).toList())
                        : Set.<String>of())
                .orElse(Set.of());
    }

    /** Whether anybody recorded that it was opened. */
    boolean opened() {
        return all(EventKind.WORKED).stream().anyMatch(e -> e.text("work").equals("opened"));
    }

    /** Parts put back or left out, and not taken off again since. */
    private List<Refit> refits() {
        Map<Integer, Refit> refits = new LinkedHashMap<>();
        for (JobRow.EventRow e : events) {
            switch (e.kind()) {
                case PART_REFITTED -> refits.put(part(e), new Refit(part(e), e.by(), Optional.empty()));
                case PART_LEFT_OUT -> refits.put(part(e), new Refit(part(e), e.by(), Optional.of(e.text("reason"))));
                case PART_OFF_AGAIN -> refits.remove(part(e));
                default -> {}
            }
        }
        return List.copyOf(refits.values());
    }

    private static int part(JobRow.EventRow e) {
        return (int) e.figure("part");
    }

    private List<Evidence> added() {
        Map<String, Evidence> added = new LinkedHashMap<>();
        all(EventKind.EVIDENCE_ADDED)
                .forEach(e -> Word.parse(Evidence.class, e.text("code")).ifPresent(c -> added.put(c.word(), c)));
        return new ArrayList<>(added.values());
    }

    private Set<String> struck() {
        Set<String> struck = new LinkedHashSet<>();
        for (JobRow.EventRow e : events) {
            switch (e.kind()) {
                case EVIDENCE_STRUCK -> struck.add(e.text("code"));
                case EVIDENCE_ADDED, EVIDENCE_RESTORED -> struck.remove(e.text("code"));
                default -> {}
            }
        }
        return struck;
    }
}
