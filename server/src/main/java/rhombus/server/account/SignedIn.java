package rhombus.server.account;

import java.io.Serializable;
import java.security.Principal;

/**
 * Who asks; kept in the session.
 *
 * @param id of the account
 * @param name of the account
 */
public record SignedIn(long id, String name) implements Principal, Serializable {
    @Override
    public String getName() {
        return name;
    }
}
