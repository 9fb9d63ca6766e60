package app.brasskettle.server.sheets;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** A clash as a problem document: who changed what, so that the page can lay both side by side. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class ClashAdvice {

    @ExceptionHandler
    ResponseEntity<ProblemDetail> clash(ClashException clash) {
        SheetRow theirs = clash.theirs();
        ProblemDetail body = ProblemDetail.forStatusAndDetail(
                HttpStatus.CONFLICT,
                theirs.by() + " changed this at " + theirs.at().toLocalTime().withNano(0)
                        + " UTC. Yours is kept: settle what differs, then save again");
        body.setTitle("Changed meanwhile");
        Map<String, Object> properties = new LinkedHashMap<>();
        properties.put("problems", List.of());
        properties.put("version", theirs.version());
        properties.put("by", theirs.by());
        properties.put("merged", clash.outcome().merged());
        properties.put("clashes", clash.outcome().clashes());
        body.setProperties(properties);
        return ResponseEntity.status(HttpStatus.CONFLICT)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(body);
    }
}
