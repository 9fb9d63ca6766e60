package app.brasskettle.core.instruments;

import app.brasskettle.core.worksheet.Coded;

/** What can go wrong with a simulated oven. */
public enum OvenFault implements Coded {
    NONE("nothing"),
    RUNS_AWAY("the part catches fire and runs away"),
    SENSOR_LOST("the sensor on the part is lost for an hour and a half"),
    OPENED("somebody opens the door");

    private final String label;

    OvenFault(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
