package app.brasskettle.server.reports;

import app.brasskettle.core.leads.LeadMapAssessment;
import app.brasskettle.core.teardown.TeardownLogAssessment;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.work.JobStep;
import app.brasskettle.server.jobview.JobView;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What a motor taken apart showed, in its printed sheet: parts, leads, findings and coil map, each beside its photographs. */
final class TeardownPages extends SheetPage {

    private final JobView job;
    private final List<Pictured> left;

    TeardownPages(JobView job, List<Pictured> photos, ZoneId zone) {
        super(zone);
        this.job = job;
        this.left = new ArrayList<>(photos);
    }

    String html() {
        job.apart().log().ifPresent(this::parts);
        job.apart().leads().ifPresent(this::leads);
        findings();
        coilMap();
        return out.toString();
    }

    /** Photographs that no page of the teardown took. */
    List<Pictured> left() {
        return List.copyOf(left);
    }

    private void parts(TeardownLogAssessment log) {
        open("Marks, parts and the way back");
        log.lines().forEach(this::judgement);
        if (!log.joints().isEmpty()) {
            out.append("<table>");
            log.joints().forEach(j -> row(esc(j.label()), esc(j.mark().orElse("not marked"))));
            out.append("</table>");
        }
        if (!log.reassembly().isEmpty()) {
            out.append("<table><tr><th>reassembly, last off first on</th><th>as it sat</th><th>back</th></tr>");
            int place = 1;
            for (TeardownLogAssessment.FittingStep step : log.reassembly()) {
                out.append("<tr><td>")
                        .append(place++)
                        .append(". ")
                        .append(esc(step.label()))
                        .append(step.small() ? " <span class=\"soft\">(small)</span>" : "")
                        .append("</td><td>")
                        .append(esc(step.details()))
                        .append("</td><td>")
                        .append(step.refit()
                                .map(r -> esc(
                                        r.leftOut().map(w -> "stays out: " + w).orElse("back on") + ", " + r.by()))
                                .orElse("not yet"))
                        .append("</td></tr>");
            }
            out.append("</table>");
        }
        photographs(JobStep.PARTS.path(), "");
        photographs(JobStep.REASSEMBLY.path(), "");
        close();
    }

    private void leads(LeadMapAssessment leads) {
        open("Leads as they lay");
        leads.lines().forEach(this::judgement);
        out.append("<table><tr><th>terminal</th><th>leads</th><th>joined to</th></tr>");
        for (LeadMapAssessment.Terminal t : leads.terminals()) {
            out.append("<tr><td>")
                    .append(esc(t.name().isEmpty() ? "none" : t.name()))
                    .append("</td><td>")
                    .append(esc(String.join(", ", t.leads())))
                    .append("</td><td>")
                    .append(esc(String.join(", ", t.joins())))
                    .append("</td></tr>");
        }
        out.append("</table>");
        photographs(JobStep.LEAD_MAP.path(), "");
        close();
    }

    private void findings() {
        job.apart().findings().ifPresent(f -> {
            open("Found on it");
            List<String> keys = keys();
            for (int i = 0; i < f.lines().size(); i++) {
                Judgement line = f.lines().get(i);
                judgement(line);
                if (i < keys.size()) {
                    photographs("", keys.get(i));
                }
            }
            photographs(JobStep.FINDINGS.path(), "");
            close();
        });
    }

    /** What a photograph of each finding is filed under. */
    private List<String> keys() {
        List<String> keys = new ArrayList<>();
        JobView.Sheet sheet = job.sheets().get("findings");
        if (sheet != null && sheet.typed().get("findings") instanceof List<?> list) {
            for (Object each : list) {
                if (each instanceof Map<?, ?> m) {
                    Object condition = m.get("condition");
                    keys.add(m.get("component") + ", " + m.get("place") + ", "
                            + (condition == null || condition.toString().isEmpty() ? "other" : condition));
                }
            }
        }
        return keys;
    }

    private void coilMap() {
        Optional<String> ring = CoilMapDrawing.of(job);
        if (ring.isEmpty()) {
            return;
        }
        JobView.Sheet sheet = job.sheets().get("coil-map");
        open("Coil map, seen from the connection end");
        out.append("<table><tr><td style=\"width:160pt;border:0\">")
                .append(ring.get())
                .append("</td><td class=\"beside\" style=\"border:0\">");
        job.ranking().facts().forEach(f -> line(esc(f.sentence()) + (f.struck() ? " <b>(struck)</b>" : "")));
        Object worse = sheet.typed().get("worseEnd");
        if (worse != null && !worse.toString().isBlank()) {
            line("Worse at: " + esc(worse.toString().replace('-', ' ')) + ".");
        }
        line("<span class=\"soft\">thin arcs bright · dots warm · lines dull · solid dark · pale bars burst</span>");
        photographs(JobStep.COIL_MAP.path(), "");
        out.append("</td></tr></table>");
        close();
    }

    /** Photographs of a step, or of one finding, that stand nowhere yet. */
    private void photographs(String step, String finding) {
        List<Pictured> here = left.stream()
                .filter(p -> finding.isEmpty()
                        ? p.photo().step().equals(step)
                        : p.photo().finding().equals(finding))
                .toList();
        here.forEach(this::photograph);
        left.removeAll(here);
    }
}
