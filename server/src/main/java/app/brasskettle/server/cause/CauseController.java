package app.brasskettle.server.cause;

import app.brasskettle.core.cause.Evidence;
import app.brasskettle.core.cause.EvidenceTable;
import app.brasskettle.core.cause.Explanation;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.core.worksheet.Word;
import app.brasskettle.server.access.People;
import app.brasskettle.server.jobs.EventKind;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobs.JobView;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Evidence added and struck by hand, and the conclusion by name. */
@RestController
class CauseController {

    /** A piece of evidence added, struck or restored, with the reason for striking it. */
    record EvidenceBody(String code, String action, String reason) {}

    /** What somebody concludes; a reason is needed where the product leads elsewhere. */
    record Conclusion(String explanation, String reason) {}

    /** A piece of evidence people can add. */
    record Choice(String code, String kind, String words) {}

    /** An explanation people can conclude. */
    record ExplanationWord(String code, String spoken) {}

    /** What a cause can be made of. */
    record Vocabulary(List<Choice> evidence, List<ExplanationWord> explanations) {}

    private final JobBook book;

    CauseController(JobBook book) {
        this.book = book;
    }

    @GetMapping("/api/cause/vocabulary")
    Vocabulary vocabulary() {
        return new Vocabulary(
                EvidenceTable.shipped().entries().stream()
                        .filter(e -> !e.code().startsWith("map-"))
                        .map(e -> new Choice(e.code(), e.kind(), e.words()))
                        .toList(),
                Arrays.stream(Explanation.values())
                        .map(e -> new ExplanationWord(e.word(), e.spoken()))
                        .toList());
    }

    @PostMapping("/api/jobs/{tag}/evidence")
    JobView evidence(@PathVariable String tag, @RequestBody EvidenceBody body, Authentication who) {
        Problems problems = new Problems();
        if (Word.parse(Evidence.class, body.code()).isEmpty()) {
            problems.add("code", Problem.Code.WORD, "code is no piece of evidence this table has");
        }
        EventKind kind = EventKind.EVIDENCE_ADDED;
        switch (body.action() == null ? "" : body.action()) {
            case "add" -> kind = EventKind.EVIDENCE_ADDED;
            case "strike" -> {
                kind = EventKind.EVIDENCE_STRUCK;
                problems.name("reason", body.reason());
            }
            case "restore" -> kind = EventKind.EVIDENCE_RESTORED;
            default -> problems.add("action", Problem.Code.WORD, "action must be one of add, strike, restore");
        }
        problems.throwIfAny();
        String words = EvidenceTable.shipped().entry(body.code()).orElseThrow().words();
        return book.addEvent(
                tag,
                kind,
                Map.of("code", body.code(), "words", words, "reason", body.reason() == null ? "" : body.reason()),
                JobBook.Hand.of(People.of(who), null));
    }

    @PostMapping("/api/jobs/{tag}/conclusion")
    JobView conclude(@PathVariable String tag, @RequestBody Conclusion body, Authentication who) {
        return book.addEvent(
                tag,
                EventKind.CONCLUDED,
                Conclusions.detail(book.view(tag).ranking(), body.explanation(), body.reason()),
                JobBook.Hand.of(People.of(who), null));
    }
}
