package rhombus.server.common;

import org.springframework.http.HttpStatus;

/** A request that cannot be answered, with words a person can act on. */
public final class Refused extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final HttpStatus status;

    /** Refuses with a status and a detail. */
    public Refused(HttpStatus status, String detail) {
        super(detail);
        this.status = status;
    }

    /** Something that is not there, or belongs to somebody else: nobody learns which. */
    public static Refused notFound(String what) {
        return new Refused(HttpStatus.NOT_FOUND, "There is no such " + what + ".");
    }

    /** The status to answer with. */
    public HttpStatus status() {
        return status;
    }
}
