package app.brasskettle.core.jobs;

import app.brasskettle.core.catalogue.OpenMotorTests;
import app.brasskettle.core.cause.EarlierFailure;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.choice.ChoiceFacts;
import app.brasskettle.core.choice.MotorCondition;
import app.brasskettle.core.drying.DryingWorksheet;
import app.brasskettle.core.fits.SeatCheckResult;
import app.brasskettle.core.losses.EfficiencyAfterRepair;
import app.brasskettle.core.losses.EfficiencyWorksheet;
import app.brasskettle.core.losses.RepairLosses;
import app.brasskettle.core.nameplate.FrameName;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.PlateAssessment;
import app.brasskettle.core.nameplate.PlateDetails;
import app.brasskettle.core.pricing.PricingFacts;
import app.brasskettle.core.redesign.DesignedWinding;
import app.brasskettle.core.redesign.RedesignAssessment;
import app.brasskettle.core.resistance.Conductor;
import app.brasskettle.core.teardown.MapFact;
import app.brasskettle.core.testrecord.JudgedTests;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.WindingResult;
import app.brasskettle.core.windingtake.WindingAssessment;
import app.brasskettle.core.worksheet.InvalidInputException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What a job's record says to the choice and to its price. */
final class JobChoice {

    private static final int POLES_WHEN_UNKNOWN = 4;
    private static final double WORKING_C = 95;
    private static final int EPOCH_YEAR = 1970;
    private static final double SECONDS_OF_A_YEAR = 31_556_952;
    private static final Set<Evidence> AGAINST_BEARINGS =
            Set.of(Evidence.BEARING_DESTROYED, Evidence.BEARING_ROUGH, Evidence.BEARING_FLUTED);

    private final JobRecord job;
    private final JudgedTests tests;
    private final List<Evidence> evidence;

    JobChoice(JobRecord job, JudgedTests tests, List<Evidence> evidence) {
        this.job = job;
        this.tests = tests;
        this.evidence = evidence;
    }

    /** Facts beside money, at {@code now} (seconds of the epoch). */
    ChoiceFacts facts(Optional<RedesignAssessment> redesign, double now) {
        Optional<String> frame = details().flatMap(PlateDetails::frame);
        return new ChoiceFacts(
                condition(),
                job.outageCostPerHour(),
                details().flatMap(PlateDetails::efficiencyPercent),
                details().flatMap(PlateDetails::yearMade),
                EPOCH_YEAR + (int) (now / SECONDS_OF_A_YEAR),
                frame,
                frame.map(FrameName::standard),
                job.concluded(),
                job.earlier().stream()
                        .filter(e -> job.concluded()
                                .filter(e.explanation().label()::equalsIgnoreCase)
                                .isPresent())
                        .map(EarlierFailure::told)
                        .toList(),
                redesign.flatMap(this::afterRepair));
    }

    /** Facts that a price is built from, where the power is known. */
    Optional<PricingFacts> pricing(WindingAssessment winding, boolean rush) {
        Optional<SeatCheckResult> seats =
                tests.current(OpenMotorTests.BEARING_SEATS, 1).flatMap(t -> t.result(SeatCheckResult.class));
        return job.plate()
                .flatMap(Plate::ratedPowerW)
                .map(power -> new PricingFacts(
                        power,
                        job.plate()
                                .map(PlateAssessment::of)
                                .flatMap(PlateAssessment::poles)
                                .orElse(POLES_WHEN_UNKNOWN),
                        details().flatMap(PlateDetails::frame).flatMap(FrameName::shaftHeightMm),
                        details().flatMap(PlateDetails::efficiencyPercent),
                        winding.result().map(WindingResult::copperMassKg),
                        details().stream()
                                .flatMap(d -> Stream.of(d.driveEndBearing(), d.nonDriveEndBearing()))
                                .flatMap(Optional::stream)
                                .toList(),
                        evidence.stream().anyMatch(AGAINST_BEARINGS::contains),
                        (int) seats.stream()
                                .flatMap(s -> s.seats().stream())
                                .filter(s -> s.verdict() == Verdict.STOP)
                                .count(),
                        rush));
    }

    /**
     * Efficiency after the new winding, its resistance predicted before and after by the same computation. Core loss counts as
     * unchanged: at this station nobody has measured it twice.
     */
    private Optional<EfficiencyAfterRepair> afterRepair(RedesignAssessment redesign) {
        Optional<Double> before = ohm(redesign.original());
        Optional<Double> after = ohm(redesign.chosen());
        Optional<Double> efficiency = details().flatMap(PlateDetails::efficiencyPercent);
        Optional<Double> power = job.plate().flatMap(Plate::ratedPowerW);
        Optional<Double> current = job.plate().flatMap(Plate::ratedCurrentA);
        if (Stream.of(before, after, efficiency, power, current).anyMatch(Optional::isEmpty)) {
            return Optional.empty();
        }
        try {
            RepairLosses losses = new RepairLosses(
                    power.get(),
                    efficiency.get(),
                    current.get(),
                    Conductor.COPPER,
                    WORKING_C,
                    before.get(),
                    after.get(),
                    0,
                    0);
            return Optional.of(EfficiencyWorksheet.create().work().apply(losses));
        } catch (InvalidInputException contradicting) {
            // A plate whose efficiency cannot be says nothing of what a repair makes of it; the plate step says what is
            // wrong with it.
            return Optional.empty();
        }
    }

    private static Optional<Double> ohm(Optional<DesignedWinding> winding) {
        return winding.map(DesignedWinding::result).flatMap(WindingResult::terminalOhmAt25C);
    }

    private Optional<PlateDetails> details() {
        return job.plate().flatMap(Plate::details);
    }

    private MotorCondition condition() {
        Optional<Set<String>> facts =
                job.coilMap().map(m -> m.facts().stream().map(MapFact::code).collect(Collectors.toSet()));
        return new MotorCondition(
                job.explosionProtected() && job.certificate().isEmpty(),
                Stream.concat(
                                tests.standing()
                                        .filter(t -> t.current() && !t.kind().checksTester())
                                        .map(t -> new MotorCondition.Test(
                                                t.kind().aspect(),
                                                t.kind().label(),
                                                t.verdict(),
                                                t.effective().headline())),
                                RewindReading.unsoundCore(job, tests).stream()
                                        .map(b -> new MotorCondition.Test(
                                                MotorCondition.Aspect.CORE, "Bare core", Verdict.STOP, b.reason())))
                        .toList(),
                facts,
                job.drying().map(d -> DryingWorksheet.create().work().apply(d).judgement()),
                evidence.contains(Evidence.ROTOR_ALUMINIUM_THROWN));
    }
}
