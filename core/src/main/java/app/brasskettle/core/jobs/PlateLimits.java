package app.brasskettle.core.jobs;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.insulation.InsulationReadings;
import app.brasskettle.core.insulation.InsulationSystem;
import app.brasskettle.core.insulation.TimedReading;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.testkind.AskedVoltage;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.work.WindingState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a plate asks of a winding whatever was read on it: so that a limit cannot be lowered first and measured against then. */
final class PlateLimits {

    private static final double AT_C = 40;
    private static final TimedReading ANY = new TimedReading(60, 100, Optional.empty());

    private final Plate plate;
    private final ShopRules rules;
    private final WindingState winding;

    PlateLimits(Plate plate, ShopRules rules, WindingState winding) {
        this.plate = plate;
        this.rules = rules;
        this.winding = winding;
    }

    /** Says, a sentence each, which limits would be lower by {@code other}; one that the plate does not state is none. */
    List<String> loweredBy(Plate other) {
        PlateLimits then = new PlateLimits(other, rules, winding);
        List<String> lowered = new ArrayList<>();
        for (TestKind kind : TestKinds.all()) {
            Optional<Double> now = voltage(kind);
            then.voltage(kind)
                    .filter(v -> now.filter(n -> Limit.under(v, n)).isPresent())
                    .ifPresent(v -> lowered.add(kind.label() + " is asked at "
                            + Figures.plain(Math.rint(now.orElseThrow()))
                            + " V by the plate that stands; by this one at " + Figures.plain(Math.rint(v)) + " V"));
        }
        Optional<Double> least = leastMegohm();
        then.leastMegohm()
                .filter(m -> least.filter(n -> Limit.under(m, n)).isPresent())
                .ifPresent(m -> lowered.add("The least insulation is " + Figures.plain(least.orElseThrow())
                        + " MΩ by the plate that stands; by this one " + Figures.plain(m) + " MΩ"));
        if (other.insulationClass().ordinal() > plate.insulationClass().ordinal()) {
            lowered.add("The winding may be as hot as class "
                    + plate.insulationClass().code()
                    + " allows by the plate that stands; by this one class "
                    + other.insulationClass().code());
        }
        return List.copyOf(lowered);
    }

    private Optional<Double> voltage(TestKind kind) {
        return plate.ratedVoltageV()
                .flatMap(v -> kind.askedVoltage(v, rules, winding.state()))
                .map(AskedVoltage::lowV);
    }

    private Optional<Double> leastMegohm() {
        return plate.ratedVoltageV()
                .map(v -> rules.insulation(new InsulationReadings(
                                v,
                                plate.windingKind(),
                                InsulationSystem.THERMOSETTING,
                                plate.madeBefore1970(),
                                plate.insulationClass(),
                                AT_C,
                                Optional.empty(),
                                Optional.empty(),
                                List.of(ANY)))
                        .minimumMegohm());
    }
}
