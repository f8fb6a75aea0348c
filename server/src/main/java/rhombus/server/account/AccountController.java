package rhombus.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rhombus.server.common.RequestRefused;

/** What somebody does with the own account. Whatever cannot be taken back asks for the password. */
@RestController
public class AccountController {
    private final Accounts accounts;
    private final SignInAttempts attempts;
    private final Sessions sessions;
    private final SessionController door;

    AccountController(Accounts accounts, SignInAttempts attempts, Sessions sessions, SessionController door) {
        this.accounts = accounts;
        this.attempts = attempts;
        this.sessions = sessions;
        this.door = door;
    }

    /**
     * A password and what it is to become.
     *
     * @param password the one of today
     * @param next the one from now on
     */
    record NewPassword(@NotNull @Size(max = 200) String password, @NotNull @Size(max = 200) String next) {}

    /**
     * Another name.
     *
     * @param password of the account
     * @param name from now on
     */
    record NewName(@NotNull @Size(max = 200) String password, @NotNull @Size(max = 60) String name) {}

    /**
     * The word of the owner.
     *
     * @param password of the account
     */
    record Word(@NotNull @Size(max = 200) String password) {}

    /** Where somebody is signed in. */
    @GetMapping("/api/account/sessions")
    List<Sessions.Place> places(@AuthenticationPrincipal SignedIn who, HttpServletRequest request) {
        return sessions.of(who.name(), request.getSession().getId());
    }

    /** Signs out somewhere else. */
    @DeleteMapping("/api/account/sessions/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
        if (!sessions.end(who.name(), id)) {
            throw RequestRefused.notFound("session");
        }
    }

    /** Signs out everywhere but here. */
    @DeleteMapping("/api/account/sessions")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endOthers(@AuthenticationPrincipal SignedIn who, HttpServletRequest request) {
        sessions.endOthers(who.name(), request.getSession().getId());
    }

    /** Another password; everywhere else one is signed out. */
    @PutMapping("/api/account/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void password(
            @AuthenticationPrincipal SignedIn who, @Valid @RequestBody NewPassword p, HttpServletRequest request) {
        check(who, p.password(), request);
        accounts.changePassword(who.id(), p.next());
        sessions.endOthers(who.name(), request.getSession().getId());
    }

    /** Another name; everywhere else one is signed out. */
    @PutMapping("/api/account/name")
    SessionController.Person rename(
            @AuthenticationPrincipal SignedIn who,
            @Valid @RequestBody NewName n,
            HttpServletRequest request,
            HttpServletResponse response) {
        check(who, n.password(), request);
        accounts.rename(who.id(), n.name());
        sessions.endOthers(who.name(), request.getSession().getId());
        return door.start(accounts.signedIn(who.id()), request, response);
    }

    /** Deletes the account with everything in it, for good. */
    @PostMapping("/api/account/remove")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody Word w, HttpServletRequest request) {
        check(who, w.password(), request);
        accounts.remove(who.id());
        sessions.endOthers(who.name(), request.getSession().getId());
        request.getSession().invalidate();
    }

    /** Whoever finds an open page does not get the account with it, nor as many guesses as they like. */
    private void check(SignedIn who, String password, HttpServletRequest request) {
        if (!attempts.allowed(who.name(), request.getRemoteAddr())) {
            throw SessionController.tooMany();
        }
        if (!accounts.isPassword(who.id(), password)) {
            throw new RequestRefused(
                    HttpStatus.UNPROCESSABLE_CONTENT, "The password is wrong. Check it and try again.");
        }
        attempts.forgive(who.name(), request.getRemoteAddr());
    }
}
