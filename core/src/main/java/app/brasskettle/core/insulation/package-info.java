/** Insulation resistance to frame: correction, ratios, absorption, and the verdicts of both schools. */
package app.brasskettle.core.insulation;
