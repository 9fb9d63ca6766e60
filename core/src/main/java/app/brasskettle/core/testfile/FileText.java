package app.brasskettle.core.testfile;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** Bytes of a file turned into text, by its mark, as UTF-8, or as the older encoding that instruments write. */
public final class FileText {

    private static final Charset OLDER = Charset.forName("windows-1252");

    private FileText() {}

    /** Decodes a file. */
    public static String of(byte[] bytes) {
        if (marked(bytes, 0xFF, 0xFE)) {
            return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16LE);
        }
        if (marked(bytes, 0xFE, 0xFF)) {
            return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16BE);
        }
        int from = marked(bytes, 0xEF, 0xBB, 0xBF) ? 3 : 0;
        for (int i = 0; i < bytes.length; i++) {
            if (bytes[i] == 0) {
                throw new InvalidInputException(List.of(
                        new Problem("", Problem.Code.SYNTAX, "Byte " + (i + 1) + " is zero: this is no text file")));
            }
        }
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes, from, bytes.length - from))
                    .toString();
        } catch (CharacterCodingException older) {
            return new String(bytes, OLDER);
        }
    }

    private static boolean marked(byte[] bytes, int... mark) {
        if (bytes.length < mark.length) {
            return false;
        }
        for (int i = 0; i < mark.length; i++) {
            if ((bytes[i] & 0xFF) != mark[i]) {
                return false;
            }
        }
        return true;
    }
}
