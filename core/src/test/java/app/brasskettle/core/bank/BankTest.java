package app.brasskettle.core.bank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import app.brasskettle.core.design.MadeUpWindings;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.windingtake.WindingTake;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BankTest {

    private static final List<BankRecord> BANK = bank(300);
    private static final BankIndex INDEX = new BankIndex(IntStream.range(0, BANK.size())
            .mapToObj(i -> BankIndex.Entry.of(i, BANK.get(i)))
            .toList());

    private static List<BankRecord> bank(int count) {
        List<BankRecord> all = new ArrayList<>();
        for (MadeUpWindings.MadeUp m : MadeUpWindings.of(count, 77)) {
            int n = all.size();
            all.add(new BankRecord(
                    "B-" + n,
                    n % 3 == 0 ? Optional.empty() : Optional.of(n % 2 == 0 ? "Tarn Electric" : "Skerry, Sons"),
                    Optional.of("M" + m.winding().poles()),
                    n % 5 == 0 ? Optional.empty() : Optional.of(m.ratedPowerW()),
                    m.winding(),
                    "M. Orre",
                    "2026-03-31",
                    n % 4,
                    n % 2,
                    n % 7 == 0 ? Optional.of("for 690 V, \"as asked\"") : Optional.empty()));
        }
        return List.copyOf(all);
    }

    private static BankQuestion question(Map<String, String> typed) {
        return TypedInput.read(BankQuestion.class, typed).input();
    }

    /** The index answers what comparing with every record answers, for any subset of fields. */
    @Test
    void theNearestAreTheNearestOfAll() {
        Random random = new Random(4);
        for (int i = 0; i < 200; i++) {
            BankRecord like = BANK.get(random.nextInt(BANK.size()));
            BankQuestion q = new BankQuestion(
                    random.nextInt(4) == 0 ? Optional.of("skerry m4") : Optional.empty(),
                    random.nextBoolean() ? like.ratedPowerW().map(p -> p * 1.1) : Optional.empty(),
                    random.nextBoolean() ? Optional.of(like.winding().poles()) : Optional.empty(),
                    random.nextBoolean() ? Optional.of(like.winding().slots()) : Optional.empty(),
                    random.nextBoolean() ? Optional.of(like.winding().boreDiameterM() * 1.02) : Optional.empty(),
                    random.nextBoolean() ? Optional.of(like.winding().coreLengthM()) : Optional.empty(),
                    random.nextBoolean() ? Optional.of(like.winding().spanSlots()) : Optional.empty(),
                    random.nextBoolean() ? Optional.of(like.winding().ratedVoltageV()) : Optional.empty(),
                    random.nextBoolean() ? Optional.of(like.winding().frequencyHz()) : Optional.empty());
            List<Double> brute = BANK.stream()
                    .filter(r -> q.words().isEmpty()
                            || (r.maker().orElse("") + " " + r.model().orElse("")).equals("Skerry, Sons M4"))
                    .map(r -> BankMatch.of(q, r).distance())
                    .sorted()
                    .limit(10)
                    .toList();
            assertThat(INDEX.nearest(q, 10).stream()
                            .map(BankIndex.Near::distance)
                            .toList())
                    .usingComparatorForType((a, b) -> Math.abs(a - b) < 1e-12 ? 0 : Double.compare(a, b), Double.class)
                    .isEqualTo(brute);
        }
    }

    @Test
    void aWindingFindsItsTwinFirstAndWhatDiffersIsMarked() {
        BankRecord own = BANK.get(31);
        BankMatch twin = first(Map.of(
                "poles", "" + own.winding().poles(),
                "slots", "" + own.winding().slots(),
                "boreDiameterM", own.winding().boreDiameterM() + " m",
                "coreLengthM", own.winding().coreLengthM() + " m",
                "ratedVoltageV", own.winding().ratedVoltageV() + " V"));
        assertThat(twin.distance()).isCloseTo(0, within(1e-12));
        assertThat(twin.twin()).isTrue();
        BankMatch other = BankMatch.of(
                question(Map.of(
                        "poles",
                        "" + (own.winding().poles() + 2),
                        "boreDiameterM",
                        own.winding().boreDiameterM() * 1.005 + " m")),
                own);
        assertThat(other.fields()).extracting(BankMatch.Compared::differs).containsExactly(true, false);
        assertThat(other.twin()).isFalse();
    }

    private static BankMatch first(Map<String, String> typed) {
        BankQuestion q = question(typed);
        return BankMatch.of(q, BANK.get((int) INDEX.nearest(q, 1).get(0).id()));
    }

    /** A record without a power is one usual step off for it: behind one that has it, before one that is far from it. */
    @Test
    void whatARecordDoesNotTellIsOneStepOff() {
        BankQuestion q = question(Map.of("ratedPowerW", "22 kW"));
        List<BankIndex.Near> order = INDEX.nearest(q, BANK.size());
        assertThat(order).isSortedAccordingTo(Comparator.comparingDouble(BankIndex.Near::distance));
        assertThat(order.stream()
                        .filter(n -> BANK.get((int) n.id()).ratedPowerW().isEmpty())
                        .map(BankIndex.Near::distance))
                .isNotEmpty()
                .allSatisfy(d -> assertThat(d).isEqualTo(1));
    }

    @Test
    void theTableIsReadAsItWasWritten() {
        String table = BankTable.header() + BANK.stream().map(BankTable::row).collect(Collectors.joining());
        BankTable.Read read = BankTable.csv(table);
        assertThat(read.refused()).isEmpty();
        assertThat(read.good().stream().map(BankTable.Line::record).toList()).isEqualTo(BANK);
        assertThat(read.good().get(0).line()).isEqualTo(2);
    }

    /** Each line of the table is spoilt in one way; it alone is refused, at its field. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "winding.slots | 47 | winding.slots",
                "winding.slots | 4.5 | winding.slots",
                "winding.poles | 3 | winding.poles",
                "winding.spanSlots | 200 | winding.spanSlots",
                "winding.parallelCircuits | 7 | winding.parallelCircuits",
                "winding.coreLengthM | 0,19 | winding.coreLengthM",
                "winding.coreLengthM | 190 mm | winding.coreLengthM",
                "winding.strands | AWG 18 | winding.strands",
                "winding.strands | 2x1.25/1.20 | winding.strands[0].insulatedDiameterMm",
                "winding.groupPattern | 3 2 3 | winding.groupPattern",
                "winding.connection | star | winding.connection",
                "maker | =HYPERLINK(0) | maker",
                "takenOn | 31.3.2026 | takenOn",
                "proved | 99 | proved",
                "key | | key"
            })
    void aSpoiltLineIsRefusedAtItsField(String column, String cell, String field) {
        List<String> header = List.of(BankTable.header().strip().split(","));
        // Records 1 and 2 have no comma in a word.
        List<String> cells =
                new ArrayList<>(List.of(BankTable.row(BANK.get(4)).strip().split(",", -1)));
        cells.set(header.indexOf(column), cell == null ? "" : "\"" + cell + "\"");
        BankTable.Read read =
                BankTable.csv(BankTable.header() + BankTable.row(BANK.get(2)) + String.join(",", cells) + "\n");
        assertThat(read.good()).hasSize(1);
        assertThat(read.refusedLines()).isEqualTo(1);
        assertThat(read.refused()).allSatisfy(r -> assertThat(r.line()).isEqualTo(3));
        assertThat(read.refused()).extracting(BankTable.Refused::field).contains(field);
    }

    @Test
    void aDecimalCommaWithoutQuotesMakesACellTooMany() {
        String row = BankTable.row(BANK.get(2)).replaceFirst(",0\\.95,", ",0,95,");
        BankTable.Read read = BankTable.csv(BankTable.header() + row);
        assertThat(read.good()).isEmpty();
        assertThat(read.refused().get(0).message()).contains("a comma within a figure");
    }

    @Test
    void aKeyThatStandsTwiceIsRefusedWithBothLines() {
        BankTable.Read read =
                BankTable.csv(BankTable.header() + BankTable.row(BANK.get(2)) + BankTable.row(BANK.get(2)));
        assertThat(read.good()).hasSize(1);
        assertThat(read.refused().get(0).message()).isEqualTo("key is B-2, as on line 2");
    }

    @Test
    void whatIsNoBankIsRefusedWhole() {
        assertThat(Refusals.of(() -> BankTable.csv("key;maker\nA;B\n")).get(0).message())
                .contains("semicolons");
        assertThat(Refusals.of(() -> BankTable.csv("key,colour\n")).get(0).message())
                .contains("“colour” is no column");
        assertThat(Refusals.of(() -> BankTable.csv("")).get(0).message()).contains("empty");
        String row = BankTable.row(BANK.get(2));
        String many = BankTable.header() + row.repeat(BankTable.MOST + 1);
        assertThat(Refusals.of(() -> BankTable.csv(many)).get(0).message()).contains("at most 50,000");
    }

    /** A line end within quotes ends no row, nor do empty lines at the end make any. */
    @Test
    void aCellMayHaveLines() {
        String rows = (BankTable.row(BANK.get(2)) + BankTable.row(BANK.get(8)))
                .replace("2026-03-31,2,0,", "2026-03-31,2,0,\"for 690 V\nas asked\"");
        BankTable.Read read = BankTable.csv(BankTable.header() + rows + "\n\n");
        assertThat(read.refused()).isEmpty();
        assertThat(read.good()).hasSize(2);
        assertThat(read.good().get(0).record().changed()).contains("for 690 V\nas asked");
    }

    /** However many lines are refused, a hundred are told. */
    @Test
    void aHundredRefusalsAreTold() {
        String row = BankTable.row(BANK.get(2));
        BankTable.Read read = BankTable.csv(BankTable.header() + row.repeat(2001));
        assertThat(read.refused()).hasSize(100);
        assertThat(read.refusedLines()).isEqualTo(2000);
    }

    @Test
    void turnsThatNoLikeCoreHasAreWatched() {
        BankRecord own = BANK.get(31);
        Map<String, String> typed = Map.of(
                "slots", "" + own.winding().slots(),
                "poles", "" + own.winding().poles(),
                "boreDiameterM", own.winding().boreDiameterM() + " m",
                "coreLengthM", own.winding().coreLengthM() + " m",
                "turnsPerCoil", "" + (own.winding().turnsPerCoil() * 2));
        WindingTake take = TypedInput.read(WindingTake.class, typed).input();
        BankQuestion q = BankQuestion.like(take);
        BankOpinion opinion = BankOpinion.of(take, List.of(BankMatch.of(q, own)));
        assertThat(opinion.judgement().orElseThrow().verdict()).isEqualTo(Verdict.WATCH);
        assertThat(opinion.judgement().orElseThrow().headline())
                .isEqualTo("One winding in the bank has this core, with "
                        + own.winding().turnsPerCoil() + " turns; taken here are "
                        + 2 * own.winding().turnsPerCoil());
    }
}
