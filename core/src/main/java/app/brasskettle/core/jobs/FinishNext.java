package app.brasskettle.core.jobs;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.choice.ChosenOption;
import app.brasskettle.core.handwork.BrazingList;
import app.brasskettle.core.handwork.InsertionRing;
import app.brasskettle.core.prove.ProofTable;
import app.brasskettle.core.redesign.RedesignAssessment;
import app.brasskettle.core.release.ReleaseAssessment;
import app.brasskettle.core.rewind.RewindAssessment;
import app.brasskettle.core.rewind.RewindNeed;
import app.brasskettle.core.rewind.StrippingReading;
import app.brasskettle.core.teardown.TeardownLogAssessment;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.worksheet.Phrase;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;

/** What needs hands next once the customer has chosen: stripping, coils, joints, varnish, proof, release, in their order. */
final class FinishNext {

    private final JobRecord job;
    private final DismantledAssessment apart;
    private final Optional<RedesignAssessment> redesign;
    private final RewindAssessment rewind;
    private final ProofTable proof;
    private final ReleaseAssessment release;

    FinishNext(
            JobRecord job,
            DismantledAssessment apart,
            Optional<RedesignAssessment> redesign,
            RewindAssessment rewind,
            ProofTable proof,
            ReleaseAssessment release) {
        this.job = job;
        this.apart = apart;
        this.redesign = redesign;
        this.rewind = rewind;
        this.proof = proof;
        this.release = release;
    }

    /** The next step; empty where nothing is to be done here any more. */
    Optional<JobAssessment.Next> next() {
        return switch (job.chosen().map(ChosenOption::kind).orElseThrow()) {
            case REWIND -> rewinding().or(this::finishing);
            case RECONDITION -> reconditioning().or(this::finishing);
            case REPLACE -> releasing();
        };
    }

    private Optional<JobAssessment.Next> rewinding() {
        if (rewind.backToChoose().isPresent()) {
            return next("Choose again: " + Phrase.lower(rewind.backToChoose().get()), JobStep.OPTIONS);
        }
        if (job.timeline().winding().bare() || !job.timeline().winding().present()) {
            return stripped();
        }
        if (job.timeline().winding().since() > Double.NEGATIVE_INFINITY) {
            return Optional.empty();
        }
        if (redesign.isEmpty()) {
            return next("To be rewound: design the new winding", JobStep.NEW_WINDING);
        }
        if (redesign.get().judgement().verdict() == Verdict.STOP
                || redesign.get().judgement().verdict() == Verdict.UNPROVEN) {
            return next(redesign.get().judgement().headline(), JobStep.NEW_WINDING);
        }
        Optional<RewindNeed.Hold> held =
                rewind.holding(JobStep.STRIPPING).stream().findFirst();
        if (held.isPresent()) {
            return held(held.get());
        }
        return next(
                rewind.stripping()
                        .map(StrippingReading::judgement)
                        .filter(j -> j.verdict() != Verdict.HOLDS)
                        .map(Judgement::headline)
                        .orElse("Strip it"),
                JobStep.STRIPPING);
    }

    /** The copper is out: the core, the coils, the ring, the joints, and the proof before varnish. */
    private Optional<JobAssessment.Next> stripped() {
        boolean in = job.timeline().winding().present();
        if (!in) {
            Optional<RewindNeed.Hold> held =
                    rewind.holding(JobStep.INSERTION).stream().findFirst();
            if (held.isPresent()) {
                return held(held.get());
            }
            Optional<InsertionRing> ring = rewind.insertion().filter(r -> !r.full());
            if (ring.isPresent()) {
                return next(ring.get().hands(), JobStep.INSERTION);
            }
        }
        Optional<BrazingList> joints = rewind.brazing();
        boolean wrong =
                joints.filter(b -> b.judgement().verdict() == Verdict.STOP).isPresent();
        if (wrong || joints.filter(b -> !b.full()).isPresent()) {
            return next(
                    wrong ? joints.get().judgement().headline() : joints.get().hands(), JobStep.BRAZING);
        }
        Optional<Judgement> bare = rewind.bare().map(ProofTable::judgement);
        if (bare.filter(j -> j.verdict() == Verdict.STOP || j.verdict() == Verdict.UNPROVEN)
                .isPresent()) {
            return next("Before varnish: " + Phrase.lower(bare.get().headline()), JobStep.BEFORE_VARNISH);
        }
        return varnishing("Dip and bake it");
    }

    private Optional<JobAssessment.Next> varnishing(String otherwise) {
        return next(
                rewind.varnished()
                        .filter(j -> j.verdict() == Verdict.UNPROVEN || j.verdict() == Verdict.STOP)
                        .map(Judgement::headline)
                        .orElse(otherwise),
                JobStep.VARNISH);
    }

    private Optional<JobAssessment.Next> reconditioning() {
        if (job.drying().isEmpty() && proofStops() && rewind.washing().isEmpty()) {
            return next("Wash it, then dry it by the curve", JobStep.WASH);
        }
        return job.drying().isEmpty() && rewind.washing().isPresent()
                ? next("Washed: dry it by its curve", JobStep.DRYING)
                : Optional.empty();
    }

    private boolean proofStops() {
        return proof.rows().stream()
                .anyMatch(r ->
                        r.step().equals(WindingTests.INSULATION_RESISTANCE.step(1)) && r.verdict() == Verdict.STOP);
    }

    private Optional<JobAssessment.Next> finishing() {
        Optional<Map.Entry<JobStep, Judgement>> open =
                rewind.unfinished().entrySet().stream().findFirst();
        if (open.isPresent()) {
            return next(open.get().getValue().headline(), open.get().getKey());
        }
        int off = apart.log().map(TeardownLogAssessment::off).orElse(0);
        if (off > 0) {
            return next("Put it together: " + off + (off == 1 ? " part is off" : " parts are off"), JobStep.REASSEMBLY);
        }
        Judgement word = proof.judgement();
        if (word.verdict() == Verdict.STOP || word.verdict() == Verdict.UNPROVEN) {
            return next("Prove it: " + Phrase.lower(word.headline()), JobStep.PROVE);
        }
        return releasing();
    }

    private Optional<JobAssessment.Next> releasing() {
        return next(release.judgement().headline(), JobStep.DISPATCH);
    }

    private static Optional<JobAssessment.Next> held(RewindNeed.Hold hold) {
        Station station = Arrays.stream(JobStep.values())
                .filter(s -> s.path().equals(hold.step()))
                .map(JobStep::station)
                .findFirst()
                .orElseGet(() -> TestKinds.atStep(hold.step()).orElseThrow().station());
        return Optional.of(new JobAssessment.Next(hold.sentence(), hold.step(), station));
    }

    private static Optional<JobAssessment.Next> next(String sentence, JobStep step) {
        return Optional.of(new JobAssessment.Next(sentence, step.path(), step.station()));
    }
}
