package app.brasskettle.server.walks;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

/** A picture, as a tablet's camera sends it. */
final class Pictures {

    private Pictures() {}

    static byte[] small() {
        try {
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", png);
            return png.toByteArray();
        } catch (IOException cannotBe) {
            throw new UncheckedIOException(cannotBe);
        }
    }
}
