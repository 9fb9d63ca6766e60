package app.brasskettle.server.jobview;

import app.brasskettle.core.bank.BankOpinion;
import app.brasskettle.core.choice.ChoiceAssessment;
import app.brasskettle.core.choice.ChoiceSheet;
import app.brasskettle.core.coilset.CoilSetAssessment;
import app.brasskettle.core.coilset.CoilSetTake;
import app.brasskettle.core.connection.ConnectionAssessment;
import app.brasskettle.core.connection.ConnectionSheet;
import app.brasskettle.core.design.RatingEstimate;
import app.brasskettle.core.drying.DryingCurve;
import app.brasskettle.core.drying.DryingResult;
import app.brasskettle.core.drying.DryingWorksheet;
import app.brasskettle.core.findings.Findings;
import app.brasskettle.core.findings.FindingsAssessment;
import app.brasskettle.core.jobs.Arrival;
import app.brasskettle.core.jobs.ArrivalAssessment;
import app.brasskettle.core.jobs.DismantledAssessment;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.leads.LeadMap;
import app.brasskettle.core.leads.LeadMapAssessment;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.PlateAssessment;
import app.brasskettle.core.nameplate.RatingPair;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.redesign.CoilTicket;
import app.brasskettle.core.redesign.RedesignAssessment;
import app.brasskettle.core.redesign.RedesignSheet;
import app.brasskettle.core.redesign.WireOffer;
import app.brasskettle.core.rewind.CoreAfter;
import app.brasskettle.core.rewind.Machining;
import app.brasskettle.core.rewind.Renewal;
import app.brasskettle.core.rewind.Stripping;
import app.brasskettle.core.rewind.StrippingReading;
import app.brasskettle.core.rewind.Varnishing;
import app.brasskettle.core.rewind.Washing;
import app.brasskettle.core.teardown.MapFact;
import app.brasskettle.core.teardown.PaintedStator;
import app.brasskettle.core.teardown.TeardownLog;
import app.brasskettle.core.teardown.TeardownLogAssessment;
import app.brasskettle.core.testrecord.TestJudge;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.windingtake.WindingAssessment;
import app.brasskettle.core.windingtake.WindingRecord;
import app.brasskettle.core.windingtake.WindingTake;
import app.brasskettle.core.wire.Rack;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.drawings.ConnectionDrawings;
import app.brasskettle.server.drawings.SlotSection;
import app.brasskettle.server.sheets.SheetKind;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the core says to a sheet while it is being typed, before anything is kept.
 *
 * @param shown by field, the figure in words
 * @param problems what is wrong
 * @param arrival what follows from how it came in
 * @param plate what a nameplate says and leaves open
 * @param ratings two ratings, where figures of the plate were typed in pairs
 * @param winding what the takes of the winding come to
 * @param bank what the bank says to a take
 * @param rating what the motor was most likely made for, while its plate tells no voltage
 * @param connection what the joints of the winding come to
 * @param drawings the diagram, and the joints as found, as they are drawn
 * @param slot the section of the slot of a take, as it is drawn
 * @param log what a log of parts says
 * @param leads what a lead map says
 * @param findings each finding judged
 * @param facts what a coil map says
 * @param choice options compared
 * @param drying what drying comes to
 * @param coilSets what a take coil by coil comes to
 * @param redesign what a new winding comes to
 * @param offer wire from the rack for it
 * @param ticket what is cut and wound for it, once its wire is chosen
 * @param said what work on the motor comes to, line by line
 */
record SheetPreview(
        Map<String, String> shown,
        List<Problem> problems,
        Optional<ArrivalAssessment> arrival,
        Optional<PlateAssessment> plate,
        Optional<RatingPair> ratings,
        Optional<WindingAssessment> winding,
        Optional<BankOpinion> bank,
        Optional<RatingEstimate> rating,
        Optional<ConnectionAssessment> connection,
        Optional<ConnectionDrawings> drawings,
        Optional<String> slot,
        Optional<TeardownLogAssessment> log,
        Optional<LeadMapAssessment> leads,
        Optional<FindingsAssessment> findings,
        List<MapFact> facts,
        Optional<ChoiceAssessment> choice,
        Optional<DryingResult> drying,
        Optional<CoilSetAssessment> coilSets,
        Optional<RedesignAssessment> redesign,
        Optional<WireOffer> offer,
        Optional<CoilTicket> ticket,
        List<Judgement> said) {

    /** What the shop has beyond this job: asked for only where a sheet needs it. */
    interface ShopWide {

        Rack rack();

        Optional<BankOpinion> opinion(WindingTake take, String tag);
    }

    static SheetPreview of(
            String tag, SheetKind kind, Map<String, Object> typed, JobRecord job, WindingRecord taken, ShopWide shop) {
        TypedInput.Attempt<? extends Record> attempt = TypedInput.attempt(kind.type(), typed);
        Optional<? extends Record> input = attempt.input();
        Optional<WindingAssessment> winding = as(input, WindingTake.class)
                .map(t -> WindingAssessment.of(
                        kind == SheetKind.WINDING ? taken.withFirst(t) : taken.withSecond(t), job.rules()))
                .map(w -> JobAssessment.held(
                        w, TestJudge.judge(job.rules(), job.plate(), job.timeline(), job.demonstration())));
        Optional<ConnectionAssessment> connection = as(input, ConnectionSheet.class)
                .map(c -> ConnectionAssessment.of(job.winding().data(), c));
        Optional<RedesignAssessment> redesign = as(input, RedesignSheet.class).map(r -> JobAssessment.redesign(job, r));
        Optional<Rack> rack = redesign.map(r -> shop.rack());
        return new SheetPreview(
                attempt.shown(),
                attempt.problems(),
                as(input, Arrival.class).map(a -> ArrivalAssessment.of(a, job.plate())),
                as(input, Plate.class).map(PlateAssessment::of),
                Optional.of(typed).filter(t -> kind == SheetKind.PLATE).flatMap(RatingPair::of),
                winding,
                as(input, WindingTake.class).flatMap(t -> shop.opinion(t, tag)),
                as(input, WindingTake.class)
                        .filter(t -> t.ratedVoltageV().isEmpty())
                        .map(RatingEstimate::of),
                connection,
                as(input, WindingTake.class)
                        .flatMap(ConnectionDrawings::of)
                        .or(() -> connection.flatMap(a -> ConnectionDrawings.of(
                                a, as(input, ConnectionSheet.class).flatMap(ConnectionSheet::joints)))),
                as(input, WindingTake.class).flatMap(WindingTake::slot).flatMap(SlotSection::svg),
                as(input, TeardownLog.class).map(l -> DismantledAssessment.log(job, l)),
                as(input, LeadMap.class).map(l -> DismantledAssessment.leads(job, l)),
                as(input, Findings.class).map(FindingsAssessment::of),
                as(input, PaintedStator.class).map(s -> s.map().facts()).orElse(List.of()),
                as(input, ChoiceSheet.class)
                        .flatMap(c -> JobAssessment.compare(job, c, JobClock.seconds(JobClock.now()))),
                as(input, DryingCurve.class)
                        .map(d -> DryingWorksheet.create().work().apply(d)),
                as(input, CoilSetTake.class)
                        .map(t -> CoilSetAssessment.of(t, job.rules().windingLimits())),
                redesign,
                redesign.flatMap(r -> WireOffer.of(
                        r,
                        as(input, RedesignSheet.class).orElseThrow(),
                        rack.orElseThrow(),
                        taken.slotOpeningMm(),
                        job.rules())),
                redesign.flatMap(r -> taken.first()
                        .flatMap(t -> CoilTicket.of(
                                r,
                                as(input, RedesignSheet.class).orElseThrow(),
                                t.take(),
                                rack.orElseThrow(),
                                job.rules()))),
                input.map(sheet -> said(sheet, job)).orElse(List.of()));
    }

    private static List<Judgement> said(Record sheet, JobRecord job) {
        if (sheet instanceof Stripping s) {
            return StrippingReading.of(s, JobAssessment.winding(job).copper(), job.rules())
                    .lines();
        }
        if (sheet instanceof Varnishing v) {
            return v.judge(job.rules());
        }
        if (sheet instanceof CoreAfter c) {
            return List.of(c.judge());
        }
        if (sheet instanceof Washing w) {
            return List.of(w.judge());
        }
        if (sheet instanceof Renewal r) {
            return r.judge(job.plate().flatMap(Plate::details));
        }
        return sheet instanceof Machining m ? List.of(m.judge()) : List.of();
    }

    private static <T extends Record> Optional<T> as(Optional<? extends Record> input, Class<T> type) {
        return input.filter(type::isInstance).map(type::cast);
    }
}
