package app.brasskettle.core.jobs;

import app.brasskettle.core.cause.EarlierFailure;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.cause.Explanation;
import app.brasskettle.core.choice.ChoiceSheet;
import app.brasskettle.core.energise.DischargeClock;
import app.brasskettle.core.energise.GateFacts;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.teardown.CoilMap;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.WindingResult;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Everything recorded on one job that the core reads, each test as it stands (superseded ones left out).
 *
 * @param arrival as it came in
 * @param plate its nameplate, read, doubted or estimated
 * @param certificate the shop's certificate for explosion-protected motors, while it is valid
 * @param rules the shop's rules
 * @param course where it departs from the usual order
 * @param outageCostPerHour what an hour without the machine costs
 * @param lockedOut who proved the supply dead, and when
 * @param testerProof the last proof of the insulation tester
 * @param insulation the insulation test
 * @param resistance the resistance test
 * @param surge the surge test
 * @param further the other bench tests, as they stand
 * @param overrulings verdicts lead hands wrote over those of the limits
 * @param overdue tests read by an instrument whose calibration had run out
 * @param released when it was last released to run, by name
 * @param isolated auxiliaries named as removed or shorted
 * @param openings what lead hands wrote against limits of the gate
 * @param voltages every direct or surge voltage put on the winding
 * @param proofs proofs of discharge
 * @param worked when the winding was last washed, dried, dipped, opened or put together
 * @param opened true once the winding was opened or rewound
 * @param apart what was written down while it was taken apart
 * @param coilMap the painted stator
 * @param added evidence added by hand
 * @param struck evidence struck by hand
 * @param concluded the conclusion, by name
 * @param closed what started the failures of this shop’s closed jobs, counted
 * @param earlier what the same motor failed of on earlier stays, newest first
 * @param winding what the winding data imply
 * @param offers the options as priced
 * @param chosen the choice, by name
 */
public record JobRecord(
        Optional<Arrival> arrival,
        Optional<Plate> plate,
        Optional<String> certificate,
        ShopRules rules,
        Course course,
        double outageCostPerHour,
        Optional<String> lockedOut,
        Optional<Taken<TesterProof>> testerProof,
        Optional<Taken<InsulationResult>> insulation,
        Optional<Taken<ResistanceResult>> resistance,
        Optional<Taken<SurgeSet.Outcome>> surge,
        List<FurtherTest> further,
        List<Overruling> overrulings,
        List<Overdue> overdue,
        Optional<Double> released,
        Set<String> isolated,
        List<GateFacts.Opening> openings,
        List<DischargeClock.Applied> voltages,
        List<DischargeClock.Proof> proofs,
        Optional<Double> worked,
        boolean opened,
        TakenApart apart,
        Optional<CoilMap> coilMap,
        List<Evidence> added,
        Set<String> struck,
        Optional<String> concluded,
        Map<Explanation, Integer> closed,
        List<EarlierFailure> earlier,
        Optional<WindingResult> winding,
        Optional<ChoiceSheet> offers,
        Optional<String> chosen) {

    static final String INSULATION = "bench/insulation";
    static final String RESISTANCE = "bench/resistance";
    static final String SURGE = "bench/surge";

    /**
     * A result and when it was taken.
     *
     * @param result the result
     * @param at seconds of the epoch
     */
    public record Taken<R>(R result, double at) {}

    /** A test's own judgement, or what a lead hand made of it. */
    public Judgement said(String step, double at, Judgement own) {
        return Overruling.said(overrulings, step, at, Overdue.believed(overdue, step, at, own));
    }

    /** The judgement of a test that gates go by: a Stop stays one, whoever read it. */
    Judgement forGate(String step, double at, Judgement own) {
        Judgement believed = own.verdict() == Verdict.STOP ? own : Overdue.believed(overdue, step, at, own);
        return Overruling.forGate(overrulings, step, at, believed);
    }

    boolean fedByDrive() {
        return arrival.flatMap(Arrival::circumstances)
                .flatMap(Circumstances::feed)
                .filter(f -> f == Circumstances.Feed.DRIVE)
                .isPresent();
    }

    boolean explosionProtected() {
        return plate.filter(Plate::explosionProtected).isPresent();
    }
}
