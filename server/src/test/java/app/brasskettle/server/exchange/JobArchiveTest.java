package app.brasskettle.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.server.problems.RefusedException;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class JobArchiveTest {

    private static final JobArchive.Limits SMALL = new JobArchive.Limits(100, 60, 200, 3);

    @TempDir
    private Path folder;

    /** The law of the two ways: a job is either refused when it is written, or its file is read. */
    @Test
    void whatIsWrittenIsReadAndWhatCouldNotBeReadIsNotWritten() throws IOException {
        Random random = new Random(20261128);
        int written = 0;
        int refused = 0;
        for (int i = 0; i < 400; i++) {
            byte[] record = bytes(random, 110);
            List<byte[]> photographs = new ArrayList<>();
            for (int n = random.nextInt(5); n > 0; n--) {
                photographs.add(bytes(random, 70));
            }
            List<Long> sizes = photographs.stream().map(p -> (long) p.length).toList();
            Path file = archive(record, photographs);
            try {
                JobArchive.checkFits(record.length, sizes, SMALL);
            } catch (RefusedException tooLarge) {
                refused++;
                assertThatThrownBy(() -> new JobArchive(file, SMALL)).isInstanceOf(InvalidInputException.class);
                continue;
            }
            written++;
            try (JobArchive read = new JobArchive(file, SMALL)) {
                assertThat(read.record()).isEqualTo(record);
                assertThat(read.photographs()).hasSize(photographs.size());
                for (int p = 0; p < photographs.size(); p++) {
                    assertThat(read.photograph(name(p))).isEqualTo(photographs.get(p));
                }
            }
        }
        assertThat(written).isGreaterThan(50);
        assertThat(refused).isGreaterThan(50);
    }

    @Test
    void anArchiveWhoseDirectoryIsCutOffIsDamaged() throws IOException {
        byte[] whole = Files.readAllBytes(archive(new byte[50], List.of(new byte[20])));
        for (int length : List.of(0, 30, whole.length / 2, whole.length - 25, whole.length - 1)) {
            Path cut = Files.write(folder.resolve("cut.zip"), java.util.Arrays.copyOf(whole, length));
            assertThatThrownBy(() -> new JobArchive(cut, SMALL)).isInstanceOf(InvalidInputException.class);
        }
    }

    /** The stream holds a photograph which the directory gives another name. */
    @Test
    void aDirectoryThatSaysOtherThanTheStreamIsRefused() throws IOException {
        byte[] whole = Files.readAllBytes(archive("{}".getBytes(StandardCharsets.UTF_8), List.of(new byte[20])));
        byte[] name = name(0).getBytes(StandardCharsets.UTF_8);
        int last = new String(whole, StandardCharsets.ISO_8859_1).lastIndexOf(name(0));
        whole[last + name.length - 5] = '2';
        Path forged = Files.write(folder.resolve("forged.zip"), whole);
        try (JobArchive read = new JobArchive(forged, SMALL)) {
            assertThat(read.photographs()).isEqualTo(Set.of(name(0)));
            assertThatThrownBy(() -> read.photograph(name(0)))
                    .isInstanceOf(InvalidInputException.class)
                    .hasMessageContaining("damaged");
        }
    }

    private Path archive(byte[] record, List<byte[]> photographs) throws IOException {
        List<String> names = new ArrayList<>();
        for (int p = 0; p < photographs.size(); p++) {
            names.add(name(p));
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        JobArchive.write(out, record, names, n -> photographs.get(names.indexOf(n)));
        return Files.write(folder.resolve("job.zip"), out.toByteArray());
    }

    private static String name(int photograph) {
        return "photographs/" + (photograph + 1) + ".jpg";
    }

    private static byte[] bytes(Random random, int most) {
        byte[] bytes = new byte[random.nextInt(most)];
        random.nextBytes(bytes);
        return bytes;
    }
}
