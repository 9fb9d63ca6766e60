package app.brasskettle.server.jobview;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.handwork.BrazingList;
import app.brasskettle.core.handwork.HandAct;
import app.brasskettle.core.jobs.Arrival;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.release.Disposal;
import app.brasskettle.core.rewind.StrippingReading;
import app.brasskettle.core.testrecord.Caveat;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.windingtake.TakeDifference;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Phrase;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.events.EventRow;
import app.brasskettle.server.jobrecord.JobRow;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.sheets.SheetKind;
import app.brasskettle.server.sheets.SheetRow;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Every piece of a job's record as one line with its verdict, newest first. */
final class Ledger {

    private final RecordedJob job;
    private final JobAssessment reading;
    private final List<JobView.LedgerEntry> lines = new ArrayList<>();

    Ledger(RecordedJob job, JobAssessment reading) {
        this.job = job;
        this.reading = reading;
    }

    List<JobView.LedgerEntry> entries() {
        if (!job.row().complaint().isBlank()) {
            lines.add(new JobView.LedgerEntry(
                    Verdict.UNPROVEN,
                    "“" + job.row().complaint() + "”",
                    "customer",
                    job.row().receivedAt(),
                    "receive",
                    Origin.HERE,
                    false,
                    ""));
        }
        job.sheets().forEach(this::sheet);
        tests();
        job.events().forEach(this::event);
        lines.sort(Comparator.comparing(JobView.LedgerEntry::at).reversed());
        return List.copyOf(lines);
    }

    private void sheet(SheetRow s) {
        switch (s.kind()) {
            case ARRIVAL ->
                job.read(SheetKind.ARRIVAL, Arrival.class).ifPresent(a -> add(s, arrival(a), shaft(a), "receive"));
            case PLATE ->
                reading.plate()
                        .ifPresent(p ->
                                add(s, p.judgement().verdict(), p.judgement().headline(), "plate"));
            case TEARDOWN_LOG -> reading.apart().log().ifPresent(l -> worst(s, l.lines(), JobStep.PARTS.path()));
            case LEAD_MAP -> reading.apart().leads().ifPresent(l -> worst(s, l.lines(), JobStep.LEAD_MAP.path()));
            case FINDINGS -> reading.apart().findings().ifPresent(f -> worst(s, f.lines(), JobStep.FINDINGS.path()));
            case COIL_MAP ->
                reading.ranking().facts().stream()
                        .findFirst()
                        .ifPresent(f -> add(s, Verdict.HOLDS, f.sentence(), JobStep.COIL_MAP.path()));
            case WINDING ->
                reading.winding()
                        .judgement()
                        .ifPresent(j -> add(s, j.verdict(), j.headline(), JobStep.WINDING_DATA.path()));
            case WINDING_SECOND -> secondTake(s);
            case CONNECTION ->
                reading.winding()
                        .connection()
                        .ifPresent(c -> add(
                                s,
                                c.judgement().verdict(),
                                c.judgement().headline(),
                                JobStep.WINDING_CONNECTION.path()));
            case COIL_SETS ->
                reading.coilSets()
                        .ifPresent(a ->
                                add(s, a.judgement().verdict(), a.judgement().headline(), JobStep.COIL_SETS.path()));
            case REDESIGN ->
                reading.redesign()
                        .ifPresent(r ->
                                add(s, r.judgement().verdict(), r.judgement().headline(), JobStep.NEW_WINDING.path()));
            case DRYING ->
                reading.drying()
                        .ifPresent(d -> add(s, d.verdict(), d.judgement().headline(), JobStep.DRYING.path()));
            case WASHING -> judged(s, reading.rewind().washing(), JobStep.WASH);
            case PREPARATION -> judged(s, reading.rewind().preparation(), JobStep.BEFORE_STRIPPING);
            case STRIPPING ->
                judged(s, reading.rewind().stripping().map(StrippingReading::judgement), JobStep.STRIPPING);
            case CORE_AFTER -> judged(s, reading.rewind().core(), JobStep.CORE_AFTER);
            case COILS_WOUND -> judged(s, reading.rewind().coils(), JobStep.COILS);
            case BRAZED -> judged(s, reading.rewind().brazing().map(BrazingList::judgement), JobStep.BRAZING);
            case VARNISHING -> judged(s, reading.rewind().varnished(), JobStep.VARNISH);
            case MACHINING -> judged(s, reading.rewind().machining(), JobStep.MACHINING);
            case RENEWAL -> judged(s, Judgement.worst(reading.rewind().renewed()), JobStep.RENEWAL);
            case DISPOSAL ->
                job.read(SheetKind.DISPOSAL, Disposal.class)
                        .ifPresent(d -> add(s, Verdict.HOLDS, d.told(), JobStep.DISPATCH.path()));
            case OFFERS ->
                reading.choice()
                        .ifPresent(c -> add(s, c.advice().verdict(), c.advice().headline(), "choose"));
        }
    }

    private void judged(SheetRow s, Optional<Judgement> said, JobStep step) {
        said.ifPresent(j -> add(s, j.verdict(), j.headline(), step.path()));
    }

    /** The line that judges the whole sheet. */
    private void worst(SheetRow s, List<Judgement> said, String step) {
        Verdict worst = Verdict.worst(said.stream().map(Judgement::verdict).toList());
        said.stream().filter(j -> j.verdict() == worst).findFirst().ifPresent(j -> add(s, worst, j.headline(), step));
    }

    private void secondTake(SheetRow s) {
        List<TakeDifference> differences = reading.winding().differences();
        add(
                s,
                differences.isEmpty() ? Verdict.HOLDS : Verdict.STOP,
                differences.isEmpty()
                        ? "Taken a second time: alike"
                        : "Taken a second time: " + differences.size() + " unlike",
                JobStep.SECOND_TAKE.path());
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

    private void add(SheetRow s, Verdict verdict, String headline, String step) {
        lines.add(new JobView.LedgerEntry(
                verdict, headline, s.by(), s.at(), step, s.imported() ? Origin.FILE : Origin.HERE, false, ""));
    }

    /** Every test with the judgement that stands for it now, by the shop's school, superseded ones too. */
    private void tests() {
        Map<Double, OffsetDateTime> times = new HashMap<>();
        job.tests().forEach(t -> times.put(JobClock.seconds(t.at()), t.at()));
        for (JudgedTest t : reading.tests().all()) {
            String note = t.caveats().stream()
                    .filter(c -> c.kind() == Caveat.Kind.SUPERSEDED
                            || c.kind() == Caveat.Kind.OTHER_WINDING
                            || c.kind() == Caveat.Kind.OVERRULED
                            || c.kind() == Caveat.Kind.ELSEWHERE)
                    .map(c -> Phrase.lower(c.sentence()))
                    .collect(Collectors.joining("; "));
            lines.add(new JobView.LedgerEntry(
                    t.verdict(),
                    t.effective().headline(),
                    JobRow.signed(t.test().by(), t.test().origin() == Origin.FILE),
                    times.get(t.at()),
                    t.step(),
                    t.test().origin(),
                    !t.test().standing() || t.has(Caveat.Kind.OTHER_WINDING),
                    note));
        }
    }

    private void event(EventRow e) {
        switch (e.kind()) {
            case LOCKED_OUT ->
                add(e, Verdict.HOLDS, "Locked out, proved dead: " + e.text("means"), JobStep.DEAD.path());
            case LOCK_OUT_ENDED -> add(e, Verdict.UNPROVEN, "Lock-out taken off", JobStep.DEAD.path());
            case DISCHARGE_PROVED ->
                add(
                        e,
                        Verdict.HOLDS,
                        "Discharged: " + Figures.plain(e.figure("residualV")) + " V left after a minute",
                        WindingTests.INSULATION_RESISTANCE.step(1));
            case WORKED -> add(e, Verdict.UNPROVEN, WorkWords.worked(e), WindingTests.INSULATION_RESISTANCE.step(1));
            case SHAFT_TURNED -> add(e, WorkWords.turns(e), WorkWords.shaft(e), "gate");
            case TEST_MISREAD ->
                add(e, Verdict.WATCH, "Misread “" + e.text("sentence") + "”: " + e.text("reason"), e.text("step"));
            case PLATE_STAMPED ->
                add(e, Verdict.WATCH, "The plate is stamped so: " + e.text("reason"), JobStep.PLATE.path());
            case EVIDENCE_ADDED -> add(e, Verdict.UNPROVEN, "Seen: " + e.text("words"), "cause");
            case EVIDENCE_STRUCK ->
                add(e, Verdict.UNPROVEN, "Struck: " + e.text("words") + ", " + e.text("reason"), "cause");
            case CONCLUDED -> concluded(e);
            case QUOTE_ISSUED -> add(e, Verdict.UNPROVEN, "Quote " + (int) e.figure("quote") + " issued", "choose");
            case QUOTE_ANSWERED ->
                add(
                        e,
                        Verdict.WATCH,
                        e.text("who") + " " + e.text("label") + " to quote " + (int) e.figure("quote")
                                + (e.text("words").isEmpty() ? "" : ": “" + e.text("words") + "”"),
                        "choose");
            case CHOSEN -> add(e, Verdict.HOLDS, e.text("option") + " chosen by " + e.text("customer"), "choose");
            case SET_DOWN -> add(e, Verdict.UNPROVEN, "Set down: “" + e.text("workNote") + "”", "gate");
            case SKIPPED -> add(e, Verdict.UNPROVEN, station(e) + " skipped: " + e.text("reason"), "gate");
            case TAKEN_UP -> add(e, Verdict.UNPROVEN, station(e) + " taken up after all", "gate");
            case SENT_BACK -> add(e, Verdict.UNPROVEN, "Back to " + station(e) + ": " + e.text("reason"), "gate");
            case HELD -> add(e, Verdict.UNPROVEN, "Waits for " + e.text("what") + ": " + e.text("reason"), "gate");
            case RESUMED -> add(e, Verdict.UNPROVEN, "No longer waits for " + e.text("what"), "gate");
            case LEFT -> add(e, Verdict.UNPROVEN, "Left the shop: " + e.text("how"), "gate");
            case CAME_BACK -> add(e, Verdict.UNPROVEN, "Back in the shop", "gate");
            case LIMIT_WAIVED ->
                add(e, Verdict.WATCH, "Waived “" + e.text("sentence") + "”: " + e.text("reason"), "gate");
            case CONTRADICTION_SETTLED ->
                add(e, Verdict.WATCH, "Settled “" + e.text("sentence") + "”: " + e.text("reason"), "gate");
            case EDIT_REASONED ->
                add(e, Verdict.WATCH, String.join("; ", e.texts("undone")) + ": " + e.text("reason"), "gate");
            case OVERRULED ->
                add(
                        e,
                        Coded.parse(Verdict.class, e.text("verdict")).orElse(Verdict.UNPROVEN),
                        "Overruled “" + e.text("sentence") + "”: " + e.text("reason"),
                        e.text("step"));
            case RUN_RELEASED ->
                add(
                        e,
                        Verdict.HOLDS,
                        "Released to run; " + e.text("atTheStop") + " at the stop",
                        JobStep.RELEASE.path());
            case WINDING_SETTLED ->
                add(
                        e,
                        e.text("reason").isEmpty() ? Verdict.HOLDS : Verdict.WATCH,
                        "Winding data settled" + (e.text("reason").isEmpty() ? "" : ": " + e.text("reason")),
                        JobStep.SECOND_TAKE.path());
            case PART_REFITTED -> add(e, Verdict.HOLDS, "Back on: " + e.text("name"), JobStep.REASSEMBLY.path());
            case PART_LEFT_OUT ->
                add(
                        e,
                        Verdict.WATCH,
                        "Left out: " + e.text("name") + ", " + e.text("reason"),
                        JobStep.REASSEMBLY.path());
            case PART_OFF_AGAIN -> add(e, Verdict.UNPROVEN, "Off again: " + e.text("name"), JobStep.REASSEMBLY.path());
            case PICKED_UP -> add(e, Verdict.UNPROVEN, "Picked up again", "gate");
            case HAND_DONE -> hand(e);
            case VOLTAGE_APPLIED, ISOLATED, EVIDENCE_RESTORED -> {}
        }
    }

    /** Coils and joints are told by the ring and the list; what somebody answers for by name stands here too. */
    private void hand(EventRow e) {
        Optional<HandAct> act = Coded.parse(HandAct.class, e.text("act"));
        if (act.filter(a -> a == HandAct.SIGNED).isPresent()) {
            add(e, Verdict.HOLDS, "Signed for release", JobStep.DISPATCH.path());
        } else if (act.filter(a -> a == HandAct.COIL_COUNTED).isPresent()) {
            add(e, Verdict.UNPROVEN, "First coil counted: " + e.text("place") + " turns", JobStep.COILS.path());
        }
    }

    private void concluded(EventRow e) {
        boolean last = job.last(EventKind.CONCLUDED).filter(l -> l == e).isPresent();
        String root = e.text("root").isEmpty() ? "" : "; root: " + e.text("root");
        lines.add(new JobView.LedgerEntry(
                Verdict.HOLDS,
                "Cause concluded: " + e.text("label") + root,
                e.by(),
                e.at(),
                "cause",
                e.imported() ? Origin.FILE : Origin.HERE,
                !last,
                last ? "" : "concluded anew since"));
    }

    private static String station(EventRow e) {
        return Coded.parse(Station.class, e.text("station")).orElseThrow().label();
    }

    private void add(EventRow e, Verdict verdict, String headline, String step) {
        lines.add(new JobView.LedgerEntry(
                verdict,
                headline,
                JobRow.signed(e.by(), e.imported()),
                e.at(),
                step,
                e.imported() ? Origin.FILE : Origin.HERE,
                false,
                e.imported() ? "from a file: history, it acts on nothing here" : ""));
    }
}
