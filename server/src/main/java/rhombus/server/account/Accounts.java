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
import rhombus.server.common.RequestRefused;

/** Checks and creates accounts. */
@Service
public class Accounts implements AuthenticationProvider {
    private final AccountMapper mapper;
    private final PasswordEncoder passwords;
    private final TransactionTemplate transactions;
    private final List<AccountListener> followers;
    /** Compared when there is no such account, so that an unknown name takes as long as a wrong password. */
    private final String nobody;

    Accounts(
            AccountMapper mapper,
            PasswordEncoder passwords,
            TransactionTemplate transactions,
            List<AccountListener> followers) {
        this.mapper = mapper;
        this.followers = followers;
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
        return signedIn(account);
    }

    private static Authentication signedIn(Account a) {
        return UsernamePasswordAuthenticationToken.authenticated(new SignedIn(a.id(), a.name()), null, List.of());
    }

    /** Somebody who is signed in already, as the account is now. */
    Authentication signedIn(long id) {
        return signedIn(mapper.byId(id));
    }

    /** Whether it is an account's password. */
    boolean isPassword(long id, String password) {
        Account a = mapper.byId(id);
        return passwords.matches(password, a == null ? nobody : a.passwordHash()) && a != null;
    }

    /**
     * Gives an account another password.
     *
     * @throws RequestRefused with 422 if it is too short or too long
     */
    void changePassword(long id, String next) {
        mapper.password(id, passwords.encode(password(next)));
    }

    /**
     * Gives an account another name.
     *
     * @throws RequestRefused with 422 if it is none, with 409 if somebody has it
     */
    void rename(long id, String next) {
        String n = name(next);
        try {
            mapper.rename(id, n);
        } catch (DuplicateKeyException e) {
            throw nameTaken(n);
        }
    }

    /** Removes an account with everything in it. */
    void remove(long id) {
        transactions.executeWithoutResult(t -> {
            mapper.remove(id);
            mapper.beginAnew();
        });
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
     * @throws RequestRefused with 409 if there is one, and as {@link #create}
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

    private static RequestRefused taken() {
        return new RequestRefused(HttpStatus.CONFLICT, "There is an account already; sign in with it.");
    }

    /** The account with this name, or null. */
    public Account find(String name) {
        return mapper.find(name);
    }

    /**
     * Creates an account.
     *
     * @throws RequestRefused if the name is taken, or name or password are too short or too long
     */
    public Account create(String name, String password) {
        String n = name(name);
        String hash = passwords.encode(password(password));
        // With all that belongs to a new account, or not at all.
        return transactions.execute(t -> {
            try {
                mapper.add(n, hash);
            } catch (DuplicateKeyException e) {
                throw nameTaken(n);
            }
            Account made = mapper.find(n);
            followers.forEach(f -> f.made(made.id()));
            return made;
        });
    }

    private static RequestRefused nameTaken(String name) {
        return new RequestRefused(HttpStatus.CONFLICT, "The name " + name + " is taken; choose another.");
    }

    private static String name(String given) {
        String n = given == null ? "" : given.strip();
        if (n.isEmpty() || n.length() > 60) {
            throw new RequestRefused(HttpStatus.UNPROCESSABLE_CONTENT, "Choose a name of 1 to 60 characters.");
        }
        return n;
    }

    /** A password that can be kept: BCrypt reads 72 bytes and no more. */
    static String password(String given) {
        if (given == null || given.length() < 8 || given.getBytes(StandardCharsets.UTF_8).length > 72) {
            throw new RequestRefused(HttpStatus.UNPROCESSABLE_CONTENT, "Choose a password of 8 to 72 characters.");
        }
        return given;
    }
}
