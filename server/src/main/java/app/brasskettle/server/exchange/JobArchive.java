package app.brasskettle.server.exchange;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/**
 * The ZIP archive of a job: {@code job.json}, and {@code photographs/1.jpg} onwards.
 *
 * <p>Reading trusts nothing that the archive says of itself: names are matched against the few there can be, sizes are counted
 * while unpacking, in memory, and nothing is ever written under a name from the archive.
 */
final class JobArchive {

    static final String RECORD = "job.json";
    private static final Pattern PHOTOGRAPH = Pattern.compile("photographs/[1-9][0-9]{0,3}\\.jpg");
    private static final long MAX_RECORD = 20L << 20;
    private static final long MAX_PHOTOGRAPH = 15L << 20;
    private static final long MAX_ALL = 64L << 20;
    private static final int MAX_ENTRIES = 201;

    private JobArchive() {}

    static byte[] write(byte[] record, Map<String, byte[]> photographs) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            zip.putNextEntry(new ZipEntry(RECORD));
            zip.write(record);
            for (Map.Entry<String, byte[]> photograph : photographs.entrySet()) {
                zip.putNextEntry(new ZipEntry(photograph.getKey()));
                zip.write(photograph.getValue());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /**
     * The entries of an archive by name, the record among them.
     *
     * @throws InvalidInputException when it is no such archive, cut off, too large, or holds anything else
     */
    static Map<String, byte[]> read(byte[] archive) {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        long all = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive), StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                String name = entry.getName();
                boolean photograph = PHOTOGRAPH.matcher(name).matches();
                if (!photograph && !name.equals(RECORD)) {
                    throw refusal("The archive holds " + shown(name) + ", which is no part of a job");
                }
                if (entries.size() >= MAX_ENTRIES) {
                    throw refusal("The archive holds more than " + MAX_ENTRIES + " files");
                }
                byte[] content = unpack(zip, photograph ? MAX_PHOTOGRAPH : MAX_RECORD, MAX_ALL - all, name);
                all += content.length;
                if (entries.put(name, content) != null) {
                    throw refusal("The archive holds " + name + " twice");
                }
            }
        } catch (ZipException | java.io.EOFException | IllegalArgumentException broken) {
            throw refusal("The archive is damaged or cut off");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        if (!entries.containsKey(RECORD)) {
            throw refusal("This is no archive of a job: it holds no " + RECORD);
        }
        return entries;
    }

    /** Unpacks one entry and stops as soon as it has grown past what a job can hold, however small it came. */
    private static byte[] unpack(InputStream in, long most, long left, String name) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[] piece = new byte[1 << 16];
        for (int n = in.read(piece); n >= 0; n = in.read(piece)) {
            if (out.size() + n > most || out.size() + n > left) {
                throw refusal(name + " unpacks to more than " + (Math.min(most, left) >> 20) + " MiB");
            }
            out.write(piece, 0, n);
        }
        return out.toByteArray();
    }

    private static String shown(String name) {
        String plain = name.replaceAll("[^\\x20-\\x7E]", "?");
        return "“" + (plain.length() > 60 ? plain.substring(0, 60) + "…" : plain) + "”";
    }

    private static InvalidInputException refusal(String message) {
        return new InvalidInputException(List.of(new Problem("", Problem.Code.SYNTAX, message)));
    }
}
