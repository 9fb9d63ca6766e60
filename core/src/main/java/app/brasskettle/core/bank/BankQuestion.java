package app.brasskettle.core.bank;

import app.brasskettle.core.windingtake.WindingTake;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * What is known of the winding that is looked for: any of it.
 *
 * @param words words of maker and model, all of which a record has
 * @param ratedPowerW power
 * @param poles number of poles
 * @param slots number of slots
 * @param boreDiameterM stator bore
 * @param coreLengthM iron length without ducts
 * @param spanSlots coil pitch in slots
 * @param ratedVoltageV line voltage
 * @param frequencyHz supply frequency
 */
public record BankQuestion(
        Optional<String> words,
        Optional<Double> ratedPowerW,
        Optional<Integer> poles,
        Optional<Integer> slots,
        Optional<Double> boreDiameterM,
        Optional<Double> coreLengthM,
        Optional<Integer> spanSlots,
        Optional<Double> ratedVoltageV,
        Optional<Double> frequencyHz) {

    private static final int LONGEST = 80;

    /** Checks what is asked. */
    public BankQuestion {
        words = Problems.orEmpty(words).map(String::strip).filter(w -> !w.isEmpty());
        Problems problems = new Problems();
        if (words.filter(w -> w.length() > LONGEST).isPresent()) {
            problems.add("words", Problem.Code.RANGE, "words has at most " + LONGEST + " characters");
        }
        ratedPowerW.ifPresent(v -> problems.positive("ratedPowerW", v, "W"));
        poles.ifPresent(v -> problems.whole("poles", v, 2, 120, ""));
        slots.ifPresent(v -> problems.whole("slots", v, 3, 720, ""));
        boreDiameterM.ifPresent(v -> problems.positive("boreDiameterM", v, "m"));
        coreLengthM.ifPresent(v -> problems.positive("coreLengthM", v, "m"));
        spanSlots.ifPresent(v -> problems.whole("spanSlots", v, 1, 720, "slots"));
        ratedVoltageV.ifPresent(v -> problems.positive("ratedVoltageV", v, "V"));
        frequencyHz.ifPresent(v -> problems.positive("frequencyHz", v, "Hz"));
        problems.throwIfAny();
    }

    /** Asks for windings like one that is being taken: by core and span, whatever it is connected for. */
    public static BankQuestion like(WindingTake take) {
        return new BankQuestion(
                Optional.empty(),
                Optional.empty(),
                take.poles(),
                take.slots(),
                take.boreDiameterM(),
                take.coreLengthM(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** Returns the fields that are asked for. */
    Map<BankField, Double> asked() {
        Map<BankField, Double> asked = new EnumMap<>(BankField.class);
        ratedPowerW.ifPresent(v -> asked.put(BankField.POWER, v));
        poles.ifPresent(v -> asked.put(BankField.POLES, (double) v));
        slots.ifPresent(v -> asked.put(BankField.SLOTS, (double) v));
        boreDiameterM.ifPresent(v -> asked.put(BankField.BORE, v));
        coreLengthM.ifPresent(v -> asked.put(BankField.LENGTH, v));
        spanSlots.ifPresent(v -> asked.put(BankField.SPAN, (double) v));
        ratedVoltageV.ifPresent(v -> asked.put(BankField.VOLTAGE, v));
        frequencyHz.ifPresent(v -> asked.put(BankField.FREQUENCY, v));
        return asked;
    }

    /** Returns the words that are asked for, in small letters. */
    List<String> wanted() {
        return words.map(w -> Arrays.asList(w.toLowerCase(Locale.ROOT).split("\\s+")))
                .orElse(List.of());
    }
}
