package app.brasskettle.core.jobs;

import app.brasskettle.core.catalogue.OpenMotorTests;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.energise.DischargeClock;
import app.brasskettle.core.energise.GateFacts;
import app.brasskettle.core.energise.GateRow;
import app.brasskettle.core.handwork.BrazingList;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.PlateAssessment;
import app.brasskettle.core.rewind.RewindAssessment;
import app.brasskettle.core.rewind.RewindRecord;
import app.brasskettle.core.rewind.StrippingReading;
import app.brasskettle.core.rules.ShopLimit;
import app.brasskettle.core.teardown.TeardownLogAssessment;
import app.brasskettle.core.testrecord.JudgedTests;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.WindingState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What the record of a job tells the gates. */
final class GateAssessment {

    /** Findings that say that a rotor cannot have turned freely. */
    private static final List<Evidence> BOUND =
            List.of(Evidence.SHAFT_BINDS, Evidence.BEARING_DESTROYED, Evidence.ROTOR_DRAG_MARKS);

    private GateAssessment() {}

    static GateFacts of(
            JobRecord job,
            JudgedTests tests,
            DismantledAssessment apart,
            List<Evidence> standing,
            Optional<DischargeClock> clock,
            RewindAssessment rewind) {
        return new GateFacts(
                tests,
                job.timeline().works(),
                job.timeline().winding(),
                job.power(),
                clock,
                job.plate()
                        .filter(p -> p.ratedVoltageV().isPresent())
                        .map(Plate::phases)
                        .orElse(0),
                job.speeds(),
                job.shaft(),
                contradictions(job, standing),
                apart.log().map(TeardownLogAssessment::off).orElse(0),
                job.routing().left().isPresent(),
                standing.contains(Evidence.PROTECTOR_OPEN),
                job.arrived()
                        .map(a -> a.auxiliaries().stream()
                                .map(Arrival.Auxiliary::label)
                                .toList())
                        .orElse(List.of()),
                plateStop(job),
                build(job, tests, rewind),
                job.rules().figure(ShopLimit.WAIVER_FACTOR),
                job.demonstration());
    }

    /** Why the plate cannot be right; a lead hand may confirm the very version that stands as stamped so. */
    private static Optional<String> plateStop(JobRecord job) {
        boolean stamped =
                job.power().stampedSo().filter(v -> v == job.plates().size()).isPresent();
        return job.plate()
                .filter(p -> !stamped)
                .map(PlateAssessment::of)
                .map(PlateAssessment::judgement)
                .filter(j -> j.verdict() == Verdict.STOP)
                .map(Judgement::headline);
    }

    /** What is wrong or unfinished on the winding that was made here. */
    private static List<GateFacts.Build> build(JobRecord job, JudgedTests tests, RewindAssessment rewind) {
        List<GateFacts.Build> build = new ArrayList<>();
        WindingState winding = job.timeline().winding();
        boolean madeHere = winding.present() && winding.strippedAt() > Double.NEGATIVE_INFINITY;
        Optional<BrazingList> joints = rewind.brazing();
        joints.map(BrazingList::judgement)
                .filter(j -> j.verdict() == Verdict.STOP)
                .map(Judgement::headline)
                .or(() -> joints.filter(b -> madeHere && !b.full()).map(BrazingList::hands))
                .ifPresent(s -> build.add(new GateFacts.Build(GateRow.JOINTS_OPEN, "Joints: " + s)));
        rewind.insertion()
                .filter(r -> madeHere && !r.full())
                .ifPresent(r -> build.add(new GateFacts.Build(GateRow.COILS_OUT, "Coils: " + r.hands())));
        unsoundCore(job, tests, rewind)
                .ifPresent(s -> build.add(new GateFacts.Build(GateRow.CORE_UNSOUND, "Core: " + s)));
        rewind.varnished()
                .filter(j -> j.verdict() == Verdict.STOP || j.verdict() == Verdict.UNPROVEN)
                .ifPresent(j -> build.add(new GateFacts.Build(GateRow.BAKE_OPEN, "Varnish: " + j.headline())));
        return List.copyOf(build);
    }

    /** Seen bad, sent back for, or overheated with no loop test since that was written. */
    private static Optional<String> unsoundCore(JobRecord job, JudgedTests tests, RewindAssessment rewind) {
        double written = job.rewind().stripping().map(RewindRecord.Written::at).orElse(Double.NEGATIVE_INFINITY);
        boolean measured = tests.current(OpenMotorTests.CORE_LOOP_RESULT, 1)
                .filter(t -> t.proves() && t.at() > written)
                .filter(t -> t.verdict() == Verdict.HOLDS || t.verdict() == Verdict.WATCH)
                .isPresent();
        return rewind.core()
                .filter(j -> j.verdict() == Verdict.STOP)
                .map(Judgement::headline)
                .or(rewind::backToChoose)
                .or(() -> rewind.stripping()
                        .filter(s -> s.overheated() && !measured)
                        .flatMap(StrippingReading::oven)
                        .map(o -> o.judgement().headline()));
    }

    /** Records that cannot both be true, in the words a lead hand settles them by. */
    private static List<String> contradictions(JobRecord job, List<Evidence> standing) {
        List<String> all = new ArrayList<>();
        boolean free = job.shaft().filter(GateFacts.Shaft::free).isPresent();
        if (free) {
            BOUND.stream()
                    .filter(standing::contains)
                    .map(e -> "The shaft is recorded as free, and also: " + e.label())
                    .forEach(all::add);
        }
        return List.copyOf(all);
    }
}
