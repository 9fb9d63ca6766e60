package app.brasskettle.server.bank;

import app.brasskettle.core.bank.BankMatch;
import app.brasskettle.core.bank.BankQuestion;
import app.brasskettle.core.bank.BankRecord;
import app.brasskettle.core.bank.BankTable;
import app.brasskettle.core.quantity.Spelling;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.server.access.AccountStore;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.audit.SecurityEventKind;
import app.brasskettle.server.audit.SecurityJournal;
import app.brasskettle.server.clock.JobClock;
import app.brasskettle.server.json.StrictJson;
import app.brasskettle.server.retries.Unkeyed;
import app.brasskettle.server.shops.ShopsTogether;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The bank: find a winding, take windings in from a file, give them all out. */
@RestController
@RequestMapping("/api/bank")
class BankController {

    private static final int SHOWN = 20;

    private final BankBook book;
    private final BankStore store;
    private final StrictJson json;
    private final SecurityJournal security;

    private final AccountStore accounts;

    BankController(BankBook book, BankStore store, StrictJson json, SecurityJournal security, AccountStore accounts) {
        this.accounts = accounts;
        this.security = security;
        this.book = book;
        this.store = store;
        this.json = json;
    }

    /**
     * What a search found.
     *
     * @param size windings in the bank
     * @param shown by field, what was understood
     * @param matches the nearest, nearest first
     */
    record Found(int size, Map<String, String> shown, List<BankMatch> matches) {}

    /**
     * What an import holds, or what was kept of it.
     *
     * @param kept windings that were written; 0 for a preview
     * @param fresh windings that are new
     * @param known windings that the bank has already, alike
     * @param refused the first hundred refusals
     * @param refusedLines how many lines are refused
     */
    record Import(int kept, int fresh, int known, List<BankTable.Refused> refused, int refusedLines) {}

    /** Finds the nearest windings to what is typed, any of it. */
    @Unkeyed("Looks ahead and keeps nothing")
    @ShopsTogether
    @PostMapping("/search")
    Found search(@RequestBody Map<String, Object> typed, Authentication who) {
        TypedInput.Read<BankQuestion> read =
                TypedInput.read(BankQuestion.class, Spelling.of(BankQuestion.class, typed, accounts.units(who)));
        BankBook.Found found = book.nearest(read.input(), SHOWN);
        return new Found(found.size(), read.shown(), found.matches());
    }

    /**
     * Takes windings in from a table or a list. Nothing is kept while a line is refused, unless the caller leaves those out.
     *
     * @param preview looks and keeps nothing
     * @param leaveOut keeps the good lines and leaves refused ones out
     */
    @PostMapping(
            value = "/import",
            consumes = {"text/csv", MediaType.APPLICATION_JSON_VALUE})
    Import take(
            @RequestBody byte[] file,
            @RequestParam(defaultValue = "false") boolean preview,
            @RequestParam(defaultValue = "false") boolean leaveOut,
            @RequestHeader(HttpHeaders.CONTENT_TYPE) String type,
            Authentication who) {
        String by = People.of(who, Role.LEAD, Role.ADMIN).displayName();
        BankTable.Read read = type.startsWith("text/csv") ? BankTable.csv(text(file)) : list(file);
        return keep(read, preview, leaveOut, by);
    }

    private Import keep(BankTable.Read read, boolean preview, boolean leaveOut, String by) {
        Map<String, BankRecord> there =
                store.byKey(read.good().stream().map(l -> l.record().key()).toList());
        List<BankRecord> fresh = new ArrayList<>();
        List<BankTable.Refused> refused = new ArrayList<>(read.refused());
        int known = 0;
        int clashes = 0;
        for (BankTable.Line line : read.good()) {
            BankRecord before = there.get(line.record().key());
            if (before == null) {
                fresh.add(line.record());
            } else if (before.equals(line.record())) {
                known++;
            } else {
                clashes++;
                if (refused.size() < BankTable.TOLD) {
                    refused.add(new BankTable.Refused(
                            line.line(), "key", "key is " + before.key() + ", which the bank has with other figures"));
                }
            }
        }
        int lines = read.refusedLines() + clashes;
        boolean write = !preview && (lines == 0 || leaveOut);
        if (write) {
            store.add(fresh, by, JobClock.now());
        }
        return new Import(write ? fresh.size() : 0, fresh.size(), known, refused, lines);
    }

    private BankTable.Read list(byte[] file) {
        BankTable.Listing listing = BankTable.listing();
        json.list(file, "windings", listing::add);
        return listing.done();
    }

    private static String text(byte[] file) {
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file))
                    .toString();
        } catch (CharacterCodingException otherwise) {
            throw refused("The table is not written in UTF-8");
        }
    }

    private static InvalidInputException refused(String message) {
        return new InvalidInputException(List.of(new Problem("", Problem.Code.SYNTAX, message)));
    }

    /** Gives all windings out as a table that can be taken in again. */
    @ShopsTogether
    @GetMapping(value = "/export.csv", produces = "text/csv;charset=UTF-8")
    void csv(HttpServletResponse answer, Authentication who) throws IOException {
        security.write(SecurityEventKind.EXPORTED, People.of(who).username(), "windings.csv");
        Writer out = file("windings.csv", "text/csv;charset=UTF-8", answer);
        out.write(BankTable.header());
        store.each(r -> write(out, BankTable.row(r)));
        out.flush();
    }

    /** Gives all windings out as a list that can be taken in again. */
    @ShopsTogether
    @GetMapping(value = "/export.json", produces = MediaType.APPLICATION_JSON_VALUE)
    void json(HttpServletResponse answer, Authentication who) throws IOException {
        security.write(SecurityEventKind.EXPORTED, People.of(who).username(), "windings.json");
        Writer out = file("windings.json", MediaType.APPLICATION_JSON_VALUE, answer);
        out.write("{\"windings\":[");
        boolean[] first = {true};
        store.each(r -> {
            write(out, (first[0] ? "\n" : ",\n") + json.text(r));
            first[0] = false;
        });
        out.write("\n]}\n");
        out.flush();
    }

    private static Writer file(String name, String type, HttpServletResponse answer) throws IOException {
        answer.setContentType(type);
        answer.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"");
        return new OutputStreamWriter(answer.getOutputStream(), StandardCharsets.UTF_8);
    }

    private static void write(Writer out, String text) {
        try {
            out.write(text);
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }
}
