package app.brasskettle.server.admission;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import java.io.IOException;
import java.io.InputStream;

/** A body that is there already, read by the thread that works on it. */
public final class BodyStream extends ServletInputStream {

    private final InputStream body;

    public BodyStream(InputStream body) {
        this.body = body;
    }

    @Override
    public int read() throws IOException {
        return body.read();
    }

    @Override
    public int read(byte[] into, int from, int length) throws IOException {
        return body.read(into, from, length);
    }

    @Override
    public boolean isFinished() {
        return false;
    }

    @Override
    public boolean isReady() {
        return true;
    }

    @Override
    public void setReadListener(ReadListener listener) {
        throw new IllegalStateException("Bodies are read by the thread that works on them");
    }
}
