package app.brasskettle.server.demo;

import app.brasskettle.core.handwork.HandAct;
import app.brasskettle.core.release.DispatchItem;
import app.brasskettle.core.rewind.RewindAssessment;
import app.brasskettle.core.teardown.TeardownLogAssessment;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.handwork.HandBook;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.teardown.PartBook;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;

/** The second half of the demonstration's stories: acts told many at once, the model that changes as a winding is renewed. */
@Component
class DemoFinish {

    private static final String SIMULATED = "simulated-motor";
    private static final String REFIT = "hand-refit";

    private final JobBook book;
    private final HandBook hands;
    private final PartBook parts;

    DemoFinish(JobBook book, HandBook hands, PartBook parts) {
        this.book = book;
        this.hands = hands;
        this.parts = parts;
    }

    boolean tells(String what) {
        return what.equals(EventKind.HAND_DONE.code())
                || what.equals(EventKind.RUN_RELEASED.code())
                || what.equals(SIMULATED)
                || what.equals(REFIT);
    }

    void tell(String tag, String what, Map<String, Object> told, ChangeContext by) {
        if (what.equals(SIMULATED)) {
            book.setSimulatedMotor(tag, told, by);
        } else if (what.equals(EventKind.RUN_RELEASED.code())) {
            book.addEvent(
                    tag,
                    EventKind.RUN_RELEASED,
                    recorded -> {
                        Map<String, Object> detail = new LinkedHashMap<>(recorded.signedRecord());
                        detail.putAll(told);
                        return detail;
                    },
                    by);
        } else if (what.equals(REFIT)) {
            refit(tag, by);
        } else {
            HandAct act = Coded.parse(HandAct.class, told.get("act").toString()).orElseThrow();
            places(tag, act, told).forEach(p -> hands.record(tag, act, p, by));
        }
    }

    /** Every part goes back, last off first on. */
    private void refit(String tag, ChangeContext by) {
        TeardownLogAssessment log = book.read(tag).reading().apart().log().orElseThrow();
        log.reassembly()
                .forEach(s -> parts.record(
                        tag, EventKind.PART_REFITTED, Map.of("part", s.id(), "name", s.label(), "reason", ""), by));
    }

    /** A place that is told, a run of slots, or all there are. */
    private List<String> places(String tag, HandAct act, Map<String, Object> told) {
        if (told.get("place") instanceof String place) {
            return List.of(place);
        }
        if (told.get("from") instanceof Number from && told.get("to") instanceof Number to) {
            return IntStream.rangeClosed(from.intValue(), to.intValue())
                    .mapToObj(String::valueOf)
                    .toList();
        }
        RewindAssessment rewind = book.read(tag).reading().rewind();
        return act == HandAct.JOINT_BRAZED
                ? rewind.brazing().orElseThrow().joints().stream()
                        .map(j -> j.place())
                        .toList()
                : Arrays.stream(DispatchItem.values()).map(DispatchItem::code).toList();
    }
}
