package app.brasskettle.server.problems;

import app.brasskettle.core.worksheet.Problem;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import tools.jackson.databind.json.JsonMapper;

/** Refusals written before a call reaches its controller, in the same shape as those after. */
public final class ProblemAnswer {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private ProblemAnswer() {}

    /** Writes a refusal. */
    public static void write(HttpServletResponse response, HttpStatus status, String title, String detail)
            throws IOException {
        write(response, status, title, detail, List.of());
    }

    /** Writes a refusal of what is only for now: it says after how many seconds to try again. */
    public static void later(HttpServletResponse response, HttpStatus status, String title, String detail, int seconds)
            throws IOException {
        response.setHeader(HttpHeaders.RETRY_AFTER, Integer.toString(seconds));
        write(response, status, title, detail);
    }

    /** Writes a refusal that was thrown. */
    public static void of(HttpServletResponse response, RefusedException refused) throws IOException {
        if (refused.againAfterS() > 0) {
            response.setHeader(HttpHeaders.RETRY_AFTER, Integer.toString(refused.againAfterS()));
        }
        write(response, refused.status(), refused.title(), refused.getMessage());
    }

    /** Writes a refusal of one field. */
    public static void field(HttpServletResponse response, String field, String message) throws IOException {
        write(
                response,
                HttpStatus.BAD_REQUEST,
                "Not usable",
                "Something is missing or wrong",
                List.of(Map.of("field", field, "code", Problem.Code.SYNTAX.code(), "message", message)));
    }

    private static void write(
            HttpServletResponse response, HttpStatus status, String title, String detail, List<?> problems)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        Map<String, Object> body = new LinkedHashMap<>();
        body.put("title", title);
        body.put("status", status.value());
        body.put("detail", detail);
        body.put("problems", problems);
        response.getOutputStream().write(JSON.writeValueAsString(body).getBytes(StandardCharsets.UTF_8));
    }
}
