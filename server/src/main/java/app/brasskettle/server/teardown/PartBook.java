package app.brasskettle.server.teardown;

import app.brasskettle.core.rewind.SheetWork;
import app.brasskettle.core.work.Work;
import app.brasskettle.server.events.EventKind;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.ReadJob;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Parts going back on a motor that was taken apart. */
@Service
public class PartBook {

    private final JobBook book;

    PartBook(JobBook book) {
        this.book = book;
    }

    /**
     * Records a part put back, left out or off again. With the last one the motor is together, which makes its insulation test
     * grow old.
     */
    @Transactional
    public ReadJob record(String tag, EventKind kind, Map<String, Object> detail, ChangeContext by) {
        ReadJob after = book.addEvent(tag, kind, detail, by);
        boolean together = kind != EventKind.PART_OFF_AGAIN
                && after.reading().apart().log().filter(l -> l.off() == 0).isPresent();
        return together ? book.addWork(tag, SheetWork.Said.of(Work.REASSEMBLED), by) : after;
    }
}
