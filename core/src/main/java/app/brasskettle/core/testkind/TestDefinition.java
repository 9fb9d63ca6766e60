package app.brasskettle.core.testkind;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.choice.MotorCondition;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.surge.SurgeLevel;
import app.brasskettle.core.verdict.Judged;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.Fault;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.work.TestGroup;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/**
 * The definition of one kind of test, built up step by step; {@link #as} makes the kind of it.
 *
 * @param <I> its readings
 * @param <R> what is computed of them
 */
public final class TestDefinition<I extends Record, R> {

    /** Finds why no such motor can read so. */
    public interface DoubtRule<R> {
        Optional<Doubt> of(R result, Optional<Plate> plate, int speed);
    }

    /** Computes the voltage asked of a winding. */
    public interface VoltageRule {
        AskedVoltage at(double ratedV, ShopRules rules, SurgeLevel.State state);
    }

    /** Judges readings beside those taken before. */
    public interface BesideRule<I> {
        Judging of(I newest, Judging alone, OtherTests others);
    }

    final String code;
    final Class<I> input;
    final Optional<Worksheet<I, ?>> sheet;
    private final BiFunction<I, ShopRules, Judging> judging;
    Station station = Station.BENCH;
    String place = "";
    String label = "";
    String caution = "";
    TestGroup group = TestGroup.MECHANICS;
    MotorCondition.Aspect aspect = MotorCondition.Aspect.OTHER;
    StopEffect stop = StopEffect.none();
    Set<InstrumentKind> instruments = Set.of();
    Optional<Integer> phases = Optional.empty();
    Predicate<MotorFacts> offered = facts -> true;
    Map<String, Object> blank = Map.of();
    Optional<String> simulatedReading = Optional.empty();
    List<PlateFact> plateFacts = List.of();
    List<String> fromRecord = List.of();
    Optional<Predicate<Plate>> neededOfPlate = Optional.empty();
    BiConsumer<Map<String, Object>, RecordFacts> completion = (whole, facts) -> {};
    Optional<VoltageRule> asked = Optional.empty();
    boolean eachSpeed;
    boolean powered;
    boolean whileRunning;
    boolean triesTestPower;
    boolean highVoltage;
    boolean traces;
    boolean ownPage;
    boolean further;
    boolean notesVoltage;
    RepairProof repairProof = RepairProof.NONE;
    Optional<KeyFigure<R>> keyFigure = Optional.empty();
    private boolean speaksUnproven;
    private BiFunction<R, Verdict, List<Evidence>> evidence = (result, verdict) -> List.of();
    private Function<I, TestKind.Claims> claims = readings -> TestKind.Claims.none();
    private Predicate<R> partial = result -> false;
    private Predicate<I> standsIn = readings -> false;
    private Function<R, Fault> fault = result -> Fault.TESTER;
    private Function<R, Optional<StopRule>> danger = result -> Optional.empty();
    private BiFunction<R, ShopRules, Optional<Double>> missedBy = (result, rules) -> Optional.empty();
    private DoubtRule<R> doubt = (result, plate, speed) -> Optional.empty();
    private BesideRule<I> beside = (newest, alone, others) -> alone;
    private ToDoubleFunction<I> voltageSeconds = readings -> 0;
    private Function<I, Optional<Double>> readVoltage = readings -> Optional.empty();

    private TestDefinition(
            String code, Class<I> input, Optional<Worksheet<I, ?>> sheet, BiFunction<I, ShopRules, Judging> judging) {
        this.code = code;
        this.input = input;
        this.sheet = sheet;
        this.judging = judging;
    }

    /** A test that the worksheet of its name reads, computes and judges. */
    public static <I extends Record, R extends Record & Judged> TestDefinition<I, R> of(Worksheet<I, R> sheet) {
        return of(sheet, (input, rules) -> sheet.work().apply(input));
    }

    /** The same, judged on jobs by {@code onJob}, which knows the shop's rules. */
    public static <I extends Record, R extends Judged> TestDefinition<I, R> of(
            Worksheet<I, ?> sheet, BiFunction<I, ShopRules, R> onJob) {
        return new TestDefinition<>(
                sheet.name(),
                sheet.inputType(),
                Optional.of(sheet),
                (input, rules) -> Judging.of(onJob.apply(input, rules)));
    }

    /**
     * A test with a judgement of its own.
     *
     * @param code its name in records and files
     * @param input its readings
     * @param sheet the worksheet of the same readings, where there is one
     * @param judging result and judgements
     */
    public static <I extends Record, R> TestDefinition<I, R> judged(
            String code, Class<I> input, Optional<Worksheet<I, ?>> sheet, BiFunction<I, ShopRules, Judging> judging) {
        return new TestDefinition<>(code, input, sheet, judging);
    }

    /** Where it is taken, what its heading says, and which part of a motor it looks at. */
    public TestDefinition<I, R> at(Station where, String name, String heading, TestGroup looksAt) {
        station = where;
        place = name;
        label = heading;
        group = looksAt;
        return this;
    }

    /** What hurts whoever forgets it. */
    public TestDefinition<I, R> caution(String words) {
        caution = words;
        return this;
    }

    /** What it tells the choice about the motor. */
    public TestDefinition<I, R> tells(MotorCondition.Aspect what) {
        aspect = what;
        return this;
    }

    /** What its Stop does to energising, and what kind of Stop it is. */
    public TestDefinition<I, R> stop(Fault kind, StopEffect effect) {
        return stop(result -> kind, effect);
    }

    /** The same where the result tells which kind of Stop it is. */
    public TestDefinition<I, R> stop(Function<R, Fault> kind, StopEffect effect) {
        fault = kind;
        stop = effect;
        return this;
    }

    /** A finding that nobody may waive, whatever its figure. */
    public TestDefinition<I, R> danger(Function<R, Optional<StopRule>> found) {
        danger = found;
        return this;
    }

    /** By what factor its limit was missed, 1 at the limit. */
    public TestDefinition<I, R> missedBy(BiFunction<R, ShopRules, Optional<Double>> factor) {
        missedBy = factor;
        return this;
    }

    /** The instruments that read it, the usual one first. */
    public TestDefinition<I, R> readBy(InstrumentKind... kinds) {
        instruments = Collections.unmodifiableSet(new LinkedHashSet<>(List.of(kinds)));
        return this;
    }

    /** The usual instrument is simulated. */
    public TestDefinition<I, R> simulated() {
        return simulated(
                "Read the simulated " + instruments.iterator().next().label().toLowerCase(Locale.ROOT));
    }

    /** The same with words of its own on the button. */
    public TestDefinition<I, R> simulated(String button) {
        simulatedReading = Optional.of(button);
        return this;
    }

    public TestDefinition<I, R> eachSpeed() {
        eachSpeed = true;
        return this;
    }

    public TestDefinition<I, R> threePhase() {
        phases = Optional.of(3);
        return this;
    }

    public TestDefinition<I, R> singlePhase() {
        phases = Optional.of(1);
        return this;
    }

    /** Offered only to motors that ask for it. */
    public TestDefinition<I, R> offeredWhere(Predicate<MotorFacts> fits) {
        offered = fits;
        return this;
    }

    /** It is read on the motor on power. */
    public TestDefinition<I, R> powered() {
        powered = true;
        return this;
    }

    /** It is read while the motor runs, and puts no power on itself. */
    public TestDefinition<I, R> whileRunning() {
        whileRunning = true;
        return this;
    }

    /** It is how a motor is first tried on test power. */
    public TestDefinition<I, R> triesTestPower() {
        triesTestPower = true;
        return powered();
    }

    /** Its readings are traces, too long to show as they were typed. */
    public TestDefinition<I, R> traces() {
        traces = true;
        return this;
    }

    /** The page has a room for it, and does not draw the form of its worksheet. */
    public TestDefinition<I, R> ownPage() {
        ownPage = true;
        return this;
    }

    /** It is taken where somebody wants to know more; nothing on the usual way asks for it. */
    public TestDefinition<I, R> further() {
        further = true;
        return this;
    }

    /** When it is made again on a motor that was worked on. */
    public TestDefinition<I, R> proves(RepairProof when) {
        repairProof = when;
        return this;
    }

    /** The figure by which it is compared with the same test taken at another time. */
    public TestDefinition<I, R> comparedBy(
            String name, String unit, KeyFigure.Better better, Function<R, Optional<Double>> read) {
        keyFigure = Optional.of(new KeyFigure<>(name, unit, better, read));
        return this;
    }

    /** It holds direct voltage on the winding for so many seconds. */
    public TestDefinition<I, R> direct(ToDoubleFunction<I> seconds) {
        voltageSeconds = seconds;
        return this;
    }

    /** The same at a voltage that needs insulation proved before and after. */
    public TestDefinition<I, R> highVoltage(ToDoubleFunction<I> seconds) {
        highVoltage = true;
        return direct(seconds);
    }

    /** The voltage it is asked to be taken at, noted beside its readings. */
    public TestDefinition<I, R> voltageNoted(VoltageRule rule) {
        notesVoltage = true;
        asked = Optional.of(rule);
        return this;
    }

    /** The voltage it is asked to be taken at, held by its readings. */
    public TestDefinition<I, R> voltageRead(VoltageRule rule, Function<I, Optional<Double>> read) {
        asked = Optional.of(rule);
        readVoltage = read;
        return this;
    }

    /** What a fresh form starts with. */
    public TestDefinition<I, R> blank(Map<String, Object> start) {
        blank = start;
        return this;
    }

    /** What the nameplate says to it. */
    public TestDefinition<I, R> fromPlate(PlateFact... facts) {
        plateFacts = List.of(facts);
        return this;
    }

    /** What the plate must say before it can be set and judged. */
    public TestDefinition<I, R> needsOfPlate(Predicate<Plate> needed) {
        neededOfPlate = Optional.of(needed);
        return this;
    }

    /** Fields that the record answers, and how. */
    public TestDefinition<I, R> fromRecord(List<String> fields, BiConsumer<Map<String, Object>, RecordFacts> fill) {
        fromRecord = fields;
        completion = fill;
        return this;
    }

    /** What it says about the cause once it proves something. */
    public TestDefinition<I, R> evidence(BiFunction<R, Verdict, List<Evidence>> given) {
        evidence = given;
        return this;
    }

    /** The same where a test that proves nothing speaks all the same. */
    public TestDefinition<I, R> evidenceEvenUnproven(BiFunction<R, Verdict, List<Evidence>> given) {
        speaksUnproven = true;
        return evidence(given);
    }

    /** Results that are a triage and no full test: a full one may read otherwise. */
    public TestDefinition<I, R> partial(Predicate<R> triage) {
        partial = triage;
        return this;
    }

    /** Readings that record what stands in for a failed part: they answer its Stop by themselves. */
    public TestDefinition<I, R> standsIn(Predicate<I> instead) {
        standsIn = instead;
        return this;
    }

    /** What its readings claim beside what they measure, which the rest of the record can contradict. */
    public TestDefinition<I, R> claims(Function<I, TestKind.Claims> read) {
        claims = read;
        return this;
    }

    /** What no such motor can read. */
    public TestDefinition<I, R> doubted(DoubtRule<R> rule) {
        doubt = rule;
        return this;
    }

    /** How tests taken before speak beside it. */
    public TestDefinition<I, R> beside(BesideRule<I> rule) {
        beside = rule;
        return this;
    }

    /**
     * Makes the kind.
     *
     * @param order its place among all kinds
     */
    public TestKind as(int order) {
        return new TestKind(order, this);
    }

    Judging judge(Record readings, ShopRules rules) {
        return judging.apply(input.cast(readings), rules);
    }

    Judging beside(Record readings, Judging alone, OtherTests others) {
        return beside.of(input.cast(readings), alone, others);
    }

    Optional<Doubt> doubt(Object result, Optional<Plate> plate, int speed) {
        return doubt.of(own(result), plate, speed);
    }

    StopRule stopRule(Object result, ShopRules rules) {
        R own = own(result);
        return danger.apply(own)
                .orElseGet(() -> new StopRule(fault.apply(own), stop, Optional.empty(), missedBy.apply(own, rules)));
    }

    List<Evidence> evidence(Object result, Verdict verdict) {
        return verdict == Verdict.UNPROVEN && !speaksUnproven ? List.of() : evidence.apply(own(result), verdict);
    }

    TestKind.Claims claims(Record readings) {
        return claims.apply(input.cast(readings));
    }

    boolean partial(Object result) {
        return partial.test(own(result));
    }

    boolean standsIn(Record readings) {
        return standsIn.test(input.cast(readings));
    }

    Optional<Double> keyFigure(Object result) {
        return keyFigure.flatMap(k -> k.read().apply(own(result)));
    }

    double voltageSeconds(Record readings) {
        return voltageSeconds.applyAsDouble(input.cast(readings));
    }

    Optional<Double> readVoltage(Record readings) {
        return readVoltage.apply(input.cast(readings));
    }

    /** Results come out of {@link #judge} of the same definition and nowhere else. */
    @SuppressWarnings("unchecked")
    private R own(Object result) {
        return (R) result;
    }
}
