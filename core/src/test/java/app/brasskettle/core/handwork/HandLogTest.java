package app.brasskettle.core.handwork;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.worksheet.InvalidInputException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** Taps in any order by anybody: what stands is what was done last, nothing is done twice, and the ring knows where the hands were. */
class HandLogTest {

    private static final int SLOTS = 36;
    private static final int SPAN = 8;

    private static GroupRing ring() {
        return GroupRing.of(SLOTS, 4, Optional.empty());
    }

    @Test
    void anySequenceOfTapsKeepsTheRing() {
        Random random = new Random(5);
        for (int n = 0; n < 60; n++) {
            List<HandDone> acts = new ArrayList<>();
            Set<Integer> in = new TreeSet<>();
            for (int tap = 0; tap < 90; tap++) {
                int slot = 1 + random.nextInt(SLOTS);
                HandAct act = random.nextInt(4) == 0 ? HandAct.COIL_OUT : HandAct.COIL_IN;
                boolean fits = act == HandAct.COIL_IN ? !in.contains(slot) : in.contains(slot);
                HandLog log = new HandLog(acts);
                InsertionRing before = InsertionRing.of(ring(), SPAN, log);
                assertThat(follows(log, act, slot, before)).isEqualTo(fits);
                if (fits) {
                    acts.add(new HandDone(act, String.valueOf(slot), tap % 2 == 0 ? "A" : "B", tap));
                    boolean ignored = act == HandAct.COIL_IN ? in.add(slot) : in.remove(slot);
                }
                check(InsertionRing.of(ring(), SPAN, new HandLog(acts)), in);
            }
        }
    }

    private static boolean follows(HandLog log, HandAct act, int slot, InsertionRing ring) {
        try {
            log.mayFollow(act, String.valueOf(slot), ring.places());
            return true;
        } catch (InvalidInputException refused) {
            assertThat(refused.problems()).extracting(p -> p.field()).containsExactly("place");
            return false;
        }
    }

    private static void check(InsertionRing ring, Set<Integer> in) {
        assertThat(ring.in()).isEqualTo(in.size());
        assertThat(ring.full()).isEqualTo(in.size() == SLOTS);
        ring.next().ifPresent(next -> assertThat(in).doesNotContain(next));
        assertThat(ring.next().isEmpty()).isEqualTo(in.size() == SLOTS);
        for (InsertionRing.Place place : ring.coils()) {
            int below = Math.floorMod(place.slot() - 1 - SPAN, SLOTS) + 1;
            assertThat(ring.up().contains(place.slot())).isEqualTo(in.contains(place.slot()) && !in.contains(below));
        }
    }

    /** Laid in one after the other, as many coils keep a side up as the span has slots, until the last ones close the throw. */
    @Test
    void theLiftedThrowIsTheSpan() {
        List<HandDone> acts = new ArrayList<>();
        for (int slot = 1; slot <= SLOTS; slot++) {
            acts.add(new HandDone(HandAct.COIL_IN, String.valueOf(slot), "A", slot));
            InsertionRing ring = InsertionRing.of(ring(), SPAN, new HandLog(acts));
            int open = Math.min(slot, Math.min(SPAN, SLOTS - slot));
            assertThat(ring.up()).as("after slot " + slot).hasSize(open);
        }
        assertThat(InsertionRing.of(ring(), SPAN, new HandLog(acts)).hands()).isEqualTo("All 36 coils are in");
    }

    @Test
    void whatWasDoneBeforeStrippingIsHistory() {
        HandLog log = new HandLog(
                List.of(new HandDone(HandAct.COIL_IN, "1", "A", 10), new HandDone(HandAct.COIL_IN, "2", "A", 30)));
        assertThat(log.since(20).standing(HandAct.COIL_IN)).containsOnlyKeys("2");
    }

    @Test
    void aPlaceThatIsNotThereIsNamed() {
        assertThat(Refusals.of(() -> HandLog.empty().mayFollow(HandAct.JOINT_BRAZED, "S1 F9", Set.of("T1 S1")))
                        .get(0)
                        .message())
                .contains("S1 F9", "T1 S1");
    }
}
