package rhombus.server.common;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.stream.Stream;
import org.apache.tomcat.util.http.fileupload.impl.FileCountLimitExceededException;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import rhombus.formats.upload.FileProblem;
import rhombus.formats.upload.Progress;
import tools.jackson.core.exc.StreamConstraintsException;

/** Errors as RFC 9457 problem details. */
@RestControllerAdvice
public class ProblemDetails extends ResponseEntityExceptionHandler {
    /** What to say while the database does not answer. */
    public static final String DATABASE =
            "The database does not answer. What you have done stays in this page and is saved when it is back.";

    @ExceptionHandler
    ProblemDetail refused(RequestRefused e) {
        return ProblemDetail.forStatusAndDetail(e.status(), e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail file(FileProblem e) {
        ProblemDetail p = ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, e.getMessage());
        p.setTitle("The file cannot be read");
        p.setProperty("place", e.place());
        return p;
    }

    @ExceptionHandler
    ProblemDetail cancelled(Progress.Cancelled e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, "The import was cancelled; nothing was stored.");
    }

    @ExceptionHandler({
        CannotGetJdbcConnectionException.class,
        CannotCreateTransactionException.class,
        DataAccessResourceFailureException.class
    })
    ProblemDetail database(Exception e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.SERVICE_UNAVAILABLE, DATABASE);
    }

    @ExceptionHandler
    ProblemDetail data(DataAccessException e) {
        if (DatabaseGuard.connectionLost(e)) {
            return database(e);
        }
        logger.error("database", e);
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.INTERNAL_SERVER_ERROR, "The database refused this. Nothing was changed.");
    }

    @Override
    protected ResponseEntity<Object> handleMaxUploadSizeExceededException(
            MaxUploadSizeExceededException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        // The same exception is thrown for too much and for too many.
        boolean many = causes(e).anyMatch(c -> c instanceof FileCountLimitExceededException);
        boolean header =
                causes(e).anyMatch(c -> c.getMessage() != null && c.getMessage().contains("Header section"));
        ProblemDetail p = ProblemDetail.forStatusAndDetail(
                HttpStatus.CONTENT_TOO_LARGE,
                many
                        ? "The upload has more than 1000 files. Upload only the scene, its data and its images, or pack them into a zip."
                        : header
                                ? "The name of a file is too long. Give it a shorter one."
                                : "The upload is larger than 200 MB. Upload a smaller scene, or split it.");
        return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE).body(p);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        var tooLarge = causes(e).filter(c -> c instanceof BodyLimits.TooLarge).findFirst();
        if (tooLarge.isPresent()) {
            return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE)
                    .body(ProblemDetail.forStatusAndDetail(
                            HttpStatus.CONTENT_TOO_LARGE, tooLarge.get().getMessage()));
        }
        boolean rich = causes(e).anyMatch(c -> c instanceof StreamConstraintsException);
        return ResponseEntity.badRequest()
                .body(ProblemDetail.forStatusAndDetail(
                        HttpStatus.BAD_REQUEST,
                        rich
                                ? "The JSON is nested too deep, or holds too many values. Nothing was changed."
                                : "The request is not the JSON that is expected here."));
    }

    private static Stream<Throwable> causes(Throwable e) {
        return Stream.iterate(e, t -> t != null, Throwable::getCause).limit(20);
    }

    /** Answers from a filter, before any controller is reached. */
    static void write(HttpServletResponse response, HttpStatus status, String detail) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding("UTF-8");
        response.getWriter()
                .write("{\"title\":\"" + status.getReasonPhrase() + "\",\"status\":" + status.value() + ",\"detail\":\""
                        + detail + "\"}");
    }
}
