package rhombus.server.scene;

import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rhombus.server.account.SignedIn;
import rhombus.server.common.RequestRefused;

/** Whether a scene is open elsewhere, on this machine or another: whoever opens it second is told at once. */
@RestController
public class WindowController {
    /** A window in front says every five seconds that it is there. */
    private static final int IN_FRONT = 12;
    /** Browsers let hidden windows speak once a minute. */
    private static final int HIDDEN = 75;

    private final SceneImports scenes;
    private final WindowMapper windows;

    WindowController(SceneImports scenes, WindowMapper windows) {
        this.scenes = scenes;
        this.windows = windows;
    }

    /**
     * A window that is open.
     *
     * @param hidden whether it lies behind others
     */
    record Here(boolean hidden) {}

    /**
     * What a window is told.
     *
     * @param others how many other windows have the scene open
     */
    record Others(int others) {}

    @PutMapping("/api/scenes/{id}/windows/{window}")
    Others here(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String id,
            @PathVariable String window,
            @RequestBody Here here) {
        if (!window.matches("[A-Za-z0-9-]{1,40}")) {
            throw new RequestRefused(
                    HttpStatus.UNPROCESSABLE_CONTENT, "A window's id is 1 to 40 letters, digits or hyphens.");
        }
        return scenes.holding(who.id(), id, () -> {
            windows.here(who.id(), id, window, here.hidden() ? HIDDEN : IN_FRONT);
            return new Others(windows.others(who.id(), id, window));
        });
    }

    @DeleteMapping("/api/scenes/{id}/windows/{window}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void gone(@AuthenticationPrincipal SignedIn who, @PathVariable String id, @PathVariable String window) {
        scenes.found(who.id(), id);
        windows.gone(who.id(), id, window);
    }
}
