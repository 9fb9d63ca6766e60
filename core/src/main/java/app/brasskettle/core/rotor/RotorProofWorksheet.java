package app.brasskettle.core.rotor;

import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Limit;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.worksheet.Step;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Broken bars: slip sidebands beside the line current, and the swing of a low single-phase current over a turn by hand. */
public final class RotorProofWorksheet {

    private static final double WATCH_DB = 54;
    private static final double STOP_DB = 45;
    private static final double SWING_WATCH = 3;
    private static final double SWING_STOP = 8;
    private static final String SOURCE =
            "Slip sidebands (1 ± 2s)·f: watch from 54 dB, broken bars within 45 dB of the line; swing over a turn by shop rule";

    private RotorProofWorksheet() {}

    public static Worksheet<RotorProof, RotorProofResult> create() {
        return new Worksheet<>(
                "rotor-proof", "Rotor proof", RotorProof.class, List.of("Shop rule"), RotorProofWorksheet::work);
    }

    private static RotorProofResult work(RotorProof proof) {
        Optional<Sidebands> bands = proof.lineCurrentA()
                .map(r -> Sidebands.of(r, proof.sampleIntervalS().orElseThrow(), proof.frequencyHz(), proof.slip()));
        Optional<Double> slip = bands.map(b -> 100 * proof.slip());
        Optional<Double> swing = proof.turnCurrentsA().map(RotorProofWorksheet::swing);
        List<Step> steps = new ArrayList<>();
        slip.ifPresent(s -> steps.add(new Step("slip", "100·(ns − n)/ns", "", s, "%", SOURCE)));
        bands.ifPresent(b -> {
            steps.add(new Step("resolution", "1/(N·Δt)", "", b.resolutionHz(), "Hz", SOURCE));
            steps.add(new Step("lower sideband", "20·log(I line/I(1 − 2s)f)", "", b.lowerDb(), "dB", SOURCE));
            steps.add(new Step("upper sideband", "20·log(I line/I(1 + 2s)f)", "", b.upperDb(), "dB", SOURCE));
        });
        swing.ifPresent(s -> steps.add(new Step("swing", "100·(max − min)/mean", "", s, "%", SOURCE)));
        boolean apart = bands.map(b -> b.apart(proof.slip())).orElse(true);
        return new RotorProofResult(
                bands.map(Sidebands::lineHz),
                slip,
                bands.map(Sidebands::lowerDb),
                bands.map(Sidebands::upperDb),
                swing,
                judge(bands.filter(b -> apart), swing, apart),
                List.copyOf(steps));
    }

    private static double swing(List<Double> currents) {
        double most = currents.stream().mapToDouble(i -> i).max().orElseThrow();
        double least = currents.stream().mapToDouble(i -> i).min().orElseThrow();
        double mean = currents.stream().mapToDouble(i -> i).average().orElseThrow();
        return 100 * (most - least) / mean;
    }

    private static Judgement judge(Optional<Sidebands> bands, Optional<Double> swing, boolean apart) {
        List<Verdict> words = new ArrayList<>();
        List<String> figures = new ArrayList<>();
        bands.ifPresent(b -> {
            double nearest = Math.min(b.lowerDb(), b.upperDb());
            words.add(
                    !Limit.over(nearest, STOP_DB)
                            ? Verdict.STOP
                            : Limit.over(nearest, WATCH_DB) ? Verdict.HOLDS : Verdict.WATCH);
            figures.add("sideband " + Figures.significant(nearest, 3)
                    + " dB under the line (watch from 54, stop within 45)");
        });
        swing.ifPresent(s -> {
            words.add(Limit.ceiling(s, SWING_WATCH, SWING_STOP));
            figures.add("current swings " + Figures.percent(s) + " over a turn (watch 3, stop 8)");
        });
        if (!apart) {
            words.add(Verdict.UNPROVEN);
            figures.add("the record is too short, or the load too light, to tell the sidebands from the line");
        }
        Verdict worst = Verdict.worst(words);
        String joined = String.join("; ", figures);
        return new Judgement(
                worst,
                Character.toUpperCase(joined.charAt(0)) + joined.substring(1),
                bands.isPresent() ? "Broken bars modulate the current at twice the slip" : "",
                SOURCE,
                switch (worst) {
                    case HOLDS -> "The cage is whole.";
                    case WATCH -> "Load it more and repeat; growler on the rotor when it is out.";
                    case STOP -> "Broken bars: growler, look at bars and end rings; new rotor or re-bar.";
                    case UNPROVEN -> "Record for longer, near rated load.";
                });
    }
}
