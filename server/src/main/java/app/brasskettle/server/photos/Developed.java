package app.brasskettle.server.photos;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;

/**
 * A photograph decoded and encoded again as JPEG: upright, at most 2400 pixels long, with its thumbnail.
 *
 * <p>Only the picture survives: place, time, camera and whatever else a file carried are left behind, and so is anything that
 * is no picture.
 */
record Developed(int width, int height, byte[] image, byte[] thumbnail) {

    private static final int LONGEST_PX = 2400;
    private static final int THUMBNAIL_PX = 320;
    private static final long MOST_PIXELS = 50_000_000;
    private static final double QUALITY = 0.86;
    private static final byte[] JPEG = {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF};
    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'};
    /** A large picture takes a few hundred megabytes while it is decoded: one at a time. */
    private static final Semaphore DARKROOM = new Semaphore(1);

    /**
     * The photograph in {@code file}, whatever it calls itself.
     *
     * @throws InvalidInputException when its content is no JPEG, PNG or WebP that can be decoded
     */
    static Developed from(byte[] file) {
        String format = format(file)
                .orElseThrow(() -> refusal(
                        Problem.Code.TYPE, "The photograph is none of JPEG, PNG and WebP, whatever its name says"));
        DARKROOM.acquireUninterruptibly();
        try {
            size(file, format);
            BufferedImage upright = Thumbnails.of(new ByteArrayInputStream(file))
                    .scale(1)
                    .imageType(BufferedImage.TYPE_INT_RGB)
                    .asBufferedImage();
            byte[] image = encode(upright, LONGEST_PX);
            return new Developed(
                    fitted(upright.getWidth(), upright),
                    fitted(upright.getHeight(), upright),
                    image,
                    encode(upright, THUMBNAIL_PX));
        } catch (IOException | RuntimeException broken) {
            if (broken instanceof InvalidInputException refused) {
                throw refused;
            }
            throw refusal(Problem.Code.SYNTAX, "The photograph cannot be decoded: the file is damaged or cut off");
        } finally {
            DARKROOM.release();
        }
    }

    private static int fitted(int side, BufferedImage whole) {
        int longest = Math.max(whole.getWidth(), whole.getHeight());
        return longest <= LONGEST_PX ? side : Math.max(1, Math.round((float) side * LONGEST_PX / longest));
    }

    private static byte[] encode(BufferedImage picture, int longest) throws IOException {
        double scale = Math.min(1.0, (double) longest / Math.max(picture.getWidth(), picture.getHeight()));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Thumbnails.of(picture)
                .scale(scale)
                .outputFormat("jpg")
                .outputQuality(QUALITY)
                .toOutputStream(out);
        return out.toByteArray();
    }

    /** Asks the header how large it is, before a small file is unpacked into a huge picture. */
    private static void size(byte[] file, String format) throws IOException {
        Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName(format);
        ImageReader reader = readers.next();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            reader.setInput(in, true, true);
            long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
            if (pixels > MOST_PIXELS) {
                throw refusal(
                        Problem.Code.RANGE,
                        "The photograph has " + pixels / 1_000_000 + " million pixels; at most "
                                + MOST_PIXELS / 1_000_000 + " million fit");
            }
        } finally {
            reader.dispose();
        }
    }

    /** The format by the file's own first bytes. */
    private static Optional<String> format(byte[] file) {
        if (starts(file, 0, JPEG)) {
            return Optional.of("jpeg");
        }
        if (starts(file, 0, PNG)) {
            return Optional.of("png");
        }
        boolean webp = starts(file, 0, "RIFF".getBytes(StandardCharsets.US_ASCII))
                && starts(file, 8, "WEBP".getBytes(StandardCharsets.US_ASCII));
        return webp ? Optional.of("webp") : Optional.empty();
    }

    private static boolean starts(byte[] file, int at, byte[] with) {
        return file.length >= at + with.length && Arrays.equals(file, at, at + with.length, with, 0, with.length);
    }

    private static InvalidInputException refusal(Problem.Code code, String message) {
        return new InvalidInputException(List.of(new Problem("", code, message)));
    }
}
