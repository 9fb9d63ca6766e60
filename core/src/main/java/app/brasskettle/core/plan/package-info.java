/**
 * The shop's plan without a solver: its tasks, people, places and hours, what a plan may not break, what it costs, and how an order of
 * tasks becomes a plan. Time is in whole minutes from the moment the plan was asked for.
 */
package app.brasskettle.core.plan;
