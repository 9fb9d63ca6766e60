package app.brasskettle.server.reports;

import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import com.google.zxing.qrcode.encoder.ByteMatrix;
import com.google.zxing.qrcode.encoder.Encoder;
import java.util.Map;

/** A QR code (ISO/IEC 18004) as SVG. */
final class QrDrawing {

    private static final int QUIET_MODULES = 4;

    private QrDrawing() {}

    /**
     * Draws a code, one square a module, so that it prints sharp at any size.
     *
     * @param address what it opens
     * @param sideMm side of the drawing
     */
    static String svg(String address, int sideMm) {
        ByteMatrix modules;
        try {
            modules = Encoder.encode(address, ErrorCorrectionLevel.M, Map.of(EncodeHintType.CHARACTER_SET, "UTF-8"))
                    .getMatrix();
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException("No code for " + address, tooLong);
        }
        int side = modules.getWidth() + 2 * QUIET_MODULES;
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < modules.getHeight(); y++) {
            for (int x = 0; x < modules.getWidth(); x++) {
                if (modules.get(x, y) == 1) {
                    path.append('M')
                            .append(x + QUIET_MODULES)
                            .append(' ')
                            .append(y + QUIET_MODULES)
                            .append("h1v1h-1z");
                }
            }
        }
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" + sideMm + "mm\" height=\"" + sideMm
                + "mm\" viewBox=\"0 0 " + side + " "
                + side
                + "\"><rect width=\"" + side + "\" height=\"" + side + "\" fill=\"#fff\"/><path d=\"" + path
                + "\" fill=\"#000\"/></svg>";
    }
}
