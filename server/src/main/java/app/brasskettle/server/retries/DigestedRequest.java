package app.brasskettle.server.retries;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;

/** A request whose body is digested while it is read, so that no file need stand in memory for it. */
final class DigestedRequest extends HttpServletRequestWrapper {

    private static final int PIECE = 8192;

    private final MessageDigest digest;

    DigestedRequest(HttpServletRequest request) {
        super(request);
        try {
            digest = MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("Every Java has SHA-256", impossible);
        }
        String call = request.getMethod() + " " + request.getRequestURI() + "?" + request.getQueryString() + "\n";
        digest.update(call.getBytes(StandardCharsets.UTF_8));
    }

    /** The digest of method, address and whole body; what was not read of the body is read now. */
    byte[] digest() throws IOException {
        byte[] piece = new byte[PIECE];
        ServletInputStream in = getInputStream();
        while (in.read(piece, 0, piece.length) >= 0) {
            // Reading is what digests it.
        }
        return digest.digest();
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        ServletInputStream inner = super.getInputStream();
        return new ServletInputStream() {
            @Override
            public int read() throws IOException {
                int b = inner.read();
                if (b >= 0) {
                    digest.update((byte) b);
                }
                return b;
            }

            @Override
            public int read(byte[] into, int from, int length) throws IOException {
                int n = inner.read(into, from, length);
                if (n > 0) {
                    digest.update(into, from, n);
                }
                return n;
            }

            @Override
            public boolean isFinished() {
                return inner.isFinished();
            }

            @Override
            public boolean isReady() {
                return inner.isReady();
            }

            @Override
            public void setReadListener(ReadListener listener) {
                inner.setReadListener(listener);
            }
        };
    }
}
