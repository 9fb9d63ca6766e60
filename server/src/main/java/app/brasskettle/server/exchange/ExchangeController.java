package app.brasskettle.server.exchange;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.audit.SecurityEventKind;
import app.brasskettle.server.audit.SecurityJournal;
import app.brasskettle.server.floor.FloorBook;
import app.brasskettle.server.floor.FloorRow;
import app.brasskettle.server.jobs.ChangeContext;
import app.brasskettle.server.jobs.JobBook;
import app.brasskettle.server.jobview.JobView;
import app.brasskettle.server.jobview.JobViews;
import app.brasskettle.server.json.StrictJson;
import app.brasskettle.server.photos.Photo;
import app.brasskettle.server.photos.PhotoBook;
import app.brasskettle.server.photos.PreparedPhotos;
import app.brasskettle.server.shops.ShopsTogether;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.core.io.InputStreamResource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Jobs out and in as files, and the job list. */
@RestController
class ExchangeController {

    private final JobFiles files;
    private final JobBook book;
    private final FloorBook floor;
    private final PhotoBook photos;
    private final StrictJson json;
    private final SecurityJournal security;

    ExchangeController(
            JobFiles files,
            JobBook book,
            FloorBook floor,
            PhotoBook photos,
            StrictJson json,
            SecurityJournal security) {
        this.security = security;
        this.files = files;
        this.book = book;
        this.floor = floor;
        this.photos = photos;
        this.json = json;
    }

    /** Writes straight into the answer: a job may hold more photographs than the server has memory. */
    @GetMapping(value = "/api/jobs/{tag}/export.zip", produces = "application/zip")
    void export(@PathVariable String tag, HttpServletResponse answer, Authentication who) throws IOException {
        List<JobFile.Picture> pictures = new ArrayList<>();
        Map<String, Photo> named = new LinkedHashMap<>();
        for (Photo p : photos.of(tag)) {
            String name = "photographs/" + (pictures.size() + 1) + ".jpg";
            pictures.add(new JobFile.Picture(name, p.step(), p.finding(), p.caption(), p.by(), p.at()));
            named.put(name, p);
        }
        byte[] record = json.text(files.write(tag, pictures)).getBytes(StandardCharsets.UTF_8);
        JobArchive.checkFits(
                record.length, named.values().stream().map(Photo::bytes).toList(), JobArchive.Limits.OF_A_JOB);
        security.write(SecurityEventKind.EXPORTED, People.of(who).username(), tag + ".zip");
        answer.setContentType("application/zip");
        answer.setHeader(HttpHeaders.CONTENT_DISPOSITION, attachment(tag + ".zip"));
        JobArchive.write(
                answer.getOutputStream(),
                record,
                List.copyOf(named.keySet()),
                name -> photos.picture(tag, named.get(name).id()));
    }

    /** Receives the file, and decodes its photographs, before anything is asked of the database. */
    @PostMapping("/api/jobs/import")
    public JobView take(@RequestBody InputStreamResource archive, Authentication who) throws IOException {
        ChangeContext hand = ChangeContext.of(People.of(who, Role.LEAD, Role.OFFICE, Role.ADMIN));
        Path file = Files.createTempFile("job", ".zip");
        try {
            Files.copy(archive.getInputStream(), file, StandardCopyOption.REPLACE_EXISTING);
            try (JobArchive opened = new JobArchive(file, JobArchive.Limits.OF_A_JOB)) {
                return JobViews.of(book.read(take(opened, hand)));
            }
        } finally {
            Files.delete(file);
        }
    }

    private String take(JobArchive archive, ChangeContext hand) {
        JobFile file = json.exactly(JobFile.class, archive.record());
        List<JobFile.Picture> pictures = file.photographs() == null ? List.of() : file.photographs();
        Set<String> named = pictures.stream().map(JobFile.Picture::file).collect(Collectors.toSet());
        if (pictures.size() != named.size() || !named.equals(archive.photographs())) {
            throw new InvalidInputException(List.of(new Problem(
                    "photographs",
                    Problem.Code.CONTRADICTION,
                    "photographs names other files than the archive holds")));
        }
        try (PreparedPhotos prepared = photos.prepared()) {
            pictures.forEach(p -> prepared.prepare(archive.photograph(p.file())));
            String tag = files.read(file, hand);
            for (int i = 0; i < pictures.size(); i++) {
                JobFile.Picture p = pictures.get(i);
                prepared.add(
                        i,
                        tag,
                        new PhotoBook.Attached(p.step(), p.finding(), p.caption()),
                        ChangeContext.of(hand.person()));
            }
            return tag;
        }
    }

    /** Writes page after page straight into the answer: a list of what left is longer than memory. */
    @ShopsTogether
    @GetMapping(value = "/api/floor.csv", produces = "text/csv")
    void list(
            @RequestParam(defaultValue = "live") String show,
            @RequestParam(defaultValue = "") String find,
            HttpServletResponse answer,
            Authentication who)
            throws IOException {
        List<FloorRow> first = floor.page(show, find, Optional.empty());
        security.write(SecurityEventKind.EXPORTED, People.of(who).username(), "jobs.csv");
        answer.setContentType("text/csv;charset=UTF-8");
        answer.setHeader(HttpHeaders.CONTENT_DISPOSITION, attachment("jobs.csv"));
        JobList.write(
                new OutputStreamWriter(answer.getOutputStream(), StandardCharsets.UTF_8),
                first,
                last -> floor.page(show, find, Optional.of(last.tag())));
    }

    private static String attachment(String name) {
        return ContentDisposition.attachment().filename(name).build().toString();
    }
}
