package app.brasskettle.core.passport;

import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * The stays of one motor read together.
 *
 * @param findings what they say, the most pressing first
 * @param insulation its insulation over the stays, oldest first
 * @param resistance its winding resistance over the stays, oldest first
 */
public record MotorHistory(List<Judgement> findings, List<Point> insulation, List<Point> resistance) {

    private static final double FALLS_TO = 1.0 / 3;
    private static final double SAME_WINDING_PERCENT = 5;
    private static final double SECONDS_PER_DAY = 86_400;
    private static final double SOON_DAYS = 365;
    private static final String SHOP = "Shop rule: compare a motor with itself";

    /**
     * One figure of one stay.
     *
     * @param tag the job
     * @param at seconds of the epoch
     * @param value MΩ at 40 °C, or Ω at 25 °C
     */
    public record Point(String tag, double at, double value) {}

    /** The history that {@code jobs} give, in any order. */
    public static MotorHistory of(List<PastJob> jobs) {
        List<PastJob> inOrder = jobs.stream()
                .sorted(Comparator.comparingDouble(PastJob::receivedAt))
                .toList();
        List<Point> insulation = points(inOrder, PastJob::insulationMegohm);
        List<Point> resistance = points(inOrder, PastJob::windingOhmAt25C);
        List<Judgement> findings = new ArrayList<>();
        again(inOrder).ifPresent(findings::add);
        last(inOrder).ifPresent(findings::add);
        insulation(insulation).ifPresent(findings::add);
        resistance(resistance).ifPresent(findings::add);
        return new MotorHistory(List.copyOf(findings), insulation, resistance);
    }

    private static List<Point> points(List<PastJob> jobs, Function<PastJob, Optional<Double>> figure) {
        return jobs.stream()
                .filter(j -> figure.apply(j).isPresent())
                .map(j -> new Point(j.tag(), j.receivedAt(), figure.apply(j).orElseThrow()))
                .toList();
    }

    /** The same cause concluded twice: it was sent back with the cause still there. */
    private static Optional<Judgement> again(List<PastJob> jobs) {
        List<PastJob> concluded =
                jobs.stream().filter(j -> j.cause().isPresent()).toList();
        if (concluded.size() < 2) {
            return Optional.empty();
        }
        PastJob newest = concluded.get(concluded.size() - 1);
        List<String> tags = concluded.stream()
                .filter(j -> j.cause().equals(newest.cause()))
                .map(PastJob::tag)
                .toList();
        return tags.size() < 2
                ? Optional.empty()
                : Optional.of(new Judgement(
                        Verdict.STOP,
                        "Failed the same way " + tags.size() + " times: "
                                + newest.causeSpoken().orElse(""),
                        String.join(", ", tags),
                        SHOP,
                        "The cause is still at the machine. Settle it with the customer before the motor goes back."));
    }

    private static Optional<Judgement> last(List<PastJob> jobs) {
        if (jobs.size() < 2) {
            return Optional.empty();
        }
        PastJob newest = jobs.get(jobs.size() - 1);
        PastJob before = jobs.get(jobs.size() - 2);
        double days = (newest.receivedAt() - before.receivedAt()) / SECONDS_PER_DAY;
        boolean soon = Limit.under(days, SOON_DAYS);
        String away = days < 60
                ? Figures.plain(Math.rint(days)) + " days"
                : Figures.plain(Math.rint(days / 30.44)) + " months";
        return Optional.of(new Judgement(
                soon ? Verdict.WATCH : Verdict.HOLDS,
                "Here before as " + before.tag() + ", " + away + " earlier: "
                        + before.causeSpoken().orElse("no cause concluded")
                        + before.answer()
                                .map(a -> "; " + a.toLowerCase(java.util.Locale.ROOT))
                                .orElse(""),
                soon ? "Back within a year" : "",
                SHOP,
                soon ? "Ask what changed at the machine since." : "Compare its tests with those of then."));
    }

    private static Optional<Judgement> insulation(List<Point> points) {
        if (points.size() < 2) {
            return Optional.empty();
        }
        Point newest = points.get(points.size() - 1);
        Point before = points.get(points.size() - 2);
        boolean fell = Limit.under(newest.value(), before.value() * FALLS_TO);
        return Optional.of(new Judgement(
                fell ? Verdict.WATCH : Verdict.HOLDS,
                "Insulation " + (fell ? "fell" : "stands") + ": " + show(before, Dimension.INSULATION) + " then, "
                        + show(newest, Dimension.INSULATION) + " now, at 40 °C",
                "Watch under a third of the last stay",
                SHOP,
                fell ? "Look for water, dirt, oil; dry it and test again." : ""));
    }

    private static Optional<Judgement> resistance(List<Point> points) {
        if (points.size() < 2) {
            return Optional.empty();
        }
        Point newest = points.get(points.size() - 1);
        Point before = points.get(points.size() - 2);
        double change = 100 * (newest.value() - before.value()) / before.value();
        boolean other = Limit.over(Math.abs(change), SAME_WINDING_PERCENT);
        return Optional.of(new Judgement(
                other ? Verdict.WATCH : Verdict.HOLDS,
                "Winding resistance " + (other ? "changed by " + Figures.percent(change) : "is that of then") + ": "
                        + show(before, Dimension.RESISTANCE) + ", now " + show(newest, Dimension.RESISTANCE)
                        + ", at 25 °C",
                "Limit 5 %",
                SHOP,
                other
                        ? "Rewound elsewhere since, a joint opening, or other leads: look before the old data are used."
                        : ""));
    }

    private static String show(Point point, Dimension kind) {
        return Figures.show(point.value(), kind);
    }
}
