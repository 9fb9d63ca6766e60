package app.brasskettle.server.admission;

import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.InputStream;

/** A request whose body is there already. */
final class ReceivedRequest extends HttpServletRequestWrapper {

    private final ServletInputStream body;

    ReceivedRequest(HttpServletRequest request, InputStream body) {
        super(request);
        this.body = new BodyStream(body);
    }

    @Override
    public ServletInputStream getInputStream() {
        return body;
    }
}
