package app.brasskettle.core.leads;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The leads of a motor as they lay in its terminal box, written down before one of them moves.
 *
 * @param leads each lead that comes out
 */
public record LeadMap(List<MappedLead> leads) {

    /**
     * One lead.
     *
     * @param number its number or letters as found
     * @param mark the mark put on it where it has no number
     * @param colour its colour
     * @param terminal the terminal it lay on; leads on one terminal are joined
     * @param joins the line or other thing it is joined to
     */
    public record MappedLead(
            Optional<String> number,
            Optional<String> mark,
            Optional<String> colour,
            Optional<String> terminal,
            Optional<String> joins) {

        public MappedLead {
            number = words(number);
            mark = words(mark);
            colour = words(colour);
            terminal = words(terminal);
            joins = words(joins);
            Problems problems = new Problems();
            if (Stream.of(number, mark, colour, terminal, joins).allMatch(Optional::isEmpty)) {
                problems.add("number", Problem.Code.MISSING, "number is missing, and nothing else tells this lead");
            }
            problems.throwIfAny();
        }

        private static Optional<String> words(Optional<String> text) {
            return Problems.orEmpty(text).map(String::strip).filter(t -> !t.isEmpty());
        }

        /** The lead by its number, else its mark, else its colour. */
        String name() {
            return number.or(() -> mark).or(() -> colour).orElse("?");
        }

        /** Whether it can be told from the others once it is off its terminal. */
        boolean marked() {
            return number.isPresent() || mark.isPresent();
        }

        /** The terminal as leads are sorted by. */
        Optional<String> place() {
            return terminal.map(t -> t.toUpperCase(Locale.ROOT));
        }
    }

    private static final int MOST = 48;

    public LeadMap {
        leads = Problems.copy(leads);
        Problems problems = new Problems();
        problems.size("leads", leads, 1, MOST);
        problems.throwIfAny();
    }
}
