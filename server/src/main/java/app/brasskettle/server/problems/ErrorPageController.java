package app.brasskettle.server.problems;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** Where the container sends what failed before a call began, as a problem document; asked for by itself there is no such page. */
@Controller
class ErrorPageController implements ErrorController {

    @RequestMapping("/error")
    void error(HttpServletRequest request, HttpServletResponse response) throws IOException {
        HttpStatus status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code
                ? HttpStatus.resolve(code)
                : HttpStatus.NOT_FOUND;
        boolean ours = status == null || status.is5xxServerError();
        ProblemAnswer.write(
                response,
                status == null ? HttpStatus.INTERNAL_SERVER_ERROR : status,
                ours ? "Failed" : "Refused",
                ours ? "Something broke here. Nothing was changed" : "The server does not take this call");
    }
}
