package app.brasskettle.server.jobs;

import app.brasskettle.core.insulation.InsulationTest;
import app.brasskettle.core.jobs.TesterProof;
import app.brasskettle.core.resistance.ResistanceTest;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.worksheet.Word;

/** Tests of the bench. */
public enum TestKind implements Word {
    TESTER_PROOF(TesterProof.class),
    INSULATION_RESISTANCE(InsulationTest.class),
    WINDING_RESISTANCE(ResistanceTest.class),
    SURGE_COMPARISON(SurgeSet.class);

    private final Class<? extends Record> type;

    TestKind(Class<? extends Record> type) {
        this.type = type;
    }

    /** What the core makes of the readings of a test by the shop's rules. */
    public static Object judge(Record input, ShopRules rules) {
        if (input instanceof InsulationTest t) {
            return rules.insulation(t);
        }
        if (input instanceof ResistanceTest t) {
            return rules.resistance(t);
        }
        if (input instanceof SurgeSet s) {
            return rules.surge(s);
        }
        return ((TesterProof) input).judge();
    }

    /** The record of the core that holds its readings. */
    public Class<? extends Record> type() {
        return type;
    }
}
