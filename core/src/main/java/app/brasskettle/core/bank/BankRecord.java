package app.brasskettle.core.bank;

import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A winding in the bank.
 *
 * @param key its name, one for each: a job's tag, or another shop's mark
 * @param maker maker of the motor
 * @param model its model
 * @param ratedPowerW its power
 * @param winding the winding, complete
 * @param takenBy whose take it is
 * @param takenOn day it was settled, ISO 8601
 * @param rewound how often a motor was wound by it
 * @param proved how many of those ran after it
 * @param changed what was changed against the motor's own winding, and why
 */
public record BankRecord(
        String key,
        Optional<String> maker,
        Optional<String> model,
        Optional<Double> ratedPowerW,
        WindingData winding,
        String takenBy,
        String takenOn,
        int rewound,
        int proved,
        Optional<String> changed) {

    private static final int LONGEST = 80;
    private static final int LONGEST_CHANGE = 500;
    private static final int MOST_TIMES = 100_000;
    /** A cell that begins otherwise is a formula to a spreadsheet. */
    private static final Pattern WORDS = Pattern.compile("[\\p{L}\\p{N}(\"“‘].*", Pattern.DOTALL);

    private static final Pattern DAY = Pattern.compile("\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])");

    /** Checks everything that is not the winding's own. */
    public BankRecord {
        maker = words(maker);
        model = words(model);
        changed = words(changed);
        ratedPowerW = Problems.orEmpty(ratedPowerW);
        Problems problems = new Problems();
        if (problems.name("key", key)) {
            text("key", key, LONGEST, problems);
        }
        maker.ifPresent(m -> text("maker", m, LONGEST, problems));
        model.ifPresent(m -> text("model", m, LONGEST, problems));
        ratedPowerW.ifPresent(p -> problems.positive("ratedPowerW", p, "W"));
        problems.present("winding", winding);
        if (problems.name("takenBy", takenBy)) {
            text("takenBy", takenBy, LONGEST, problems);
        }
        if (problems.name("takenOn", takenOn) && !DAY.matcher(takenOn).matches()) {
            problems.add("takenOn", Problem.Code.SYNTAX, "takenOn is no day such as 2027-03-31");
        }
        problems.whole("rewound", rewound, 0, MOST_TIMES, "");
        if (problems.whole("proved", proved, 0, MOST_TIMES, "") && proved > rewound) {
            problems.add(
                    "proved",
                    Problem.Code.CONTRADICTION,
                    "proved is " + proved + "; it was rewound only " + rewound + " times");
        }
        changed.ifPresent(c -> text("changed", c, LONGEST_CHANGE, problems));
        problems.throwIfAny();
    }

    private static Optional<String> words(Optional<String> words) {
        return Problems.orEmpty(words).map(String::strip).filter(w -> !w.isEmpty());
    }

    private static void text(String field, String text, int longest, Problems problems) {
        if (text.length() > longest) {
            problems.add(field, Problem.Code.RANGE, field + " has at most " + longest + " characters");
        } else if (!WORDS.matcher(text).matches()) {
            problems.add(field, Problem.Code.SYNTAX, field + " begins with a sign; begin it with a letter or figure");
        }
    }

    /** Returns the words that a search looks through: maker and model in small letters. */
    public String words() {
        return (maker.orElse("") + " " + model.orElse("")).toLowerCase(Locale.ROOT);
    }

    /** Returns the same under another key. */
    public BankRecord under(String other) {
        return new BankRecord(other, maker, model, ratedPowerW, winding, takenBy, takenOn, rewound, proved, changed);
    }

    /**
     * Returns the same with what became of it since it was written.
     *
     * @param more how often it was wound since
     * @param moreProved how many of those ran
     * @param change what was changed, where somebody said
     */
    public BankRecord since(int more, int moreProved, Optional<String> change) {
        return new BankRecord(
                key,
                maker,
                model,
                ratedPowerW,
                winding,
                takenBy,
                takenOn,
                rewound + more,
                proved + moreProved,
                change.or(() -> changed));
    }
}
