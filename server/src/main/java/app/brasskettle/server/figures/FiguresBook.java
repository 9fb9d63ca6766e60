package app.brasskettle.server.figures;

import app.brasskettle.core.figures.FigureTable;
import app.brasskettle.core.figures.JobFacts;
import app.brasskettle.core.figures.ShopFigures;
import app.brasskettle.core.pricing.ShopPrices;
import app.brasskettle.core.pricing.TaskTable;
import app.brasskettle.core.rules.ShopLimit;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.hours.JobHours;
import app.brasskettle.server.jobrecord.RecordedJob;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.pricing.PricesOfToday;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.settings.SettingsStore;
import app.brasskettle.server.settings.ShopSettings;
import app.brasskettle.server.shops.CurrentShop;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The figures of a period. */
@Service
class FiguresBook {

    private static final DateTimeFormatter MONTH = DateTimeFormatter.ofPattern("yyyy-MM");
    private static final int MOST_JOBS = 20_000;

    private final FiguresStore store;
    private final JobBook book;
    private final PricesOfToday prices;
    private final SettingsStore settings;
    private final CurrentShop current;

    FiguresBook(FiguresStore store, JobBook book, PricesOfToday prices, SettingsStore settings, CurrentShop current) {
        this.store = store;
        this.book = book;
        this.prices = prices;
        this.settings = settings;
        this.current = current;
    }

    /** Figures of a period: its first and its last day, and how many jobs came in it. */
    record View(String from, String to, int jobs, List<FigureTable> tables) {}

    /**
     * Counts a period.
     *
     * @param from its first day (ISO 8601); a year before today where none is given
     * @param to its last day; today where none is given
     */
    @Transactional(readOnly = true)
    public View of(Optional<String> from, Optional<String> to) {
        ShopSettings shop = settings.current();
        ZoneId zone = shop.zone();
        LocalDate today = JobClock.now().atZoneSameInstant(zone).toLocalDate();
        Problems problems = new Problems();
        LocalDate last = day(problems, "to", to, today);
        LocalDate first = day(problems, "from", from, last.minusYears(1).plusDays(1));
        if (first.isAfter(last)) {
            problems.add("from", Problem.Code.CONTRADICTION, "from is " + first + ", after " + last);
        }
        problems.throwIfAny();
        OffsetDateTime begin = first.atStartOfDay(zone).toOffsetDateTime();
        OffsetDateTime end = last.plusDays(1).atStartOfDay(zone).toOffsetDateTime();
        List<JobFacts> jobs = store.facts(begin, end, MOST_JOBS + 1);
        if (jobs.size() > MOST_JOBS) {
            throw RefusedException.gated("More than " + MOST_JOBS + " jobs came in that period: choose a shorter one");
        }
        return new View(
                first.toString(),
                last.toString(),
                jobs.size(),
                ShopFigures.of(
                        jobs,
                        hours(begin, end),
                        shop.rules().figure(ShopLimit.WARRANTY_MONTHS),
                        s -> MONTH.format(Instant.ofEpochSecond(s.longValue()).atZone(zone))));
    }

    private static LocalDate day(Problems problems, String field, Optional<String> text, LocalDate usual) {
        try {
            return text.filter(t -> !t.isBlank()).map(LocalDate::parse).orElse(usual);
        } catch (DateTimeParseException wrong) {
            problems.add(field, Problem.Code.SYNTAX, field + " is no date such as 2027-03-31");
            return usual;
        }
    }

    /** Hours of the tasks that were tapped, by station; a task nobody tapped is no saving. */
    private List<ShopFigures.StationHours> hours(OffsetDateTime from, OffsetDateTime to) {
        Map<String, double[]> stations = new TreeMap<>();
        // Each job is read by the rules and the task table of its own shop.
        store.withHours(from, to).forEach((shop, tags) -> current.in(shop, () -> add(stations, tags)));
        List<ShopFigures.StationHours> hours = new ArrayList<>();
        stations.forEach((station, sums) -> hours.add(new ShopFigures.StationHours(station, sums[0], sums[1])));
        return hours;
    }

    private void add(Map<String, double[]> stations, List<String> tags) {
        double now = JobClock.seconds(JobClock.now());
        ShopPrices today = prices.read();
        for (String tag : tags) {
            RecordedJob job = book.recorded(tag);
            Map<String, Double> taken = JobHours.clock(job).hoursByTask(now);
            for (TaskTable.Planned p : JobHours.planned(job, today).orElse(List.of())) {
                Double hours = taken.get(p.code());
                if (hours != null) {
                    double[] sums = stations.computeIfAbsent(p.station(), k -> new double[2]);
                    sums[0] += p.hours();
                    sums[1] += hours;
                }
            }
        }
    }
}
