package app.brasskettle.server.jobs;

import app.brasskettle.core.cause.Explanation;
import app.brasskettle.server.events.EventRow;
import app.brasskettle.server.events.EventStore;
import app.brasskettle.server.jobrecord.JobRow;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.priors.ClosedCauseStore;
import app.brasskettle.server.runs.RunRow;
import app.brasskettle.server.runs.RunStore;
import app.brasskettle.server.settings.SettingsStore;
import app.brasskettle.server.settings.ShopSettings;
import app.brasskettle.server.sheets.SheetKind;
import app.brasskettle.server.sheets.SheetRow;
import app.brasskettle.server.testrecord.TestReadings;
import app.brasskettle.server.testrecord.TestRow;
import app.brasskettle.server.testrecord.TestStore;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;

/** Gathers everything a job is read from. */
@Component
class JobLoader {

    private final EventStore eventStore;
    private final JobStore store;
    private final TestStore testStore;
    private final TestReadings testReadings;
    private final RunStore runs;
    private final SettingsStore settings;
    private final ClosedCauseStore closed;

    JobLoader(
            EventStore eventStore,
            JobStore store,
            TestStore testStore,
            TestReadings testReadings,
            RunStore runs,
            SettingsStore settings,
            ClosedCauseStore closed) {
        this.eventStore = eventStore;
        this.store = store;
        this.testStore = testStore;
        this.testReadings = testReadings;
        this.runs = runs;
        this.settings = settings;
        this.closed = closed;
    }

    /** Loads some jobs, in as many statements as one. What their motors failed of before is not among it. */
    List<RecordedJob> load(List<JobRow> rows) {
        List<Long> ids = rows.stream().map(JobRow::id).toList();
        Map<Long, List<SheetRow>> sheets = store.sheets(ids);
        Map<Long, List<TestRow>> tests = testStore.tests(ids);
        Map<Long, List<EventRow>> events = eventStore.of(ids);
        Map<Long, List<RunRow>> ran = runs.of(ids);
        Map<Long, List<SheetRow>> plates = store.versions(ids, SheetKind.PLATE);
        Map<Long, List<String>> photographed = store.photographed(ids);
        ShopSettings shop = settings.current();
        Map<Explanation, Integer> counts = closed.counts();
        return rows.stream()
                .map(row -> new RecordedJob(
                        row,
                        sheets.getOrDefault(row.id(), List.of()),
                        tests.getOrDefault(row.id(), List.of()),
                        testReadings,
                        events.getOrDefault(row.id(), List.of()),
                        ran.getOrDefault(row.id(), List.of()),
                        plates.getOrDefault(row.id(), List.of()),
                        Set.copyOf(photographed.getOrDefault(row.id(), List.of())),
                        shop,
                        counts,
                        List.of(),
                        Optional.empty()))
                .toList();
    }

    /** Loads a job, with what its motor failed of before. */
    RecordedJob load(JobRow row) {
        RecordedJob job = load(List.of(row)).get(0);
        return job.mark()
                .map(m -> job.after(
                        closed.earlier(m, row.id(), row.receivedAt()), store.released(m, row.id(), row.receivedAt())))
                .orElse(job);
    }
}
