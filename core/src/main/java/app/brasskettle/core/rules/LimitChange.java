package app.brasskettle.core.rules;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;

/**
 * A limit as a shop set it.
 *
 * @param limit which
 * @param figure the shop's figure, in the limit's unit
 * @param reason why, or the source it rests on
 */
public record LimitChange(ShopLimit limit, double figure, String reason) {

    public LimitChange {
        Problems problems = new Problems();
        problems.name("reason", reason);
        if (problems.present("limit", limit)
                && problems.number("figure", figure, limit.unit())
                && (figure < limit.least() || figure > limit.most())) {
            problems.add(
                    "figure",
                    Problem.Code.RANGE,
                    "figure is " + Figures.plain(figure) + " " + limit.unit() + "; it must lie between "
                            + Figures.plain(limit.least()) + " and " + Figures.plain(limit.most()) + " "
                            + limit.unit());
        }
        problems.throwIfAny();
    }

    String label() {
        return "shop's limit " + Figures.plain(figure) + " " + limit.unit() + " in place of "
                + Figures.plain(limit.standard()) + ": " + reason;
    }
}
