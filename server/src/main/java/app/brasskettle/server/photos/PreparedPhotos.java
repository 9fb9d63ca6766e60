package app.brasskettle.server.photos;

import app.brasskettle.server.jobs.ChangeContext;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * Photographs decoded before they are taken in, each in a file of its own until then: an archive may hold hundreds, and the
 * database must not wait while they are decoded.
 */
public final class PreparedPhotos implements AutoCloseable {

    private final PhotoBook book;
    private final List<Path> files = new ArrayList<>();

    PreparedPhotos(PhotoBook book) {
        this.book = book;
    }

    /**
     * Decodes a photograph.
     *
     * @throws app.brasskettle.core.worksheet.InvalidInputException when it is no picture
     */
    public void prepare(byte[] file) {
        SanitisedJpeg photo = SanitisedJpeg.from(file);
        try {
            Path kept = Files.createTempFile("photograph", ".jpg");
            files.add(kept);
            try (DataOutputStream out = new DataOutputStream(Files.newOutputStream(kept))) {
                out.writeInt(photo.width());
                out.writeInt(photo.height());
                out.writeInt(photo.thumbnail().length);
                out.write(photo.thumbnail());
                out.writeInt(photo.print().length);
                out.write(photo.print());
                out.write(photo.image());
            }
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    /** Takes in the photograph that was prepared as number {@code i}, from 0. */
    public void add(int i, String tag, PhotoBook.Attached to, ChangeContext hand) {
        try (DataInputStream in = new DataInputStream(Files.newInputStream(files.get(i)))) {
            int width = in.readInt();
            int height = in.readInt();
            byte[] thumbnail = in.readNBytes(in.readInt());
            byte[] print = in.readNBytes(in.readInt());
            book.add(tag, new SanitisedJpeg(width, height, in.readAllBytes(), print, thumbnail), to, hand);
        } catch (IOException lost) {
            throw new UncheckedIOException(lost);
        }
    }

    @Override
    public void close() {
        for (Path file : files) {
            try {
                Files.deleteIfExists(file);
            } catch (IOException left) {
                throw new UncheckedIOException(left);
            }
        }
    }
}
