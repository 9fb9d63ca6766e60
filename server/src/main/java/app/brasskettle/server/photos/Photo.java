package app.brasskettle.server.photos;

import java.time.OffsetDateTime;

/**
 * A photograph on a job.
 *
 * @param id number in the store
 * @param step step of the job it belongs to
 * @param finding what on that step it shows, a code of evidence or free; empty for the step as a whole
 * @param caption what is to be seen
 * @param width of the picture, in pixels
 * @param height of the picture, in pixels
 * @param bytes size of the picture
 * @param by who took it
 * @param at when it came in
 * @param version to send back when changing it
 */
public record Photo(
        long id,
        String step,
        String finding,
        String caption,
        int width,
        int height,
        long bytes,
        String by,
        OffsetDateTime at,
        int version) {}
