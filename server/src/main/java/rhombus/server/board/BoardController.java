package rhombus.server.board;

import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import rhombus.core.board.StoredBoards;
import rhombus.server.account.SignedIn;
import rhombus.server.kept.KeptDocuments;

/** The user's boards, whatever the scene; what a board may hold is the core's rule. */
@RestController
public class BoardController {
    private final KeptDocuments kept;

    BoardController(KeptDocuments kept) {
        this.kept = kept;
    }

    @GetMapping("/api/boards")
    KeptDocuments.Loaded load(@AuthenticationPrincipal SignedIn who) {
        return kept.load(who.id(), "boards", "");
    }

    @PutMapping("/api/boards")
    KeptDocuments.Saved save(@AuthenticationPrincipal SignedIn who, @RequestBody KeptDocuments.Save save) {
        return kept.save(who.id(), "boards", "", save.checked("boards", StoredBoards::of));
    }
}
