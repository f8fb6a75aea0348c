package rhombus.server.common;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is answered where no controller was reached: problem details here too. */
@RestController
class ErrorPage implements ErrorController {
    @RequestMapping("/error")
    ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        // Asked for by its own address, it is nothing.
        HttpStatus status = code instanceof Integer c ? HttpStatus.resolve(c) : HttpStatus.NOT_FOUND;
        HttpStatus known = status == null ? HttpStatus.INTERNAL_SERVER_ERROR : status;
        return ResponseEntity.status(known)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(ProblemDetail.forStatusAndDetail(
                        known,
                        switch (known) {
                            case NOT_FOUND -> "There is nothing at this address.";
                            case BAD_REQUEST -> "The request cannot be read.";
                            default ->
                                known.is5xxServerError()
                                        ? "Something went wrong in the server. Nothing was changed; try again."
                                        : known.getReasonPhrase() + ".";
                        }));
    }
}
