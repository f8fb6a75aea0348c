package rhombus.server.common;

import org.springframework.http.HttpStatus;

/** A request that cannot be answered, with words a person can act on. */
public final class RequestRefused extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final HttpStatus status;

    /** Refuses with a status and a detail. */
    public RequestRefused(HttpStatus status, String detail) {
        super(detail);
        this.status = status;
    }

    /** Something that is not there, or belongs to somebody else: nobody learns which. */
    public static RequestRefused notFound(String what) {
        return new RequestRefused(HttpStatus.NOT_FOUND, "There is no such " + what + ".");
    }

    /** The status to answer with. */
    public HttpStatus status() {
        return status;
    }
}
