package app.brasskettle.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.instruments.MotorFault;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PracticeTest {

    private static final long SEED = 7;

    static Stream<Exercise> all() {
        return Exercise.shipped().stream();
    }

    private static boolean whole(Exercise e) {
        return !e.topic().bare() && e.topic() != Exercise.Topic.DECISION;
    }

    static Stream<Exercise> whole() {
        return all().filter(PracticeTest::whole);
    }

    private static Exercise exercise(String id) {
        return Exercise.find(id).orElseThrow();
    }

    @Test
    void exercisesGoFromTheFirstWeekToHandsThatHaveSeenMuch() {
        assertThat(Exercise.shipped()).hasSizeGreaterThanOrEqualTo(24);
        assertThat(Exercise.shipped()).extracting(Exercise::id).doesNotHaveDuplicates();
        assertThat(new HashSet<>(
                        Exercise.shipped().stream().map(Exercise::topic).toList()))
                .containsExactlyInAnyOrder(Exercise.Topic.values());
        for (int level = 1; level <= 5; level++) {
            int of = level;
            assertThat(Exercise.shipped()).anyMatch(e -> e.level() == of);
        }
        assertThat(Exercise.shipped())
                .allSatisfy(e -> assertThat(e.answers())
                        .allSatisfy(a -> assertThat(Debriefing.isChoice(e, a))
                                .as(e.id() + " " + a)
                                .isTrue()));
    }

    /** An exercise nobody can solve teaches nothing: a safe way makes what is hidden the likeliest, and names it. */
    @ParameterizedTest
    @MethodSource("whole")
    void everyExerciseCanBeSolvedWithoutAGateHolding(Exercise e) {
        ShortestWay way = ShortestWay.of(e, SEED);
        PracticeBench bench = PracticeBench.after(e, SEED, way.acts());
        assertThat(bench.log()).allMatch(h -> h.unsafe().isEmpty());
        assertThat(e.answers())
                .as("%s after %s", bench.beliefs(), way.acts())
                .contains(bench.beliefs().get(0).code());
        Debriefing told = Debriefing.of(e, SEED, way.acts(), e.answers().get(0));
        assertThat(told.right()).isTrue();
        assertThat(told.total()).isGreaterThanOrEqualTo(90);
    }

    /** Whoever goes straight for power is held each time, told what would have happened, and solves nothing by guessing. */
    @ParameterizedTest
    @MethodSource("whole")
    void whoeverHurriesIsHeldAndToldWhatWouldHaveHappened(Exercise e) {
        PracticeAct power = e.rating().phases() == 3 ? PracticeAct.RUN : PracticeAct.GEAR;
        List<PracticeAct> hurried = List.of(power, PracticeAct.RESISTANCE, PracticeAct.OPEN);
        String wrong = e.answers().contains("overload") ? "bearing-wear" : "overload";
        Debriefing told = Debriefing.of(e, SEED, hurried, wrong);
        assertThat(told.right()).isFalse();
        assertThat(told.unsafe()).hasSize(3);
        assertThat(told.unsafe())
                .allSatisfy(
                        h -> assertThat(h.unsafe().orElseThrow().consequence()).isNotBlank());
        assertThat(told.points()).filteredOn(p -> p.part().equals("Safety")).allMatch(p -> p.got() == 0);
        assertThat(told.total()).isLessThan(20);
    }

    /** Any order of acts: what is done at the leads comes after a lock-out, what charges is waited for, surges only what holds. */
    @Test
    void noOrderOfActsGetsPastTheGates() {
        Random random = new Random(3);
        int done = 0;
        for (int n = 0; n < 150; n++) {
            List<Exercise> some = whole().toList();
            Exercise e = some.get(n % some.size());
            List<PracticeAct> there =
                    Arrays.stream(PracticeAct.values()).filter(a -> a.fits(e)).toList();
            List<PracticeAct> acts = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                acts.add(there.get(random.nextInt(there.size())));
            }
            done += past(e, PracticeBench.after(e, n, acts).log());
        }
        assertThat(done).as("acts at the leads that were done").isGreaterThan(100);
    }

    private static final Set<PracticeAct> AT_LEADS = Set.of(
            PracticeAct.RESISTANCE,
            PracticeAct.BALANCE,
            PracticeAct.SURGE,
            PracticeAct.SURGE_ROTOR_OUT,
            PracticeAct.WINDINGS,
            PracticeAct.GEAR,
            PracticeAct.PROTECTOR,
            PracticeAct.OPEN);

    private static int past(Exercise e, List<PracticeBench.Happened> log) {
        boolean locked = false;
        boolean insulated = false;
        int chargedAt = -1000;
        int done = 0;
        for (PracticeBench.Happened h : log) {
            if (h.unsafe().isPresent()) {
                continue;
            }
            locked |= h.act() == PracticeAct.LOCK_OUT;
            if (AT_LEADS.contains(h.act())) {
                done++;
                assertThat(locked).as("%s: %s", e.id(), h.act()).isTrue();
                assertThat(h.atMinute() - chargedAt)
                        .as("%s: %s after 10 min of voltage", e.id(), h.act())
                        .isGreaterThanOrEqualTo(40);
            }
            if (h.act() == PracticeAct.SURGE || h.act() == PracticeAct.SURGE_ROTOR_OUT || h.act() == PracticeAct.RUN) {
                assertThat(insulated).as("%s: %s", e.id(), h.act()).isTrue();
                assertThat(e.faults().present()).doesNotContainKeys(MotorFault.GROUND, MotorFault.MOISTURE);
            }
            if (h.act() == PracticeAct.INSULATION) {
                insulated = true;
                chargedAt = h.atMinute() + h.minutes();
            }
        }
        return done;
    }

    @Test
    void theSameActsOnTheSameSeedShowTheSame() {
        List<PracticeAct> acts = List.of(PracticeAct.ASK, PracticeAct.LOCK_OUT, PracticeAct.RESISTANCE);
        Exercise e = exercise("shorted-turns");
        assertThat(PracticeBench.after(e, 5, acts).log())
                .usingRecursiveComparison()
                .isEqualTo(PracticeBench.after(e, 5, acts).log());
        assertThat(PracticeBench.after(e, 5, acts).log().get(2).said())
                .isNotEqualTo(PracticeBench.after(e, 6, acts).log().get(2).said());
    }

    @Test
    void whatIsDoneTwiceOrBringsNothingIsNamed() {
        Exercise e = exercise("one-fuse");
        Debriefing told = Debriefing.of(
                e, SEED, List.of(PracticeAct.ASK, PracticeAct.LOOK_INSIDE, PracticeAct.ASK), "lost-phase");
        assertThat(told.wasted()).containsExactly(PracticeAct.LOOK_INSIDE.words(), PracticeAct.ASK.words());
    }

    @Test
    void theCustomerCallsEachHourAndSaysWhatItCosts() {
        Exercise e = exercise("big-outage");
        List<PracticeAct> slow =
                List.of(PracticeAct.ASK, PracticeAct.PRICE, PracticeAct.PRICE, PracticeAct.PRICE, PracticeAct.PRICE);
        PracticeBench bench = PracticeBench.after(e, SEED, slow);
        assertThat(bench.minutes()).isEqualTo(65);
        assertThat(bench.calls()).hasSize(1);
        assertThat(bench.calls().get(0)).contains("900");
        assertThat(bench.cost()).isEqualTo(65 / 60.0 * (48 + 900));
    }

    /** Outage by the hour and years of running ask for different ways: the exercises are not one question three times. */
    @Test
    void decisionsDoNotAllEndAlike() {
        Set<String> advised = new HashSet<>();
        all().filter(e -> e.topic() == Exercise.Topic.DECISION).forEach(e -> {
            String right = Debriefing.rightAnswer(e, SEED);
            advised.add(right);
            assertThat(Debriefing.of(e, SEED, List.of(PracticeAct.PRICE), right).right())
                    .isTrue();
        });
        assertThat(advised).hasSizeGreaterThan(1);
    }

    /** What a winder's mistake shows is not what the sound winding shows: currents, dummy rotor, warm groups or the count. */
    @Test
    void everyWindersMistakeShows() {
        for (Exercise e : all().filter(x -> x.topic().bare()).toList()) {
            List<PracticeBench.Happened> log = PracticeBench.after(
                            e, SEED, List.of(PracticeAct.FIELD, PracticeAct.WARM, PracticeAct.COUNT_SPAN))
                    .log();
            String said = log.toString();
            String design = e.design().split("/")[2];
            boolean turned = said.contains("backward") || said.contains("not at all") || said.contains("weakly");
            boolean counted = !log.get(2).said().get(0).contains("slots: " + design + ",");
            boolean uneven = spread(log.get(0).said().get(0)) > 0.05
                    || spread(log.get(1).said().get(0)) > 0.5;
            assertThat(turned || counted || uneven).as(e.id() + said).isTrue();
        }
    }

    /** Spread of the figures in a sentence, before its first unit, against their mean. */
    private static double spread(String sentence) {
        String figures = sentence.replaceAll("^\\D*(?:\\d+: )?\\D*", "").split(" [AK]")[0];
        double[] v = Arrays.stream(figures.split(", "))
                .mapToDouble(Double::parseDouble)
                .toArray();
        double mean = Arrays.stream(v).average().orElseThrow();
        return (Arrays.stream(v).max().orElseThrow() - Arrays.stream(v).min().orElseThrow()) / mean;
    }
}
