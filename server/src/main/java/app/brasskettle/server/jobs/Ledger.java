package app.brasskettle.server.jobs;

import app.brasskettle.core.jobs.Arrival;
import app.brasskettle.core.jobs.JobReading;
import app.brasskettle.core.jobs.Station;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** Every piece of a job's record as one line with its verdict, newest first. */
final class Ledger {

    private final RecordedJob job;
    private final JobReading reading;
    private final List<JobView.LedgerEntry> lines = new ArrayList<>();

    Ledger(RecordedJob job, JobReading reading) {
        this.job = job;
        this.reading = reading;
    }

    List<JobView.LedgerEntry> entries() {
        if (!job.row.complaint().isBlank()) {
            lines.add(new JobView.LedgerEntry(
                    Verdict.UNPROVEN,
                    "“" + job.row.complaint() + "”",
                    "customer",
                    job.row.receivedAt(),
                    "receive",
                    false,
                    false,
                    ""));
        }
        job.sheets.forEach(this::sheet);
        job.tests.forEach(this::test);
        job.events.forEach(this::event);
        lines.sort(Comparator.comparing(JobView.LedgerEntry::at).reversed());
        return List.copyOf(lines);
    }

    private void sheet(JobRow.SheetRow s) {
        switch (s.kind()) {
            case ARRIVAL ->
                job.read(SheetKind.ARRIVAL, Arrival.class).ifPresent(a -> add(s, arrival(a), shaft(a), "receive"));
            case PLATE ->
                reading.plate()
                        .ifPresent(p ->
                                add(s, p.judgement().verdict(), p.judgement().headline(), "plate"));
            case TEARDOWN_LOG -> reading.apart().log().ifPresent(l -> worst(s, l.lines(), "teardown/parts"));
            case LEAD_MAP -> reading.apart().leads().ifPresent(l -> worst(s, l.lines(), "teardown/lead-map"));
            case FINDINGS -> reading.apart().findings().ifPresent(f -> worst(s, f.lines(), "teardown/findings"));
            case COIL_MAP ->
                reading.ranking().facts().stream()
                        .findFirst()
                        .ifPresent(f -> add(s, Verdict.HOLDS, f.sentence(), "teardown/coils"));
            case WINDING ->
                job.record()
                        .winding()
                        .ifPresent(w -> add(s, w.verdict(), w.judgement().headline(), "winding"));
            case OFFERS ->
                reading.choice()
                        .ifPresent(c -> add(s, c.advice().verdict(), c.advice().headline(), "choose"));
        }
    }

    /** The line that judges the whole sheet. */
    private void worst(JobRow.SheetRow s, List<Judgement> said, String step) {
        Verdict worst = Verdict.worst(said.stream().map(Judgement::verdict).toList());
        said.stream().filter(j -> j.verdict() == worst).findFirst().ifPresent(j -> add(s, worst, j.headline(), step));
    }

    private static Verdict arrival(Arrival a) {
        return switch (a.shaft()) {
            case FREE -> Verdict.HOLDS;
            case PLAY -> Verdict.WATCH;
            case BINDS -> Verdict.STOP;
            case NOT_TRIED -> Verdict.UNPROVEN;
        };
    }

    private static String shaft(Arrival a) {
        return switch (a.shaft()) {
            case FREE -> "Shaft turns freely, no play";
            case PLAY -> "Shaft turns and has play";
            case BINDS -> "Shaft binds";
            case NOT_TRIED -> "Shaft not tried yet";
        };
    }

    private void add(JobRow.SheetRow s, Verdict verdict, String headline, String step) {
        lines.add(new JobView.LedgerEntry(verdict, headline, s.by(), s.at(), step, false, false, ""));
    }

    private void test(JobRow.TestRow t) {
        String step = t.kind().step(t.speed());
        Verdict verdict = verdict(t.result());
        String headline = text(t.result(), "headline");
        if (t.kind() == TestKind.INSULATION_RESISTANCE && t.stands()) {
            verdict = reading.insulation().orElseThrow().verdict();
            headline = reading.insulation().orElseThrow().headline();
        }
        if (t.stands()) {
            Judgement own = new Judgement(verdict, headline, "", "", "");
            verdict = job.record().said(step, JobClock.seconds(t.at()), own).verdict();
        }
        String note = t.supersededBecause().map(b -> "repeated: " + b).orElse("");
        lines.add(new JobView.LedgerEntry(verdict, headline, t.by(), t.at(), step, t.simulated(), !t.stands(), note));
    }

    /** The judgement stored with a test: what was said at the time, whatever the rules say today. */
    static Verdict verdict(Map<String, Object> result) {
        return Word.parse(Verdict.class, text(result, "verdict")).orElse(Verdict.UNPROVEN);
    }

    /** What was said of a test when it was taken. */
    static String headline(JobRow.TestRow test) {
        return text(test.result(), "headline");
    }

    private static String text(Map<String, Object> result, String name) {
        Object judgement = result.getOrDefault("judgement", result);
        return judgement instanceof Map<?, ?> j && j.get(name) != null
                ? j.get(name).toString()
                : "";
    }

    private void event(JobRow.EventRow e) {
        switch (e.kind()) {
            case LOCKED_OUT -> add(e, Verdict.HOLDS, "Locked out, proved dead: " + e.text("means"), "bench/dead");
            case DISCHARGE_PROVED ->
                add(
                        e,
                        Verdict.HOLDS,
                        "Discharged: " + Figures.plain(e.figure("residualV")) + " V left after a minute",
                        "bench/insulation");
            case WORKED ->
                add(e, Verdict.UNPROVEN, "Winding " + e.text("work") + ": test insulation again", "bench/insulation");
            case EVIDENCE_ADDED -> add(e, Verdict.UNPROVEN, "Seen: " + e.text("words"), "cause");
            case EVIDENCE_STRUCK ->
                add(e, Verdict.UNPROVEN, "Struck: " + e.text("words") + ", " + e.text("reason"), "cause");
            case CONCLUDED -> concluded(e);
            case CHOSEN -> add(e, Verdict.HOLDS, e.text("option") + " chosen by " + e.text("customer"), "choose");
            case SET_DOWN -> add(e, Verdict.UNPROVEN, "Set down: “" + e.text("handsWere") + "”", "gate");
            case SKIPPED -> add(e, Verdict.UNPROVEN, station(e) + " skipped: " + e.text("reason"), "gate");
            case TAKEN_UP -> add(e, Verdict.UNPROVEN, station(e) + " taken up after all", "gate");
            case SENT_BACK -> add(e, Verdict.UNPROVEN, "Back to " + station(e) + ": " + e.text("reason"), "gate");
            case HELD -> add(e, Verdict.UNPROVEN, "Waits for " + e.text("what") + ": " + e.text("reason"), "gate");
            case RESUMED -> add(e, Verdict.UNPROVEN, "No longer waits for " + e.text("what"), "gate");
            case LEFT -> add(e, Verdict.UNPROVEN, "Left the shop: " + e.text("how"), "gate");
            case CAME_BACK -> add(e, Verdict.UNPROVEN, "Back in the shop", "gate");
            case GATE_OPENED ->
                add(e, Verdict.WATCH, "Gate opened against “" + e.text("sentence") + "”: " + e.text("reason"), "gate");
            case OVERRULED ->
                add(
                        e,
                        Word.parse(Verdict.class, e.text("verdict")).orElse(Verdict.UNPROVEN),
                        "Overruled “" + e.text("sentence") + "”: " + e.text("reason"),
                        e.text("step"));
            case RUN_RELEASED ->
                add(e, Verdict.HOLDS, "Released to run; " + e.text("atTheStop") + " at the stop", "bench/release");
            case PART_REFITTED -> add(e, Verdict.HOLDS, "Back on: " + e.text("name"), "teardown/together");
            case PART_LEFT_OUT ->
                add(e, Verdict.WATCH, "Left out: " + e.text("name") + ", " + e.text("reason"), "teardown/together");
            case PART_OFF_AGAIN -> add(e, Verdict.UNPROVEN, "Off again: " + e.text("name"), "teardown/together");
            case PICKED_UP -> add(e, Verdict.UNPROVEN, "Picked up again", "gate");
            case VOLTAGE_APPLIED, ISOLATED, EVIDENCE_RESTORED -> {}
        }
    }

    private void concluded(JobRow.EventRow e) {
        boolean last = job.last(EventKind.CONCLUDED).filter(l -> l == e).isPresent();
        String root = e.text("root").isEmpty() ? "" : "; root: " + e.text("root");
        lines.add(new JobView.LedgerEntry(
                Verdict.HOLDS,
                "Cause concluded: " + e.text("spoken") + root,
                e.by(),
                e.at(),
                "cause",
                false,
                !last,
                last ? "" : "concluded anew since"));
    }

    private static String station(JobRow.EventRow e) {
        return Word.parse(Station.class, e.text("station")).orElseThrow().spoken();
    }

    private void add(JobRow.EventRow e, Verdict verdict, String headline, String step) {
        lines.add(new JobView.LedgerEntry(verdict, headline, e.by(), e.at(), step, false, false, ""));
    }
}
