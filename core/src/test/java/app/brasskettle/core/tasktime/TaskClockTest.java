package app.brasskettle.core.tasktime;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.pricing.TaskTable;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class TaskClockTest {

    private static final double HOUR = 3600;
    private static final List<TaskTable.Planned> TASKS = List.of(
            new TaskTable.Planned("strip", "Strip", "rewind", 3, false),
            new TaskTable.Planned("wind", "Wind", "rewind", 9, true));

    private static TaskTap tap(String task, String by, boolean starts, double hour) {
        return new TaskTap(task, by, starts, hour * HOUR);
    }

    private static TaskHours read(double nowHour, Optional<Map<String, Double>> quoted, TaskTap... taps) {
        return TaskHours.of(TASKS, quoted, new TaskClock(List.of(taps)), nowHour * HOUR);
    }

    private static double taken(TaskHours hours, String code) {
        return hours.rows().stream()
                .filter(r -> r.code().equals(code))
                .findFirst()
                .orElseThrow()
                .takenHours();
    }

    @Test
    void theNextStartEndsWhatAPersonDidBefore() {
        TaskHours hours = read(
                6, Optional.empty(), tap("strip", "A", true, 0), tap("wind", "A", true, 2), tap("wind", "A", false, 5));
        assertThat(taken(hours, "strip")).isEqualTo(2);
        assertThat(taken(hours, "wind")).isEqualTo(3);
    }

    @Test
    void twoPeopleAtTwoEndsCountTwice() {
        TaskHours hours = read(4, Optional.empty(), tap("wind", "A", true, 0), tap("wind", "B", true, 1));
        assertThat(taken(hours, "wind")).isEqualTo(7);
        assertThat(hours.rows().get(1).running()).containsExactly("A", "B");
    }

    @Test
    void settingTheMotorDownStopsEverybody() {
        TaskHours hours = read(
                9,
                Optional.empty(),
                tap("wind", "A", true, 0),
                tap("strip", "B", true, 0),
                TaskTap.setDown(2 * HOUR),
                tap("wind", "A", true, 8));
        assertThat(taken(hours, "wind")).isEqualTo(3);
        assertThat(taken(hours, "strip")).isEqualTo(2);
    }

    @Test
    void aForgottenClockCountsNothingAndIsNamed() {
        TaskHours hours = read(30, Optional.empty(), tap("wind", "A", true, 0), tap("strip", "A", true, 13));
        assertThat(taken(hours, "wind")).isZero();
        assertThat(hours.forgotten()).hasSize(2).first().asString().contains("A, wind", "13");
        // Who forgot it may start anew.
        new TaskClock(List.of(tap("wind", "A", true, 0))).mayTap(tap("wind", "A", true, 13));
    }

    @Test
    void aTapThatChangesNothingIsRefused() {
        TaskClock clock = new TaskClock(List.of(tap("wind", "A", true, 0)));
        assertThat(Refusals.fields(() -> clock.mayTap(tap("wind", "A", true, 1))))
                .containsExactly("task");
        assertThat(Refusals.fields(() -> clock.mayTap(tap("strip", "A", false, 1))))
                .containsExactly("task");
        assertThat(Refusals.fields(() -> clock.mayTap(tap("wind", "B", false, 1))))
                .containsExactly("task");
    }

    @Test
    void hoursAreHeldAgainstTheQuote() {
        Optional<Map<String, Double>> quote = Optional.of(Map.of("Strip", 2.0, "Balance", 8.0));
        assertThat(read(1, Optional.empty()).judgement().verdict()).isEqualTo(Verdict.UNPROVEN);
        assertThat(read(9, quote, tap("wind", "A", true, 0)).judgement().verdict())
                .isEqualTo(Verdict.HOLDS);
        assertThat(read(9.5, quote, tap("wind", "A", true, 0)).judgement().verdict())
                .isEqualTo(Verdict.WATCH);
        assertThat(read(10.5, quote, tap("wind", "A", true, 0)).judgement().verdict())
                .isEqualTo(Verdict.STOP);
        assertThat(read(9, quote).rows().get(0).quotedHours()).contains(2.0);
    }

    /** However people tap: nobody works longer than the time that passed, and nobody does two things at once. */
    @Test
    void noTapsMakeAPersonWorkLongerThanTheDay() {
        for (long seed = 0; seed < 500; seed++) {
            Random random = new Random(seed);
            List<TaskTap> taps = new ArrayList<>();
            for (int i = 0; i < 40; i++) {
                double at = 10 * random.nextDouble();
                taps.add(
                        random.nextInt(8) == 0
                                ? TaskTap.setDown(at * HOUR)
                                : tap(random.nextBoolean() ? "wind" : "strip", "A", random.nextBoolean(), at));
            }
            List<TaskClock.Stretch> stretches = new TaskClock(taps).stretches();
            double last = 0;
            double sum = 0;
            for (TaskClock.Stretch s : stretches) {
                assertThat(s.from()).isGreaterThanOrEqualTo(last);
                last = s.to().orElse(10 * HOUR);
                sum += last - s.from();
            }
            TaskHours hours = TaskHours.of(TASKS, Optional.empty(), new TaskClock(taps), 10 * HOUR);
            assertThat(hours.takenHours()).isCloseTo(sum / HOUR, within(1e-9)).isLessThanOrEqualTo(10);
        }
    }
}
