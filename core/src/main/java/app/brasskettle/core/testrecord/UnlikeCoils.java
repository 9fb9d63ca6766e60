package app.brasskettle.core.testrecord;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.surge.SurgeOutcome;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import java.util.List;
import java.util.Optional;

/**
 * A surge that finds coils unlike by construction, beside what settles it: rising pulses that the winding stands and three resistances
 * alike, both of its present state (IEEE Std 522, pulse to pulse; shop rule).
 */
final class UnlikeCoils {

    private final List<JudgedTest> tests;

    UnlikeCoils(List<JudgedTest> tests) {
        this.tests = tests;
    }

    List<JudgedTest> settled() {
        return tests.stream().map(this::settled).toList();
    }

    private JudgedTest settled(JudgedTest surge) {
        boolean asks = surge.test().standing()
                && surge.proves()
                && surge.verdict() == Verdict.UNPROVEN
                && surge.result(SurgeOutcome.class)
                        .filter(o -> o.finding() == SurgeOutcome.Finding.UNLIKE_COILS)
                        .isPresent();
        Optional<JudgedTest> rising = standing(WindingTests.SURGE_RISE, 1);
        Optional<JudgedTest> ohms = standing(WindingTests.WINDING_RESISTANCE, surge.speed());
        return asks && rising.isPresent() && ohms.isPresent()
                ? surge.settledAs(new Judgement(
                        Verdict.HOLDS,
                        "Coils unlike by construction, and sound: "
                                + rising.get().own().headline(),
                        surge.own().headline() + ". Resistances: "
                                + ohms.get().own().headline(),
                        surge.own().source(),
                        "Take insulation to frame once more."))
                : surge;
    }

    private Optional<JudgedTest> standing(TestKind kind, int speed) {
        return tests.stream()
                .filter(t -> t.kind() == kind && t.speed() == speed && t.current() && t.proves())
                .filter(t -> t.verdict() == Verdict.HOLDS)
                .findFirst();
    }
}
