package app.brasskettle.core.catalogue;

import app.brasskettle.core.insulation.TestVoltage;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.surge.SurgeLevel;
import app.brasskettle.core.testkind.AskedVoltage;

/** The voltages at which tests of a winding are asked to be taken, by its plate and the shop's schools. */
final class AskedVoltages {

    private AskedVoltages() {}

    static boolean voltageKnown(Plate plate) {
        return plate.ratedVoltageV().isPresent();
    }

    static AskedVoltage insulation(double ratedV, ShopRules rules, SurgeLevel.State state) {
        TestVoltage band = TestVoltage.forRated(ratedV);
        double asked = rules.insulationTestV(ratedV);
        return new AskedVoltage(
                Math.min(band.lowV(), asked),
                band.highV(),
                Figures.plain(asked) + " V is asked at " + Figures.plain(ratedV) + " V rated");
    }

    static AskedVoltage surge(double ratedV, ShopRules rules, SurgeLevel.State state) {
        return AskedVoltage.peak(rules.surgePeakV(ratedV, state));
    }
}
