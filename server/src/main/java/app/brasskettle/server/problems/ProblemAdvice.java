package app.brasskettle.server.problems;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Refusals as problem documents; nothing of the inside (SQL, stack, secret) gets out. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    @ExceptionHandler
    ResponseEntity<Object> invalid(InvalidInputException refused) {
        return of(HttpStatus.BAD_REQUEST, "Not usable", "Something is missing or wrong", refused.problems());
    }

    @ExceptionHandler
    ResponseEntity<Object> refused(RefusedException refused) {
        return of(refused.status(), refused.title(), refused.getMessage(), List.of(), refused.againAfterS());
    }

    @ExceptionHandler({AccessDeniedException.class, AuthenticationException.class})
    void security(RuntimeException left) {
        throw left;
    }

    /** The database refuses what was sent: trying the same again would change nothing. */
    @ExceptionHandler
    ResponseEntity<Object> data(DataIntegrityViolationException refused, HttpServletRequest request) {
        LOG.error("{} {}: the store refuses it", request.getMethod(), request.getRequestURI(), refused);
        return of(
                HttpStatus.CONFLICT,
                "Not kept",
                "The record does not take it as it is. Nothing was changed; load the page again",
                List.of());
    }

    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ResponseEntity<Object> store(Exception failure, HttpServletRequest request) {
        LOG.error("{} {} failed in the store", request.getMethod(), request.getRequestURI(), failure);
        return of(
                HttpStatus.SERVICE_UNAVAILABLE,
                "Store not reached",
                "The record could not be reached. Nothing was changed; try again",
                List.of(),
                1);
    }

    @ExceptionHandler
    ResponseEntity<Object> anything(Exception failure, HttpServletRequest request) {
        LOG.error("{} {} failed", request.getMethod(), request.getRequestURI(), failure);
        return of(HttpStatus.INTERNAL_SERVER_ERROR, "Failed", "Something broke here. Nothing was changed", List.of());
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unreadable,
            HttpHeaders headers,
            org.springframework.http.HttpStatusCode status,
            org.springframework.web.context.request.WebRequest request) {
        return of(
                HttpStatus.BAD_REQUEST,
                "Not usable",
                "The body could not be read",
                List.of(new Problem("", Problem.Code.SYNTAX, "The body is not what this call takes")));
    }

    static ResponseEntity<Object> of(HttpStatus status, String title, String detail, List<Problem> problems) {
        return of(status, title, detail, problems, 0);
    }

    private static ResponseEntity<Object> of(
            HttpStatus status, String title, String detail, List<Problem> problems, int againAfterS) {
        ProblemDetail body = ProblemDetail.forStatusAndDetail(status, detail);
        body.setTitle(title);
        body.setProperties(Map.of("problems", problems));
        ResponseEntity.BodyBuilder answer = ResponseEntity.status(status);
        if (againAfterS > 0) {
            answer.header(HttpHeaders.RETRY_AFTER, Integer.toString(againAfterS));
        }
        return answer.contentType(MediaType.APPLICATION_PROBLEM_JSON).body(body);
    }
}
