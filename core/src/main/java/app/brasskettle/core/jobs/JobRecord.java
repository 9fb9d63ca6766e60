package app.brasskettle.core.jobs;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.choice.ChoiceSheet;
import app.brasskettle.core.energise.DischargeClock;
import app.brasskettle.core.energise.GateFacts;
import app.brasskettle.core.insulation.InsulationResult;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.resistance.ResistanceResult;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.teardown.CoilMap;
import app.brasskettle.core.winding.WindingResult;
import java.util.List;
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
 * @param isolated auxiliaries named as removed or shorted
 * @param openings what lead hands wrote against limits of the gate
 * @param voltages every direct or surge voltage put on the winding
 * @param proofs proofs of discharge
 * @param worked when the winding was last washed, dried, dipped, opened or put together
 * @param opened true once the winding was opened or rewound
 * @param coilMap the painted stator
 * @param added evidence added by hand
 * @param struck evidence struck by hand
 * @param concluded the conclusion, by name
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
        Set<String> isolated,
        List<GateFacts.Opening> openings,
        List<DischargeClock.Applied> voltages,
        List<DischargeClock.Proof> proofs,
        Optional<Double> worked,
        boolean opened,
        Optional<CoilMap> coilMap,
        List<Evidence> added,
        Set<String> struck,
        Optional<String> concluded,
        Optional<WindingResult> winding,
        Optional<ChoiceSheet> offers,
        Optional<String> chosen) {

    /**
     * A result and when it was taken.
     *
     * @param result the result
     * @param at seconds of the epoch
     */
    public record Taken<R>(R result, double at) {}

    boolean explosionProtected() {
        return plate.filter(Plate::explosionProtected).isPresent();
    }
}
