package app.brasskettle.server.jobs;

import app.brasskettle.core.catalogue.WorksheetCatalogue;
import app.brasskettle.core.choice.ChoiceReading;
import app.brasskettle.core.choice.ChoiceSheet;
import app.brasskettle.core.jobs.JobReading;
import app.brasskettle.core.jobs.JobRecord;
import app.brasskettle.core.jobs.Plate;
import app.brasskettle.core.nameplate.NameplateReading;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.teardown.MapFact;
import app.brasskettle.core.teardown.PaintedStator;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.winding.WindingData;
import app.brasskettle.core.winding.WindingResult;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the core says to a sheet while it is being typed, before anything is kept.
 *
 * @param shown by field, the figure in words
 * @param problems what is wrong
 * @param plate what a nameplate implies
 * @param winding what winding data imply
 * @param windingMeasured the resistance they predict against the one measured
 * @param facts what a coil map says
 * @param choice options compared
 */
record SheetLook(
        Map<String, String> shown,
        List<Problem> problems,
        Optional<NameplateReading> plate,
        Optional<WindingResult> winding,
        Optional<Judgement> windingMeasured,
        List<MapFact> facts,
        Optional<ChoiceReading> choice) {

    static SheetLook of(SheetKind kind, Map<String, Object> typed, JobRecord job) {
        try {
            TypedInput.Read<? extends Record> read = TypedInput.read(kind.type(), typed);
            Record input = read.input();
            Optional<WindingResult> winding = input instanceof WindingData d
                    ? Optional.of(WorksheetCatalogue.WINDING.work().apply(d))
                    : Optional.empty();
            return new SheetLook(
                    read.shown(),
                    List.of(),
                    input instanceof Plate p
                            ? Optional.of(WorksheetCatalogue.NAMEPLATE.work().apply(p.rating()))
                            : Optional.empty(),
                    winding,
                    JobViews.measured(job, winding),
                    input instanceof PaintedStator s ? s.map().facts() : List.of(),
                    input instanceof ChoiceSheet c ? JobReading.compare(job, c) : Optional.empty());
        } catch (InvalidInputException refused) {
            return new SheetLook(
                    Map.of(),
                    refused.problems(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    List.of(),
                    Optional.empty());
        }
    }
}
