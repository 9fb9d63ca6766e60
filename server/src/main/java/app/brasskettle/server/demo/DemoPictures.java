package app.brasskettle.server.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Arc2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import javax.imageio.ImageIO;

/** Drawings that stand in for photographs in the demonstration shop; their captions say so. */
final class DemoPictures {

    private static final int WIDTH = 960;
    private static final int HEIGHT = 640;

    private DemoPictures() {}

    /** A riveted plate with these lines on it, as a PNG. */
    static byte[] plate(List<String> lines) {
        return draw(g -> {
            g.setColor(new Color(0x56, 0x5B, 0x57));
            g.fillRect(0, 0, WIDTH, HEIGHT);
            g.setColor(new Color(0xB9, 0xB4, 0xA6));
            g.fillRoundRect(90, 90, WIDTH - 180, HEIGHT - 180, 26, 26);
            g.setColor(new Color(0x3A, 0x38, 0x33));
            for (int[] rivet :
                    new int[][] {{120, 120}, {WIDTH - 144, 120}, {120, HEIGHT - 144}, {WIDTH - 144, HEIGHT - 144}}) {
                g.fillOval(rivet[0], rivet[1], 24, 24);
            }
            g.setFont(new Font(Font.MONOSPACED, Font.BOLD, 40));
            for (int i = 0; i < lines.size(); i++) {
                g.drawString(lines.get(i), 180, 200 + 70 * i);
            }
        });
    }

    /** A stator seen from its end, these groups of coils dark, as a PNG. */
    static byte[] winding(int groups, List<Integer> dark) {
        return draw(g -> {
            g.setColor(new Color(0x2B, 0x2A, 0x27));
            g.fillRect(0, 0, WIDTH, HEIGHT);
            g.setStroke(new BasicStroke(84, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND));
            for (int i = 0; i < groups; i++) {
                g.setColor(dark.contains(i) ? new Color(0x12, 0x10, 0x0D) : new Color(0xC9, 0x84, 0x4F));
                g.draw(new Arc2D.Double(250, 90, 460, 460, 360.0 * i / groups, 360.0 / groups - 4, Arc2D.OPEN));
            }
        });
    }

    private static byte[] draw(java.util.function.Consumer<Graphics2D> drawing) {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        drawing.accept(g);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
