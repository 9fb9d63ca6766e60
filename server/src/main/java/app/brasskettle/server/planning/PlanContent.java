package app.brasskettle.server.planning;

import app.brasskettle.core.plan.Booked;
import app.brasskettle.core.plan.PlanJob;
import app.brasskettle.core.plan.Promise;
import app.brasskettle.core.plan.ShopPlan;
import app.brasskettle.core.plan.WhatIf;
import java.util.List;
import java.util.Optional;

/**
 * What a plan says, in minutes from its base.
 *
 * @param booked who does what where and when
 * @param motors the motors in it
 * @param unplanned what could not be planned, in a sentence each
 * @param cost what it comes to
 * @param against what it does to the plan before it; empty where there was none
 * @param check rules that were proved
 */
public record PlanContent(
        List<Booked> booked,
        List<Motor> motors,
        List<String> unplanned,
        ShopPlan.Cost cost,
        Optional<WhatIf> against,
        int check) {

    /**
     * A motor of the plan.
     *
     * @param job what it is planned by
     * @param words whose it is and what it drives
     * @param assumed what had to be assumed
     * @param promise when it can be promised; empty where it is not planned to its end
     * @param whole whether it is planned to its end, and not up to the customer's answer
     */
    public record Motor(PlanJob job, String words, List<String> assumed, Optional<Promise> promise, boolean whole) {}

    ShopPlan plan() {
        return new ShopPlan(booked);
    }
}
