package app.brasskettle.core.nameplate;

import app.brasskettle.core.worksheet.Coded;

/** One thing a nameplate says; written as the field of {@link Plate} or {@link PlateDetails} that holds it. */
public enum PlateField implements Coded {
    RATED_POWER("ratedPowerW", "power"),
    RATED_VOLTAGE("ratedVoltageV", "voltage"),
    RATED_CURRENT("ratedCurrentA", "current"),
    RATED_SPEED("ratedSpeedRpm", "speed"),
    FREQUENCY("frequencyHz", "frequency"),
    CONNECTION("connection", "connection"),
    CODE_LETTER("codeLetter", "code letter"),
    INSULATION_CLASS("insulationClass", "insulation class"),
    MAKER("maker", "maker"),
    SERIAL("serial", "serial number"),
    ENCLOSURE("enclosure", "enclosure"),
    MODEL("model", "model"),
    FRAME("frame", "frame"),
    DUTY("duty", "duty"),
    SERVICE_FACTOR("serviceFactor", "service factor"),
    EFFICIENCY("efficiencyPercent", "efficiency"),
    POWER_FACTOR("powerFactor", "power factor"),
    DESIGN("designLetter", "design letter"),
    AMBIENT("ambientTemperatureC", "ambient"),
    YEAR("yearMade", "year"),
    DRIVE_END_BEARING("driveEndBearing", "drive-end bearing"),
    NON_DRIVE_END_BEARING("nonDriveEndBearing", "non-drive-end bearing"),
    HAZARDOUS_MARKING("hazardousMarking", "explosion-protection marking");

    private final String field;
    private final String label;

    PlateField(String field, String label) {
        this.field = field;
        this.label = label;
    }

    @Override
    public String code() {
        return field;
    }

    /** The thing in running text. */
    public String label() {
        return label;
    }

    /** Whether a figure of this kind can be estimated from what is measured on the motor. */
    public boolean estimable() {
        return this == RATED_POWER || this == RATED_VOLTAGE || this == RATED_CURRENT || this == RATED_SPEED;
    }
}
