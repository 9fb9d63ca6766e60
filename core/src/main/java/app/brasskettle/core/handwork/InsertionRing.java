package app.brasskettle.core.handwork;

import app.brasskettle.core.grouping.GroupRing;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The ring of a stator as its coils go in, and where the hands were.
 *
 * <p>Two-layer lap: coil k lies in slot k and in slot k + span, the leading side at the bottom, the trailing one on top of the side
 * that coil k − span left there. The first coils find no bottom side yet and keep one side up until the last ones are in.
 *
 * @param coils one place a slot, by number
 * @param spanSlots coil pitch in slots
 * @param in how many are in
 * @param next slot of the coil to go in next; empty once all are in
 * @param last slot of the coil that went in last
 * @param up coils that keep one side up
 * @param hands where the hands were, in a sentence
 */
public record InsertionRing(
        List<Place> coils,
        int spanSlots,
        int in,
        Optional<Integer> next,
        Optional<Integer> last,
        List<Integer> up,
        String hands) {

    /**
     * Where a coil goes.
     *
     * @param slot of its first side, from 1
     * @param farSlot of its other side
     * @param group its group, from 1
     * @param ofGroup its number in the group, from 1
     * @param barrier whether a phase barrier goes in before it
     * @param done who laid it in, and when; empty while nobody did
     */
    public record Place(int slot, int farSlot, int group, int ofGroup, boolean barrier, Optional<HandDone> done) {}

    /** The ring of a winding as {@code log} left it. */
    public static InsertionRing of(GroupRing ring, int spanSlots, HandLog log) {
        Map<String, HandDone> done = log.standing(HandAct.COIL_IN);
        List<Place> coils = new ArrayList<>();
        for (int group = 0; group < ring.groups().size(); group++) {
            for (int c = 0; c < ring.coils(group); c++) {
                int slot = ring.firstSlot(group) + c;
                coils.add(new Place(
                        slot + 1,
                        (slot + spanSlots) % ring.slots() + 1,
                        group + 1,
                        c + 1,
                        c == 0,
                        Optional.ofNullable(done.get(String.valueOf(slot + 1)))));
            }
        }
        Optional<Integer> last = log.last(HandAct.COIL_IN).map(l -> Integer.parseInt(l.place()));
        Optional<Integer> next = next(coils, last);
        List<Integer> up = coils.stream()
                .filter(c -> c.done().isPresent() && !below(coils, c, spanSlots))
                .map(Place::slot)
                .toList();
        int in = (int) coils.stream().filter(c -> c.done().isPresent()).count();
        return new InsertionRing(List.copyOf(coils), spanSlots, in, next, last, up, hands(coils, in, next, up));
    }

    /** Slots that a coil can be laid into. */
    public Set<String> places() {
        Set<String> places = new LinkedHashSet<>();
        coils.forEach(c -> places.add(String.valueOf(c.slot())));
        return places;
    }

    /** Tells whether every coil is in. */
    public boolean full() {
        return in == coils.size();
    }

    /** The first free slot after the one filled last, round the ring. */
    private static Optional<Integer> next(List<Place> coils, Optional<Integer> last) {
        int from = last.orElse(0);
        for (int k = 0; k < coils.size(); k++) {
            Place place = coils.get((from + k) % coils.size());
            if (place.done().isEmpty()) {
                return Optional.of(place.slot());
            }
        }
        return Optional.empty();
    }

    /** Whether the side that goes under the trailing side of {@code coil} is there. */
    private static boolean below(List<Place> coils, Place coil, int spanSlots) {
        int slot = Math.floorMod(coil.slot() - 1 - spanSlots, coils.size());
        return coils.get(slot).done().isPresent();
    }

    private static String hands(List<Place> coils, int in, Optional<Integer> next, List<Integer> up) {
        if (next.isEmpty()) {
            return "All " + coils.size() + " coils are in";
        }
        Place place = coils.get(next.get() - 1);
        return "Coil " + (in + 1) + " of " + coils.size() + " next: slot " + place.slot() + " to " + place.farSlot()
                + ", group " + place.group()
                + (up.isEmpty()
                        ? ""
                        : "; " + up.size() + (up.size() == 1 ? " coil keeps" : " coils keep") + " one side up");
    }
}
