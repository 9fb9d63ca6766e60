package app.brasskettle.server.photos;

import app.brasskettle.server.access.People;
import app.brasskettle.server.jobs.ChangeContext;
import java.time.Duration;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Photographs of a job. */
@RestController
@RequestMapping("/api/jobs/{tag}/photos")
class PhotoController {

    /** What a photograph belongs to, with the version the writer saw. */
    record ChangeBody(int version, String step, String finding, String caption) {}

    /** Why a photograph is taken off. */
    record RemoveBody(String because) {}

    private final PhotoBook photos;

    PhotoController(PhotoBook photos) {
        this.photos = photos;
    }

    @GetMapping
    List<Photo> of(@PathVariable String tag) {
        return photos.of(tag);
    }

    /** The file itself is the body; what it calls itself does not matter. */
    @PostMapping
    List<Photo> add(
            @PathVariable String tag,
            @RequestParam String step,
            @RequestParam(defaultValue = "") String finding,
            @RequestParam(defaultValue = "") String caption,
            @RequestBody byte[] file,
            Authentication who) {
        return photos.add(tag, file, new PhotoBook.Attached(step, finding, caption), ChangeContext.of(People.of(who)));
    }

    @GetMapping("/{id}")
    ResponseEntity<byte[]> image(@PathVariable String tag, @PathVariable long id) {
        return picture(photos.picture(tag, id));
    }

    @GetMapping("/{id}/thumbnail")
    ResponseEntity<byte[]> thumbnail(@PathVariable String tag, @PathVariable long id) {
        return picture(photos.thumbnail(tag, id));
    }

    /** A picture never changes under its number, so a browser may keep it. */
    private static ResponseEntity<byte[]> picture(byte[] jpeg) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable())
                .body(jpeg);
    }

    @PutMapping("/{id}")
    List<Photo> change(
            @PathVariable String tag, @PathVariable long id, @RequestBody ChangeBody body, Authentication who) {
        return photos.change(
                tag,
                id,
                body.version(),
                new PhotoBook.Attached(body.step(), body.finding(), body.caption()),
                ChangeContext.of(People.of(who)));
    }

    @PostMapping("/{id}/remove")
    List<Photo> remove(
            @PathVariable String tag, @PathVariable long id, @RequestBody RemoveBody body, Authentication who) {
        return photos.remove(tag, id, body.because(), ChangeContext.of(People.of(who)));
    }
}
