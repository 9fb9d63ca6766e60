package app.brasskettle.server.handwork;

import app.brasskettle.core.handwork.HandAct;
import app.brasskettle.core.oven.OvenLog;
import app.brasskettle.core.oven.OvenReading;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.access.People;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobview.JobView;
import app.brasskettle.server.jobview.JobViews;
import app.brasskettle.server.retries.Unkeyed;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Acts of one tap, and the files of temperature loggers. */
@RestController
class HandController {

    private final HandBook hands;

    HandController(HandBook hands) {
        this.hands = hands;
    }

    /**
     * An act.
     *
     * @param act what was done
     * @param place on what: a slot, a joint, turns, an item; empty for a signature
     */
    record HandBody(String act, String place) {}

    /** A logger's file as text. */
    record OvenLogBody(String csv) {}

    /** What a logger's file says. */
    record OvenLogView(List<OvenReading> readings) {}

    @PostMapping("/api/jobs/{tag}/hands")
    JobView hand(@PathVariable String tag, @RequestBody HandBody body, Authentication who) {
        Problems problems = new Problems();
        String word = body.act() == null ? "" : body.act();
        if (Coded.parse(HandAct.class, word).isEmpty()) {
            problems.add(
                    "act",
                    Problem.Code.WORD,
                    "act is “" + word + "”; it must be one of "
                            + Arrays.stream(HandAct.values()).map(HandAct::code).collect(Collectors.joining(", ")));
        }
        problems.throwIfAny();
        HandAct act = Coded.parse(HandAct.class, word).orElseThrow();
        String place = body.place() == null ? "" : body.place().strip();
        return JobViews.of(hands.record(tag, act, place, ChangeContext.of(People.of(who))));
    }

    @Unkeyed("Reads a file and keeps nothing")
    @PostMapping("/api/oven-log")
    OvenLogView ovenLog(@RequestBody OvenLogBody body) {
        String csv = body.csv() == null ? "" : body.csv();
        return new OvenLogView(OvenLog.read(csv.getBytes(StandardCharsets.UTF_8)));
    }
}
