package app.brasskettle.server.bench;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.surge.SurgeLimits;
import app.brasskettle.core.surge.SurgeRise;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.verdict.Verdict;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Surge traces of earlier visits of the same motor, to be laid under those of today. */
@RestController
class PastSurges {

    /** An earlier stay's traces and what each lead has changed by since. */
    record Past(String tag, OffsetDateTime at, SurgeSet set, List<Changed> changed) {}

    /** How a lead's trace differs from the earlier one, and whether that is inside the limit for pulses of one winding. */
    record Changed(SurgeRise.Lead lead, double differencePercent, double limitPercent, boolean inside) {}

    private final TestBook tests;

    PastSurges(TestBook tests) {
        this.tests = tests;
    }

    @GetMapping("/api/jobs/{tag}/past-surges")
    List<Past> past(@PathVariable String tag, @RequestParam(defaultValue = "1") int speed) {
        Optional<SurgeSet> now =
                tests.standingInput(tag, WindingTests.SURGE_COMPARISON, speed).map(SurgeSet.class::cast);
        return tests.earlier(tag, WindingTests.SURGE_COMPARISON, speed).stream()
                .map(e -> {
                    SurgeSet set = (SurgeSet) e.input();
                    return new Past(
                            e.tag(), e.at(), set, now.map(n -> changed(n, set)).orElse(List.of()));
                })
                .toList();
    }

    private static List<Changed> changed(SurgeSet now, SurgeSet before) {
        return now.against(before, SurgeLimits.standard()).entrySet().stream()
                .map(e -> new Changed(
                        e.getKey(),
                        e.getValue().differencePercent(),
                        e.getValue().limitPercent(),
                        e.getValue().verdict() != Verdict.STOP))
                .toList();
    }
}
