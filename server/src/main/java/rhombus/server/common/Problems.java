package rhombus.server.common;

import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.HttpHeaders;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import rhombus.formats.Problem;
import rhombus.formats.Progress;

/** Errors as RFC 9457 problem details. */
@RestControllerAdvice
public class Problems extends ResponseEntityExceptionHandler {
    /** What to say while the database does not answer. */
    public static final String DATABASE = "The database does not answer. What you have done stays in this page and is saved when it is back.";

    @ExceptionHandler
    ProblemDetail refused(Refused e) {
        return ProblemDetail.forStatusAndDetail(e.status(), e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail file(Problem e) {
        ProblemDetail p = ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, e.getMessage());
        p.setTitle("The file cannot be read");
        p.setProperty("place", e.place());
        return p;
    }

    @ExceptionHandler
    ProblemDetail cancelled(Progress.Cancelled e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, "The import was cancelled; nothing was stored.");
    }

    @ExceptionHandler({CannotGetJdbcConnectionException.class, CannotCreateTransactionException.class, DataAccessResourceFailureException.class})
    ProblemDetail database(Exception e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.SERVICE_UNAVAILABLE, DATABASE);
    }

    @ExceptionHandler
    ProblemDetail data(DataAccessException e) {
        if (DatabaseGuard.connectionLost(e)) {
            return database(e);
        }
        logger.error("database", e);
        return ProblemDetail.forStatusAndDetail(HttpStatus.INTERNAL_SERVER_ERROR, "The database refused this. Nothing was changed.");
    }

    @Override
    protected ResponseEntity<Object> handleMaxUploadSizeExceededException(
            MaxUploadSizeExceededException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail p = ProblemDetail.forStatusAndDetail(
                HttpStatus.CONTENT_TOO_LARGE, "The upload is larger than 200 MB. Upload a smaller scene, or split it.");
        return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE).body(p);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return ResponseEntity.badRequest().body(ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, "The request is not the JSON that is expected here."));
    }
}
