package app.brasskettle.server.photos;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.server.admission.WorkGate;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.ExifUtils;
import net.coobird.thumbnailator.util.exif.Orientation;

/**
 * A photograph decoded and encoded again as JPEG: upright, at most 2400 pixels long, with a smaller one for paper and its thumbnail.
 *
 * <p>Only the picture survives: place, time, camera and whatever else a file carried are left behind, and so is anything that
 * is no picture.
 */
record SanitisedJpeg(int width, int height, byte[] image, byte[] print, byte[] thumbnail) {

    private static final int MAX_PX = 2400;
    /** The 86 mm it has on a sheet, at 220 dots an inch. */
    private static final int PRINT_PX = 760;

    private static final int THUMBNAIL_PX = 320;
    private static final double QUALITY = 0.86;
    private static final byte[] JPEG = {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF};
    private static final byte[] EXIF = {'E', 'x', 'i', 'f', 0, 0};
    private static final int FIRST_SEGMENT = 0xE0;
    private static final int EXIF_SEGMENT = 0xE1;
    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'};
    /** A large picture takes some tens of megabytes while it is decoded: one at a time. */
    private static final WorkGate DARKROOM =
            new WorkGate(1, "Other photographs are being developed. Nothing was changed; try again in a moment");

    /**
     * The photograph in {@code file}, whatever it calls itself.
     *
     * @throws InvalidInputException when its content is no JPEG, PNG or WebP that can be decoded
     */
    static SanitisedJpeg from(byte[] file) {
        String format = format(file)
                .orElseThrow(() -> refusal(
                        Problem.Code.TYPE, "The photograph is none of JPEG, PNG and WebP, whatever its name says"));
        return DARKROOM.through(() -> developed(file, format));
    }

    private static SanitisedJpeg developed(byte[] file, String format) {
        try {
            BufferedImage image = upright(file, format);
            return new SanitisedJpeg(
                    image.getWidth(),
                    image.getHeight(),
                    encode(image, MAX_PX),
                    encode(image, PRINT_PX),
                    encode(image, THUMBNAIL_PX));
        } catch (PictureDecoder.TooManyPixels large) {
            throw refusal(Problem.Code.RANGE, large.getMessage());
        } catch (IOException | RuntimeException broken) {
            throw refusal(Problem.Code.SYNTAX, "The photograph cannot be decoded: the file is damaged or cut off");
        }
    }

    /** The picture at its final size, turned as its camera was held. */
    private static BufferedImage upright(byte[] file, String format) throws IOException {
        BufferedImage small = PictureDecoder.decode(file, format, MAX_PX);
        Orientation held = format.equals("jpeg") ? held(file) : null;
        return held == null
                ? small
                : ExifFilterUtils.getFilterForOrientation(held).apply(small);
    }

    /** How the camera was held, from the segment in which a JPEG carries it (EXIF 2.3, 4.5.4); nothing where it says nothing. */
    private static Orientation held(byte[] jpeg) {
        int at = 2;
        while (at + 4 < jpeg.length && (jpeg[at] & 0xFF) == 0xFF && (jpeg[at + 1] & 0xFF) >= FIRST_SEGMENT) {
            int length = (jpeg[at + 2] & 0xFF) << 8 | jpeg[at + 3] & 0xFF;
            if ((jpeg[at + 1] & 0xFF) == EXIF_SEGMENT && starts(jpeg, at + 4, EXIF) && at + 2 + length <= jpeg.length) {
                try {
                    return ExifUtils.getOrientationFromExif(Arrays.copyOfRange(jpeg, at + 4, at + 2 + length));
                } catch (RuntimeException garbled) {
                    // What cannot be read of the camera does not spoil the picture.
                    return null;
                }
            }
            at += 2 + length;
        }
        return null;
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
