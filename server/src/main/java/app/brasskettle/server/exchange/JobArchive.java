package app.brasskettle.server.exchange;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.server.problems.RefusedException;
import java.io.ByteArrayOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/**
 * The ZIP archive of a job: {@code job.json}, and {@code photographs/1.jpg} onwards.
 *
 * <p>Both ways one photograph at a time stands in memory, and both ways the same limits hold: what is written can be read.
 * Reading trusts nothing that the archive says of itself: names are matched against the few there can be, sizes are counted
 * while unpacking, and nothing is ever written under a name from the archive.
 */
final class JobArchive implements AutoCloseable {

    /**
     * What an archive may hold.
     *
     * @param recordBytes size of the record, unpacked
     * @param photographBytes size of one photograph, unpacked
     * @param allBytes size of everything, unpacked
     * @param photographs number of photographs
     */
    record Limits(long recordBytes, long photographBytes, long allBytes, int photographs) {

        /** Holds the largest job the product keeps: 200 photographs of 2400 pixels; the record fits a heap of 256 MiB. */
        static final Limits OF_A_JOB = new Limits(20 * MEBIBYTE, 15 * MEBIBYTE, 480 * MEBIBYTE, 200);
    }

    static final String RECORD = "job.json";
    private static final long MEBIBYTE = 1L << 20;
    private static final Pattern PHOTOGRAPH = Pattern.compile("photographs/[1-9][0-9]{0,3}\\.jpg");

    private final Limits limits;
    private final ZipFile zip;
    private final byte[] record;
    private final Set<String> photographs = new HashSet<>();

    /**
     * Opens an archive after reading it through once.
     *
     * @param file the archive, which stays the caller's to delete
     * @throws InvalidInputException when it is no archive of a job, cut off, larger than {@code limits}, or holds anything else
     */
    JobArchive(Path file, Limits limits) {
        this.limits = limits;
        try {
            this.record = readThrough(file);
            this.zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8);
        } catch (ZipException | EOFException | IllegalArgumentException broken) {
            throw refusal("The archive is damaged or cut off");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private byte[] readThrough(Path file) throws IOException {
        byte[] found = null;
        long all = 0;
        try (ZipInputStream entries = new ZipInputStream(Files.newInputStream(file), StandardCharsets.UTF_8)) {
            for (ZipEntry entry = entries.getNextEntry(); entry != null; entry = entries.getNextEntry()) {
                String name = entry.getName();
                long left = limits.allBytes - all;
                if (name.equals(RECORD)) {
                    if (found != null) {
                        throw refusal("The archive holds " + RECORD + " twice");
                    }
                    ByteArrayOutputStream out = new ByteArrayOutputStream();
                    all += unpack(entries, out, Math.min(limits.recordBytes, left), name);
                    found = out.toByteArray();
                    continue;
                }
                if (!PHOTOGRAPH.matcher(name).matches()) {
                    throw refusal("The archive holds " + shown(name) + ", which is no part of a job");
                }
                if (!photographs.add(name)) {
                    throw refusal("The archive holds " + name + " twice");
                }
                if (photographs.size() > limits.photographs) {
                    throw refusal("The archive holds more than " + limits.photographs + " photographs");
                }
                all += unpack(entries, OutputStream.nullOutputStream(), Math.min(limits.photographBytes, left), name);
            }
        }
        if (found == null) {
            throw refusal("This is no archive of a job: it holds no " + RECORD);
        }
        return found;
    }

    byte[] record() {
        return record.clone();
    }

    /** Returns the names of the photographs. */
    Set<String> photographs() {
        return Set.copyOf(photographs);
    }

    /**
     * Reads one photograph.
     *
     * @throws InvalidInputException when its place in the directory of the archive says other than the archive read through
     */
    byte[] photograph(String name) {
        ZipEntry entry =
                Optional.ofNullable(zip.getEntry(name)).orElseThrow(() -> refusal("The archive is damaged or cut off"));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (InputStream in = zip.getInputStream(entry)) {
            unpack(in, out, limits.photographBytes, name);
        } catch (IOException broken) {
            throw refusal("The archive is damaged or cut off");
        }
        return out.toByteArray();
    }

    @Override
    public void close() {
        try {
            zip.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Refuses to write what {@link #JobArchive} would not read.
     *
     * @param record size of the record, bytes
     * @param photographs sizes of the photographs, bytes
     * @throws RefusedException which says how large the job is and how large a file may be
     */
    static void checkFits(long record, List<Long> photographs, Limits limits) {
        long all = record + photographs.stream().mapToLong(Long::longValue).sum();
        if (record > limits.recordBytes) {
            throw RefusedException.tooLarge("The record of this job has " + mebibytes(record)
                    + "; a file holds at most " + mebibytes(limits.recordBytes));
        }
        if (all > limits.allBytes
                || photographs.size() > limits.photographs
                || photographs.stream().anyMatch(p -> p > limits.photographBytes)) {
            throw RefusedException.tooLarge("This job has " + photographs.size() + " photographs, " + mebibytes(all)
                    + " in all; a file holds at most " + limits.photographs + " of " + mebibytes(limits.photographBytes)
                    + ", " + mebibytes(limits.allBytes) + " in all");
        }
    }

    /**
     * Writes an archive, fetching one photograph after the other.
     *
     * @param names names of the photographs, as {@link #photographs} gives them back
     * @param content what stands under a name
     */
    static void write(OutputStream out, byte[] record, List<String> names, Function<String, byte[]> content)
            throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            zip.putNextEntry(new ZipEntry(RECORD));
            zip.write(record);
            for (String name : names) {
                byte[] picture = content.apply(name);
                zip.putNextEntry(stored(name, picture));
                zip.write(picture);
            }
        }
    }

    /** A JPEG is packed already: packing it again costs time and saves nothing. */
    private static ZipEntry stored(String name, byte[] content) {
        CRC32 sum = new CRC32();
        sum.update(content);
        ZipEntry entry = new ZipEntry(name);
        entry.setMethod(ZipEntry.STORED);
        entry.setSize(content.length);
        entry.setCrc(sum.getValue());
        return entry;
    }

    /** Unpacks one entry and stops as soon as it has grown past what a job can hold, however small it came. */
    private static long unpack(InputStream in, OutputStream out, long most, String name) throws IOException {
        byte[] piece = new byte[1 << 16];
        long size = 0;
        for (int n = in.read(piece); n >= 0; n = in.read(piece)) {
            size += n;
            if (size > most) {
                throw refusal(name + " unpacks to more than " + mebibytes(most));
            }
            out.write(piece, 0, n);
        }
        return size;
    }

    private static String mebibytes(long bytes) {
        return (bytes + MEBIBYTE - 1) / MEBIBYTE + " MiB";
    }

    private static String shown(String name) {
        String plain = name.replaceAll("[^\\x20-\\x7E]", "?");
        return "“" + (plain.length() > 60 ? plain.substring(0, 60) + "…" : plain) + "”";
    }

    private static InvalidInputException refusal(String message) {
        return new InvalidInputException(List.of(new Problem("", Problem.Code.SYNTAX, message)));
    }
}
