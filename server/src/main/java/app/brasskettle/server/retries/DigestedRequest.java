package app.brasskettle.server.retries;

import app.brasskettle.server.admission.BodyStream;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;

/** A request whose body is digested while it is read, so that no file need stand in memory for it. */
final class DigestedRequest extends HttpServletRequestWrapper {

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
        // Reading is what digests it.
        getInputStream().transferTo(OutputStream.nullOutputStream());
        return digest.digest();
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        return new BodyStream(new DigestInputStream(super.getInputStream(), digest));
    }
}
