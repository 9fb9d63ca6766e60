package app.brasskettle.server.reports;

import app.brasskettle.core.insulation.TimedReading;
import app.brasskettle.core.jobs.JobAssessment;
import app.brasskettle.core.quantity.Dimension;
import app.brasskettle.core.quantity.Figures;
import app.brasskettle.core.resistance.Pair;
import app.brasskettle.core.surge.SurgeResult;
import app.brasskettle.server.jobview.JobView;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;

/** The tests of a job in its printed sheet, in the order of the bench, and what lead hands wrote over their verdicts. */
final class TestPages extends SheetPage {

    private final JobView job;

    private TestPages(JobView job, ZoneId zone) {
        super(zone);
        this.job = job;
    }

    static String html(JobView job, ZoneId zone) {
        TestPages pages = new TestPages(job, zone);
        pages.first();
        pages.further();
        pages.overruled();
        return pages.out.toString();
    }

    private void first() {
        JobView.Bench bench = job.bench();
        bench.resistance().ifPresent(t -> {
            open("Winding resistance" + marked(t.standing()));
            stood(t.standing());
            StringBuilder read = new StringBuilder();
            for (Pair pair : Pair.values()) {
                read.append(pair.label())
                        .append(' ')
                        .append(t.test()
                                .terminalOhms()
                                .of(pair)
                                .map(v -> Figures.show(v, Dimension.RESISTANCE))
                                .orElse("open"))
                        .append("   ");
            }
            line("<span class=\"n\">" + esc(read.toString()) + "at "
                    + Figures.show(t.test().windingTemperatureC(), Dimension.TEMPERATURE) + "</span>");
            done(t.done());
            close();
        });
        bench.insulation().ifPresent(t -> {
            open("Insulation to frame" + marked(t.standing()));
            stood(t.standing());
            out.append("<table><tr>");
            List<TimedReading> readings = t.test().readings();
            readings.forEach(r -> out.append("<th class=\"n\">")
                    .append(Figures.plain(r.seconds()))
                    .append(" s</th>"));
            out.append("</tr><tr>");
            readings.forEach(r -> out.append("<td class=\"n\">")
                    .append(r.overRange().orElse(false) ? "≥ " : "")
                    .append(esc(Figures.show(r.megohm(), Dimension.INSULATION)))
                    .append("</td>"));
            out.append("</tr></table>");
            steps(t.result().steps());
            done(t.done());
            close();
        });
        bench.surge().ifPresent(t -> {
            open("Surge comparison" + marked(t.standing()));
            stood(t.standing());
            out.append("<table>");
            for (Map.Entry<Pair, SurgeResult> e : t.outcome().pairs().entrySet()) {
                SurgeResult r = e.getValue();
                row(
                        e.getKey().label(),
                        "<span class=\"n\">differ " + Figures.percent(r.differencePercent()) + " (limit "
                                + Figures.percent(r.limitPercent()) + "), ring shift "
                                + r.frequencyShiftPercent()
                                        .map(Figures::percent)
                                        .orElse("none")
                                + "</span>");
            }
            out.append("</table>");
            done(t.done());
            close();
        });
    }

    private void further() {
        for (JobAssessment.StationAssessment station : job.stations()) {
            for (JobAssessment.StepAssessment step : station.steps()) {
                job.bench().further().values().stream()
                        .filter(t -> t.step().equals(step.step()))
                        .forEach(t -> {
                            open(step.name() + marked(t.standing()));
                            stood(t.standing());
                            done(t.done());
                            close();
                        });
            }
        }
    }

    private void overruled() {
        if (job.bench().overruled().isEmpty()) {
            return;
        }
        open("Overruled by a lead hand");
        job.bench().overruled().forEach(o -> {
            line("“" + esc(o.sentence()) + "”: <b>" + o.verdict().label() + "</b>, " + esc(o.reason()));
            done(o.done());
        });
        close();
    }

    private static String marked(JobView.Standing standing) {
        return switch (standing.origin()) {
            case SIMULATED -> " (simulated)";
            case FILE -> " (from a file)";
            case TAKEN_BEFORE -> " (entered later)";
            case HERE -> "";
        };
    }

    /** The effective judgement, at what voltage, what the other school says, and what became of the test. */
    private void stood(JobView.Standing standing) {
        judgement(standing.judgement());
        standing.appliedV()
                .ifPresent(
                        v -> line("<span class=\"n\">Test voltage " + Figures.show(v, Dimension.VOLTAGE) + "</span>"));
        standing.other()
                .ifPresent(o -> line("<span class=\"soft\">The other school: "
                        + o.verdict().label() + ", " + esc(o.headline()) + "</span>"));
        standing.caveats().forEach(c -> line("<span class=\"soft\">" + esc(c.sentence()) + "</span>"));
    }
}
