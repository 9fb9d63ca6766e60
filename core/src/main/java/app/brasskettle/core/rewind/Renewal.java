package app.brasskettle.core.rewind;

import app.brasskettle.core.nameplate.PlateDetails;
import app.brasskettle.core.verdict.Judgement;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.Remedy;
import app.brasskettle.core.work.Work;
import app.brasskettle.core.worksheet.Asked;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Phrase;
import app.brasskettle.core.worksheet.Problems;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Parts that are new in a motor: bearings, seals, leads, starting gear.
 *
 * @param parts each of them
 */
public record Renewal(@Asked("new parts") List<NewPart> parts) {

    /** What is renewed. */
    public enum Kind implements Coded {
        BEARING,
        SEAL,
        LEADS,
        TERMINAL_BLOCK,
        FAN,
        CAPACITOR,
        START_SWITCH,
        PROTECTOR,
        KEY,
        OTHER
    }

    /** An end of the motor. */
    public enum End implements Coded {
        DRIVE_END,
        NON_DRIVE_END
    }

    /**
     * A new part.
     *
     * @param kind what it is
     * @param end at which end, where it has one
     * @param type what is written on it
     * @param done whether it is in
     */
    public record NewPart(
            @Asked("part") Kind kind,
            @Asked("at the") Optional<End> end,
            @Asked("type fitted") Optional<String> type,
            @Asked("it is in") Optional<Boolean> done) {

        public NewPart {
            end = Problems.orEmpty(end);
            type = Problems.orEmpty(type).map(String::strip).filter(t -> !t.isEmpty());
            done = Problems.orEmpty(done);
            Problems problems = new Problems();
            problems.present("kind", kind);
            problems.throwIfAny();
        }

        boolean in() {
            return done.orElse(false);
        }

        /** The work it was: the part that is new, and where. */
        SheetWork.Said said() {
            String place = end.map(End::label).orElse("");
            return switch (kind) {
                case BEARING -> new SheetWork.Said(Work.REPAIRED, Optional.of(Remedy.BEARING), place);
                case SEAL -> new SheetWork.Said(Work.REPAIRED, Optional.of(Remedy.SEAL), place);
                case FAN -> new SheetWork.Said(Work.REPAIRED, Optional.of(Remedy.FAN), place);
                case KEY -> new SheetWork.Said(Work.REPAIRED, Optional.of(Remedy.KEY), place);
                case CAPACITOR -> new SheetWork.Said(Work.REPAIRED, Optional.of(Remedy.CAPACITOR), place);
                case START_SWITCH -> new SheetWork.Said(Work.REPAIRED, Optional.of(Remedy.START_SWITCH), place);
                case PROTECTOR -> new SheetWork.Said(Work.REPAIRED, Optional.of(Remedy.PROTECTOR), place);
                case LEADS, TERMINAL_BLOCK -> new SheetWork.Said(Work.REPAIRED, Optional.of(Remedy.LEAD), kind.label());
                case OTHER -> SheetWork.Said.of(Work.MACHINED);
            };
        }

        String label() {
            return Phrase.capital(kind.label()) + end.map(e -> ", " + e.label()).orElse("");
        }
    }

    private static final int MOST = 60;
    private static final String SHOP = "Shop rule";
    /** What tells one bearing from another: letters and figures before clearance, seals and make. */
    private static final Pattern DESIGNATION = Pattern.compile("^([A-Z]{0,3}) ?(\\d{3,5})");

    public Renewal {
        parts = Problems.copy(parts);
        Problems problems = new Problems();
        problems.size("parts", parts, 1, MOST);
        problems.throwIfAny();
    }

    /** What it comes to, part by part. */
    public List<Judgement> judge(Optional<PlateDetails> plate) {
        List<Judgement> lines = new ArrayList<>();
        parts.forEach(p -> lines.add(judge(p, plate)));
        return List.copyOf(lines);
    }

    private static Judgement judge(NewPart part, Optional<PlateDetails> plate) {
        if (!part.in()) {
            return new Judgement(Verdict.UNPROVEN, part.label() + ": not in yet", "", SHOP, "Fit it, and say so here.");
        }
        return switch (part.kind()) {
            case BEARING -> bearing(part, plate);
            case CAPACITOR, START_SWITCH ->
                new Judgement(
                        Verdict.HOLDS,
                        part.label() + " renewed" + type(part),
                        "",
                        SHOP,
                        "Test the starting gear once more.");
            default -> new Judgement(Verdict.HOLDS, part.label() + " renewed" + type(part), "", SHOP, "");
        };
    }

    private static Judgement bearing(NewPart part, Optional<PlateDetails> plate) {
        if (part.end().isEmpty() || part.type().isEmpty()) {
            return new Judgement(
                    Verdict.UNPROVEN,
                    part.label() + ": which one, at which end?",
                    "The next who opens it orders by what is written here",
                    SHOP,
                    "Write its type and its end.");
        }
        Optional<String> asked =
                plate.flatMap(d -> part.end().get() == End.DRIVE_END ? d.driveEndBearing() : d.nonDriveEndBearing());
        String fitted = part.type().get();
        if (asked.isEmpty()) {
            return new Judgement(
                    Verdict.HOLDS,
                    part.label() + ": " + fitted,
                    "The plate names none to hold it against",
                    SHOP,
                    "Write it on the nameplate sheet.");
        }
        boolean same = designation(fitted).equals(designation(asked.get()));
        return new Judgement(
                same ? Verdict.HOLDS : Verdict.STOP,
                part.label() + ": " + fitted + (same ? ", as the plate says" : ", the plate says " + asked.get()),
                same ? "" : "Another series fits another seat, or carries another load",
                SHOP,
                same ? "" : "Fit the one of the plate, or correct the plate with the reason.");
    }

    private static String designation(String type) {
        Matcher m = DESIGNATION.matcher(type.toUpperCase(Locale.ROOT).strip());
        return m.find()
                ? m.group(1) + m.group(2)
                : type.toUpperCase(Locale.ROOT).strip();
    }

    private static String type(NewPart part) {
        return part.type().map(t -> ": " + t).orElse("");
    }
}
