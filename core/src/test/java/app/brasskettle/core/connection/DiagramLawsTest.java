package app.brasskettle.core.connection;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every diagram up to 144 slots and 16 poles, each scheme, connection, number of circuits and span: it proves itself where the
 * rules of the trade allow one, and is refused with the field that forbids it where they do not.
 */
class DiagramLawsTest {

    private static final int MAX_SLOTS = 144;
    private static final int MAX_POLES = 16;
    private static final double EQUAL = 1e-6;

    /** The number that docs/formulas.md tells. */
    private static final int[] PROVED = new int[2];

    static Stream<Integer> poles() {
        return IntStream.rangeClosed(1, MAX_POLES / 2).map(p -> 2 * p).boxed();
    }

    @AfterAll
    static void theDocsTellTheNumberProved() throws IOException {
        assertThat(Files.readString(Path.of("../docs/formulas.md")).replaceAll("\\s+", " "))
                .contains(String.format(Locale.ROOT, "there are %,d diagrams", PROVED[0]))
                .contains(String.format(Locale.ROOT, "proves their %,d connections", PROVED[1]));
    }

    @ParameterizedTest
    @MethodSource("poles")
    void everyFeasibleDiagramProvesItselfAtEverySpan(int poles) {
        for (int slots = 3; slots <= MAX_SLOTS; slots += 3) {
            for (int circuits = 1; circuits <= poles; circuits++) {
                for (ConnectionScheme scheme : ConnectionScheme.values()) {
                    for (Optional<WindingConnection> connection : connections(scheme)) {
                        every(slots, poles, circuits, scheme, connection);
                    }
                }
            }
        }
    }

    private static List<Optional<WindingConnection>> connections(ConnectionScheme scheme) {
        return scheme.connectedInside()
                ? List.of(Optional.of(WindingConnection.WYE), Optional.of(WindingConnection.DELTA))
                : List.of(Optional.empty());
    }

    private static void every(
            int slots, int poles, int circuits, ConnectionScheme scheme, Optional<WindingConnection> connection) {
        DiagramPlan plan = null;
        List<ConnectionNetwork> networks = new ArrayList<>();
        for (int span = 1; span <= 3 * slots / (2 * poles); span++) {
            Optional<String> forbidden = forbidden(slots, poles, circuits, span, scheme);
            DiagramQuestion question;
            try {
                question = new DiagramQuestion(slots, poles, span, circuits, scheme, connection, Optional.empty());
            } catch (InvalidInputException refused) {
                assertThat(refused.problems())
                        .extracting(Problem::field)
                        .as(slots + "/" + poles + " span " + span + " a" + circuits + " " + scheme)
                        .contains(forbidden.orElse("nothing forbids it"));
                continue;
            }
            assertThat(forbidden).as("%s", question).isEmpty();
            if (plan == null) {
                plan = DiagramBuilder.build(question);
                everyEndOnce(plan, scheme);
                for (DiagramPlan.Outside o : plan.outside()) {
                    networks.add(new ConnectionNetwork(plan.ring(), plan.joints(), o.leads()));
                }
            }
            proved(question, plan, networks);
        }
    }

    /** What forbids a diagram, told again from the trade's rules and not from the product's. */
    private static Optional<String> forbidden(int slots, int poles, int circuits, int span, ConnectionScheme scheme) {
        if (2 * slots < 3 * poles) {
            return Optional.of("slots");
        }
        boolean two = scheme.name().startsWith("TWO_SPEED");
        if (two && slots % (3 * poles) != 0) {
            return Optional.of("slots");
        }
        int most = two ? poles / 2 : mostCircuits(slots, poles);
        int wanted = scheme == ConnectionScheme.NINE_LEAD || scheme == ConnectionScheme.TWELVE_LEAD
                ? 2 * circuits
                : circuits;
        if (most % wanted != 0) {
            // A grouping that is not balanced is blamed first where the circuits would divide.
            return Optional.of("parallelCircuits");
        }
        if (denominator(slots, poles) % 3 == 0) {
            return Optional.of("slots");
        }
        if (two && (pitch(slots, poles, span) < 0.3 || pitch(slots, 2 * poles, span) < 0.3)) {
            return Optional.of("spanSlots");
        }
        return Optional.empty();
    }

    private static int denominator(int slots, int poles) {
        int d = 1;
        while ((long) slots * d % (3 * poles) != 0) {
            d++;
        }
        return d;
    }

    private static int mostCircuits(int slots, int poles) {
        return Math.max(1, poles / denominator(slots, poles));
    }

    private static double pitch(int slots, int poles, int span) {
        return Math.abs(Math.sin(Math.PI / 2 * poles * span / slots));
    }

    private static void everyEndOnce(DiagramPlan plan, ConnectionScheme scheme) {
        Set<String> seen = new HashSet<>();
        plan.joints().forEach(j -> j.forEach(t -> assertThat(seen.add(t)).as(t).isTrue()));
        Set<String> wanted = new HashSet<>();
        for (int g = 0; g < plan.ring().groups().size(); g++) {
            if (plan.ring().coils(g) > 0) {
                wanted.add("S" + (g + 1));
                wanted.add("F" + (g + 1));
            }
        }
        IntStream.rangeClosed(1, scheme.leads()).forEach(n -> wanted.add("T" + n));
        assertThat(seen).isEqualTo(wanted);
    }

    private static void proved(DiagramQuestion q, DiagramPlan plan, List<ConnectionNetwork> networks) {
        PROVED[0]++;
        Set<Rotation> turns = new HashSet<>();
        for (int k = 0; k < networks.size(); k++) {
            DiagramPlan.Outside outside = plan.outside().get(k);
            int poles = outside.leads().poles();
            ConnectionProof proof = new ConnectionProof(plan.ring(), networks.get(k), q.spanSlots(), poles);
            ConnectionFigures figures = proof.figures();
            GroupRing ring = plan.ring();
            if (!figures.sound(100 * ring.bestDistribution(poles))) {
                throw new AssertionError(q + " " + outside.name() + ": " + figures);
            }
            double leg = ring.bestDistribution(poles) * q.slots() / 3 * 2 * pitch(q.slots(), poles, q.spanSlots());
            double line = leg / outside.circuits() * (outside.connection() == WindingConnection.WYE ? Math.sqrt(3) : 1);
            if (Math.abs(proof.lineVoltage() - line) > EQUAL * line) {
                throw new AssertionError(q + " " + outside.name() + " makes " + proof.lineVoltage() + ", not " + line);
            }
            if (q.scheme().twoSpeed()) {
                assertThat(figures.fieldPoles()).as("%s %s", q, outside.name()).contains(poles);
            }
            turns.add(figures.rotation().orElseThrow());
            PROVED[1]++;
        }
        assertThat(turns).as("%s", q).hasSize(1);
    }
}
