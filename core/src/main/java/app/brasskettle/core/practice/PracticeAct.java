package app.brasskettle.core.practice;

import app.brasskettle.core.worksheet.Coded;

/** What a hand can do at the practice bench: the table of looks, tests and steps, with what each takes. */
public enum PracticeAct implements Coded {
    ASK("Ask the customer", 5, 0, Kind.LOOK, For.ANY),
    LOOK_OVER("Look it over, turn the shaft", 5, 0, Kind.LOOK, For.WHOLE),
    READ_PLATE("Read the nameplate", 5, 0, Kind.STEP, For.WHOLE),
    LOCK_OUT("Lock out, prove dead, prove the tester", 10, 0, Kind.STEP, For.WHOLE),
    INSULATION("Insulation to frame, 10 minutes", 15, 4, Kind.TEST, For.WHOLE),
    DISCHARGE("Ground the winding until it is discharged", 40, 0, Kind.STEP, For.WHOLE),
    RESISTANCE("Resistance of the windings", 10, 2, Kind.TEST, For.WHOLE),
    BALANCE("Inductance by shaft position", 20, 3, Kind.TEST, For.THREE_PHASE),
    SURGE("Surge comparison", 20, 8, Kind.TEST, For.THREE_PHASE),
    SURGE_ROTOR_OUT("Surge comparison, rotor out", 15, 8, Kind.TEST, For.THREE_PHASE),
    WINDINGS("Start and main winding", 10, 2, Kind.TEST, For.SINGLE_PHASE),
    GEAR("Start switch and capacitor", 15, 2, Kind.TEST, For.SINGLE_PHASE),
    PROTECTOR("Thermal protector", 5, 1, Kind.TEST, For.WHOLE),
    RUN("Release it and run it without load", 20, 10, Kind.TEST, For.THREE_PHASE),
    OPEN("Mark it and take it apart", 90, 40, Kind.STEP, For.WHOLE),
    LOOK_INSIDE("Look inside: coils, rotor, bearings", 15, 0, Kind.LOOK, For.WHOLE),
    FIELD("Low voltage: currents, dummy rotor", 20, 3, Kind.TEST, For.BARE),
    WARM("Feel the groups after some minutes", 15, 1, Kind.LOOK, For.BARE),
    COUNT_SPAN("Count the span of six coils", 10, 0, Kind.LOOK, For.BARE),
    PRICE("Price the ways forward", 15, 0, Kind.LOOK, For.DECISION),
    ADVICE("Work out a year of each way", 10, 0, Kind.LOOK, For.DECISION);

    enum Kind {
        LOOK,
        TEST,
        STEP
    }

    /** For what exercises it is there. */
    enum For {
        ANY,
        WHOLE,
        THREE_PHASE,
        SINGLE_PHASE,
        BARE,
        DECISION
    }

    private final String words;
    private final int minutes;
    private final int money;
    private final Kind kind;
    private final For whom;

    PracticeAct(String words, int minutes, int money, Kind kind, For whom) {
        this.words = words;
        this.minutes = minutes;
        this.money = money;
        this.kind = kind;
        this.whom = whom;
    }

    /** What it is, in words. */
    public String words() {
        return words;
    }

    /** What it takes. */
    public int minutes() {
        return minutes;
    }

    /** What it costs beside the time, in the shop’s money. */
    public int money() {
        return money;
    }

    Kind kind() {
        return kind;
    }

    /** Whether it can be done in an exercise. */
    public boolean fits(Exercise exercise) {
        boolean bare = exercise.topic().bare();
        boolean decision = exercise.topic() == Exercise.Topic.DECISION;
        int phases = exercise.rating().phases();
        return switch (whom) {
            case ANY -> true;
            case WHOLE -> !bare && !decision;
            case THREE_PHASE -> !bare && !decision && phases == 3;
            case SINGLE_PHASE -> !bare && !decision && phases == 1;
            case BARE -> bare;
            case DECISION -> decision;
        };
    }
}
