package app.brasskettle.planner;

/**
 * A turn of a motor in an order.
 *
 * @param job its tag
 * @param number which of its turns, from 0; only to tell them apart
 */
record Turn(String job, int number) {}
