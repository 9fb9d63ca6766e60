package app.brasskettle.core.testkind;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.choice.MotorCondition;
import app.brasskettle.core.insulation.InsulationClass;
import app.brasskettle.core.nameplate.Plate;
import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.surge.SurgeLevel;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.Station;
import app.brasskettle.core.work.TestGroup;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A kind of test: where it is taken, what reads and judges it, what it does to energising and to the discharge clock, what it says
 * about the cause. Order, forms, files, the API and the page follow from it.
 *
 * <p>Kinds are compared by the order in which the work of a job comes to them.
 */
public final class TestKind implements Coded, Comparable<TestKind> {

    /**
     * What readings claim beside what they measure, which the rest of the record can contradict.
     *
     * @param windingC winding temperature in °C
     * @param insulationClass insulation class that a limit rests on
     * @param motorIs what the motor is, such as how it starts
     * @param ownFigures figures that no two windings share to the last digit
     */
    public record Claims(
            Optional<Double> windingC,
            Optional<InsulationClass> insulationClass,
            Optional<Coded> motorIs,
            List<Double> ownFigures) {

        public Claims {
            ownFigures = List.copyOf(ownFigures);
        }

        /** Readings that claim nothing. */
        public static Claims none() {
            return new Claims(Optional.empty(), Optional.empty(), Optional.empty(), List.of());
        }

        /** Readings of a winding at that temperature in °C. */
        public static Claims at(double windingC) {
            return new Claims(Optional.of(windingC), Optional.empty(), Optional.empty(), List.of());
        }

        /** Readings judged by the limit of that class. */
        public static Claims ofClass(InsulationClass claimed) {
            return new Claims(Optional.empty(), Optional.of(claimed), Optional.empty(), List.of());
        }

        /** Readings that say what the motor is. */
        public static Claims motorIs(Coded what) {
            return new Claims(Optional.empty(), Optional.empty(), Optional.of(what), List.of());
        }

        /** The same with figures that no two windings share to the last digit. */
        public Claims figures(List<Double> own) {
            return new Claims(windingC, insulationClass, motorIs, own);
        }
    }

    private final int order;
    private final TestDefinition<?, ?> definition;

    TestKind(int order, TestDefinition<?, ?> definition) {
        this.order = order;
        this.definition = definition;
    }

    @Override
    public String code() {
        return definition.code;
    }

    /** Names the station where it is taken. */
    public Station station() {
        return definition.station;
    }

    /**
     * Names the step of a job where it is taken.
     *
     * @param speed 1, or 2 for the second speed of a two-speed motor
     */
    public String step(int speed) {
        String first = definition.station.code() + "/" + definition.place;
        return speed == 1 ? first : first + "/" + speed;
    }

    /** Tells whether it is taken at {@code step}, at whichever speed. */
    public boolean takenAt(String step) {
        return step(1).equals(step) || eachSpeed() && step(2).equals(step);
    }

    /** Names the test as a heading. */
    public String label() {
        return definition.label;
    }

    /** Says what hurts whoever forgets it. */
    public String caution() {
        return definition.caution;
    }

    /** Names what it looks at, which decides what work makes of it. */
    public TestGroup group() {
        return definition.group;
    }

    /** Names what its result tells about the condition of the motor, which the choice rests on. */
    public MotorCondition.Aspect aspect() {
        return definition.aspect;
    }

    /** Reads what readings of it claim, which the rest of the record can contradict. */
    public Claims claims(Record readings) {
        return definition.claims(readings);
    }

    /** Tells whether a result of it is a triage and no full test. */
    public boolean partial(Object result) {
        return definition.partial(result);
    }

    /** Tells whether readings of it record what stands in for a failed part. */
    public boolean standsIn(Record readings) {
        return definition.standsIn(readings);
    }

    /** Names the record that holds its readings. */
    public Class<? extends Record> inputType() {
        return definition.input;
    }

    /** Finds the worksheet that reads, computes and judges it; empty for those with a room of their own on the page. */
    public Optional<Worksheet<?, ?>> sheet() {
        return definition.sheet.map(s -> s);
    }

    /** Tells what its Stop does to energising, where the result says nothing more. */
    public StopEffect stop() {
        return definition.stop;
    }

    /** Lists the instruments that can read it, the usual one first; empty where eye and hand do. */
    public Set<InstrumentKind> instruments() {
        return definition.instruments;
    }

    /** Tells whether each speed of a two-speed motor is tested on its own. */
    public boolean eachSpeed() {
        return definition.eachSpeed;
    }

    /** Tells whether it needs the motor on power. */
    public boolean powered() {
        return definition.powered;
    }

    /** Tells whether it is read while the motor runs, whoever feeds it. */
    public boolean whileRunning() {
        return definition.powered || definition.whileRunning;
    }

    /** Tells whether it may be made on test power although nothing has run yet. */
    public boolean triesTestPower() {
        return definition.triesTestPower;
    }

    /** Tells whether it puts high voltage on the winding, which needs insulation proved before and after. */
    public boolean highVoltage() {
        return definition.highVoltage;
    }

    /** Names the gate it asks before it is made. */
    public AskedGate asks() {
        return AskedGate.of(this);
    }

    /** Tells whether its readings are traces, too long to show as they were typed. */
    public boolean traces() {
        return definition.traces;
    }

    /** Names the number of phases it is for; empty where it fits both. */
    public Optional<Integer> phases() {
        return definition.phases;
    }

    /** Tells whether a motor of {@code facts} asks for it; one that was taken is shown in any case. */
    public boolean offered(MotorFacts facts) {
        return definition.offered.test(facts);
    }

    /** Tells whether it is taken only where somebody wants to know more. */
    public boolean further() {
        return definition.further;
    }

    /** Tells whether it checks the insulation tester and not the motor. */
    public boolean checksTester() {
        return group() == TestGroup.TESTER;
    }

    /** Tells whether form, computation and judgement on the page are those of the worksheet of the same name. */
    public boolean bySheet() {
        return !definition.ownPage;
    }

    /** Tells whether the voltage it was taken at is noted beside its readings, which do not hold it. */
    public boolean notesVoltage() {
        return definition.notesVoltage;
    }

    /** Lists what a fresh form starts with: rows to fill in, and choices that are usual. */
    public Map<String, Object> blank() {
        return definition.blank;
    }

    /** Names what the button says that takes a simulated reading; empty where no instrument is simulated for it. */
    public Optional<String> simulatedReading() {
        return definition.simulatedReading;
    }

    /** Lists what the nameplate says to it. */
    public List<PlateFact> plateFacts() {
        return definition.plateFacts;
    }

    /** Lists the fields that nobody is asked, since plate or record answer them. */
    public List<String> answeredFields() {
        List<String> all = new ArrayList<>(definition.fromRecord);
        definition.plateFacts.stream()
                .filter(PlateFact::decides)
                .map(PlateFact::field)
                .forEach(all::add);
        return all;
    }

    /** Tells whether {@code plate} says what the test is set and judged by. */
    public boolean sufficientFor(Optional<Plate> plate) {
        return definition
                .neededOfPlate
                .map(needed -> plate.filter(needed).isPresent())
                .orElse(true);
    }

    /**
     * Completes readings as typed by what the record says.
     *
     * @param whole the input as words and figures; changed
     * @param facts what the record says
     */
    public void complete(Map<String, Object> whole, RecordFacts facts) {
        definition.completion.accept(whole, facts);
    }

    /**
     * Judges readings alone, before anything that became of the test.
     *
     * @param input its readings, of {@link #inputType()}
     * @param rules the shop's rules
     */
    public Judging judge(Record input, ShopRules rules) {
        return definition.judge(input, rules);
    }

    /**
     * Judges readings beside those of the same kind taken before.
     *
     * @param input its readings
     * @param alone what they say alone
     * @param others what was taken before, and the rules
     */
    public Judging beside(Record input, Judging alone, OtherTests others) {
        return definition.beside(input, alone, others);
    }

    /** Finds why no such motor can read so; empty where the figures may be true. */
    public Optional<Doubt> doubt(Object result, Optional<Plate> plate, int speed) {
        return definition.doubt(result, plate, speed);
    }

    /** Computes what a Stop of it does, and by how far its limit was missed. */
    public StopRule stopRule(Object result, ShopRules rules) {
        return definition.stopRule(result, rules);
    }

    /**
     * Lists the evidence it gives about the cause.
     *
     * @param result what was computed of it
     * @param word the word by its limits, or a lead hand's over it
     */
    public List<Evidence> evidence(Object result, Verdict word) {
        return definition.evidence(result, word);
    }

    /** Tells when it is made again on a motor that was worked on. */
    public RepairProof repairProof() {
        return definition.repairProof;
    }

    /** Finds the figure by which it is compared with the same test taken at another time. */
    public Optional<KeyFigure<?>> keyFigure() {
        return definition.keyFigure.map(k -> k);
    }

    /** Reads that figure off a result; empty where there is none. */
    public Optional<Double> keyFigure(Object result) {
        return definition.keyFigure(result);
    }

    /**
     * Computes how long it held direct or surge voltage on the winding.
     *
     * @param input its readings
     * @return seconds that count for the discharge clock; 0 where it leaves no charge
     */
    public double voltageSeconds(Record input) {
        return definition.voltageSeconds(input);
    }

    /**
     * Finds the test voltage it is asked to be taken at; empty where none is asked.
     *
     * @param ratedV rated voltage in V
     * @param rules the shop's rules
     * @param state how new the winding was when it was taken
     */
    public Optional<AskedVoltage> askedVoltage(double ratedV, ShopRules rules, SurgeLevel.State state) {
        return definition.asked.map(a -> a.at(ratedV, rules, state));
    }

    /** Finds the voltage that its readings hold themselves, in V. */
    public Optional<Double> readVoltage(Record input) {
        return definition.readVoltage(input);
    }

    @Override
    public int compareTo(TestKind other) {
        return Integer.compare(order, other.order);
    }

    @Override
    public String toString() {
        return code();
    }
}
