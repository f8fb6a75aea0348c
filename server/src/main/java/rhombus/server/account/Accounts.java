package rhombus.server.account;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationProvider;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import rhombus.server.common.Refused;

/** Checks and creates accounts. */
@Service
public class Accounts implements AuthenticationProvider {
    private final AccountMapper mapper;
    private final PasswordEncoder passwords;
    private final TransactionTemplate transactions;
    /** Compared when there is no such account, so that an unknown name takes as long as a wrong password. */
    private final String nobody;

    Accounts(AccountMapper mapper, PasswordEncoder passwords, TransactionTemplate transactions) {
        this.mapper = mapper;
        this.transactions = transactions;
        this.passwords = passwords;
        this.nobody = passwords.encode("nobody");
    }

    @Override
    public Authentication authenticate(Authentication a) {
        Account account = mapper.find(a.getName());
        String password = String.valueOf(a.getCredentials());
        boolean right = passwords.matches(password, account == null ? nobody : account.passwordHash());
        if (account == null || !right) {
            throw new BadCredentialsException("name or password is wrong");
        }
        return UsernamePasswordAuthenticationToken.authenticated(
                new SignedIn(account.id(), account.name()), null, List.of());
    }

    @Override
    public boolean supports(Class<?> type) {
        return UsernamePasswordAuthenticationToken.class.isAssignableFrom(type);
    }

    /** Whether nobody has an account yet. */
    public boolean none() {
        return mapper.count() == 0;
    }

    /**
     * Creates the first account; of many who try at once, one does.
     *
     * @throws Refused with 409 if there is one, and as {@link #create}
     */
    public Account createFirst(String name, String password) {
        return transactions.execute(t -> {
            try {
                mapper.beFirst();
            } catch (DuplicateKeyException e) {
                throw taken();
            }
            if (!none()) {
                throw taken();
            }
            return create(name, password);
        });
    }

    private static Refused taken() {
        return new Refused(HttpStatus.CONFLICT, "There is an account already; sign in with it.");
    }

    /** The account with this name, or null. */
    public Account find(String name) {
        return mapper.find(name);
    }

    /**
     * Creates an account.
     *
     * @throws Refused if the name is taken, or name or password are too short or too long
     */
    public Account create(String name, String password) {
        String n = name == null ? "" : name.strip();
        if (n.isEmpty() || n.length() > 60) {
            throw new Refused(HttpStatus.UNPROCESSABLE_CONTENT, "Choose a name of 1 to 60 characters.");
        }
        // BCrypt reads 72 bytes and no more.
        if (password == null || password.length() < 8 || password.getBytes(StandardCharsets.UTF_8).length > 72) {
            throw new Refused(HttpStatus.UNPROCESSABLE_CONTENT, "Choose a password of 8 to 72 characters.");
        }
        try {
            mapper.add(n, passwords.encode(password));
        } catch (DuplicateKeyException e) {
            throw new Refused(HttpStatus.CONFLICT, "The name " + n + " is taken; choose another.");
        }
        return mapper.find(n);
    }
}
