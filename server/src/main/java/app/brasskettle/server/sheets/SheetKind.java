package app.brasskettle.server.sheets;

import app.brasskettle.core.choice.ChoiceSheet;
import app.brasskettle.core.coilset.CoilSetTake;
import app.brasskettle.core.connection.ConnectionSheet;
import app.brasskettle.core.drying.DryingCurve;
import app.brasskettle.core.findings.Findings;
import app.brasskettle.core.jobs.Arrival;
import app.brasskettle.core.leads.LeadMap;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.redesign.RedesignSheet;
import app.brasskettle.core.release.Disposal;
import app.brasskettle.core.rewind.CoilsWound;
import app.brasskettle.core.rewind.CoreAfter;
import app.brasskettle.core.rewind.Machining;
import app.brasskettle.core.rewind.Preparation;
import app.brasskettle.core.rewind.Renewal;
import app.brasskettle.core.rewind.Stripping;
import app.brasskettle.core.rewind.Varnishing;
import app.brasskettle.core.rewind.Washing;
import app.brasskettle.core.teardown.PaintedStator;
import app.brasskettle.core.teardown.TeardownLog;
import app.brasskettle.core.windingtake.WindingTake;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.worksheet.Coded;

/** What is written down once on a job and corrected in place. */
public enum SheetKind implements Coded {
    ARRIVAL(Arrival.class, Station.RECEIVE),
    PLATE(Plate.class, Station.RECEIVE),
    TEARDOWN_LOG(TeardownLog.class, Station.TEARDOWN),
    LEAD_MAP(LeadMap.class, Station.TEARDOWN),
    FINDINGS(Findings.class, Station.TEARDOWN),
    COIL_MAP(PaintedStator.class, Station.TEARDOWN),
    WINDING(WindingTake.class, Station.WINDING),
    WINDING_SECOND(WindingTake.class, Station.WINDING),
    CONNECTION(ConnectionSheet.class, Station.WINDING),
    COIL_SETS(CoilSetTake.class, Station.WINDING),
    OFFERS(ChoiceSheet.class, Station.CHOOSE),
    DRYING(DryingCurve.class, Station.CHOOSE),
    REDESIGN(RedesignSheet.class, Station.REWIND),
    WASHING(Washing.class, Station.REWIND),
    PREPARATION(Preparation.class, Station.REWIND),
    STRIPPING(Stripping.class, Station.REWIND),
    CORE_AFTER(CoreAfter.class, Station.REWIND),
    COILS_WOUND(CoilsWound.class, Station.REWIND),
    BRAZED(ConnectionSheet.class, Station.REWIND),
    VARNISHING(Varnishing.class, Station.REWIND),
    MACHINING(Machining.class, Station.REWIND),
    RENEWAL(Renewal.class, Station.REWIND),
    DISPOSAL(Disposal.class, Station.RELEASE);

    private final Class<? extends Record> type;

    private final Station station;

    SheetKind(Class<? extends Record> type, Station station) {
        this.type = type;
        this.station = station;
    }

    /** The record of the core that holds it. */
    public Class<? extends Record> type() {
        return type;
    }

    /** The station at which it is written. */
    public Station station() {
        return station;
    }
}
