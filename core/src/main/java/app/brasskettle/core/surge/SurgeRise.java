package app.brasskettle.core.surge;

import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.Samples;
import java.util.List;
import java.util.Optional;

/**
 * Pulses of rising voltage on each lead.
 *
 * @param sampleIntervalS time between samples
 * @param rotorFitted true with the rotor in its bore
 * @param connection how the phases are joined, as the plate says; empty where nobody said
 * @param pulses in the order they were given
 */
public record SurgeRise(
        double sampleIntervalS, boolean rotorFitted, Optional<Connection> connection, List<Pulse> pulses) {

    /** Leads of a winding. */
    public enum Lead implements Coded {
        A,
        B,
        C
    }

    /**
     * One pulse.
     *
     * @param lead the lead pulsed, the other two grounded
     * @param peakVoltageV what the capacitor was charged to
     * @param trace voltage over time
     */
    public record Pulse(Lead lead, double peakVoltageV, Samples trace) {

        public Pulse {
            Problems problems = new Problems();
            problems.present("lead", lead);
            problems.positive("peakVoltageV", peakVoltageV, "V");
            if (problems.present("trace", trace)) {
                SurgePair.trace("trace", trace, problems);
            }
            problems.throwIfAny();
        }
    }

    private static final int MOST = 120;

    public SurgeRise {
        connection = Problems.orEmpty(connection);
        pulses = Problems.copy(pulses);
        Problems problems = new Problems();
        problems.positive("sampleIntervalS", sampleIntervalS, "s");
        if (problems.size("pulses", pulses, 2, MOST)) {
            for (Lead lead : Lead.values()) {
                rising(of(pulses, lead), lead, problems);
            }
        }
        problems.throwIfAny();
    }

    private static void rising(List<Pulse> own, Lead lead, Problems problems) {
        for (int i = 1; i < own.size(); i++) {
            if (own.get(i).peakVoltageV() <= own.get(i - 1).peakVoltageV()) {
                problems.add(
                        "pulses",
                        Problem.Code.CONTRADICTION,
                        "pulses on lead " + lead.name() + " do not rise from "
                                + own.get(i - 1).peakVoltageV() + " V");
            }
            if (own.get(i).trace().size() != own.get(0).trace().size()) {
                problems.add(
                        "pulses", Problem.Code.CONTRADICTION, "pulses on lead " + lead.name() + " differ in length");
            }
        }
    }

    static List<Pulse> of(List<Pulse> pulses, Lead lead) {
        return pulses.stream().filter(p -> p.lead() == lead).toList();
    }
}
