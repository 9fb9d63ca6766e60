package app.brasskettle.server.planning;

import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.plan.PlanJob;
import app.brasskettle.core.pricing.PricingFacts;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.roster.WorkingTime;
import java.time.OffsetDateTime;
import java.time.format.DateTimeParseException;
import java.util.Optional;

/**
 * A motor that somebody announced.
 *
 * @param words whose it is and what it drives
 * @param ratedPowerW rated power
 * @param poles number of poles
 * @param way how it will probably go: recondition or rewind
 * @param arrivesAt when it comes (ISO 8601 with its offset); empty for now
 * @param promisedAt for when it is wanted
 * @param outageCostPerHour what an hour without it costs its customer
 * @param rush whether it goes before others
 */
public record ExpectedMotor(
        String words,
        double ratedPowerW,
        int poles,
        OptionKind way,
        Optional<String> arrivesAt,
        Optional<String> promisedAt,
        double outageCostPerHour,
        boolean rush) {

    private static final int MOST_WORDS = 120;
    private static final double MOST_POWER_W = 20e6;
    private static final double MOST_COST = 1e9;
    private static final int MOST_POLES = 64;

    public ExpectedMotor {
        arrivesAt = Problems.orEmpty(arrivesAt);
        promisedAt = Problems.orEmpty(promisedAt);
        Problems problems = new Problems();
        if (problems.name("words", words) && words.strip().length() > MOST_WORDS) {
            problems.add("words", Problem.Code.RANGE, "words has at most " + MOST_WORDS + " characters");
        }
        problems.aboveTo("ratedPowerW", ratedPowerW, 0, MOST_POWER_W, "W");
        if (problems.whole("poles", poles, 2, MOST_POLES, "poles") && poles % 2 == 1) {
            problems.add("poles", Problem.Code.CONTRADICTION, "poles is " + poles + ", which is odd");
        }
        if (problems.present("way", way) && way == OptionKind.REPLACE) {
            problems.add("way", Problem.Code.CONTRADICTION, "way is replace: then it takes no place in the shop");
        }
        if (problems.notNegative("outageCostPerHour", outageCostPerHour, "") && outageCostPerHour > MOST_COST) {
            problems.add("outageCostPerHour", Problem.Code.RANGE, "outageCostPerHour is more than " + MOST_COST);
        }
        time(problems, "arrivesAt", arrivesAt);
        time(problems, "promisedAt", promisedAt);
        problems.throwIfAny();
    }

    private static void time(Problems problems, String field, Optional<String> value) {
        value.ifPresent(v -> {
            try {
                OffsetDateTime.parse(v);
            } catch (DateTimeParseException wrong) {
                problems.add(field, Problem.Code.SYNTAX, field + " is no time such as 2027-03-31T07:00+02:00");
            }
        });
    }

    PricingFacts facts() {
        return PricingFacts.rating(ratedPowerW, poles);
    }

    PlanJob job(String tag, WorkingTime time) {
        return new PlanJob(
                tag,
                Math.max(
                        0,
                        arrivesAt.map(OffsetDateTime::parse).map(time::minute).orElse(0)),
                promisedAt.map(OffsetDateTime::parse).map(time::minute),
                outageCostPerHour,
                rush);
    }
}
