package app.brasskettle.core.prove;

import app.brasskettle.core.catalogue.RunningTests;
import app.brasskettle.core.catalogue.TestKinds;
import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.testkind.KeyFigure;
import app.brasskettle.core.testkind.TestKind;
import app.brasskettle.core.testrecord.Caveat;
import app.brasskettle.core.testrecord.JudgedTest;
import app.brasskettle.core.testrecord.JudgedTests;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.MeasuredAgainstPredicted;
import app.brasskettle.core.work.Remedy;
import app.brasskettle.core.work.TestGroup;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.work.WorkDone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Makes the tables of proof from the tests of a motor and the work done on it: as received is before any work that changes it, before
 * varnish is on the new winding before the first dip, now is what stands.
 *
 * @param tests every test with its one effective judgement
 * @param works work done, in the order of time
 * @param repaired whether it is a motor that was worked on, or is to be; one tested and sent back as it came is not
 * @param phases phases by the plate
 * @param speeds names of the speeds by the plate, empty texts for a motor with one
 * @param predicted what the winding predicts
 */
public record ProofTables(
        JudgedTests tests,
        List<WorkDone> works,
        boolean repaired,
        int phases,
        List<String> speeds,
        Predicted predicted) {

    /** The proof of the finished motor; simulated readings do not pass it. */
    public ProofTable finished() {
        return ProofTable.of(rows(false), "Proved", true);
    }

    /** The proof of the new winding before varnish. */
    public ProofTable bare() {
        return ProofTable.of(rows(true), "Proved before varnish", false);
    }

    private List<ProofRow> rows(boolean bare) {
        List<ProofRow> rows = new ArrayList<>();
        for (TestKind kind : TestKinds.all()) {
            boolean fits = kind.phases().filter(n -> n != phases).isEmpty() && !kind.checksTester();
            for (int speed = 1; fits && speed <= (kind.eachSpeed() ? speeds.size() : 1); speed++) {
                boolean required = bare ? kind.repairProof().bare() : needed(kind, speed);
                boolean shown = !bare && kind.keyFigure().isPresent() && taken(kind, speed);
                if (required || shown) {
                    rows.add(row(kind, speed, required, bare));
                }
            }
        }
        return rows;
    }

    /** What was done says what is proved again; a motor that goes back as it came needs its winding tested, and what else was read. */
    private boolean needed(TestKind kind, int speed) {
        if (!kind.repairProof().finished()) {
            return false;
        }
        List<WorkDone> done = works.stream().filter(WorkDone::changesMotor).toList();
        if (done.isEmpty()) {
            return repaired || kind.repairProof().bare() || taken(kind, speed);
        }
        if (kind == RunningTests.VIBRATION) {
            return done.stream().anyMatch(ProofTables::turnsOtherwise);
        }
        return kind.group() == TestGroup.INSULATION
                || kind.group() == TestGroup.RUN
                || done.stream().anyMatch(w -> w.harms().contains(kind.group()));
    }

    /** Whether what turns, or holds what turns, is no longer what it was. */
    private static boolean turnsOtherwise(WorkDone done) {
        return done.remedy()
                .map(r -> r.part() == Remedy.Part.TURNING)
                .orElse(done.work() == Work.MACHINED || done.work() == Work.STRIPPED || done.work() == Work.REWOUND);
    }

    private boolean taken(TestKind kind, int speed) {
        return tests.standing(kind, speed).isPresent();
    }

    private ProofRow row(TestKind kind, int speed, boolean required, boolean beforeVarnish) {
        double changed = works.stream()
                .filter(WorkDone::changesMotor)
                .mapToDouble(WorkDone::at)
                .findFirst()
                .orElse(Double.POSITIVE_INFINITY);
        double rewound = last(Work.REWOUND);
        double dipped = works.stream()
                .filter(w -> w.work() == Work.DIPPED && w.at() > rewound)
                .mapToDouble(WorkDone::at)
                .findFirst()
                .orElse(Double.POSITIVE_INFINITY);
        Optional<JudgedTest> received = last(kind, speed, Double.NEGATIVE_INFINITY, changed);
        Optional<JudgedTest> bare =
                rewound == Double.NEGATIVE_INFINITY ? Optional.empty() : last(kind, speed, rewound, dipped);
        // Once it is dipped, the proof before varnish is what was read then: varnish ages it.
        boolean history = beforeVarnish && dipped < Double.POSITIVE_INFINITY;
        Optional<JudgedTest> now =
                history ? bare : tests.current(kind, speed).filter(t -> !works(changed) || t.at() >= changed);
        String named = kind.label() + (kind.eachSpeed() ? speeds.get(speed - 1) : "");
        return new ProofRow(
                named,
                kind.step(speed),
                kind.keyFigure().map(KeyFigure::name).orElse(""),
                received.map(ProofTables::shown),
                bare.map(ProofTables::shown),
                now.map(ProofTables::shown),
                kind == WindingTests.WINDING_RESISTANCE
                        ? Optional.ofNullable(predicted.terminalOhmAt25C().get(speed))
                                .map(v -> kind.keyFigure().orElseThrow().shown(v))
                        : Optional.empty(),
                judged(kind, speed, now, history),
                worse(kind, named, received, now),
                required,
                now.filter(t -> t.test().origin() == Origin.SIMULATED).isPresent());
    }

    private static boolean works(double changed) {
        return changed < Double.POSITIVE_INFINITY;
    }

    private double last(Work work) {
        return works.stream()
                .filter(w -> w.work() == work)
                .mapToDouble(WorkDone::at)
                .max()
                .orElse(Double.NEGATIVE_INFINITY);
    }

    private Optional<JudgedTest> last(TestKind kind, int speed, double from, double to) {
        return tests.all().stream()
                .filter(t -> t.kind() == kind && t.speed() == speed && t.at() >= from && t.at() < to)
                .reduce((earlier, later) -> later);
    }

    private static String shown(JudgedTest test) {
        return test.kind()
                .keyFigure()
                .flatMap(k -> test.kind().keyFigure(test.result()).map(k::shown))
                .orElseGet(() -> test.own().verdict().label());
    }

    private Judgement judged(TestKind kind, int speed, Optional<JudgedTest> now, boolean history) {
        if (now.isEmpty()) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    taken(kind, speed) ? "Not taken since it was worked on" : "Not taken yet",
                    "",
                    "",
                    "Take it.");
        }
        JudgedTest test = now.get();
        Judgement word = history ? test.unaged() : test.effective();
        List<Judgement> all = new ArrayList<>(List.of(word));
        boolean elsewhere = test.has(Caveat.Kind.ELSEWHERE);
        if (elsewhere) {
            all.add(new Judgement(
                    Verdict.UNPROVEN,
                    "Not read here: " + test.effective().headline(),
                    "A file, or an entry made later, proves no motor that leaves this shop",
                    "Shop rule",
                    "Take it here."));
        }
        if (kind == WindingTests.WINDING_RESISTANCE && word.verdict() != Verdict.UNPROVEN) {
            Optional.ofNullable(predicted.terminalOhmAt25C().get(speed))
                    .flatMap(p -> kind.keyFigure(test.result()).map(ohm -> MeasuredAgainstPredicted.judge(p, ohm)))
                    .ifPresent(all::add);
        }
        return Judgement.worst(all).orElseThrow();
    }

    private static Optional<String> worse(
            TestKind kind, String named, Optional<JudgedTest> received, Optional<JudgedTest> now) {
        Optional<Double> before = received.flatMap(t -> kind.keyFigure(t.result()));
        Optional<Double> after = now.flatMap(t -> kind.keyFigure(t.result()));
        boolean other = received.isPresent() && now.isPresent() && received.get() != now.get();
        return kind.keyFigure()
                .filter(k -> other && before.isPresent() && after.isPresent())
                .filter(k -> k.worse(before.get(), after.get()))
                .map(k -> named + " " + k.shown(after.get()) + ", was " + k.shown(before.get()) + " as received");
    }
}
