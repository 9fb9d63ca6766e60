package app.brasskettle.core.connection;

import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Step;
import java.util.List;
import java.util.Optional;

/**
 * A connection diagram with its proof.
 *
 * @param groups the groups around the stator, by number
 * @param joints terminals that are brazed together, or where a lead leaves
 * @param leads marks of the leads
 * @param connections what is made of the leads outside, one for each voltage or speed
 * @param verdict holds: what does not prove itself is not shown
 * @param judgement what was proved
 * @param steps figures of the proof
 */
public record ConnectionDiagram(
        List<Group> groups,
        List<List<String>> joints,
        List<String> leads,
        List<Connection> connections,
        Verdict verdict,
        Judgement judgement,
        List<Step> steps)
        implements Judged {

    /** The three phases of a winding. */
    public enum Phase implements Coded {
        A,
        B,
        C
    }

    /**
     * A group of coils.
     *
     * @param number from 1, clockwise seen from the connection end
     * @param phase phase it belongs to
     * @param reversed whether a current that enters the phase at its beginning enters this group at its finish; for two speeds at
     *     the high one
     * @param coils number of its coils
     * @param firstSlot slot of the first, from 1; of the next coil for a group without
     */
    public record Group(int number, Phase phase, boolean reversed, int coils, int firstSlot) {}

    /**
     * A way to connect the leads.
     *
     * @param name what it is for
     * @param poles poles of the field
     * @param lines leads on the lines; a, b, c turn every connection the same way
     * @param joined leads joined with one another
     * @param parallelCircuits circuits side by side in a phase
     * @param connection wye or delta
     * @param rotation sense of the field, seen from the connection end
     * @param proof figures, spun and fed
     */
    public record Connection(
            String name,
            int poles,
            Lines lines,
            List<List<String>> joined,
            int parallelCircuits,
            WindingConnection connection,
            Rotation rotation,
            ConnectionFigures proof) {}

    /** Finds the connection for a field of so many poles, the one of the {@code usual} kind where there are several. */
    public Optional<Connection> forPoles(int poles, WindingConnection usual) {
        List<Connection> all =
                connections.stream().filter(c -> c.poles() == poles).toList();
        return all.stream()
                .filter(c -> c.connection() == usual)
                .findFirst()
                .or(() -> all.stream().findFirst());
    }
}
