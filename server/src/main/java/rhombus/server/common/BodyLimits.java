package rhombus.server.common;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Bounds what a request may send before any of it is parsed: some kilobytes at the door, more for documents. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
public class BodyLimits extends OncePerRequestFilter {
    private static final long DOOR = 4 << 10;
    private static final long SETTINGS = 1 << 20;
    /** A document of 16 MB, and what is around it. */
    private static final long DOCUMENT = (16 << 20) + (64 << 10);
    /** A picture of 40 MB, and what is around it. */
    private static final long PICTURE = (40 << 20) + (64 << 10);
    /** Documents over this size are parsed a few at a time: each may take twenty times its size of memory for a moment. */
    private static final long LARGE = 2 << 20;

    private final Semaphore large = new Semaphore(2, true);

    /** More was sent than is taken here. */
    public static final class TooLarge extends IOException {
        private static final long serialVersionUID = 1;

        TooLarge(long most) {
            super(words(most));
        }
    }

    private static String words(long most) {
        return "This takes at most " + (most < 1 << 20 ? (most >> 10) + " kB" : (most >> 20) + " MB")
                + ". Nothing was changed.";
    }

    /** Where everything that somebody has comes back; who reads it counts what comes. */
    public static final String ARCHIVE = "/api/account/data";

    /** How much an address takes; uploads of files are bounded by the server's own settings for them. */
    static long most(HttpServletRequest r) {
        String path = r.getRequestURI();
        if (path.startsWith("/api/session")
                || path.startsWith("/api/first-account")
                || path.startsWith("/api/account")
                || !path.startsWith("/api/")) {
            return DOOR;
        }
        if (path.startsWith("/api/scenes/") && path.endsWith("/pictures")) {
            return PICTURE;
        }
        return path.startsWith("/api/scenes/") || path.startsWith("/api/drills/") ? DOCUMENT : SETTINGS;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest r) {
        String type = r.getContentType();
        boolean files =
                r.getRequestURI().equals("/api/scenes") || r.getRequestURI().matches("/api/scenes/[^/]+/file");
        return r.getRequestURI().equals(ARCHIVE) || files && type != null && type.startsWith("multipart/form-data");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long most = most(request);
        long length = request.getContentLengthLong();
        if (length > most) {
            ProblemDetails.write(response, HttpStatus.CONTENT_TOO_LARGE, words(most));
            return;
        }
        // Of unknown length counts as large where large is allowed.
        boolean wait = length > LARGE || length < 0 && most > LARGE && request.getHeader("Transfer-Encoding") != null;
        if (wait && !turn()) {
            ProblemDetails.write(
                    response,
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "The server is busy with other large documents. Nothing was changed; this is tried again by itself.");
            return;
        }
        try {
            chain.doFilter(new Bounded(request, most), response);
        } finally {
            if (wait) {
                large.release();
            }
        }
    }

    private boolean turn() {
        try {
            return large.tryAcquire(20, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /** A request whose body ends in {@link TooLarge} where it does not keep to the limit. */
    private static final class Bounded extends HttpServletRequestWrapper {
        private final long most;

        Bounded(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            ServletInputStream in = super.getInputStream();
            return new ServletInputStream() {
                private long came;

                @Override
                public int read() throws IOException {
                    int b = in.read();
                    count(b < 0 ? 0 : 1);
                    return b;
                }

                @Override
                public int read(byte[] to, int off, int len) throws IOException {
                    int n = in.read(to, off, len);
                    count(Math.max(0, n));
                    return n;
                }

                private void count(int n) throws TooLarge {
                    came += n;
                    if (came > most) {
                        throw new TooLarge(most);
                    }
                }

                @Override
                public boolean isFinished() {
                    return in.isFinished();
                }

                @Override
                public boolean isReady() {
                    return in.isReady();
                }

                @Override
                public void setReadListener(ReadListener l) {
                    in.setReadListener(l);
                }
            };
        }
    }
}
