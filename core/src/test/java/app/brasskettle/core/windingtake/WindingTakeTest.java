package app.brasskettle.core.windingtake;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.signature.SecondLook;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.winding.MeasuredAgainstPredicted;
import app.brasskettle.core.windingtake.WindingRecord.Settlement;
import app.brasskettle.core.windingtake.WindingRecord.Taken;
import app.brasskettle.core.worksheet.Problem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WindingTakeTest {

    /** A 30 kW winding: 48 slots, four poles, 10 turns of four wires, two circuits in wye. */
    private static Map<String, Object> typed() {
        Map<String, Object> typed = new LinkedHashMap<>();
        typed.put("slots", "48");
        typed.put("poles", "4");
        typed.put("parallelCircuits", "2");
        typed.put("connection", "wye");
        typed.put("wiresPerCoil", "40");
        typed.put("strands", List.of(Map.of("count", "4", "bareDiameterMm", "1.25", "insulatedDiameterMm", "1.33")));
        typed.put("spanSlots", "1 to 11");
        typed.put("meanTurnLengthM", "780 mm");
        typed.put("boreDiameterM", "190 mm");
        typed.put("coreLengthM", "200 mm");
        typed.put("stackingFactor", "0.95");
        typed.put("toothWidthM", "6.2 mm");
        typed.put("backIronDepthM", "27 mm");
        typed.put("slotAreaMm2", "228");
        typed.put("ratedVoltageV", "400");
        typed.put("frequencyHz", "50");
        typed.put("ratedCurrentA", "55");
        return typed;
    }

    private static WindingTake take(Map<String, Object> typed) {
        return TypedInput.read(WindingTake.class, typed).input();
    }

    private static WindingTake with(String field, Object value) {
        Map<String, Object> typed = typed();
        typed.put(field, value);
        return take(typed);
    }

    private static WindingAssessment assess(WindingRecord record) {
        return WindingAssessment.of(record, ShopRules.standard());
    }

    private static WindingRecord both(WindingTake first, WindingTake second) {
        return new WindingRecord(
                Optional.of(new Taken(first, "M. Orre", 3, 0)),
                Optional.of(new Taken(second, "I. Dalby", 2, 0)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    @Test
    void wiresAreCountedAndTurnsFollow() {
        WindingTake take = take(typed());
        assertThat(take.turns()).contains(10);
        assertThat(take.spanSlots()).contains(10);
        assertThat(take.data()).isPresent();
    }

    @ParameterizedTest
    @CsvSource({
        "wiresPerCoil, 42, wiresPerCoil",
        "turnsPerCoil, 11, turnsPerCoil",
        "slots, 47, slots",
        "poles, 5, poles",
        "spanSlots, 19, spanSlots",
        "spanSlots, 1 to 20, spanSlots",
        "parallelCircuits, 3, parallelCircuits",
        "slots, 48.5, slots",
        "stackingFactor, 1.2, stackingFactor"
    })
    void whatCannotBeIsRefusedAtItsField(String field, String value, String blamed) {
        Map<String, Object> typed = typed();
        typed.put(field, value);
        assertThat(TypedInput.attempt(WindingTake.class, typed).problems())
                .extracting(Problem::field)
                .containsExactly(blamed);
    }

    /** Any part of a take is a take: it is accepted, and what is missing is named, in the order of the work. */
    @Test
    void anyPartOfATakeIsAcceptedAndTheRestIsNamed() {
        Random random = new Random(12);
        for (int i = 0; i < 500; i++) {
            Map<String, Object> part = typed();
            List<String> left = new ArrayList<>();
            for (String field : typed().keySet()) {
                if (random.nextInt(3) == 0) {
                    part.remove(field);
                    left.add(field);
                }
            }
            WindingTake take = take(part);
            assertThat(take.data().isPresent()).isEqualTo(left.isEmpty());
            assertThat(take.missing()).extracting(TakeField::field).containsAll(left);
            WindingAssessment read = assess(WindingRecord.none().withFirst(take));
            assertThat(read.stripping().open()).isFalse();
            if (!left.isEmpty()) {
                assertThat(read.judgement().orElseThrow().verdict()).isEqualTo(Verdict.UNPROVEN);
                assertThat(read.result()).isEmpty();
            }
        }
    }

    @Test
    void aWrongCircuitCountIsFoundByTheDensities() {
        WindingAssessment read = assess(WindingRecord.none().withFirst(with("parallelCircuits", "1")));
        assertThat(read.judgement().orElseThrow().verdict()).isEqualTo(Verdict.STOP);
        assertThat(read.result().orElseThrow().misreading().orElseThrow())
                .contains("twice as many circuits (2 in parallel)");
    }

    /** Every field of the table, changed by more than two people may differ, is a difference by its own name. */
    @ParameterizedTest
    @CsvSource({
        "slots, 36",
        "poles, 8",
        "parallelCircuits, 4",
        "connection, delta",
        "wiresPerCoil, 44",
        "spanSlots, 11",
        "meanTurnLengthM, 805 mm",
        "boreDiameterM, 192 mm",
        "coreLengthM, 205 mm",
        "stackingFactor, 0.91",
        "toothWidthM, 6.6 mm",
        "backIronDepthM, 29 mm",
        "slotAreaMm2, 256",
        "ratedVoltageV, 380"
    })
    void whatTwoPeopleFindUnlikeIsToldSideBySide(String field, String value) {
        Map<String, Object> other = typed();
        other.put(field, value);
        if (field.equals("slots") || field.equals("poles")) {
            other.put("spanSlots", "6");
            other.put("parallelCircuits", "1");
        }
        WindingAssessment read = assess(both(take(typed()), take(other)));
        assertThat(read.differences()).extracting(TakeDifference::field).contains(field);
        assertThat(read.stripping().holding())
                .extracting(StrippingPermit.Reason::code)
                .contains("takes-differ");
    }

    @ParameterizedTest
    @CsvSource({"meanTurnLengthM, 790 mm", "boreDiameterM, 190.5 mm", "slotAreaMm2, 235", "toothWidthM, 6.3 mm"})
    void measuringIsNotCountingAndMayDifferALittle(String field, String value) {
        assertThat(assess(both(take(typed()), with(field, value))).differences())
                .isEmpty();
    }

    /** 8960·48·10·0.78·4.909e-6 = 16.5 kg of copper are computed; what was weighed out of the stator, in kg, and the word. */
    @ParameterizedTest
    @CsvSource({"16.5, HOLDS", "17.9, HOLDS", "14.5, WATCH", "18.5, WATCH"})
    void copperWeighedIsHeldAgainstCopperComputed(double outKg, Verdict verdict) {
        WindingTake take = take(typed());
        Judgement copper = assess(new WindingRecord(
                        Optional.of(new Taken(take, "M. Orre", 1, 0)),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(outKg)))
                .copper()
                .orElseThrow();
        assertThat(copper.verdict()).isEqualTo(verdict);
        assertThat(copper.headline()).contains("limit 10 % either way");
    }

    /** Half the resistance that the count makes: the copper stays in, however well two people agree, until a lead hand says why. */
    @Test
    void aResistanceFarFromTheOneComputedKeepsTheCopperIn() {
        WindingAssessment agreed = assess(both(take(typed()), take(typed())));
        double computed = agreed.result().orElseThrow().terminalOhmAt25C().orElseThrow();
        WindingAssessment near = agreed.heldAgainst(MeasuredAgainstPredicted.judge(computed, 1.05 * computed));
        assertThat(near.stripping().waivable()).isFalse();
        assertThat(near.judgement().orElseThrow().verdict()).isEqualTo(Verdict.HOLDS);
        WindingAssessment far = agreed.heldAgainst(MeasuredAgainstPredicted.judge(computed, 0.5 * computed));
        assertThat(far.judgement().orElseThrow().headline()).contains("50 % less");
        assertThat(far.stripping().open()).isFalse();
        assertThat(far.stripping().waivable()).isTrue();
        assertThat(far.stripping().holding())
                .extracting(StrippingPermit.Reason::code)
                .containsExactly("check-stops");
    }

    /** The same hand's second take counts for nothing in a shop of several; in a shop of one ten minutes later. */
    @Test
    void aSecondTakeIsALookOfItsOwn() {
        for (double later : new double[] {0, 599, 600}) {
            WindingRecord twice = new WindingRecord(
                    Optional.of(new Taken(take(typed()), "M. Orre", 1, 5000)),
                    Optional.of(new Taken(take(typed()), "M. Orre", 1, 5000 + later)),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty());
            assertThat(twice.sameHand(SecondLook.byAnother())).isTrue();
            assertThat(twice.sameHand(new SecondLook(true))).isEqualTo(later < 600);
        }
    }

    /**
     * Stripping, by every combination of what can be on record: it is open for nothing but a settlement of the very takes that stand
     * there, and without one something is named that holds it.
     */
    @Test
    void strippingIsOpenForNothingButASettlementOfWhatStandsThere() {
        List<Optional<Taken>> firsts = List.of(
                Optional.empty(),
                Optional.of(new Taken(take(Map.of("slots", "48")), "M. Orre", 3, 0)),
                Optional.of(new Taken(with("parallelCircuits", "1"), "M. Orre", 3, 0)),
                Optional.of(new Taken(take(typed()), "M. Orre", 3, 0)));
        List<Optional<Taken>> seconds = List.of(
                Optional.empty(),
                Optional.of(new Taken(with("wiresPerCoil", "44"), "I. Dalby", 2, 0)),
                Optional.of(new Taken(take(typed()), "M. Orre", 2, 0)),
                Optional.of(new Taken(take(typed()), "I. Dalby", 2, 0)));
        int sound = 0;
        for (Optional<Taken> first : firsts) {
            for (Optional<Taken> second : seconds) {
                for (int f = 0; f <= 3; f++) {
                    for (int s = 0; s <= 2; s++) {
                        Settlement settled = new Settlement("P. Lunn", "", f, s);
                        boolean stands = f == first.map(Taken::version).orElse(0)
                                && s == second.map(Taken::version).orElse(0);
                        StrippingPermit permit = assess(new WindingRecord(
                                        first, second, Optional.of(settled), Optional.empty(), Optional.empty()))
                                .stripping();
                        assertThat(permit.open()).isEqualTo(stands);
                        assertThat(permit.holding().isEmpty()).isEqualTo(stands);
                    }
                }
                StrippingPermit unsettled = assess(
                                new WindingRecord(first, second, Optional.empty(), Optional.empty(), Optional.empty()))
                        .stripping();
                assertThat(unsettled.open()).isFalse();
                sound += unsettled.waivable() ? 0 : 1;
            }
        }
        assertThat(sound)
                .as("records that anybody may settle: a sound take and the same by another")
                .isEqualTo(1);
    }
}
