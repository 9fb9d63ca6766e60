package app.brasskettle.core.windingtake;

import app.brasskettle.core.connection.ConnectionSheet;
import app.brasskettle.core.signature.SecondLook;
import java.util.Optional;

/**
 * What a job has on record of its winding.
 *
 * @param first the take
 * @param second the take by another person
 * @param settled the last word on them, by name
 * @param connection what leaves the winding, and its joints as found
 * @param strippedOutKg what came out of the stator, weighed before and after
 */
public record WindingRecord(
        Optional<Taken> first,
        Optional<Taken> second,
        Optional<Settlement> settled,
        Optional<ConnectionSheet> connection,
        Optional<Double> strippedOutKg) {

    /**
     * A take with who wrote it.
     *
     * @param take what it says
     * @param by who wrote it last
     * @param version its version
     * @param at when that was, seconds of the epoch
     */
    public record Taken(WindingTake take, String by, int version, double at) {}

    /**
     * The data of a winding settled by name.
     *
     * @param by who settled it
     * @param reason why it was settled without a second take, or against a check; empty where nothing stood against it
     * @param firstVersion version of the take it is about, 0 for none
     * @param secondVersion version of the second take, 0 for none
     */
    public record Settlement(String by, String reason, int firstVersion, int secondVersion) {}

    /** Returns the opening of a slot in mm, where the first take has it. */
    public Optional<Double> slotOpeningMm() {
        return first.flatMap(t -> t.take().slot())
                .flatMap(SlotShape::openingWidthM)
                .map(m -> 1000 * m);
    }

    /** Nothing on record. */
    public static WindingRecord none() {
        return new WindingRecord(
                Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** Returns the same with another first take, not kept yet. */
    public WindingRecord withFirst(WindingTake take) {
        return new WindingRecord(Optional.of(unsaved(take, first)), second, settled, connection, strippedOutKg);
    }

    /** Returns the same with another second take, not kept yet. */
    public WindingRecord withSecond(WindingTake take) {
        return new WindingRecord(first, Optional.of(unsaved(take, second)), settled, connection, strippedOutKg);
    }

    /** A version that was never kept, so that no settlement stands on it. */
    private static Taken unsaved(WindingTake take, Optional<Taken> kept) {
        return new Taken(
                take, kept.map(Taken::by).orElse(""), -1, kept.map(Taken::at).orElse(0.0));
    }

    /** Tells whether the second take is no second look at the winding: of the same hand, as the first stood when it was written. */
    boolean sameHand(SecondLook look) {
        return first.flatMap(f -> second.filter(s -> !look.counts(f.by(), f.at(), s.by(), s.at())))
                .isPresent();
    }

    int firstVersion() {
        return first.map(Taken::version).orElse(0);
    }

    int secondVersion() {
        return second.map(Taken::version).orElse(0);
    }

    /** Returns the settlement while the takes are those it was about. */
    Optional<Settlement> standing() {
        return settled.filter(s -> s.firstVersion() == firstVersion() && s.secondVersion() == secondVersion());
    }
}
