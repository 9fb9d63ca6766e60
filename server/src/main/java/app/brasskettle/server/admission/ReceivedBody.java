package app.brasskettle.server.admission;

import app.brasskettle.server.problems.RefusedException;
import jakarta.servlet.http.HttpServletRequest;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;

/** A body as it came, whole: in memory while it is small, else in a file until its call is over. */
final class ReceivedBody implements AutoCloseable {

    /** What is larger waits for its turn on the disk, not in memory. */
    static final int SMALL = 256 << 10;

    private static final int PIECE = 16 << 10;
    private static final long GRACE_NS = TimeUnit.SECONDS.toNanos(15);
    /** Slower than a bad radio link in a shop. */
    private static final long SLOWEST_BYTES_PER_S = 4096;

    private final byte[] small;
    private final Path file;
    private final long size;

    private ReceivedBody(byte[] small, Path file, long size) {
        this.small = small;
        this.file = file;
        this.size = size;
    }

    /**
     * Receives the body of {@code request}.
     *
     * @throws RefusedException when it is larger than its kind may be, or comes too slowly
     */
    static ReceivedBody of(HttpServletRequest request, BodyKind kind) throws IOException {
        long begun = System.nanoTime();
        InputStream in = request.getInputStream();
        ByteArrayOutputStream head = new ByteArrayOutputStream();
        byte[] piece = new byte[PIECE];
        long size = 0;
        Path file = null;
        OutputStream rest = null;
        boolean whole = false;
        try {
            for (int n = in.read(piece); n >= 0; n = in.read(piece)) {
                size += n;
                bounded(size, kind, begun);
                if (rest == null && size > SMALL) {
                    file = Files.createTempFile("body", ".received");
                    rest = Files.newOutputStream(file);
                    head.writeTo(rest);
                }
                (rest == null ? head : rest).write(piece, 0, n);
            }
            whole = true;
        } finally {
            if (rest != null) {
                rest.close();
            }
            if (!whole && file != null) {
                Files.deleteIfExists(file);
            }
        }
        return new ReceivedBody(file == null ? head.toByteArray() : null, file, size);
    }

    private static void bounded(long size, BodyKind kind, long begun) {
        if (size > kind.most()) {
            throw RefusedException.tooLarge(kind.told());
        }
        long allowed = GRACE_NS + TimeUnit.SECONDS.toNanos(size / SLOWEST_BYTES_PER_S);
        if (System.nanoTime() - begun > allowed) {
            throw RefusedException.tooSlow("What was sent came too slowly and was given up. Send it again");
        }
    }

    long size() {
        return size;
    }

    InputStream open() throws IOException {
        return file == null ? new ByteArrayInputStream(small) : Files.newInputStream(file);
    }

    @Override
    public void close() throws IOException {
        if (file != null) {
            Files.deleteIfExists(file);
        }
    }
}
