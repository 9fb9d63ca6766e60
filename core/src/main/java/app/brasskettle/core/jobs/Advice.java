package app.brasskettle.core.jobs;

import app.brasskettle.core.cause.Chain;
import app.brasskettle.core.cause.EarlierFailure;
import app.brasskettle.core.cause.EvidenceTable;
import app.brasskettle.core.cause.Explanation;
import app.brasskettle.core.cause.Prevention;
import app.brasskettle.core.fits.Grease;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What an explanation would mean on this job: how it came to what was found, what may lie at its root, and what keeps it away.
 *
 * @param explanation its code
 * @param chain from what started it to what was found
 * @param earlier when this motor failed of it before, and what was advised then; newest first
 * @param roots what may lie under it, with questions and advice
 */
public record Advice(String explanation, Chain chain, List<Before> earlier, List<Prevention> roots) {

    /**
     * An earlier stay on which the motor failed of it.
     *
     * @param tag the job
     * @param told what it was, and what was advised
     * @param next what to do about it now
     */
    public record Before(String tag, String told, String next) {

        static Before of(EarlierFailure failure) {
            return new Before(failure.tag(), failure.told(), failure.next());
        }
    }

    /** Advice on every explanation, in the order of the explanations. */
    static List<Advice> of(JobRecord job, List<String> codes) {
        Map<String, String> plate = plate(job.plate());
        EvidenceTable table = EvidenceTable.shipped();
        return Arrays.stream(Explanation.values())
                .map(e -> new Advice(
                        e.code(),
                        Chain.of(e, codes, table),
                        job.earlier().stream()
                                .filter(b -> b.explanation() == e)
                                .map(Before::of)
                                .toList(),
                        Prevention.of(e, codes, plate, table)))
                .toList();
    }

    private static Map<String, String> plate(Optional<Plate> plate) {
        Map<String, String> figures = new HashMap<>();
        plate.flatMap(Plate::ratedCurrentA).ifPresent(a -> figures.put("current", Figures.show(a, Dimension.CURRENT)));
        plate.flatMap(Plate::ratedVoltageV).ifPresent(v -> figures.put("voltage", Figures.show(v, Dimension.VOLTAGE)));
        List<String> bearings = plate.flatMap(Plate::details).stream()
                .flatMap(d -> Stream.of(d.driveEndBearing(), d.nonDriveEndBearing()))
                .flatMap(Optional::stream)
                .distinct()
                .toList();
        List<String> grams = new ArrayList<>();
        for (String bearing : bearings) {
            Grease.grams(bearing).ifPresent(g -> grams.add(Figures.significant(g, 2) + " g"));
        }
        if (!bearings.isEmpty()) {
            figures.put("bearings", String.join(" and ", bearings));
        }
        if (!grams.isEmpty() && grams.size() == bearings.size()) {
            figures.put("grease", String.join(" and ", grams) + " at each greasing (0.005 × outside diameter × width)");
        }
        return figures;
    }
}
