package app.brasskettle.server.photos;

import com.luciad.imageio.webp.WebPReadParam;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * Pictures decoded within bounds: their size is read from the header first, a large one is thinned while it is decoded so that it
 * never stands in memory whole, and a decoder that takes too long is stopped.
 */
final class PictureDecoder {

    private static final long MAX_PIXELS = 50_000_000;
    private static final long MAX_DECODED = 12_500_000;
    private static final long LONGEST_S = 10;
    private static final ScheduledExecutorService WATCH = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "picture-watch");
        thread.setDaemon(true);
        return thread;
    });

    /** A picture that nobody has memory for. */
    static final class TooManyPixels extends IOException {
        private static final long serialVersionUID = 1L;

        TooManyPixels(long pixels) {
            super("The photograph has " + pixels / 1_000_000 + " million pixels; at most " + MAX_PIXELS / 1_000_000
                    + " million fit");
        }
    }

    private PictureDecoder() {}

    /**
     * The picture in {@code file}, on white where it can be seen through.
     *
     * @param format jpeg, png or webp
     * @param longest pixels of its longer side afterwards, at most
     * @throws IOException when it cannot be decoded, holds too many pixels, or takes too long
     */
    static BufferedImage decode(byte[] file, String format, int longest) throws IOException {
        ImageReader reader = ImageIO.getImageReadersByFormatName(format).next();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            reader.setInput(in);
            int width = reader.getWidth(0);
            int height = reader.getHeight(0);
            if ((long) width * height > MAX_PIXELS) {
                throw new TooManyPixels((long) width * height);
            }
            return drawn(timed(reader, thinned(reader.getDefaultReadParam(), width, height, longest)), longest);
        } finally {
            reader.dispose();
        }
    }

    private static ImageReadParam thinned(ImageReadParam how, int width, int height, int longest) {
        int longer = Math.max(width, height);
        if (how instanceof WebPReadParam webp) {
            double scale = Math.min(1.0, (double) longest / longer);
            webp.setUseScaling(scale < 1);
            webp.setScaledWidth(Math.max(1, (int) Math.round(width * scale)));
            webp.setScaledHeight(Math.max(1, (int) Math.round(height * scale)));
            return how;
        }
        int every = Math.max(1, longer / longest);
        while ((long) (width / every) * (height / every) > MAX_DECODED) {
            every++;
        }
        how.setSourceSubsampling(every, every, 0, 0);
        return how;
    }

    private static BufferedImage timed(ImageReader reader, ImageReadParam how) throws IOException {
        AtomicBoolean late = new AtomicBoolean();
        Future<?> watch = WATCH.schedule(
                () -> {
                    late.set(true);
                    reader.abort();
                },
                LONGEST_S,
                TimeUnit.SECONDS);
        try {
            BufferedImage decoded = reader.read(0, how);
            if (late.get()) {
                throw new IOException("The picture takes too long to decode");
            }
            return decoded;
        } finally {
            watch.cancel(false);
        }
    }

    /** Drawn at its final size in eight bits a colour, whatever it was decoded to. */
    private static BufferedImage drawn(BufferedImage decoded, int longest) {
        double scale = Math.min(1.0, (double) longest / Math.max(decoded.getWidth(), decoded.getHeight()));
        int width = Math.max(1, (int) Math.round(decoded.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(decoded.getHeight() * scale));
        BufferedImage drawn = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = drawn.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(decoded, 0, 0, width, height, Color.WHITE, null);
        g.dispose();
        return drawn;
    }
}
