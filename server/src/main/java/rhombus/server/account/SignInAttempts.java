package rhombus.server.account;

import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Arrays;
import java.util.HexFormat;
import org.springframework.stereotype.Service;

/**
 * Slows guessing down: five attempts by one name from one address in a quarter of an hour. An attempt is counted before
 * the password is looked at, so that many at once are as few as one after the other. Other names at the same address,
 * and the same name at others, are not locked out.
 */
@Service
class SignInAttempts {
    private static final int MOST = 5;

    private final AccountMapper mapper;

    SignInAttempts(AccountMapper mapper) {
        this.mapper = mapper;
    }

    /** Counts an attempt; false if there have been too many. */
    boolean allowed(String name, String address) {
        AccountMapper.Attempt attempt = new AccountMapper.Attempt(name, place(address));
        mapper.attempt(attempt);
        // All that came before this one are in the table by now, so the k-th sees at least k.
        if (mapper.attempts(name, attempt.getAddress()) <= MOST) {
            return true;
        }
        // Refused ones do not prolong the wait.
        mapper.forget(attempt.getId());
        return false;
    }

    /** The right password was given: what was missed before is forgotten. */
    void forgive(String name, String address) {
        mapper.forgive(name, place(address));
    }

    /** A household has a whole network of IPv6 addresses (RFC 6177), so the first 64 bits count. */
    static String place(String address) {
        if (!address.contains(":")) {
            return address;
        }
        try {
            InetAddress a = InetAddress.getByName(address);
            return a instanceof Inet6Address
                    ? HexFormat.ofDelimiter(":").formatHex(Arrays.copyOf(a.getAddress(), 8))
                    : a.getHostAddress();
        } catch (UnknownHostException e) {
            return address.substring(0, Math.min(60, address.length()));
        }
    }
}
