package app.brasskettle.core.plan;

import app.brasskettle.core.worksheet.Coded;

/** What a plan may not break, and what it pays for, each with its reason. Weights are in the shop's money. */
public enum PlanRule implements Coded {
    EVERY_TASK(true, 0, "What is not planned is forgotten"),
    ORDER(true, 0, "A motor is stripped before it is wound"),
    READY(true, 0, "A motor that is not here, or waits for a part, cannot be worked on"),
    SKILL(true, 0, "Who has not learnt it ruins a winding"),
    AT_WORK(true, 0, "Nobody works while away"),
    ONE_AT_A_TIME(true, 0, "A person has two hands"),
    IN_ONE_GO(true, 0, "What cannot be set down is not begun before the end of a shift"),
    PLACE(true, 0, "A place holds what it holds"),
    ONE_TEMPERATURE(true, 0, "An oven has one temperature at a time, and is not opened while it runs"),
    UNDER_WAY(true, 0, "What has begun and cannot be set down stays where it is, with whom it is"),
    LATENESS(false, 1, "An hour late costs the customer what the outage costs, and the shop its word"),
    CHANGE(false, 15, "Whoever was told an hour ago has laid out tools and parts"),
    SOON(false, 0.02, "Of two plans as good, the earlier one leaves room for what nobody knows yet");

    /** What the shop’s word is worth by the hour, whatever the outage costs. */
    public static final double WORD_PER_HOUR = 10;

    /** What begins within this many minutes was told to somebody. */
    public static final int TOLD_MINUTES = 240;

    /** A start moved by no more is no change. */
    public static final int SAME_MINUTES = 10;

    private final boolean hard;
    private final double weight;
    private final String reason;

    PlanRule(boolean hard, double weight, String reason) {
        this.hard = hard;
        this.weight = weight;
        this.reason = reason;
    }

    /** Whether a plan that breaks it is no plan. */
    public boolean hard() {
        return hard;
    }

    /** What it weighs: money for an hour late, for a change, for an hour that all motors together are longer in the shop. */
    public double weight() {
        return weight;
    }

    /** Why. */
    public String reason() {
        return reason;
    }
}
