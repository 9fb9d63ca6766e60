package app.brasskettle.core.redesign;

import java.util.Map;

/**
 * Wires in hand that make a turn.
 *
 * @param strands number of wires by the name of their size
 * @param areaMm2 copper of all of them
 * @param errorPercent copper too much, or too little where negative
 */
public record WireChoice(Map<String, Integer> strands, double areaMm2, double errorPercent) {}
