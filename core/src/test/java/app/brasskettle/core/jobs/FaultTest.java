package app.brasskettle.core.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.testkind.StopEffect;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.work.Fault;
import app.brasskettle.core.work.Remedy;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.work.WorkDone;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The table "kind of Stop → work that can end it": no Stop without a row, and nothing that cures by the way. */
class FaultTest {

    @Test
    void everyStopHasAKindThatSomethingEnds() {
        for (TestKind kind : TestKinds.all()) {
            if (kind.stop().hold() == StopEffect.Hold.NOTHING) {
                continue;
            }
            Object result =
                    kind.judge(SampleReadings.of(kind), ShopRules.standard()).result();
            Fault fault = kind.stopRule(result, ShopRules.standard()).fault();
            assertThat(fault).as(kind.code()).isNotEqualTo(Fault.TESTER);
            assertThat(fault.remedies().size() + fault.works().size())
                    .as(kind + " has work that ends its Stop")
                    .isPositive();
        }
    }

    @ParameterizedTest
    @EnumSource(Fault.class)
    void nothingIsCuredByTheWay(Fault fault) {
        for (Work work : List.of(Work.OPENED, Work.REASSEMBLED, Work.CAME_BACK, Work.MACHINED, Work.REPAIRED)) {
            assertThat(fault.fits(new WorkDone(work, 0, "M. Orre")))
                    .as(work.code())
                    .isFalse();
        }
        assertThat(fault.fits(repaired(Remedy.SEAL, "drive end")))
                .as("a new seal")
                .isFalse();
    }

    @ParameterizedTest
    @EnumSource(Remedy.class)
    void whatIsPutRightOnAWindingNamesItsPlaceOrEndsNothing(Remedy remedy) {
        for (Fault fault : Fault.values()) {
            assertThat(fault.fits(repaired(remedy, "group 5")))
                    .as(fault + " by " + remedy)
                    .isEqualTo(fault.remedies().contains(remedy));
            assertThat(fault.fits(repaired(remedy, " ")))
                    .as(fault + " by " + remedy + " nowhere")
                    .isEqualTo(fault.remedies().contains(remedy) && !remedy.needsPlace());
        }
    }

    /** What is within a coil outlasts new joints, and no bare repeat ends what kills. */
    @Test
    void dangersEndByTheirOwnWorkOnly() {
        for (Fault danger : List.of(Fault.GROUND, Fault.OPEN_CIRCUIT, Fault.TURN_SHORT, Fault.BREAKDOWN)) {
            assertThat(danger.repeat()).isEqualTo(Fault.Repeat.NEVER);
        }
        for (Fault inside : List.of(Fault.GROUND, Fault.TURN_SHORT, Fault.BREAKDOWN)) {
            assertThat(inside.fits(new WorkDone(Work.RECONNECTED, 0, "M. Orre")))
                    .isFalse();
        }
    }

    private static WorkDone repaired(Remedy remedy, String place) {
        return new WorkDone(Work.REPAIRED, Optional.of(remedy), place, 0, "M. Orre");
    }
}
