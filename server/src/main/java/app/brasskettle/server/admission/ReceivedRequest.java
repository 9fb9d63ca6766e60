package app.brasskettle.server.admission;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.IOException;
import java.io.InputStream;

/** A request whose body is there already. */
final class ReceivedRequest extends HttpServletRequestWrapper {

    private final InputStream body;

    ReceivedRequest(HttpServletRequest request, InputStream body) {
        super(request);
        this.body = body;
    }

    @Override
    public ServletInputStream getInputStream() {
        return new ServletInputStream() {
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
        };
    }
}
