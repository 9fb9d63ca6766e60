package app.brasskettle.core.jobs;

import app.brasskettle.core.choice.ChosenOption;
import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.energise.EnergiseGate;
import app.brasskettle.core.fits.Grease;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.PlateDetails;
import app.brasskettle.core.prove.Predicted;
import app.brasskettle.core.prove.ProofTable;
import app.brasskettle.core.prove.ProofTables;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.redesign.DesignedWinding;
import app.brasskettle.core.redesign.RedesignAssessment;
import app.brasskettle.core.redesign.RedesignSheet;
import app.brasskettle.core.release.ReleaseAssessment;
import app.brasskettle.core.release.ReleaseFacts;
import app.brasskettle.core.rewind.RewindAssessment;
import app.brasskettle.core.rules.ShopLimit;
import app.brasskettle.core.teardown.TeardownLogAssessment;
import app.brasskettle.core.testrecord.JudgedTests;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.winding.WindingResult;
import app.brasskettle.core.windingtake.WindingAssessment;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.work.WorkDone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What the record of a job says to its proof and its release. */
final class JobFinish {

    private static final double SAME_RATING = 0.005;

    private JobFinish() {}

    /** The tables of proof, beside what the winding that is in predicts. */
    static ProofTables proofs(
            JobRecord job, JudgedTests tests, WindingAssessment winding, Optional<RedesignAssessment> redesign) {
        boolean fresh = job.timeline().winding().since() > Double.NEGATIVE_INFINITY;
        Optional<WindingData> data =
                fresh ? redesign.flatMap(RedesignAssessment::chosen).map(DesignedWinding::data) : winding.data();
        Optional<Double> ohm = (fresh
                        ? redesign.flatMap(RedesignAssessment::chosen).map(DesignedWinding::result)
                        : winding.result())
                .flatMap(WindingResult::terminalOhmAt25C);
        Predicted predicted = data.flatMap(d -> ohm.map(o -> Predicted.of(
                        d,
                        o,
                        fresh
                                ? redesign.flatMap(RedesignAssessment::diagram)
                                : winding.connection().flatMap(c -> c.diagram()),
                        Speeds.poles(job))))
                .orElseGet(Predicted::nothing);
        boolean repaired = job.chosen().isPresent() || worked(job);
        return new ProofTables(
                tests, job.timeline().works(), repaired, job.singlePhase() ? 1 : 3, Speeds.names(job), predicted);
    }

    /** Whether it may be released, and what goes with it. */
    static ReleaseAssessment release(
            JobRecord job,
            Optional<TeardownLogAssessment> log,
            RewindAssessment rewind,
            ProofTable proof,
            EnergiseGate gate) {
        Optional<OptionKind> chosen = job.chosen().map(ChosenOption::kind);
        return ReleaseAssessment.of(
                job.release(),
                new ReleaseFacts(
                        chosen,
                        proof,
                        open(job, rewind, gate),
                        log.map(TeardownLogAssessment::off).orElse(0),
                        leftOut(log),
                        job.arrived().flatMap(Arrival::missing).filter(m -> !m.isBlank()),
                        people(job),
                        job.rules().second(),
                        Speeds.relays(job),
                        grease(job),
                        job.rules().figure(ShopLimit.WARRANTY_MONTHS)));
    }

    /** Whether anything was done to the motor beside taking it apart and putting it together. */
    static boolean worked(JobRecord job) {
        return job.timeline().works().stream().anyMatch(WorkDone::changesMotor);
    }

    /** Two people sign for work on a winding, which nobody sees once it is closed; one signs for the rest. */
    private static int people(JobRecord job) {
        return job.timeline().works().stream().anyMatch(WorkDone::touchesWinding) ? 2 : 1;
    }

    private static List<ReleaseAssessment.Hold> open(JobRecord job, RewindAssessment rewind, EnergiseGate gate) {
        List<ReleaseAssessment.Hold> open = new ArrayList<>();
        boolean rewound = job.timeline().works().stream()
                .anyMatch(w -> w.work() == Work.REWOUND || w.work() == Work.PARTLY_REWOUND);
        if (job.chosen().filter(c -> c.kind() == OptionKind.REWIND).isPresent() && !rewound) {
            open.add(new ReleaseAssessment.Hold(
                    "The customer chose a rewind, and it is not rewound",
                    "Rewind it, or record the customer’s other answer.",
                    JobStep.OPTIONS.path()));
        }
        newRating(job, rewound).ifPresent(open::add);
        // What may not be put on power here is released to nobody.
        gate.holding().stream()
                .filter(EnergiseGate.Reason::outlastsDay)
                .forEach(r -> open.add(new ReleaseAssessment.Hold(r.sentence(), r.liftedBy() + ".", r.step())));
        rewind.unfinished()
                .forEach((step, j) -> open.add(new ReleaseAssessment.Hold(j.headline(), j.next(), step.path())));
        job.rewind()
                .simulatedOvens()
                .forEach(step -> open.add(new ReleaseAssessment.Hold(
                        step.label() + ": read from the simulated oven",
                        "Read the real oven, and correct the sheet.",
                        step.path())));
        return open;
    }

    /** A winding made for other volts or hertz than the plate says: levels, relay, label and certificate go by the plate. */
    private static Optional<ReleaseAssessment.Hold> newRating(JobRecord job, boolean rewound) {
        Optional<Plate> plate = job.plate();
        Optional<String> volts = job.redesign()
                .flatMap(RedesignSheet::ratedVoltageV)
                .filter(v -> plate.flatMap(Plate::ratedVoltageV)
                        .filter(p -> differs(p, v))
                        .isPresent())
                .map(v -> Figures.plain(v) + " V");
        Optional<String> hertz = job.redesign()
                .flatMap(RedesignSheet::frequencyHz)
                .filter(f -> plate.filter(p -> differs(p.frequencyHz(), f)).isPresent())
                .map(f -> Figures.plain(f) + " Hz");
        return volts.or(() -> hertz)
                .filter(v -> rewound)
                .map(v -> new ReleaseAssessment.Hold(
                        "The new winding is for " + v + ", and the plate says otherwise",
                        "Put a new plate on, record it on the nameplate sheet, and test by it.",
                        JobStep.PLATE.path()));
    }

    private static boolean differs(double a, double b) {
        return Math.abs(a - b) > SAME_RATING * Math.max(a, b);
    }

    private static List<String> leftOut(Optional<TeardownLogAssessment> log) {
        List<String> out = new ArrayList<>();
        log.ifPresent(l -> l.reassembly()
                .forEach(s -> s.refit()
                        .flatMap(r -> r.leftOut())
                        .ifPresent(why -> out.add("Left out: " + s.label() + ", " + why))));
        return out;
    }

    private static Optional<String> grease(JobRecord job) {
        Optional<PlateDetails> details = job.plate().flatMap(Plate::details);
        List<String> all = new ArrayList<>();
        grams(details.flatMap(PlateDetails::driveEndBearing)).ifPresent(g -> all.add(g + " drive end"));
        grams(details.flatMap(PlateDetails::nonDriveEndBearing)).ifPresent(g -> all.add(g + " other end"));
        return all.isEmpty() ? Optional.empty() : Optional.of(String.join(", ", all));
    }

    private static Optional<String> grams(Optional<String> bearing) {
        OptionalDouble grams = bearing.map(Grease::grams).orElse(OptionalDouble.empty());
        return grams.isPresent() ? Optional.of(Figures.significant(grams.getAsDouble(), 2) + " g") : Optional.empty();
    }
}
