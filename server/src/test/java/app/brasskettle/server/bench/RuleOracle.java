package app.brasskettle.server.bench;

import java.util.EnumMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/**
 * What must be so before a motor may run, may be called released, or gets a certificate, told from the calls that were taken and from
 * nothing else. Marks only: it knows no judgement, no table and no word of the answers.
 */
final class RuleOracle {

    /** Kinds of Stop that the calls can find. */
    enum Stop {
        LEAKAGE(true),
        GROUND(false),
        RESISTANCE(true),
        OPEN(false),
        TURNS(false),
        AIR_GAP(true),
        CORE(true),
        VIBRATION(true),
        LOST_PHASE(true);

        private final boolean othersMayAgree;

        Stop(boolean othersMayAgree) {
            this.othersMayAgree = othersMayAgree;
        }
    }

    private static final class Found {
        private boolean fitted;
        private final Set<String> goodBy = new HashSet<>();
    }

    private final Map<Stop, Found> open = new EnumMap<>(Stop.class);
    private final Set<String> signedBy = new HashSet<>();
    private boolean shaftTurned;
    private boolean insulationGood;
    private boolean copperGood;
    private boolean stoodVoltage;
    private boolean surged;
    private boolean ranSince;
    private boolean apart;
    private boolean touched;
    private boolean worked;
    private boolean plateSound = true;
    private boolean lookedAt;

    /** Something other than a signature or a look was recorded: whoever signed, signed for another record. */
    private void changed() {
        signedBy.clear();
    }

    void insulation(boolean good, Stop stop, String by) {
        changed();
        insulationGood = good;
        if (good) {
            good(Stop.LEAKAGE, by);
            good(Stop.GROUND, by);
        } else if (stop != null) {
            found(stop);
        }
    }

    void copper(boolean good, Stop stop, String by) {
        changed();
        copperGood = good;
        if (good) {
            good(Stop.RESISTANCE, by);
            good(Stop.OPEN, by);
        } else if (stop != null) {
            found(stop);
        }
    }

    void surge(boolean good, String by) {
        changed();
        surged = good;
        insulationGood = false;
        if (good) {
            good(Stop.TURNS, by);
        } else {
            found(Stop.TURNS);
        }
    }

    void withstand() {
        changed();
        stoodVoltage = true;
        insulationGood = false;
    }

    void other(Stop stop, boolean good, String by) {
        changed();
        if (good) {
            good(stop, by);
        } else {
            found(stop);
        }
    }

    void ran(boolean good, String by) {
        other(Stop.LOST_PHASE, good, by);
        ranSince = good;
    }

    void shaft(boolean free) {
        changed();
        shaftTurned = free;
    }

    void opened() {
        changed();
        apart = true;
        insulationGood = false;
        surged = false;
        stoodVoltage = false;
        ranSince = false;
    }

    void together() {
        changed();
        apart = false;
        insulationGood = false;
        ranSince = false;
    }

    /** Washing, drying, varnish: the winding is touched, and whatever was read to frame is old. */
    void wetOrHot(boolean turnsToo, boolean apartFor, Stop... fits) {
        changed();
        worked = true;
        touched = true;
        apart |= apartFor;
        insulationGood = false;
        stoodVoltage = false;
        surged &= !turnsToo;
        fit(fits);
    }

    void windingRepaired(Stop... fits) {
        changed();
        worked = true;
        touched = true;
        insulationGood = false;
        copperGood = false;
        stoodVoltage = false;
        surged = false;
        ranSince = false;
        fit(fits);
    }

    void turningRepaired(boolean movesShaft, Stop... fits) {
        changed();
        worked = true;
        insulationGood &= !movesShaft;
        shaftTurned &= !movesShaft;
        ranSince = false;
        fit(fits);
    }

    void plate(boolean sound) {
        changed();
        plateSound = sound;
    }

    void recorded() {
        changed();
    }

    void looked(boolean all) {
        lookedAt = all;
    }

    void signed(String by) {
        signedBy.add(by);
    }

    private void found(Stop stop) {
        open.put(stop, new Found());
        signedBy.clear();
    }

    private void good(Stop stop, String by) {
        Found found = open.get(stop);
        if (found != null) {
            found.goodBy.add(by);
            if (found.fitted || stop.othersMayAgree && found.goodBy.size() > 1) {
                open.remove(stop);
            }
        }
    }

    private void fit(Stop... stops) {
        for (Stop stop : stops) {
            if (open.containsKey(stop)) {
                open.get(stop).fitted = true;
            }
        }
    }

    /** Whether nothing but the day, a lock-out or a release, may hold its power. */
    boolean mayRun() {
        return open.isEmpty()
                && shaftTurned
                && insulationGood
                && copperGood
                && !apart
                && plateSound
                && (!touched || stoodVoltage && surged);
    }

    /** Whether it may be called released: proved by its work, signed by as many as that asks, for the record as it is. */
    boolean mayBeReleased() {
        return mayRun() && lookedAt && signedBy.size() >= (touched ? 2 : 1) && (!worked || ranSince);
    }

    @Override
    public String toString() {
        return "open " + open.keySet() + ", shaft " + shaftTurned + ", insulation " + insulationGood + ", copper "
                + copperGood + ", stood " + stoodVoltage + ", surged " + surged + ", apart " + apart + ", touched "
                + touched + ", plate " + plateSound + ", signed " + signedBy;
    }
}
