package app.brasskettle.core.jobs;

import app.brasskettle.core.work.Work;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.Set;

/**
 * What must be so before a motor may run freely, told a second time and another way: plain marks that each deed sets or clears,
 * knowing nothing of judgements, caveats and rows. Written from the rules of the trade, not from the gate.
 */
final class SafetyOracle {

    /** One kind of Stop that was found: what answers it is counted from the last time it was found. */
    private static final class Found {
        private final boolean othersMayAgree;
        private boolean open;
        private boolean fitted;
        private final Set<String> goodBy = new HashSet<>();

        Found(boolean othersMayAgree) {
            this.othersMayAgree = othersMayAgree;
        }

        void stop() {
            open = true;
            fitted = false;
            goodBy.clear();
        }

        void fit() {
            fitted = open;
        }

        void good(String by) {
            goodBy.add(by);
            if (fitted || othersMayAgree && goodBy.size() > 1) {
                open = false;
            }
        }

        void gone() {
            open = false;
        }
    }

    private static final Set<Work> TOUCH_THE_COPPER = EnumSet.of(
            Work.REPAIRED, Work.RECONNECTED, Work.PARTLY_REWOUND, Work.STRIPPED, Work.REWOUND, Work.CAME_BACK);
    private static final Set<Work> LEAVE_THE_TURNS = EnumSet.of(Work.REASSEMBLED, Work.MACHINED, Work.DRIED);
    private static final Set<Work> LEAVE_THE_WALL = EnumSet.of(Work.REASSEMBLED, Work.MACHINED);
    private static final Set<Work> LEAVE_THE_WINDING =
            EnumSet.of(Work.OPENED, Work.MACHINED, Work.REASSEMBLED, Work.CAME_BACK);
    private static final Set<Work> NEED_IT_APART =
            EnumSet.of(Work.OPENED, Work.DIPPED, Work.BAKED, Work.PARTLY_REWOUND, Work.STRIPPED, Work.REWOUND);
    private static final Set<Work> DRY_OR_CLEAN = EnumSet.of(Work.WASHED, Work.DRIED, Work.BAKED);
    private static final Set<Work> JOIN_IT_ANEW =
            EnumSet.of(Work.RECONNECTED, Work.PARTLY_REWOUND, Work.STRIPPED, Work.REWOUND);
    private static final double DAY = 16 * Story.HOUR;

    private final Found leakage = new Found(true);
    private final Found ground = new Found(false);
    private final Found unequalCopper = new Found(true);
    private final Found shortedTurns = new Found(false);
    private final Found hotCore = new Found(true);
    private final Found lostPhase = new Found(true);
    private double testerProvedAt = Double.NEGATIVE_INFINITY;
    private boolean here = true;
    private boolean wound = true;
    private boolean apart;
    private boolean turnsFreely;
    private boolean insulationGood;
    private boolean copperGood;
    private boolean opened;
    private boolean stoodHighVoltage;
    private boolean surged;
    private boolean coreToMeasure;
    private boolean broken;
    private boolean repairedSinceBreakdown;
    private boolean runLost;
    private boolean stalled;
    private boolean lastStartStopped;
    private double stalledAt = Double.NEGATIVE_INFINITY;
    private double dischargedAt = Double.NEGATIVE_INFINITY;
    private double lockedOutAt = Double.NEGATIVE_INFINITY;
    private boolean lockOutOff = true;
    private double releasedAt = Double.NEGATIVE_INFINITY;
    private boolean releasedUnderLockOut;

    void shaft(boolean free) {
        turnsFreely = free;
    }

    void lockOut(double now) {
        lockedOutAt = now;
        lockOutOff = false;
        releasedUnderLockOut = false;
    }

    void endLockOut() {
        lockOutOff = true;
    }

    void release(double now) {
        releasedAt = now;
        releasedUnderLockOut = lockedOutAt > Double.NEGATIVE_INFINITY;
    }

    private void stopped() {
        releasedAt = Double.NEGATIVE_INFINITY;
    }

    void proveTester(double now) {
        testerProvedAt = now;
    }

    private boolean testerProved(double now) {
        return now - testerProvedAt < DAY;
    }

    /** An insulation test that was made here at the voltage and for the time that is asked, with a good figure. */
    void insulationGood(double now, String by) {
        // The story's readings say 40 °C, which a winding that stalled within the hour is not.
        boolean believed = testerProved(now) && now - stalledAt >= Story.HOUR;
        insulationGood = wound && believed;
        if (believed) {
            stalled = false;
            leakage.good(by);
            ground.good(by);
        }
        voltage(now, 60);
    }

    void insulationLow(double now, boolean dead) {
        insulationGood = false;
        if (testerProved(now) && now - stalledAt >= Story.HOUR) {
            stalled = false;
        }
        if (dead) {
            ground.stop();
        } else if (testerProved(now)) {
            leakage.stop();
        }
        stopped();
        voltage(now, 60);
    }

    /** At another voltage than the one asked: nothing is proved by it. */
    void insulationProvesNothing(double now) {
        insulationGood = false;
        voltage(now, 60);
    }

    void copper(double now, boolean good, String by) {
        boolean believed = now - stalledAt >= Story.HOUR;
        copperGood = good && believed;
        if (good && believed) {
            unequalCopper.good(by);
        } else if (!good) {
            unequalCopper.stop();
            stopped();
        }
    }

    void surge(double now, boolean shorted, String by) {
        surged = !shorted;
        insulationGood = false;
        if (shorted) {
            shortedTurns.stop();
            stopped();
        } else {
            shortedTurns.good(by);
        }
        voltage(now, 15);
    }

    /** Direct voltage to frame at the level asked; a repeat after a repair at that level answers a breakdown. */
    void withstand(double now, boolean broke) {
        insulationGood = false;
        stoodHighVoltage = !broke;
        if (broke) {
            broken = true;
            repairedSinceBreakdown = false;
            stopped();
        } else if (repairedSinceBreakdown) {
            broken = false;
        }
        voltage(now, 60);
    }

    void core(boolean good, String by) {
        coreToMeasure = !good;
        if (good) {
            hotCore.good(by);
        } else {
            hotCore.stop();
            stopped();
        }
    }

    void start(double now, boolean stall) {
        stalledAt = stall ? now : stalledAt;
        stalled = stall;
        lastStartStopped = stall;
        lockOutOff = true;
    }

    void run(boolean lost, String by) {
        runLost = lost;
        if (lost) {
            lostPhase.stop();
            stopped();
        } else {
            lostPhase.good(by);
        }
        lockOutOff = true;
    }

    void leave() {
        here = false;
    }

    void work(Work work) {
        worked();
        stoodHighVoltage &= LEAVE_THE_WALL.contains(work);
        surged &= LEAVE_THE_TURNS.contains(work);
        copperGood &= !TOUCH_THE_COPPER.contains(work);
        opened |= !LEAVE_THE_WINDING.contains(work);
        apart = NEED_IT_APART.contains(work) || apart && work != Work.REASSEMBLED;
        turnsFreely &= work != Work.MACHINED && work != Work.CAME_BACK;
        if (DRY_OR_CLEAN.contains(work)) {
            leakage.fit();
        }
        if (JOIN_IT_ANEW.contains(work)) {
            unequalCopper.fit();
            lostPhase.fit();
        }
        if (work == Work.PARTLY_REWOUND) {
            leakage.fit();
            ground.fit();
            shortedTurns.fit();
            repairedSinceBreakdown = true;
        }
        if (work == Work.STRIPPED || work == Work.REWOUND) {
            leakage.gone();
            ground.gone();
            unequalCopper.gone();
            shortedTurns.gone();
            broken = false;
        }
        if (work == Work.STRIPPED || work == Work.REWOUND && wound) {
            coreToMeasure = true;
        }
        wound = work == Work.REWOUND || work == Work.PARTLY_REWOUND || wound && work != Work.STRIPPED;
        if (work == Work.CAME_BACK) {
            here = true;
            lockedOutAt = Double.NEGATIVE_INFINITY;
        }
    }

    /** Coils, joints, leads, insulation in the slot: what part of them the Stop was of decides whether it is cured. */
    void repairWinding(boolean coil, boolean joint, boolean lead, boolean slot) {
        worked();
        copperGood = false;
        surged = false;
        stoodHighVoltage = false;
        opened = true;
        if (coil || joint || lead) {
            unequalCopper.fit();
            lostPhase.fit();
        }
        if (coil || joint) {
            shortedTurns.fit();
        }
        if (coil || joint || slot) {
            repairedSinceBreakdown = true;
        }
        if (coil || lead || slot) {
            leakage.fit();
            ground.fit();
        }
    }

    void repairCore() {
        worked();
        surged = false;
        stoodHighVoltage = false;
        opened = true;
        coreToMeasure = true;
        hotCore.fit();
    }

    void newBearing() {
        worked();
        turnsFreely = false;
    }

    /** What feeds it: its own tests stand. */
    void mendSupply() {
        releasedAt = Double.NEGATIVE_INFINITY;
        lostPhase.fit();
    }

    private void worked() {
        insulationGood = false;
        releasedAt = Double.NEGATIVE_INFINITY;
    }

    private void voltage(double now, double seconds) {
        dischargedAt = Math.max(dischargedAt, now + 4 * seconds);
    }

    /** Whether a motor in this state may run freely. */
    boolean mayRun(double now) {
        boolean lockedOut = now - lockedOutAt < DAY && (!lockOutOff || releasedUnderLockOut);
        boolean released = now - releasedAt < DAY;
        boolean nothingFound = !leakage.open
                && !ground.open
                && !unequalCopper.open
                && !shortedTurns.open
                && !hotCore.open
                && !lostPhase.open
                && !broken;
        return here
                && wound
                && !apart
                && turnsFreely
                && insulationGood
                && copperGood
                && (!opened || stoodHighVoltage && surged && !coreToMeasure)
                && nothingFound
                && !runLost
                && !stalled
                && !lastStartStopped
                && now >= dischargedAt
                && lockedOut
                && released;
    }
}
