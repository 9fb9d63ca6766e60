package app.brasskettle.core.signature;

import app.brasskettle.core.worksheet.Coded;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/** Part of a job's record that a signature rests on. */
public enum Topic implements Coded {
    PLATE("the nameplate was changed"),
    BUILD("what it is and how it is wound was changed"),
    WORK("it was worked on"),
    PARTS("parts were changed"),
    JOINTS("a joint was changed"),
    COILS("a coil was changed"),
    CORE("the look at the core was changed"),
    OVEN("an oven’s sheet was changed"),
    TESTS("a test was recorded or its word changed"),
    CONCLUSION("the cause was concluded anew"),
    ANSWER("the customer’s answer was changed"),
    ADVICE("the advice to the customer was changed");

    private static final Set<Topic> RUN = Collections.unmodifiableSet(EnumSet.range(PLATE, OVEN));
    private static final Set<Topic> FINAL = Collections.unmodifiableSet(EnumSet.allOf(Topic.class));

    private final String told;

    Topic(String told) {
        this.told = told;
    }

    /** Says what happened where it is no longer as it was signed, as it follows "since then". */
    public String told() {
        return told;
    }

    /** Lists what a release to run rests on; a later test ends it only by a Stop. */
    public static Set<Topic> ofRunRelease() {
        return RUN;
    }

    /** Lists what the signatures of a motor's release rest on. */
    public static Set<Topic> ofRelease() {
        return FINAL;
    }
}
