package rhombus.server.common;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.ConnectException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Sessions live in the database too: when it is gone, even reading the session fails, before any controller is asked. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
public class DatabaseGuard extends OncePerRequestFilter {
    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException | ServletException e) {
            if (!connectionLost(e) || response.isCommitted()) {
                throw e;
            }
            response.resetBuffer();
            ProblemDetails.write(response, HttpStatus.SERVICE_UNAVAILABLE, ProblemDetails.DATABASE);
        }
    }

    /** Whether a failure comes from a lost or refused connection (SQLState class 08, or none to be had from the pool). */
    static boolean connectionLost(Throwable e) {
        for (Throwable t = e; t != null; t = t.getCause() == t ? null : t.getCause()) {
            if (t instanceof SQLTransientConnectionException
                    || t instanceof ConnectException
                    || t instanceof SQLException s
                            && s.getSQLState() != null
                            && s.getSQLState().startsWith("08")) {
                return true;
            }
        }
        return false;
    }
}
