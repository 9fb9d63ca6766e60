package app.brasskettle.server.demo;

import app.brasskettle.core.catalogue.WorksheetCatalogue;
import app.brasskettle.core.testkind.InstrumentKind;
import app.brasskettle.core.triage.TriageInspection;
import app.brasskettle.core.triage.TriageInspection.Ring;
import app.brasskettle.core.triage.TriageInspection.Shaft;
import app.brasskettle.core.triage.TriageInspection.Sight;
import app.brasskettle.server.calibration.InstrumentStore;
import app.brasskettle.server.triage.TriageStore;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The demonstration's instruments, one of them out of calibration, and a corner of its pile of unknown motors. */
@Component
class DemoBenches {

    private final InstrumentStore instruments;
    private final TriageStore pile;

    DemoBenches(InstrumentStore instruments, TriageStore pile) {
        this.instruments = instruments;
        this.pile = pile;
    }

    void furnish(OffsetDateTime now) {
        instrument("insulation tester, bench 1", "IT-2041", InstrumentKind.INSULATION_TESTER, now.plusDays(210));
        instrument("milliohm bridge, bench 1", "MB-118", InstrumentKind.MILLIOHM_BRIDGE, now.plusDays(96));
        instrument("milliohm bridge, bench 2", "MB-064", InstrumentKind.MILLIOHM_BRIDGE, now.minusDays(40));
        instrument("power analyser", "PA-7", InstrumentKind.POWER_ANALYSER, now.plusDays(301));
        instrument("surge set", "SS-12", InstrumentKind.SURGE_SET, now.plusDays(140));
        instrument("withstand set", "WS-5", InstrumentKind.WITHSTAND_SET, now.plusDays(77));
        instrument("vibration pen", "VP-3", InstrumentKind.VIBRATION_METER, now.plusDays(25));
        look("P-001", Shaft.FREE, List.of(640.0, 655.0, 620.0), Ring.SETS, List.of(), now.minusMinutes(52));
        look("P-002", Shaft.FREE, List.of(8.4), Ring.SETS, List.of(Sight.WET), now.minusMinutes(50));
        look("P-003", Shaft.BINDS, List.of(210.0), Ring.SETS, List.of(Sight.DIRTY), now.minusMinutes(49));
        look("P-004", Shaft.ROUGH, List.of(1200.0, 1150.0), Ring.SETS, List.of(), now.minusMinutes(47));
    }

    private void instrument(String name, String serial, InstrumentKind kind, OffsetDateTime due) {
        instruments.add(name, serial, kind, due.toLocalDate());
    }

    private void look(String mark, Shaft shaft, List<Double> megohm, Ring ring, List<Sight> eye, OffsetDateTime at) {
        TriageInspection look = new TriageInspection(mark, shaft, Optional.empty(), megohm, ring, Optional.of(eye));
        pile.add(mark, Map.of("mark", mark), WorksheetCatalogue.TRIAGE.work().apply(look), "Mara Orre", at);
    }
}
