package app.brasskettle.core.nameplate;

import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.Optional;

/**
 * What a plate says beside its rating.
 *
 * @param model maker's type
 * @param frame frame as written, for example 160M
 * @param duty duty type, S1 to S10
 * @param serviceFactor load the motor carries over its rating
 * @param efficiencyPercent efficiency at rated load
 * @param powerFactor power factor at rated load
 * @param designLetter design letter, torque against speed
 * @param ambientTemperatureC highest air temperature it is rated for
 * @param yearMade year of making
 * @param driveEndBearing bearing at the drive end, as written
 * @param nonDriveEndBearing bearing at the non-drive end, as written
 * @param protector what watches its temperature
 * @param hazardousMarking explosion-protection marking as written
 * @param leads number of leads that come out
 * @param leadMarks how they are marked, as found
 */
public record PlateDetails(
        Optional<String> model,
        Optional<String> frame,
        Optional<DutyType> duty,
        Optional<Double> serviceFactor,
        Optional<Double> efficiencyPercent,
        Optional<Double> powerFactor,
        Optional<String> designLetter,
        Optional<Double> ambientTemperatureC,
        Optional<Integer> yearMade,
        Optional<String> driveEndBearing,
        Optional<String> nonDriveEndBearing,
        Optional<Protector> protector,
        Optional<String> hazardousMarking,
        Optional<Integer> leads,
        Optional<String> leadMarks) {

    /** Duty types (IEC 60034-1, 4.2). */
    public enum DutyType implements Coded {
        S1,
        S2,
        S3,
        S4,
        S5,
        S6,
        S7,
        S8,
        S9,
        S10;

        @Override
        public String code() {
            return name();
        }
    }

    /** What watches the temperature of a winding. */
    public enum Protector implements Coded {
        NONE,
        AUTOMATIC,
        MANUAL_RESET,
        THERMISTORS,
        THERMOSTATS
    }

    private static final int OLDEST = 1880;
    private static final int NEWEST = 2200;
    private static final int MAX_LEADS = 48;

    public PlateDetails {
        model = Problems.orEmpty(model);
        frame = Problems.orEmpty(frame);
        duty = Problems.orEmpty(duty);
        serviceFactor = Problems.orEmpty(serviceFactor);
        efficiencyPercent = Problems.orEmpty(efficiencyPercent);
        powerFactor = Problems.orEmpty(powerFactor);
        designLetter = Problems.orEmpty(designLetter);
        ambientTemperatureC = Problems.orEmpty(ambientTemperatureC);
        yearMade = Problems.orEmpty(yearMade);
        driveEndBearing = Problems.orEmpty(driveEndBearing);
        nonDriveEndBearing = Problems.orEmpty(nonDriveEndBearing);
        protector = Problems.orEmpty(protector);
        hazardousMarking = Problems.orEmpty(hazardousMarking).filter(m -> !m.isBlank());
        leads = Problems.orEmpty(leads);
        leadMarks = Problems.orEmpty(leadMarks);
        Problems problems = new Problems();
        serviceFactor.ifPresent(s -> {
            if (problems.aboveTo("serviceFactor", s, 0, 2, "") && s < 1) {
                problems.add("serviceFactor", Problem.Code.RANGE, "serviceFactor is " + s + "; it is 1 or more");
            }
        });
        efficiencyPercent.ifPresent(e -> problems.aboveTo("efficiencyPercent", e, 0, 100, "%"));
        powerFactor.ifPresent(p -> problems.aboveTo("powerFactor", p, 0, 1, ""));
        ambientTemperatureC.ifPresent(t -> problems.temperature("ambientTemperatureC", t));
        yearMade.ifPresent(y -> problems.whole("yearMade", y, OLDEST, NEWEST, ""));
        leads.ifPresent(l -> problems.whole("leads", l, 1, MAX_LEADS, ""));
        problems.throwIfAny();
    }

    static PlateDetails none() {
        return new PlateDetails(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }
}
