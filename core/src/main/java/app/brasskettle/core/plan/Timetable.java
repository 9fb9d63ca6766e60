package app.brasskettle.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** People and places as they fill up while a plan is made. */
final class Timetable {

    /** A piece of work before the end of a shift is worth beginning from this length on. */
    private static final int LEAST_PIECE_MINUTES = 30;

    /** A run of an oven. */
    private record Run(int loadedFrom, int runs, int end, Optional<Double> temperatureC, int count) {}

    private final Map<String, List<Span>> busy = new HashMap<>();
    private final Map<String, List<Span>> taken = new HashMap<>();
    private final Map<String, List<Run>> ovens = new HashMap<>();

    /** The earliest booking of a task with one worker at one place, from a minute on; empty where their hours do not hold it. */
    Optional<Booked> earliest(PlanTask task, Worker worker, Place place, int from) {
        Optional<Booked> joined = place.kind().batches() ? join(task, worker, place, from) : Optional.empty();
        Optional<Booked> fresh = fresh(task, worker, place, from);
        if (joined.isPresent() && fresh.isPresent()) {
            return joined.get().end() <= fresh.get().end() ? joined : fresh;
        }
        return joined.or(() -> fresh);
    }

    private Optional<Booked> fresh(PlanTask task, Worker worker, Place place, int from) {
        int at = from;
        while (true) {
            Optional<List<Span>> work = work(task, worker, at);
            if (work.isEmpty()) {
                return Optional.empty();
            }
            int start = task.workMinutes() == 0 ? at : work.get().get(0).from();
            int end = (task.workMinutes() == 0
                            ? at
                            : work.get().get(work.get().size() - 1).to())
                    + task.runMinutes();
            Optional<Span> inTheWay = inTheWay(place, start, end);
            if (inTheWay.isEmpty()) {
                return Optional.of(
                        new Booked(task, task.workMinutes() == 0 ? "" : worker.name(), place.name(), work.get(), end));
            }
            at = Math.max(at + 1, inTheWay.get().to());
        }
    }

    /** What must end before this place is free for so long: the booking that ends first where it is full. */
    private Optional<Span> inTheWay(Place place, int start, int end) {
        if (end <= start) {
            return Optional.empty();
        }
        Span asked = new Span(start, end);
        List<Span> there = taken.getOrDefault(place.name(), List.of()).stream()
                .filter(asked::overlaps)
                .toList();
        int room = place.kind().batches() ? 1 : place.capacity();
        return there.size() < room ? Optional.empty() : there.stream().min((a, b) -> Integer.compare(a.to(), b.to()));
    }

    /** Loaded beside others into a run that is planned already. */
    private Optional<Booked> join(PlanTask task, Worker worker, Place place, int from) {
        int free = 0;
        for (Run run : ovens.getOrDefault(place.name(), List.of())) {
            boolean fits = run.count() < place.capacity()
                    && run.temperatureC().equals(task.temperatureC())
                    && run.end() - run.runs() == task.runMinutes();
            if (fits) {
                Optional<List<Span>> work = work(task, worker, Math.max(from, free));
                if (work.isPresent()
                        && (work.get().isEmpty()
                                ? Math.max(from, free) <= run.runs()
                                : work.get().get(work.get().size() - 1).to() <= run.runs())) {
                    return Optional.of(new Booked(
                            task, task.workMinutes() == 0 ? "" : worker.name(), place.name(), work.get(), run.end()));
                }
            }
            free = run.end();
        }
        return Optional.empty();
    }

    /** When a worker is at a task that begins no earlier than a minute. */
    private Optional<List<Span>> work(PlanTask task, Worker worker, int from) {
        if (task.workMinutes() == 0) {
            return Optional.of(List.of());
        }
        List<Span> mine = busy.getOrDefault(worker.name(), List.of());
        int at = from;
        List<Span> pieces = new ArrayList<>();
        int left = task.workMinutes();
        for (int h = 0; h < worker.hours().size(); h++) {
            Span shift = worker.hours().get(h);
            if (shift.to() <= at) {
                continue;
            }
            int begin = Math.max(at, shift.from());
            while (begin < shift.to()) {
                int end = Math.min(shift.to(), begin + left);
                Span piece = new Span(begin, end);
                Optional<Span> other = mine.stream().filter(piece::overlaps).findFirst();
                boolean whole = end - begin == left;
                boolean good = other.isEmpty()
                        && (whole || task.setDown() && end - begin >= Math.min(LEAST_PIECE_MINUTES, left));
                if (good) {
                    pieces.add(piece);
                    left -= end - begin;
                    if (left == 0) {
                        return Optional.of(List.copyOf(pieces));
                    }
                    break;
                }
                // It cannot go on here: what was begun before is begun again later.
                pieces.clear();
                left = task.workMinutes();
                if (other.isEmpty()) {
                    break;
                }
                begin = other.get().to();
            }
        }
        return Optional.empty();
    }

    /** Keeps a booking. */
    void keep(Booked b, Place place) {
        List<Span> mine = busy.computeIfAbsent(b.worker(), k -> new ArrayList<>());
        mine.addAll(b.work());
        mine.sort((x, y) -> Integer.compare(x.from(), y.from()));
        if (b.end() > b.start()) {
            taken.computeIfAbsent(place.name(), k -> new ArrayList<>()).add(new Span(b.start(), b.end()));
        }
        if (place.kind().batches()) {
            List<Run> runs = ovens.computeIfAbsent(place.name(), k -> new ArrayList<>());
            Optional<Run> same = runs.stream()
                    .filter(r -> r.runs() == b.runs() && r.end() == b.end())
                    .findFirst();
            same.ifPresent(runs::remove);
            runs.add(new Run(
                    Math.min(b.start(), same.map(Run::loadedFrom).orElse(b.start())),
                    b.runs(),
                    b.end(),
                    b.task().temperatureC(),
                    same.map(Run::count).orElse(0) + 1));
            runs.sort((x, y) -> Integer.compare(x.loadedFrom(), y.loadedFrom()));
        }
    }
}
