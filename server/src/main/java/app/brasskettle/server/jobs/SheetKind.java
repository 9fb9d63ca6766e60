package app.brasskettle.server.jobs;

import app.brasskettle.core.choice.ChoiceSheet;
import app.brasskettle.core.jobs.Arrival;
import app.brasskettle.core.jobs.Plate;
import app.brasskettle.core.teardown.PaintedStator;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.worksheet.Word;

/** What is written down once on a job and corrected in place. */
public enum SheetKind implements Word {
    ARRIVAL(Arrival.class),
    PLATE(Plate.class),
    COIL_MAP(PaintedStator.class),
    WINDING(WindingData.class),
    OFFERS(ChoiceSheet.class);

    private final Class<? extends Record> type;

    SheetKind(Class<? extends Record> type) {
        this.type = type;
    }

    /** The record of the core that holds it. */
    public Class<? extends Record> type() {
        return type;
    }
}
