package rhombus.server.account;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rhombus.server.common.RequestRefused;

/** Signing in and out, and the first account of a new installation. */
@RestController
public class SessionController {
    private static final String SIGN_UP = " sign-up";

    private final Accounts accounts;
    private final SignInAttempts attempts;
    private final SecurityContextRepository contexts;
    private final boolean signUp;

    SessionController(
            Accounts accounts,
            SignInAttempts attempts,
            SecurityContextRepository contexts,
            @Value("${rhombus.sign-up}") boolean signUp) {
        this.signUp = signUp;
        this.accounts = accounts;
        this.attempts = attempts;
        this.contexts = contexts;
    }

    /** What a sign-in form sends. */
    record Credentials(@NotNull @Size(max = 60) String name, @NotNull @Size(max = 200) String password) {}

    /**
     * Who is signed in.
     *
     * @param name of the account
     */
    record Person(String name) {}

    /**
     * Whether the installation is new.
     *
     * @param wanted whether there is no account yet, so that the first one can be made
     */
    record FirstAccount(boolean wanted) {}

    /**
     * What a page asks first.
     *
     * @param name who is signed in, or null
     * @param firstAccountWanted whether there is no account yet
     * @param signUp whether anybody may make an account
     */
    record Begin(@Schema(types = {"string", "null"}) String name, boolean firstAccountWanted, boolean signUp) {}

    @PostMapping("/api/session")
    Person signIn(@Valid @RequestBody Credentials c, HttpServletRequest request, HttpServletResponse response) {
        String address = request.getRemoteAddr();
        if (!attempts.allowed(c.name(), address)) {
            response.setHeader("Retry-After", "900");
            throw tooMany();
        }
        try {
            return start(
                    accounts.authenticate(new UsernamePasswordAuthenticationToken(c.name(), c.password())),
                    request,
                    response);
        } catch (BadCredentialsException e) {
            throw new RequestRefused(HttpStatus.UNAUTHORIZED, "Name or password is wrong. Check both and try again.");
        }
    }

    static RequestRefused tooMany() {
        return new RequestRefused(
                HttpStatus.TOO_MANY_REQUESTS, "Too many failed attempts. Wait a quarter of an hour and try again.");
    }

    Person start(Authentication a, HttpServletRequest request, HttpServletResponse response) {
        SignedIn who = (SignedIn) a.getPrincipal();
        attempts.forgive(who.name(), request.getRemoteAddr());
        // A new session id for a new identity: an id planted before cannot be used after.
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(a);
        contexts.saveContext(context, request, response);
        Sessions.note(request);
        return new Person(who.name());
    }

    @GetMapping("/api/session")
    Person who(Authentication a) {
        if (a == null || !(a.getPrincipal() instanceof SignedIn who)) {
            throw new RequestRefused(HttpStatus.UNAUTHORIZED, "Nobody is signed in.");
        }
        return new Person(who.name());
    }

    @DeleteMapping("/api/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        var session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }

    @GetMapping("/api/first-account")
    FirstAccount wanted() {
        return new FirstAccount(accounts.none());
    }

    /** What a page asks first: who is signed in, if anybody, and whether there is an account at all. */
    @GetMapping("/api/start")
    Begin begin(Authentication a) {
        String name = a != null && a.getPrincipal() instanceof SignedIn who ? who.name() : null;
        return new Begin(name, accounts.none(), signUp);
    }

    /** Makes an account and signs in with it; 404 where an administrator makes the accounts. */
    @PostMapping("/api/accounts")
    @ResponseStatus(HttpStatus.CREATED)
    Person signUp(@Valid @RequestBody Credentials c, HttpServletRequest request, HttpServletResponse response) {
        if (!signUp) {
            throw RequestRefused.notFound("address");
        }
        // No account has a name that begins with a blank, so that nobody's sign-in is slowed by this.
        if (!attempts.allowed(SIGN_UP, request.getRemoteAddr())) {
            response.setHeader("Retry-After", "900");
            throw new RequestRefused(
                    HttpStatus.TOO_MANY_REQUESTS,
                    "Many accounts were asked for from here just now. Wait a quarter of an hour and try again.");
        }
        Account made = accounts.create(c.name(), c.password());
        return start(accounts.signedIn(made.id()), request, response);
    }

    @PostMapping("/api/first-account")
    Person first(@Valid @RequestBody Credentials c, HttpServletRequest request, HttpServletResponse response) {
        accounts.createFirst(c.name(), c.password());
        return start(
                accounts.authenticate(
                        new UsernamePasswordAuthenticationToken(c.name().strip(), c.password())),
                request,
                response);
    }
}
