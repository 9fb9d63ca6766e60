package app.brasskettle.core.work;

import app.brasskettle.core.worksheet.Coded;

/** Tests that the same work harms or mends, since they look at the same part of a motor. */
public enum TestGroup implements Coded {
    /** The tester itself. */
    TESTER,
    /** Insulation to frame, whole or by circuit. */
    INSULATION,
    /** Copper and joints: resistances, continuity of the leads, polarity. */
    COPPER,
    /** Turn to turn: inductance balance, surge. */
    TURNS,
    /** High voltage to frame: withstand, step voltage. */
    PROOF,
    /** The stator core. */
    CORE,
    /** Protector, start switch, capacitors. */
    GEAR,
    /** Fits, gaps, shaft and rotor as measured. */
    MECHANICS,
    /** Whatever is read while it turns on power. */
    RUN
}
