package app.brasskettle.server.passport;

import app.brasskettle.core.passport.MotorHistory;
import app.brasskettle.core.passport.MotorMark;
import app.brasskettle.server.jobs.JobBook;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Passports of motors. */
@RestController
@RequestMapping("/api/motors")
class PassportController {

    /**
     * What is known of a motor.
     *
     * @param mark its mark as it is compared; empty for one too short to tell motors apart
     * @param visits its jobs, newest first; none for a motor that never was here
     * @param history what they say together
     */
    record Passport(String mark, List<Visit> visits, MotorHistory history) {}

    private final JobBook book;

    PassportController(JobBook book) {
        this.book = book;
    }

    @GetMapping("/{serial}")
    Passport passport(@PathVariable String serial) {
        String mark = MotorMark.of(serial).map(MotorMark::text).orElse("");
        List<Visit> visits = mark.isEmpty()
                ? List.of()
                : book.visits(mark).stream().map(Visit::of).toList();
        return new Passport(
                mark, visits, MotorHistory.of(visits.stream().map(Visit::read).toList()));
    }
}
