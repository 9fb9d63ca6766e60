package app.brasskettle.server.worksheets;

import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.testkind.AskedGate;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.work.Station;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The definitions of all tests, as far as a page needs them to ask for readings. */
@RestController
@RequestMapping("/api/test-kinds")
class TestKindController {

    /**
     * The definition of one kind of test.
     *
     * @param kind its name
     * @param label heading
     * @param station where it is taken
     * @param step the step of a job where it is taken; a second speed adds "/2"
     * @param caution what hurts whoever forgets it
     * @param asks the gate it asks
     * @param bySheet whether its form is that of the worksheet of its name
     * @param answered fields that plate or record answer, which nobody is asked
     * @param blank what a fresh form starts with
     * @param notesVoltage whether the test voltage is noted beside the readings
     * @param simulatedReading what the button says that reads a simulated instrument
     */
    record TestKindView(
            TestKind kind,
            String label,
            Station station,
            String step,
            String caution,
            AskedGate asks,
            boolean bySheet,
            List<String> answered,
            Map<String, Object> blank,
            boolean notesVoltage,
            Optional<String> simulatedReading) {

        static TestKindView of(TestKind kind) {
            return new TestKindView(
                    kind,
                    kind.label(),
                    kind.station(),
                    kind.step(1),
                    kind.caution(),
                    kind.asks(),
                    kind.bySheet(),
                    kind.answeredFields(),
                    kind.blank(),
                    kind.notesVoltage(),
                    kind.simulatedReading());
        }
    }

    @GetMapping
    List<TestKindView> all() {
        return TestKinds.all().stream().map(TestKindView::of).toList();
    }
}
