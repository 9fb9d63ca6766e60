package app.brasskettle.core.work;

import app.brasskettle.core.worksheet.Coded;

/** Stations of the work, in its order. One that no {@link JobStep} belongs to is to come, and is shown nowhere. */
public enum Station implements Coded {
    RECEIVE,
    BENCH,
    TEARDOWN,
    CAUSE,
    WINDING,
    CHOOSE,
    REWIND,
    PROVE,
    RELEASE;

    /** Names the station as a heading. */
    public String label() {
        return name().charAt(0) + code().substring(1);
    }
}
