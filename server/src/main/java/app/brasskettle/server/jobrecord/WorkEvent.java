package app.brasskettle.server.jobrecord;

import app.brasskettle.core.rewind.SheetWork;
import app.brasskettle.core.work.Remedy;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.work.WorkDone;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.events.EventRow;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** Work on a motor as its event keeps it: what, the part it names, and where. */
public final class WorkEvent {

    private static final String WORK = "work";
    private static final String REMEDY = "remedy";
    private static final String PLACE = "place";

    private WorkEvent() {}

    /** What an event keeps of work that was said to be done. */
    public static Map<String, Object> detail(SheetWork.Said said) {
        Map<String, Object> detail = new LinkedHashMap<>();
        detail.put(WORK, said.work().code());
        said.remedy().ifPresent(r -> detail.put(REMEDY, r.code()));
        if (!said.place().isEmpty()) {
            detail.put(PLACE, said.place());
        }
        return detail;
    }

    /** Work that such a detail says was done. */
    public static SheetWork.Said said(Map<String, Object> detail) {
        return new SheetWork.Said(
                Coded.parse(Work.class, text(detail, WORK)).orElseThrow(),
                Coded.parse(Remedy.class, text(detail, REMEDY)),
                text(detail, PLACE));
    }

    private static String text(Map<String, Object> detail, String field) {
        return String.valueOf(detail.getOrDefault(field, ""));
    }

    /** Work as an event tells it; empty where it tells of none that is known here. */
    public static Optional<WorkDone> read(EventRow e) {
        Optional<Work> work = switch (e.kind()) {
            case CAME_BACK -> Optional.of(Work.CAME_BACK);
            case WORKED -> Coded.parse(Work.class, e.text(WORK));
            default -> Optional.empty();
        };
        return work.map(w ->
                new WorkDone(w, Coded.parse(Remedy.class, e.text(REMEDY)), e.text(PLACE), e.epochSeconds(), e.by()));
    }
}
