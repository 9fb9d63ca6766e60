package app.brasskettle.server.jobs;

import java.util.Map;
import java.util.Optional;
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
    public JobView record(String tag, EventKind kind, Map<String, Object> detail, JobBook.Hand hand) {
        if (book.madeBefore(hand).isPresent()) {
            return book.view(tag);
        }
        JobView after = book.addEvent(tag, kind, detail, hand);
        boolean together = kind != EventKind.PART_OFF_AGAIN
                && after.apart().log().filter(l -> l.off() == 0).isPresent();
        return together
                ? book.addEvent(
                        tag,
                        EventKind.WORKED,
                        Map.of("work", "reassembled"),
                        new JobBook.Hand(hand.person(), Optional.empty(), hand.at()))
                : after;
    }
}
