package app.brasskettle.server.planning;

import static app.brasskettle.server.reports.Markup.esc;

import app.brasskettle.server.settings.ShopSettings;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** The plan for the wall: a line for each person and each oven, a column for each of the next working days, black on white. */
final class WallSheet {

    private static final int DAYS = 5;
    private static final int LOOK_AHEAD = 14;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");
    private static final String STYLE = """
            @page { size: A4 landscape; margin: 10mm; }
            body { font-family: Sheet; font-size: 8.6pt; color: #000; line-height: 1.25; }
            h1 { font-size: 14pt; margin: 0; } .small { font-size: 7.6pt; }
            table { border-collapse: collapse; width: 100%; margin-top: 4pt; table-layout: fixed; }
            th, td { border: 0.6pt solid #000; padding: 2pt 4pt; vertical-align: top; text-align: left; }
            th.who { width: 24mm; } .t { font-family: Figures; font-size: 7.8pt; } tr { page-break-inside: avoid; }
            p { margin: 0 0 2pt; }
            """;

    private final ZoneId zone;
    private final List<PlanView.Item> items;
    private final StringBuilder out = new StringBuilder();

    private WallSheet(ZoneId zone, List<PlanView.Item> items) {
        this.zone = zone;
        this.items = items;
    }

    static String html(PlanView plan, ShopSettings shop) {
        Optional<PlanView.Shown> told = plan.told();
        List<PlanView.Item> items = told.map(PlanView.Shown::items).orElse(List.of());
        return new WallSheet(shop.zone(), items).page(plan, shop, told);
    }

    private String page(PlanView plan, ShopSettings shop, Optional<PlanView.Shown> told) {
        String said = told.map(t -> "Accepted by " + t.decidedBy().orElse("") + ", "
                        + DAY.format(local(t.decidedAt().orElseThrow())) + " "
                        + TIME.format(local(t.decidedAt().orElseThrow())))
                .orElse("Nobody has accepted a plan yet");
        out.append("<html lang=\"en\"><head><title>Plan</title><style>")
                .append(STYLE)
                .append("</style></head><body><h1>")
                .append(esc(shop.shopName()))
                .append(", plan</h1><p class=\"small\">")
                .append(esc(said))
                .append("; times of ")
                .append(esc(zone.getId()))
                .append("</p>");
        List<LocalDate> days = days(plan.now());
        out.append("<table><tr><th class=\"who\"></th>");
        days.forEach(d -> out.append("<th>").append(DAY.format(d)).append("</th>"));
        out.append("</tr>");
        plan.people()
                .forEach(p -> row(
                        p,
                        days,
                        items.stream().filter(i -> i.worker().equals(p)).toList(),
                        true));
        plan.places().stream()
                .filter(p -> p.kind().batches())
                .forEach(p -> row(
                        p.name(),
                        days,
                        items.stream().filter(i -> i.place().equals(p.name())).toList(),
                        false));
        return out.append("</table></body></html>").toString();
    }

    /** The next days on which anybody has work. */
    private List<LocalDate> days(OffsetDateTime now) {
        LocalDate today = local(now).toLocalDate();
        return Stream.iterate(today, d -> d.plusDays(1))
                .limit(LOOK_AHEAD)
                .filter(d -> items.stream()
                        .flatMap(i -> i.work().stream())
                        .anyMatch(s -> local(s.from()).toLocalDate().equals(d)))
                .limit(DAYS)
                .toList();
    }

    private void row(String who, List<LocalDate> days, List<PlanView.Item> own, boolean byWork) {
        out.append("<tr><th class=\"who\">").append(esc(who)).append("</th>");
        for (LocalDate day : days) {
            out.append("<td>");
            for (PlanView.Item i : own) {
                if (byWork) {
                    i.work().forEach(s -> line(day, i, s.from(), s.to(), i.place()));
                } else {
                    line(day, i, i.runsFrom().orElse(i.start()), i.end(), temperature(i));
                }
            }
            out.append("</td>");
        }
        out.append("</tr>");
    }

    private static String temperature(PlanView.Item i) {
        return i.temperatureC().map(t -> Math.round(t) + " °C").orElse("");
    }

    private void line(LocalDate day, PlanView.Item i, OffsetDateTime from, OffsetDateTime to, String where) {
        if (local(from).toLocalDate().equals(day)) {
            out.append("<p><span class=\"t\">")
                    .append(TIME.format(local(from)))
                    .append("–")
                    .append(TIME.format(local(to)))
                    .append("</span> <b>")
                    .append(esc(i.job()))
                    .append("</b> ")
                    .append(esc(i.name()))
                    .append(where.isEmpty() ? "" : ", " + esc(where))
                    .append("</p>");
        }
    }

    private ZonedDateTime local(OffsetDateTime at) {
        return at.atZoneSameInstant(zone);
    }
}
