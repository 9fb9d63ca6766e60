package app.brasskettle.core.jobs;

import app.brasskettle.core.work.Work;
import java.util.EnumSet;
import java.util.Set;

/**
 * What must be so before a motor may run freely, told a second time and another way: plain marks that each deed sets or clears,
 * knowing nothing of judgements, caveats and rows. Written from the rules of the trade, not from the gate.
 */
final class SafetyOracle {

    private static final Set<Work> TOUCH_THE_COPPER = EnumSet.of(
            Work.REPAIRED, Work.RECONNECTED, Work.PARTLY_REWOUND, Work.STRIPPED, Work.REWOUND, Work.CAME_BACK);
    private static final Set<Work> REPAIRS = EnumSet.of(Work.REPAIRED, Work.PARTLY_REWOUND, Work.REWOUND);
    private static final Set<Work> NEW_WINDING =
            EnumSet.of(Work.STRIPPED, Work.REWOUND, Work.PARTLY_REWOUND, Work.RECONNECTED);
    private static final Set<Work> OVERHAUL_WHAT_TURNS = EnumSet.of(
            Work.MACHINED,
            Work.REASSEMBLED,
            Work.REPAIRED,
            Work.RECONNECTED,
            Work.PARTLY_REWOUND,
            Work.STRIPPED,
            Work.REWOUND);
    private static final double DAY = 16 * Story.HOUR;

    private boolean here = true;
    private boolean wound = true;
    private boolean turnsFreely;
    private boolean insulationGood;
    private boolean copperGood;
    private boolean opened;
    private boolean stoodHighVoltage;
    private boolean surged;
    private boolean turnsShorted;
    private boolean coreInDoubt;
    private boolean broken;
    private boolean repairedSinceBreakdown;
    private boolean lostPhase;
    private boolean stalled;
    private boolean lastStartStopped;
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

    /** An insulation test that was made here; {@code good} when voltage, time and figure are what is asked. */
    void insulation(double now, boolean good) {
        insulationGood = good && wound;
        stalled &= !good;
        voltage(now, 60);
    }

    /** A reading that proves nothing here took the place of the test. */
    void insulationFromElsewhere() {
        insulationGood = false;
    }

    void copper(boolean good) {
        copperGood = good;
    }

    void surge(double now, boolean shorted) {
        surged = !shorted;
        turnsShorted = shorted;
        insulationGood = false;
        voltage(now, 15);
    }

    /** Direct voltage to frame at the level asked; a repeat after a repair at that level answers a breakdown. */
    void withstand(double now, boolean broke) {
        insulationGood = false;
        stoodHighVoltage = !broke;
        if (broke) {
            broken = true;
            repairedSinceBreakdown = false;
        } else if (repairedSinceBreakdown) {
            broken = false;
        }
        voltage(now, 60);
    }

    void core(boolean good) {
        coreInDoubt = !good;
    }

    void start(boolean stall) {
        stalled = stall;
        lastStartStopped = stall;
        lockOutOff = true;
    }

    void run(boolean lost) {
        lostPhase = lost;
        lockOutOff = true;
    }

    void leave() {
        here = false;
    }

    void work(Work work) {
        insulationGood = false;
        stoodHighVoltage &= work == Work.REASSEMBLED || work == Work.MACHINED;
        surged &= work == Work.REASSEMBLED || work == Work.MACHINED || work == Work.DRIED;
        copperGood &= !TOUCH_THE_COPPER.contains(work);
        opened |= work != Work.CAME_BACK;
        releasedAt = Double.NEGATIVE_INFINITY;
        if (REPAIRS.contains(work)) {
            repairedSinceBreakdown = true;
        }
        if (NEW_WINDING.contains(work)) {
            broken = false;
            turnsShorted = false;
        }
        if (work == Work.REPAIRED) {
            turnsShorted = false;
        }
        if (work == Work.STRIPPED || work == Work.REWOUND && wound) {
            coreInDoubt = true;
        }
        if (OVERHAUL_WHAT_TURNS.contains(work)) {
            stalled = false;
            lastStartStopped = false;
        }
        wound = work == Work.REWOUND || work == Work.PARTLY_REWOUND || wound && work != Work.STRIPPED;
        if (work == Work.CAME_BACK) {
            here = true;
            turnsFreely = false;
            lockedOutAt = Double.NEGATIVE_INFINITY;
        }
    }

    private void voltage(double now, double seconds) {
        dischargedAt = Math.max(dischargedAt, now + 4 * seconds);
    }

    /** Whether a motor in this state may run freely. */
    boolean mayRun(double now) {
        boolean lockedOut = now - lockedOutAt < DAY && (!lockOutOff || releasedUnderLockOut);
        boolean released = now - releasedAt < DAY;
        boolean opening = !opened || stoodHighVoltage && surged && !coreInDoubt;
        return here
                && wound
                && turnsFreely
                && insulationGood
                && copperGood
                && opening
                && !coreInDoubt
                && !turnsShorted
                && !broken
                && !lostPhase
                && !stalled
                && !lastStartStopped
                && now >= dischargedAt
                && lockedOut
                && released;
    }
}
