package app.brasskettle.core.coilset;

import app.brasskettle.core.redesign.ConcentricGroup;
import app.brasskettle.core.redesign.ConcentricGroup.ConcentricCoil;
import app.brasskettle.core.winding.Strand;
import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * A set of coils that belong together: a three-phase winding, a main or a start winding. All but its purpose may be missing.
 *
 * @param purpose what it is for
 * @param poles poles of its field
 * @param groupsPerPhase groups of a phase: as many as poles, or half of it
 * @param parallelCircuits circuits side by side in a phase
 * @param connection wye or delta, of a three-phase set
 * @param firstSlot slot of the outermost coil of its first group, its first side, from 1
 * @param coils coils of one group, each with its own span and turns
 * @param strands wires in hand, by size
 * @param meanTurnLengthM mean length of a turn of all its coils
 * @param ratedVoltageV voltage it lies at: of a three-phase set the line's
 * @param frequencyHz supply frequency
 * @param ratedCurrentA current it takes: of a three-phase set the line's
 */
public record CoilSet(
        SetPurpose purpose,
        Optional<Integer> poles,
        Optional<Integer> groupsPerPhase,
        Optional<Integer> parallelCircuits,
        Optional<WindingConnection> connection,
        Optional<Integer> firstSlot,
        Optional<List<ConcentricCoil>> coils,
        Optional<List<Strand>> strands,
        Optional<Double> meanTurnLengthM,
        Optional<Double> ratedVoltageV,
        Optional<Double> frequencyHz,
        Optional<Double> ratedCurrentA) {

    private static final int MAX_POLES = 120;
    private static final int MAX_COILS = 60;
    private static final int MAX_STRANDS = 12;
    private static final int MAX_COUNT = 10_000;

    /** Checks what is there. */
    public CoilSet {
        coils = Problems.orEmpty(coils).map(Problems::copy).filter(c -> !c.isEmpty());
        strands = Problems.orEmpty(strands).map(Problems::copy).filter(s -> !s.isEmpty());
        Problems problems = new Problems();
        problems.present("purpose", purpose);
        poles.ifPresent(p -> {
            if (problems.whole("poles", p, 2, MAX_POLES, "") && p % 2 != 0) {
                problems.add("poles", Problem.Code.RANGE, "poles is " + p + "; poles come in pairs");
            }
        });
        groups(poles, groupsPerPhase, parallelCircuits, problems);
        firstSlot.ifPresent(s -> problems.whole("firstSlot", s, 1, 720, ""));
        if (purpose != null && purpose.phases() == 1 && connection.isPresent()) {
            problems.add(
                    "connection",
                    Problem.Code.CONTRADICTION,
                    "connection is of three phases; " + purpose.code() + " has one");
        }
        coils.ifPresent(c -> {
            if (problems.size("coils", c, 1, MAX_COILS)) {
                ConcentricGroup.oneAxis(c, problems);
            }
        });
        strands.ifPresent(s -> problems.size("strands", s, 1, MAX_STRANDS));
        positive("meanTurnLengthM", meanTurnLengthM, "m", problems);
        positive("ratedVoltageV", ratedVoltageV, "V", problems);
        positive("frequencyHz", frequencyHz, "Hz", problems);
        positive("ratedCurrentA", ratedCurrentA, "A", problems);
        problems.throwIfAny();
    }

    private static void groups(
            Optional<Integer> poles, Optional<Integer> groups, Optional<Integer> circuits, Problems problems) {
        groups.ifPresent(g -> problems.whole("groupsPerPhase", g, 1, MAX_COUNT, ""));
        circuits.ifPresent(c -> problems.whole("parallelCircuits", c, 1, MAX_COUNT, ""));
        groups.ifPresent(g -> {
            poles.ifPresent(p -> ConcentricGroup.groups(p, g, problems));
            circuits.ifPresent(c -> ConcentricGroup.circuits(g, c, problems));
        });
    }

    private static void positive(String field, Optional<Double> value, String unit, Problems problems) {
        value.ifPresent(v -> problems.positive(field, v, unit));
    }

    /** Returns the middle of its first group, in slots. */
    Optional<Double> axis() {
        return firstSlot.flatMap(s -> coils.map(
                c -> s + c.stream().mapToInt(ConcentricCoil::spanSlots).max().orElseThrow() / 2.0));
    }

    /** Returns the coils of all groups of all phases. */
    Optional<Integer> coilsInAll() {
        return groupsPerPhase.flatMap(g -> coils.map(c -> purpose.phases() * g * c.size()));
    }
}
