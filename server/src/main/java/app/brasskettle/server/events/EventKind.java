package app.brasskettle.server.events;

import app.brasskettle.core.worksheet.Coded;

/** What is done on a job by name, at a moment. */
public enum EventKind implements Coded {
    LOCKED_OUT,
    LOCK_OUT_ENDED,
    VOLTAGE_APPLIED,
    DISCHARGE_PROVED,
    ISOLATED,
    WORKED,
    EVIDENCE_ADDED,
    EVIDENCE_STRUCK,
    EVIDENCE_RESTORED,
    CONCLUDED,
    QUOTE_ISSUED,
    QUOTE_ANSWERED,
    CHOSEN,
    SET_DOWN,
    PICKED_UP,
    SKIPPED,
    TAKEN_UP,
    SENT_BACK,
    HELD,
    RESUMED,
    LEFT,
    CAME_BACK,
    LIMIT_WAIVED,
    CONTRADICTION_SETTLED,
    EDIT_REASONED,
    OVERRULED,
    WINDING_SETTLED,
    RUN_RELEASED,
    SHAFT_TURNED,
    TEST_MISREAD,
    PLATE_STAMPED,
    PART_REFITTED,
    PART_LEFT_OUT,
    PART_OFF_AGAIN,
    HAND_DONE,
    TASK_STARTED,
    TASK_STOPPED
}
