package app.brasskettle.core.jobs;

import app.brasskettle.core.cause.EarlierFailure;
import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.cause.Explanation;
import app.brasskettle.core.choice.ChoiceSheet;
import app.brasskettle.core.choice.ChosenOption;
import app.brasskettle.core.connection.ConnectionScheme;
import app.brasskettle.core.drying.DryingCurve;
import app.brasskettle.core.energise.GateFacts;
import app.brasskettle.core.energise.PowerRecord;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.quote.QuoteReply;
import app.brasskettle.core.redesign.RedesignSheet;
import app.brasskettle.core.release.ReleaseRecord;
import app.brasskettle.core.rewind.RewindRecord;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.teardown.CoilMap;
import app.brasskettle.core.testrecord.MotorTimeline;
import app.brasskettle.core.windingtake.WindingAssessment;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Everything recorded on one job that the core reads.
 *
 * @param arrival as it came in, with when and how that was recorded
 * @param plates every version of its nameplate, the one that stands last
 * @param certificate the shop's certificate for explosion-protected motors, while it is valid
 * @param rules the shop's rules
 * @param demonstration true where the shop's simulated instruments are on
 * @param routing where it departs from the usual order
 * @param outageCostPerHour what an hour without the machine costs
 * @param timeline tests, work and overrulings, in the order of time
 * @param power what was done around power by name
 * @param apart what was written down while it was taken apart
 * @param coilMap the painted stator
 * @param added evidence added by hand
 * @param struck evidence struck by hand
 * @param concluded the conclusion, by name
 * @param closed what started the failures of this shop’s closed jobs, counted
 * @param earlier what the same motor failed of on earlier visits, newest first
 * @param winding what the takes of its winding and its joints come to
 * @param leaving what leaves the winding, where somebody said
 * @param coilSets the winding taken coil by coil
 * @param redesign what the new winding is wanted for
 * @param offers the options as priced
 * @param chosen what the customer chose
 * @param reply what the customer said last to a quote, while nothing was done about it
 * @param drying readings while a wet winding dries
 * @param rewind what was done since the answer
 * @param release what is on record of its way out
 */
public record JobRecord(
        Optional<Received> arrival,
        List<PlateVersion> plates,
        Optional<String> certificate,
        ShopRules rules,
        boolean demonstration,
        Routing routing,
        double outageCostPerHour,
        MotorTimeline timeline,
        PowerRecord power,
        TakenApart apart,
        Optional<CoilMap> coilMap,
        List<Evidence> added,
        Set<String> struck,
        Optional<String> concluded,
        Map<Explanation, Integer> closed,
        List<EarlierFailure> earlier,
        WindingAssessment winding,
        Optional<ConnectionScheme> leaving,
        Optional<CoilsTaken> coilSets,
        Optional<RedesignSheet> redesign,
        Optional<ChoiceSheet> offers,
        Optional<ChosenOption> chosen,
        Optional<QuoteReply> reply,
        Optional<DryingCurve> drying,
        RewindRecord rewind,
        ReleaseRecord release) {

    /**
     * The arrival sheet as it stands.
     *
     * @param sheet what it says
     * @param at when it was last written, seconds of the epoch
     * @param elsewhere true when a file brought it
     */
    public record Received(Arrival sheet, double at, boolean elsewhere) {}

    /**
     * A version of the nameplate.
     *
     * @param plate what it says
     * @param at when it was written, seconds of the epoch
     * @param by who wrote it
     */
    public record PlateVersion(Plate plate, double at, String by) {}

    public JobRecord {
        plates = List.copyOf(plates);
    }

    /** The plate that stands now. */
    public Optional<Plate> plate() {
        return plates.isEmpty()
                ? Optional.empty()
                : Optional.of(plates.get(plates.size() - 1).plate());
    }

    /** The arrival sheet alone. */
    public Optional<Arrival> arrived() {
        return arrival.map(Received::sheet);
    }

    /** Tells whether the shaft is bound by the last record of it, with no work since that frees a shaft. */
    public boolean shaftBound() {
        return shaft().filter(s -> !s.free())
                .filter(s -> timeline.works().stream().noneMatch(w -> w.at() > s.at() && w.movesShaft()))
                .isPresent();
    }

    /** The last record of the shaft: as it came, or as somebody turned it since; empty where nobody has. */
    public Optional<GateFacts.Shaft> shaft() {
        Optional<GateFacts.Shaft> arrived = arrival.flatMap(
                r -> r.sheet().turnsFreely().map(free -> new GateFacts.Shaft(free, r.at(), r.elsewhere())));
        return power.shaftTurned()
                .filter(t -> arrived.filter(a -> a.at() > t.at()).isEmpty())
                .or(() -> arrived);
    }

    boolean fedByDrive() {
        return arrived()
                .flatMap(Arrival::circumstances)
                .flatMap(Circumstances::feed)
                .filter(f -> f == Circumstances.Feed.DRIVE)
                .isPresent();
    }

    boolean singlePhase() {
        return plate().filter(p -> p.phases() == 1).isPresent();
    }

    /** Speeds the plate names, 1 or 2. */
    int speeds() {
        return plate().flatMap(Plate::secondSpeed).isPresent() ? 2 : 1;
    }

    boolean explosionProtected() {
        return plate().filter(Plate::explosionProtected).isPresent();
    }
}
