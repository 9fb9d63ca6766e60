package app.brasskettle.core.surge;

import app.brasskettle.core.worksheet.Coded;

/** What two traces are compared: two phases, or two pulses of rising voltage on one phase. */
public enum SurgeKind implements Coded {
    PHASE_TO_PHASE,
    PULSE_TO_PULSE
}
