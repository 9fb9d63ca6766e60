package app.brasskettle.core.jobs;

import app.brasskettle.core.catalogue.OpenMotorTests;
import app.brasskettle.core.choice.ChosenOption;
import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.connection.ConnectionAssessment;
import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.handwork.BrazingList;
import app.brasskettle.core.handwork.HandAct;
import app.brasskettle.core.handwork.HandDone;
import app.brasskettle.core.handwork.HandLog;
import app.brasskettle.core.handwork.InsertionRing;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.prove.ProofTable;
import app.brasskettle.core.prove.ProofTables;
import app.brasskettle.core.redesign.DesignedWinding;
import app.brasskettle.core.redesign.RedesignAssessment;
import app.brasskettle.core.rewind.Preparation;
import app.brasskettle.core.rewind.RewindAssessment;
import app.brasskettle.core.rewind.RewindFacts;
import app.brasskettle.core.rewind.RewindNeed;
import app.brasskettle.core.rewind.RewindRecord;
import app.brasskettle.core.rewind.StrippingReading;
import app.brasskettle.core.signature.SecondLook;
import app.brasskettle.core.teardown.DismantlingPermit;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.testrecord.JudgedTests;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.windingtake.StrippingPermit;
import app.brasskettle.core.windingtake.WindingAssessment;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.work.WindingState;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.work.WorkDone;
import app.brasskettle.core.worksheet.Phrase;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What the record of a job says to its second half. */
final class RewindReading {

    /** Photographs of the connection are those taken at these steps. */
    private static final List<JobStep> CONNECTION_PHOTOS =
            List.of(JobStep.WINDING_CONNECTION, JobStep.BEFORE_STRIPPING);

    private static final String SHOP = "Shop rule";

    private final JobRecord job;
    private final RewindRecord record;
    private final JudgedTests tests;
    private final WindingAssessment winding;
    private final Optional<RedesignAssessment> redesign;
    private final DismantlingPermit opening;
    private final ProofTables proofs;
    private final WindingState state;

    RewindReading(
            JobRecord job,
            JudgedTests tests,
            WindingAssessment winding,
            Optional<RedesignAssessment> redesign,
            DismantlingPermit opening,
            ProofTables proofs) {
        this.job = job;
        this.record = job.rewind();
        this.tests = tests;
        this.winding = winding;
        this.redesign = redesign;
        this.opening = opening;
        this.proofs = proofs;
        this.state = job.timeline().winding();
    }

    RewindAssessment read() {
        Optional<StrippingReading> stripping =
                record.stripping().map(s -> StrippingReading.of(s.sheet(), winding.copper(), job.rules()));
        // A core that was looked at before it was stripped once more is another one.
        Optional<Judgement> core = record.core()
                .filter(w -> w.at() > lastStripped())
                .map(w -> w.sheet().judge());
        Optional<WindingData> design =
                redesign.flatMap(RedesignAssessment::chosen).map(DesignedWinding::data);
        HandLog hands = record.hands().since(lastStripped());
        Optional<InsertionRing> insertion = design.map(
                d -> InsertionRing.of(GroupRing.of(d.slots(), d.poles(), d.groupPattern()), d.spanSlots(), hands));
        Optional<BrazingList> brazing = redesign.flatMap(RedesignAssessment::diagram)
                .map(d ->
                        BrazingList.of(d, hands, record.brazed().map(b -> ConnectionAssessment.of(design, b.sheet()))));
        Optional<Judgement> counted = counted(design, record.hands().since(lastRewound()));
        Optional<ProofTable> bare = rewinds() && state.present() && state.since() > Double.NEGATIVE_INFINITY
                ? Optional.of(proofs.bare())
                : Optional.empty();
        Optional<String> sendBack = sendBack(stripping, core);
        List<Judgement> varnish =
                record.varnishing().map(v -> v.sheet().judge(job.rules())).orElse(List.of());
        Optional<String> back =
                unsoundCore(job, tests).filter(b -> b.at() > record.chosenAt()).map(RewindRecord.SentBack::reason);
        RewindFacts facts = new RewindFacts(
                rewinds(),
                opening.open(),
                opening.holding().isEmpty() ? "" : opening.holding().get(0).sentence(),
                leaveToStrip(),
                winding.stripping().open(),
                winding.stripping().holding().stream()
                        .findFirst()
                        .map(StrippingPermit.Reason::sentence)
                        .orElse(""),
                winding.connection().flatMap(ConnectionAssessment::diagram).isPresent()
                        || job.coilSets().isPresent(),
                CONNECTION_PHOTOS.stream().anyMatch(job.apart()::photographedAt),
                coreTested(),
                record.preparation()
                        .filter(p -> p.sheet().oldInsulation() != Preparation.OldInsulation.NOT_KNOWN)
                        .isPresent(),
                state.present(),
                core,
                coreLoop().map(JudgedTest::verdict),
                designed(),
                counted,
                insertion.filter(InsertionRing::full).isPresent(),
                brazing.map(BrazingList::judgement),
                bare.map(ProofTable::judgement),
                back);
        Map<String, List<RewindNeed.Hold>> gates = new LinkedHashMap<>();
        JobStep.of(Station.REWIND).forEach(step -> gates.put(step.path(), RewindNeed.holding(step, facts)));
        return new RewindAssessment(
                gates,
                record.preparation().map(p -> prepared(p.sheet())),
                stripping,
                record.ovens(job.rules()),
                core,
                coils(design, counted),
                insertion,
                brazing,
                redesign.map(r -> Speeds.field(job, r)).orElse(List.of()),
                bare,
                record.washing().map(w -> w.sheet().judge()),
                varnish,
                record.machining().map(w -> w.sheet().judge()),
                record.renewal()
                        .map(w -> w.sheet().judge(job.plate().flatMap(Plate::details)))
                        .orElse(List.of()),
                sendBack,
                back);
    }

    private boolean rewinds() {
        return job.chosen()
                .map(ChosenOption::kind)
                .filter(k -> k == OptionKind.REWIND)
                .isPresent();
    }

    /** When the winding before the present work was finished: coils are wound while the old ones burn out. */
    private double lastRewound() {
        return job.timeline().works().stream()
                .filter(w -> w.work() == Work.REWOUND && w.at() < lastStripped())
                .mapToDouble(WorkDone::at)
                .max()
                .orElse(Double.NEGATIVE_INFINITY);
    }

    private double lastStripped() {
        return state.strippedAt();
    }

    /** Whoever accepts a rewind gives leave to strip; so does whoever said so at the door. */
    private boolean leaveToStrip() {
        return rewinds()
                || job.arrived()
                        .flatMap(Arrival::handover)
                        .flatMap(Handover::leaveToStrip)
                        .isPresent();
    }

    private boolean coreTested() {
        boolean before = tests.all().stream()
                .anyMatch(t -> t.kind() == OpenMotorTests.CORE_LOOP_RESULT && t.at() < orNow(lastStripped()));
        return before
                || record.preparation().flatMap(p -> p.sheet().coreNotTested()).isPresent();
    }

    private static double orNow(double at) {
        return at == Double.NEGATIVE_INFINITY ? Double.POSITIVE_INFINITY : at;
    }

    /** The core loop test taken on the bare core. */
    private Optional<JudgedTest> coreLoop() {
        return coreLoop(tests).filter(t -> t.at() > lastStripped());
    }

    private static Optional<JudgedTest> coreLoop(JudgedTests tests) {
        return tests.current(OpenMotorTests.CORE_LOOP_RESULT, 1).filter(t -> t.proves() || t.verdict() == Verdict.STOP);
    }

    /** Why the core of a motor was found to take no winding, as long as no loop test since has found it sound. */
    static Optional<RewindRecord.SentBack> unsoundCore(JobRecord job, JudgedTests tests) {
        return job.rewind()
                .sentBack()
                .filter(b -> coreLoop(tests)
                        .filter(t -> t.at() > b.at())
                        .filter(t -> t.verdict() == Verdict.HOLDS || t.verdict() == Verdict.WATCH)
                        .isEmpty());
    }

    /** Why the core cannot take a winding: seen bad, measured bad, or overheated and not measured since. Each is told once. */
    private Optional<String> sendBack(Optional<StrippingReading> stripping, Optional<Judgement> core) {
        boolean stripped = lastStripped() > Double.NEGATIVE_INFINITY;
        Optional<RewindRecord.SentBack> before = record.sentBack().filter(b -> b.at() > lastRewound());
        double told = before.map(RewindRecord.SentBack::at).orElse(Double.NEGATIVE_INFINITY);
        Optional<JudgedTest> loop = coreLoop();
        Optional<String> measured = loop.filter(t -> stripped && t.verdict() == Verdict.STOP && t.at() > told)
                .map(t -> "Core loop: " + Phrase.lower(t.effective().headline()));
        if (measured.isPresent() || before.isPresent()) {
            return measured;
        }
        boolean good = loop.filter(t -> stripped && (t.verdict() == Verdict.HOLDS || t.verdict() == Verdict.WATCH))
                .isPresent();
        return core.filter(j -> j.verdict() == Verdict.STOP)
                .map(Judgement::headline)
                .or(() -> stripping
                        .filter(s -> s.overheated() && !good)
                        .map(s -> "Burnout "
                                + Phrase.lower(
                                        s.oven().orElseThrow().judgement().headline())));
    }

    private boolean designed() {
        return redesign.filter(r -> r.chosen().isPresent())
                .filter(r -> r.judgement().verdict() == Verdict.HOLDS
                        || r.judgement().verdict() == Verdict.WATCH)
                .isPresent();
    }

    private static Judgement prepared(Preparation p) {
        return switch (p.oldInsulation()) {
            case NOT_KNOWN ->
                new Judgement(
                        Verdict.STOP,
                        "Nobody knows whether the old insulation holds asbestos",
                        "Dust of it kills years later",
                        "Local law on asbestos",
                        "Have a sample looked at before anything is cut, pulled or burnt.");
            case ASBESTOS_MADE_SAFE ->
                new Judgement(
                        Verdict.WATCH,
                        "Asbestos, made safe by " + p.madeSafeBy().orElse(""),
                        "",
                        "Local law on asbestos",
                        "Only as far as it was made safe.");
            case FREE_OF_ASBESTOS ->
                new Judgement(Verdict.HOLDS, "Old insulation declared free of asbestos", "", SHOP, "");
        };
    }

    /** The first coil as another person counted it; empty while nobody did. */
    private Optional<Judgement> counted(Optional<WindingData> design, HandLog hands) {
        Optional<HandDone> count = hands.last(HandAct.COIL_COUNTED);
        if (count.isEmpty() || design.isEmpty()) {
            return Optional.empty();
        }
        int turns = Integer.parseInt(count.get().place());
        int asked = design.get().turnsPerCoil();
        String by = count.get().by();
        SecondLook look = job.rules().second();
        if (record.coils()
                .filter(c -> !look.counts(c.by(), c.at(), by, count.get().at()))
                .isPresent()) {
            return Optional.of(new Judgement(
                    Verdict.UNPROVEN,
                    "The first coil was counted by " + by + ", who wound it",
                    "Whoever wound it counts what he meant to wind",
                    SHOP,
                    look.who() + " counts it."));
        }
        return Optional.of(
                turns == asked
                        ? new Judgement(
                                Verdict.HOLDS,
                                "First coil counted: " + turns + " turns, by " + by,
                                "Ticket: " + asked + " turns",
                                SHOP,
                                "")
                        : new Judgement(
                                Verdict.STOP,
                                "First coil counted: " + turns + " turns, the ticket says " + asked,
                                "Counted by " + by,
                                SHOP,
                                "Count again together; then wind it anew, or correct the design."));
    }

    private Optional<Judgement> coils(Optional<WindingData> design, Optional<Judgement> counted) {
        return record.coils().map(c -> {
            int all = design.map(WindingData::slots).orElse(c.sheet().coils());
            Judgement wound = c.sheet().coils() < all
                    ? new Judgement(
                            Verdict.UNPROVEN,
                            c.sheet().coils() + " of " + all + " coils wound",
                            "",
                            SHOP,
                            "Wind the others.")
                    : new Judgement(Verdict.HOLDS, "All " + all + " coils wound", "", SHOP, "");
            Judgement second = counted.orElseGet(() -> new Judgement(
                    Verdict.UNPROVEN,
                    "Nobody but " + c.by() + " has counted the first coil",
                    "A turn too few shows only in the finished motor",
                    SHOP,
                    "Another person counts its turns."));
            return Judgement.worst(List.of(second, wound)).orElseThrow();
        });
    }
}
