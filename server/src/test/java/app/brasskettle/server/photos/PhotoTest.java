package app.brasskettle.server.photos;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.server.testing.Plates;
import app.brasskettle.server.testing.RunningServer;
import app.brasskettle.server.testing.Visitor;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class PhotoTest {

    /** A red picture of one pixel, lossy WebP, as any encoder writes it. */
    private static final String WEBP = "UklGRiIAAABXRUJQVlA4IBYAAAAwAQCdASoBAAEADsD+JaQAA3AAAAAA";

    private Visitor visitor;
    private String tag;

    @BeforeEach
    void receive(Visitor visitor) {
        this.visitor = visitor.as("tech");
        tag = Plates.received(this.visitor);
    }

    private static byte[] picture(int width, int height, String format) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.RED);
        g.fillRect(0, 0, width / 2, height);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    /** The JPEG with an EXIF segment behind its start: turned by a quarter (orientation 6), and a place in plain text. */
    private static byte[] withExif(byte[] jpeg) throws IOException {
        byte[] place = "GPS 54.1234N 003.4321W".getBytes(StandardCharsets.US_ASCII);
        ByteArrayOutputStream tiff = new ByteArrayOutputStream();
        tiff.write(new byte[] {'M', 'M', 0, 42, 0, 0, 0, 8, 0, 1, 1, 0x12, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0, 0, 0, 0, 0});
        tiff.write(place);
        byte[] body = tiff.toByteArray();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(jpeg, 0, 2);
        int length = body.length + 8;
        out.write(new byte[] {(byte) 0xFF, (byte) 0xE1, (byte) (length >> 8), (byte) length, 'E', 'x', 'i', 'f', 0, 0});
        out.write(body);
        out.write(jpeg, 2, jpeg.length - 2);
        return out.toByteArray();
    }

    private JsonNode add(byte[] file) {
        return visitor.postFile("/api/jobs/" + tag + "/photos?step=receive&caption=plate", file)
                .with(200)
                .json();
    }

    private byte[] stored(JsonNode photos, String which) {
        return visitor.get("/api/jobs/" + tag + "/photos/" + photos.at("/0/id").asString() + which)
                .with(200)
                .bytes();
    }

    @Test
    void isTurnedUprightAndForgetsWhereItWasTaken() throws IOException {
        byte[] file = withExif(picture(400, 200, "jpg"));
        assertThat(new String(file, StandardCharsets.ISO_8859_1)).contains("GPS 54.1234N");
        JsonNode photos = add(file);
        byte[] kept = stored(photos, "");
        assertThat(new String(kept, StandardCharsets.ISO_8859_1))
                .doesNotContain("GPS")
                .doesNotContain("Exif");
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(kept));
        assertThat(image.getWidth()).isEqualTo(200);
        assertThat(image.getHeight()).isEqualTo(400);
        assertThat(new Color(image.getRGB(100, 50)).getRed())
                .as("what lay left stands on top")
                .isGreaterThan(200);
        assertThat(new Color(image.getRGB(100, 350)).getRed()).isLessThan(60);
    }

    @ParameterizedTest
    @ValueSource(strings = {"jpg", "png"})
    void everyFormatBecomesAJpegWithItsThumbnail(String format) throws IOException {
        JsonNode photos = add(picture(3000, 1500, format));
        assertThat(photos.at("/0/width").asInt()).isEqualTo(2400);
        assertThat(photos.at("/0/height").asInt()).isEqualTo(1200);
        byte[] thumbnail = stored(photos, "/thumbnail");
        assertThat(thumbnail[0]).isEqualTo((byte) 0xFF);
        assertThat(ImageIO.read(new ByteArrayInputStream(thumbnail)).getWidth()).isEqualTo(320);
    }

    /** Twenty-seven million pixels, decoded thinned out. */
    @Test
    void aLargePictureIsThinnedOutAndStillWhole() throws IOException {
        JsonNode photos = add(picture(6000, 4500, "jpg"));
        assertThat(photos.at("/0/width").asInt()).isEqualTo(2400);
        assertThat(photos.at("/0/height").asInt()).isEqualTo(1800);
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(stored(photos, "")));
        assertThat(new Color(image.getRGB(300, 900)).getRed()).isGreaterThan(200);
        assertThat(new Color(image.getRGB(2100, 900)).getRed()).isLessThan(60);
    }

    @Test
    void webpIsReadToo() {
        JsonNode photos = add(Base64.getDecoder().decode(WEBP));
        assertThat(photos.at("/0/width").asInt()).isEqualTo(1);
    }

    /** Twelve million pixels, as a telephone takes them. */
    @Test
    void aLargeWebpIsDecodedAtTheSizeItIsKept() throws IOException {
        JsonNode photos = add(picture(4000, 3000, "webp"));
        assertThat(photos.at("/0/width").asInt()).isEqualTo(2400);
        assertThat(photos.at("/0/height").asInt()).isEqualTo(1800);
    }

    /** A header that promises fifty million pixels and nothing behind it (VP8L, RFC 9649 3.4). */
    @Test
    void aTinyWebpThatPromisesAHugePictureIsRefused() {
        byte[] bytes = new byte[38];
        byte[] head = "RIFF....WEBPVP8L".getBytes(StandardCharsets.US_ASCII);
        System.arraycopy(head, 0, bytes, 0, head.length);
        System.arraycopy(new byte[] {30, 0, 0, 0}, 0, bytes, 4, 4);
        System.arraycopy(new byte[] {18, 0, 0, 0, 0x2F}, 0, bytes, 16, 5);
        int sides = 6999 | 6999 << 14;
        for (int i = 0; i < 4; i++) {
            bytes[21 + i] = (byte) (sides >> 8 * i);
        }
        visitor.postFile("/api/jobs/" + tag + "/photos?step=receive", bytes).with(400);
    }

    /** Sixteen bits a colour, as cameras of instruments write them. */
    @Test
    void aDeepPngIsNoDamagedOne() throws IOException {
        ComponentColorModel deep = new ComponentColorModel(
                ColorSpace.getInstance(ColorSpace.CS_sRGB), false, false, Transparency.OPAQUE, DataBuffer.TYPE_USHORT);
        BufferedImage image = new BufferedImage(deep, deep.createCompatibleWritableRaster(3000, 1000), false, null);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.RED);
        g.fillRect(0, 0, 1500, 1000);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        JsonNode photos = add(out.toByteArray());
        BufferedImage kept = ImageIO.read(new ByteArrayInputStream(stored(photos, "")));
        assertThat(kept.getWidth()).isEqualTo(2400);
        assertThat(new Color(kept.getRGB(300, 300)).getRed()).isGreaterThan(200);
        assertThat(new Color(kept.getRGB(2000, 300)).getRed()).isLessThan(60);
    }

    @Test
    void aSmallPictureIsNotBlownUp() throws IOException {
        assertThat(add(picture(100, 60, "png")).at("/0/width").asInt()).isEqualTo(100);
    }

    @Test
    void whatIsNoPictureIsRefusedAndNothingKept() throws IOException {
        String path = "/api/jobs/" + tag + "/photos?step=receive";
        byte[] page = "<html><script>alert(1)</script></html>".getBytes(StandardCharsets.UTF_8);
        assertThat(visitor.postFile(path, page).with(400).text()).contains("none of JPEG, PNG and WebP");
        byte[] cut = picture(400, 300, "png");
        assertThat(visitor.postFile(path, Arrays.copyOf(cut, cut.length / 3))
                        .with(400)
                        .text())
                .contains("damaged or cut off");
        byte[] huge = picture(20, 20, "png");
        // Width and height in the header of a PNG, big-endian: 60,000 by 60,000.
        huge[16] = 0;
        huge[17] = 0;
        huge[18] = (byte) 0xEA;
        huge[19] = 0x60;
        huge[20] = 0;
        huge[21] = 0;
        huge[22] = (byte) 0xEA;
        huge[23] = 0x60;
        assertThat(visitor.postFile(path, huge).with(400).text()).contains("million pixels");
        visitor.postFile(path, new byte[15 * 1024 * 1024 + 1]).with(413);
        assertThat(visitor.get("/api/jobs/" + tag + "/photos").json().size()).isZero();
    }

    @Test
    void aRetryMakesNoSecondPhotograph() throws IOException {
        byte[] file = picture(50, 50, "jpg");
        String key = "photo-" + System.nanoTime();
        visitor.postFile("/api/jobs/" + tag + "/photos?step=plate", file, "Idempotency-Key", key)
                .with(200);
        assertThat(visitor.postFile("/api/jobs/" + tag + "/photos?step=plate", file, "Idempotency-Key", key)
                        .with(200)
                        .json()
                        .size())
                .isEqualTo(1);
    }

    @Test
    void captionsChangeAndAPhotographIsTakenOffWithItsReason() throws IOException {
        JsonNode photo = add(picture(50, 50, "jpg")).get(0);
        String path = "/api/jobs/" + tag + "/photos/" + photo.get("id").asString();
        Map<String, Object> change =
                Map.of("version", 1, "step", "receive", "finding", "burnt-smell", "caption", "lead 3 charred");
        assertThat(visitor.put(path, change).with(200).json().at("/0/caption").asString())
                .isEqualTo("lead 3 charred");
        visitor.put(path, change).with(409);
        assertThat(visitor.post(path + "/remove", Map.of("because", " "))
                        .with(400)
                        .problemFields())
                .containsExactly("because");
        assertThat(visitor.post(path + "/remove", Map.of("because", "wrong motor"))
                        .with(200)
                        .json()
                        .size())
                .isZero();
        visitor.get(path).with(404);
        assertThat(visitor.get("/api/jobs/" + tag + "/journal")
                        .json()
                        .at("/0/after/because")
                        .asString())
                .isEqualTo("wrong motor");
    }

    @Test
    void theFloorShowsTheFirstOne() throws IOException {
        long id = add(picture(50, 50, "jpg")).at("/0/id").asLong();
        JsonNode rows = visitor.get("/api/jobs?find=" + tag.toLowerCase(java.util.Locale.ROOT))
                .json();
        assertThat(rows.at("/0/photo").asLong()).isEqualTo(id);
        String other = Plates.received(visitor);
        visitor.get("/api/jobs/" + other + "/photos/" + id).with(404);
    }

    @Test
    void aStepThatNoJobHasIsRefused() throws IOException {
        assertThat(visitor.postFile("/api/jobs/" + tag + "/photos?step=kitchen", picture(9, 9, "png"))
                        .with(400)
                        .problemFields())
                .containsExactly("step");
    }

    private String marks() {
        return visitor.get("/api/jobs/" + tag)
                .json()
                .at("/apart/log/lines/0/headline")
                .asString();
    }

    /** A pair of marks counts as photographed while its photograph stands, and no other picture counts for it. */
    @Test
    void aPhotographOfAPairOfMarksIsToldOnTheJob() throws IOException {
        Map<String, Object> log = Map.of(
                "build",
                "open",
                "marks",
                List.of(
                        Map.of("joint", "Bracket", "end", "drive-end", "mark", "one dot"),
                        Map.of("joint", "Bracket", "end", "non-drive-end", "mark", "two dots")),
                "parts",
                List.of());
        Plates.sheet(visitor, tag, "teardown-log", log);
        add(picture(40, 30, "jpeg"));
        assertThat(marks()).isEqualTo("2 of 2 joints marked, 0 photographed");
        String shows = visitor.get("/api/jobs/" + tag)
                .json()
                .at("/apart/log/joints/1/photo")
                .asString();
        JsonNode photos = visitor.postFile(
                        "/api/jobs/" + tag + "/photos?step=teardown/parts&finding=" + shows.replace(" ", "%20"),
                        picture(40, 30, "jpeg"))
                .with(200)
                .json();
        assertThat(marks()).isEqualTo("2 of 2 joints marked, 1 photographed");
        visitor.post(
                        "/api/jobs/" + tag + "/photos/" + photos.at("/1/id").asString() + "/remove",
                        Map.of("because", "blurred"))
                .with(200);
        assertThat(marks()).isEqualTo("2 of 2 joints marked, 0 photographed");
    }
}
