package app.brasskettle.server.jobs;

import app.brasskettle.core.catalogue.WorksheetCatalogue;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.choice.ChoiceSheet;
import app.brasskettle.core.energise.DischargeClock;
import app.brasskettle.core.insulation.InsulationTest;
import app.brasskettle.core.jobs.Arrival;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.jobs.Plate;
import app.brasskettle.core.jobs.TesterProof;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.resistance.ResistanceTest;
import app.brasskettle.core.surge.SurgeLimits;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.teardown.PaintedStator;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.worksheet.RecordReader;
import app.brasskettle.core.worksheet.Word;
import java.util.ArrayList;
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

    RecordedJob(JobRow row, List<JobRow.SheetRow> sheets, List<JobRow.TestRow> tests, List<JobRow.EventRow> events) {
        this.row = row;
        this.sheets = sheets;
        this.tests = tests;
        this.events = events;
    }

    Optional<JobRow.SheetRow> sheet(SheetKind kind) {
        return sheets.stream().filter(s -> s.kind() == kind).findFirst();
    }

    /** The record a sheet holds, read again from what was typed. */
    <T extends Record> Optional<T> read(SheetKind kind, Class<T> type) {
        return sheet(kind).map(s -> TypedInput.read(type, s.typed()).input());
    }

    Optional<JobRow.TestRow> standing(TestKind kind) {
        return tests.stream().filter(t -> t.kind() == kind && t.stands()).findFirst();
    }

    /** The readings of the standing test. */
    <T extends Record> Optional<JobRecord.Taken<T>> taken(TestKind kind, Class<T> type) {
        return standing(kind)
                .map(t -> new JobRecord.Taken<>(RecordReader.read(type, t.input()), JobClock.seconds(t.at())));
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

    JobRecord record() {
        Optional<Plate> plate = plate();
        return new JobRecord(
                read(SheetKind.ARRIVAL, Arrival.class),
                plate.map(p -> WorksheetCatalogue.NAMEPLATE.work().apply(p.rating())),
                plate.map(Plate::ratedPowerW),
                plate.map(Plate::hazardousArea).orElse(false),
                row.outageCostPerHour().doubleValue(),
                last(EventKind.LOCKED_OUT).map(e -> e.by() + ", " + e.text("means")),
                taken(TestKind.TESTER_PROOF, TesterProof.class),
                taken(TestKind.INSULATION_RESISTANCE, InsulationTest.class)
                        .map(t -> new JobRecord.Taken<>(
                                WorksheetCatalogue.INSULATION.work().apply(t.result()), t.at())),
                taken(TestKind.WINDING_RESISTANCE, ResistanceTest.class)
                        .map(t -> new JobRecord.Taken<>(
                                WorksheetCatalogue.RESISTANCE.work().apply(t.result()), t.at())),
                taken(TestKind.SURGE_COMPARISON, SurgeSet.class)
                        .map(t -> new JobRecord.Taken<>(t.result().compare(SurgeLimits.standard()), t.at())),
                isolated(),
                all(EventKind.VOLTAGE_APPLIED).stream()
                        .map(e -> new DischargeClock.Applied(
                                e.epochSeconds(), e.figure("seconds"), Math.max(1, e.figure("pace"))))
                        .toList(),
                all(EventKind.DISCHARGE_PROVED).stream()
                        .map(e -> new DischargeClock.Proof(e.epochSeconds(), e.figure("residualV")))
                        .toList(),
                last(EventKind.WORKED).map(JobRow.EventRow::epochSeconds),
                all(EventKind.WORKED).stream().anyMatch(e -> e.text("work").equals("opened")),
                read(SheetKind.COIL_MAP, PaintedStator.class).map(PaintedStator::map),
                added(),
                struck(),
                last(EventKind.CONCLUDED).map(e -> e.text("spoken")),
                read(SheetKind.WINDING, WindingData.class)
                        .map(d -> WorksheetCatalogue.WINDING.work().apply(d)),
                read(SheetKind.OFFERS, ChoiceSheet.class),
                last(EventKind.CHOSEN).map(e -> e.text("option")));
    }

    Set<String> isolated() {
        return last(EventKind.ISOLATED)
                .map(e -> e.detail().get("names") instanceof List<?> names
                        ? Set.copyOf(names.stream().map(Object::toString).toList())
                        : Set.<String>of())
                .orElse(Set.of());
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
