package app.brasskettle.core.testkind;

import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.nameplate.RatingBlock;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.RecordReader;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** What the nameplate says to each test. The plate that stands now judges: readings are read again with its figures. */
public final class PlateBasis {

    private PlateBasis() {}

    /**
     * Readings as the plate that stands now makes them.
     *
     * @param input the record
     * @param contradiction why plate and readings cannot both be right, where they cannot
     */
    public record Reread(Record input, Optional<String> contradiction) {}

    /**
     * Reads stored readings again with the figures of the plate that stands now.
     *
     * @param kind which test
     * @param speed 1 or 2
     * @param stored the readings as stored, with the figures of the plate of their day
     * @param plate the plate that stands now
     */
    public static Reread reread(TestKind kind, int speed, Map<String, Object> stored, Optional<Plate> plate) {
        Map<String, Object> whole = new LinkedHashMap<>(stored);
        plate.ifPresent(p -> overlay(kind, speed, p, whole));
        try {
            return new Reread(RecordReader.read(kind.inputType(), whole), Optional.empty());
        } catch (InvalidInputException refused) {
            return new Reread(
                    RecordReader.read(kind.inputType(), stored),
                    Optional.of(refused.problems().get(0).message()));
        }
    }

    /**
     * Puts what the plate says into a test's input, over what stands there.
     *
     * @param kind which test
     * @param speed 1 or 2
     * @param plate the plate
     * @param whole the input as words and figures; changed
     */
    public static void overlay(TestKind kind, int speed, Plate plate, Map<String, Object> whole) {
        Optional<RatingBlock> second = plate.secondSpeed().filter(b -> speed == 2);
        for (PlateFact fact : kind.plateFacts()) {
            fact.says().apply(plate, second).ifPresent(said -> {
                if (fact.force() == PlateFact.Force.SUGGESTS) {
                    whole.putIfAbsent(fact.field(), said);
                } else {
                    whole.put(fact.field(), said);
                }
            });
        }
    }
}
