package app.brasskettle.server.worksheets;

import app.brasskettle.core.catalogue.SheetForm;
import app.brasskettle.core.catalogue.WorksheetCatalogue;
import app.brasskettle.core.quantity.Spelling;
import app.brasskettle.core.quantity.TypedInput;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Worksheet;
import app.brasskettle.server.access.AccountStore;
import app.brasskettle.server.json.StrictJson;
import app.brasskettle.server.problems.RefusedException;
import app.brasskettle.server.retries.Unkeyed;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Worksheets without a job: for scripts by their contract, for people as typed. Stores nothing. */
@RestController
@RequestMapping("/api/worksheets")
class WorksheetController {

    /**
     * Answer to an input as typed: what was understood, and the output or what is wrong.
     *
     * @param shown by field, the figure in words
     * @param problems what is wrong; empty when there is an output
     * @param output the worksheet's output
     */
    record TypedAnswer(Map<String, String> shown, List<Problem> problems, Optional<Object> output) {}

    private final StrictJson json;
    private final AccountStore accounts;
    private final Examples examples;

    WorksheetController(StrictJson json, AccountStore accounts, Examples examples) {
        this.json = json;
        this.examples = examples;
        this.accounts = accounts;
    }

    @GetMapping
    List<SheetForm> forms() {
        return WorksheetCatalogue.all().stream().<SheetForm>map(SheetForm::of).toList();
    }

    /** Gives readings to start from. */
    @GetMapping("/{name}/example")
    Map<String, Object> example(@PathVariable String name) {
        return examples.of(sheet(name).name());
    }

    @Unkeyed("Looks ahead and keeps nothing")
    @PostMapping("/{name}")
    Object answer(@PathVariable String name, @RequestBody(required = false) byte[] body) {
        return sheet(name).answer(json.object(body == null ? new byte[0] : body));
    }

    @Unkeyed("Looks ahead and keeps nothing")
    @PostMapping("/{name}/typed")
    TypedAnswer typed(@PathVariable String name, @RequestBody Map<String, Object> typed, Authentication who) {
        Worksheet<?, ?> sheet = sheet(name);
        return typed(sheet, Spelling.of(sheet.inputType(), typed, accounts.units(who)));
    }

    private static <I extends Record> TypedAnswer typed(Worksheet<I, ?> sheet, Map<String, Object> typed) {
        TypedInput.Attempt<I> attempt = TypedInput.attempt(sheet.inputType(), typed);
        return new TypedAnswer(
                attempt.shown(),
                attempt.problems(),
                attempt.input().map(i -> sheet.work().apply(i)));
    }

    private static Worksheet<?, ?> sheet(String name) {
        return WorksheetCatalogue.named(name)
                .orElseThrow(() -> RefusedException.unknown("There is no worksheet called " + name));
    }
}
