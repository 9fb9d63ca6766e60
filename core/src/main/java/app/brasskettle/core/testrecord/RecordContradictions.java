package app.brasskettle.core.testrecord;

import app.brasskettle.core.catalogue.RunningTests;
import app.brasskettle.core.insulation.InsulationClass;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.surge.SurgeLevel;
import app.brasskettle.core.testkind.Judging;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.WindingState;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.worksheet.Coded;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Typed facts that the rest of the record contradicts: such a test is not taken as good, it is asked about. A reading that was corrected
 * contradicts nobody.
 */
final class RecordContradictions {

    private static final double TEMPERATURES_APART_K = 15;
    private static final double TEMPERATURES_WITHIN_S = 1800;
    /** Copper that stalled gives its heat to iron and frame; in an hour nobody's bench brings it back to the room's. Shop rule. */
    private static final double HOT_AFTER_STALL_S = 3600;

    private static final int TELLING_DIGITS = 3;
    private static final String CORRECT = "Correct whichever is wrong, or read it again.";

    private final MotorTimeline timeline;
    private final Optional<Plate> plate;
    private final Map<RecordedTest, Judging> alone;
    private final boolean simulatedProve;

    RecordContradictions(
            MotorTimeline timeline, Optional<Plate> plate, Map<RecordedTest, Judging> alone, boolean simulatedProve) {
        this.timeline = timeline;
        this.plate = plate;
        this.alone = alone;
        this.simulatedProve = simulatedProve;
    }

    List<Caveat> of(RecordedTest test) {
        if (test.origin() == Origin.FILE) {
            return List.of();
        }
        TestKind.Claims claims = test.kind().claims(test.input());
        List<Caveat> found = new ArrayList<>();
        claims.windingC().flatMap(c -> temperature(test, c)).ifPresent(found::add);
        claims.windingC().flatMap(c -> afterStall(test, c)).ifPresent(found::add);
        claims.motorIs().flatMap(k -> otherMotor(test, k)).ifPresent(found::add);
        claims.insulationClass().flatMap(c -> classOverPlate(test, c)).ifPresent(found::add);
        copied(test, claims).ifPresent(found::add);
        return found;
    }

    private static Optional<Caveat> doubt(String sentence) {
        return Optional.of(new Caveat(Caveat.Kind.CONTRADICTS_RECORD, sentence, CORRECT));
    }

    private Stream<RecordedTest> before(RecordedTest test) {
        return timeline.tests().stream()
                .filter(t -> t != test && t.at() <= test.at() && !t.corrected() && t.origin() != Origin.FILE);
    }

    private Optional<Caveat> temperature(RecordedTest test, double windingC) {
        return before(test)
                .filter(t -> test.at() - t.at() <= TEMPERATURES_WITHIN_S && !heatedBetween(t.at(), test.at()))
                .filter(t -> t.kind()
                        .claims(t.input())
                        .windingC()
                        .filter(c -> Math.abs(c - windingC) > TEMPERATURES_APART_K)
                        .isPresent())
                .reduce((earlier, later) -> later)
                .flatMap(t -> doubt("The winding is said to be at " + Figures.plain(windingC) + " °C, and "
                        + Math.round((test.at() - t.at()) / 60) + " min before, at "
                        + t.kind().label() + ", at "
                        + Figures.plain(t.kind().claims(t.input()).windingC().orElseThrow()) + " °C"));
    }

    /** Whether an oven, a wash, or current in the winding can have changed its temperature. */
    private boolean heatedBetween(double from, double to) {
        boolean oven = timeline.works().stream()
                .filter(w -> w.at() > from && w.at() <= to)
                .anyMatch(w -> w.work() == Work.DRIED
                        || w.work() == Work.BAKED
                        || w.work() == Work.DIPPED
                        || w.work() == Work.WASHED
                        || w.work() == Work.CAME_BACK);
        boolean current = timeline.tests().stream()
                .filter(t -> t.at() > from && t.at() <= to)
                .anyMatch(t -> t.kind().powered());
        return oven || current;
    }

    private Optional<Caveat> afterStall(RecordedTest test, double windingC) {
        return before(test)
                .filter(t -> t.kind() == RunningTests.START_LOG && test.at() - t.at() < HOT_AFTER_STALL_S)
                .filter(t ->
                        alone.get(t).own().verdict() == Verdict.STOP && windingC <= RunningTests.COLD_AFTER_STALL_C)
                .reduce((earlier, later) -> later)
                .flatMap(t -> doubt("It stalled " + Math.round((test.at() - t.at()) / 60) + " min before, and "
                        + Figures.plain(windingC) + " °C is the temperature of a cold winding"));
    }

    private Optional<Caveat> otherMotor(RecordedTest test, Coded motorIs) {
        return before(test)
                .filter(t -> t.kind() == test.kind() && t.speed() == test.speed())
                .filter(t -> t.kind()
                        .claims(t.input())
                        .motorIs()
                        .filter(k -> !k.equals(motorIs))
                        .isPresent())
                .reduce((earlier, later) -> later)
                .flatMap(t -> doubt("It is said to be " + motorIs.label() + ", and the test before says "
                        + t.kind().claims(t.input()).motorIs().orElseThrow().label()));
    }

    /** Until it is rewound a winding has the class of its plate. */
    private Optional<Caveat> classOverPlate(RecordedTest test, InsulationClass claimed) {
        boolean rewound = WindingState.at(timeline.works(), test.at()).state() == SurgeLevel.State.NEW;
        return plate.map(Plate::insulationClass)
                .filter(p -> !rewound && claimed.compareTo(p) > 0)
                .flatMap(p -> doubt(
                        "Its limit is that of class " + claimed.name() + ", and the plate says class " + p.name()));
    }

    /** The same figures to the last digit at the other speed, or as a simulated instrument showed them on this job. */
    private Optional<Caveat> copied(RecordedTest test, TestKind.Claims claims) {
        boolean telling = !claims.ownFigures().isEmpty()
                && claims.ownFigures().stream().allMatch(f -> digits(f) >= TELLING_DIGITS);
        Optional<RecordedTest> otherSpeed = timeline.tests().stream()
                .filter(t -> telling && t.kind() == test.kind() && t.speed() != test.speed() && !t.corrected())
                .filter(t -> t.kind().claims(t.input()).ownFigures().equals(claims.ownFigures()))
                .findFirst();
        if (otherSpeed.isPresent()) {
            return doubt("The figures are those of the other speed to the last digit");
        }
        return simulatedProve || test.origin() == Origin.SIMULATED
                ? Optional.empty()
                : timeline.tests().stream()
                        .filter(t -> t.origin() == Origin.SIMULATED && t.kind() == test.kind())
                        .filter(t -> t.input().equals(test.input()))
                        .findFirst()
                        .flatMap(t -> doubt("The figures are those a simulated instrument showed, to the last digit"));
    }

    private static int digits(double figure) {
        return BigDecimal.valueOf(figure).stripTrailingZeros().precision();
    }
}
