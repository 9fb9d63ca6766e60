package app.brasskettle.core.redesign;

import app.brasskettle.core.winding.Strand;
import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.wire.Rack;
import app.brasskettle.core.wire.WireGrade;
import app.brasskettle.core.wire.WireLot;
import app.brasskettle.core.wire.WireTable;
import java.util.List;
import java.util.Optional;

/** Windings and racks to redesign with. */
public final class Windings {

    private Windings() {}

    /** A 30 kW four-pole stator worked by hand: gap 0.75 T, teeth 1.6 T, back iron 1.4 T, 5.6 A/mm². */
    public static WindingData thirtyKilowatt() {
        return new WindingData(
                48,
                4,
                10,
                10,
                2,
                WindingConnection.WYE,
                List.of(new Strand(4, 1.25, 1.349)),
                Optional.empty(),
                0.78,
                0.19,
                0.2,
                0.95,
                0.0062,
                0.027,
                228,
                400,
                50,
                56);
    }

    /** A winding of 36 slots for 4 and 8 poles, its groups those of 4. */
    static WindingData twoSpeeds() {
        return new WindingData(
                36,
                4,
                24,
                5,
                2,
                WindingConnection.WYE,
                List.of(new Strand(1, 1.25, 1.349)),
                Optional.empty(),
                0.6,
                0.15,
                0.16,
                0.95,
                0.0068,
                0.024,
                150,
                400,
                50,
                11);
    }

    /** Every nominal metric size from 0.5 to 2 mm. */
    static Rack rack(double kg) {
        return Rack.of(WireTable.metric().stream()
                .filter(s -> s.bareDiameterMm() >= 0.5 && s.bareDiameterMm() <= 2)
                .map(s -> new WireLot(
                        s.name(), WireGrade.GRADE_2, Optional.empty(), kg, 1, Optional.empty(), Optional.of(16.0)))
                .toList());
    }

    static RedesignSheet sameAgain() {
        return sheet(null, null, null, null, null, null);
    }

    static RedesignSheet sheet(
            Double volts,
            Double hertz,
            WindingConnection connection,
            Integer circuits,
            Integer span,
            List<ChosenWire> wires) {
        return new RedesignSheet(
                Optional.ofNullable(volts),
                Optional.ofNullable(hertz),
                Optional.ofNullable(connection),
                Optional.ofNullable(circuits),
                Optional.ofNullable(span),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.ofNullable(wires),
                Optional.empty());
    }
}
