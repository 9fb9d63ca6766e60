package app.brasskettle.core.jobs;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * How a motor was used and what happened, as the customer tells it: what makes a cause findable later.
 *
 * @param before what happened just before
 * @param since since when
 * @param feed what fed it
 * @param cableDistanceM cable between drive and motor
 * @param protection what watched its current or its temperature
 * @param protectionCurrentA what that was set to
 * @param startsAnHour starts an hour
 * @param loading how it is loaded
 * @param surroundings what it stands in
 */
public record Circumstances(
        Optional<String> before,
        Optional<String> since,
        Optional<Feed> feed,
        Optional<Double> cableDistanceM,
        Optional<Protection> protection,
        Optional<Double> protectionCurrentA,
        Optional<Double> startsAnHour,
        Optional<Loading> loading,
        Optional<List<Surrounding>> surroundings) {

    /** What feeds a motor. */
    public enum Feed implements Coded {
        MAINS,
        STAR_DELTA,
        SOFT_STARTER,
        DRIVE,
        GENERATOR
    }

    /** What stands between a motor and its burning. */
    public enum Protection implements Coded {
        OVERLOAD_RELAY,
        MOTOR_BREAKER,
        THERMISTOR_RELAY,
        BREAKER_ONLY,
        NONE
    }

    /** How a motor is loaded over the day. */
    public enum Loading implements Coded {
        STEADY,
        VARYING,
        SHORT,
        OVERHAULING
    }

    /** What a motor stands in. */
    public enum Surrounding implements Coded {
        DRY,
        WET,
        WASHED_DOWN,
        DUSTY,
        HOT,
        CORROSIVE,
        OUTDOORS,
        VIBRATING
    }

    public Circumstances {
        before = Problems.orEmpty(before);
        since = Problems.orEmpty(since);
        feed = Problems.orEmpty(feed);
        cableDistanceM = Problems.orEmpty(cableDistanceM);
        protection = Problems.orEmpty(protection);
        protectionCurrentA = Problems.orEmpty(protectionCurrentA);
        startsAnHour = Problems.orEmpty(startsAnHour);
        loading = Problems.orEmpty(loading);
        surroundings = Problems.orEmpty(surroundings).map(Problems::copy);
        Problems problems = new Problems();
        cableDistanceM.ifPresent(d -> problems.positive("cableDistanceM", d, "m"));
        protectionCurrentA.ifPresent(i -> problems.positive("protectionCurrentA", i, "A"));
        if (protectionCurrentA.isPresent()
                && protection.filter(p -> p == Protection.NONE).isPresent()) {
            problems.add(
                    "protectionCurrentA",
                    Problem.Code.CONTRADICTION,
                    "protectionCurrentA is given, yet nothing protected the motor");
        }
        startsAnHour.ifPresent(s -> problems.notNegative("startsAnHour", s, ""));
        surroundings.ifPresent(s -> {
            if (problems.size("surroundings", s, 0, Surrounding.values().length)) {
                problems.distinct(s, i -> "surroundings[" + i + "]");
            }
        });
        problems.throwIfAny();
    }

    static Circumstances none() {
        return new Circumstances(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }
}
