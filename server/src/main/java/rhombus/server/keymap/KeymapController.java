package rhombus.server.keymap;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.Presets;
import rhombus.core.stage.area.AllCommands;
import rhombus.server.account.SignedIn;
import rhombus.server.kept.KeptDocuments;

/** The user's keymap and habits, and the list of commands; what a keymap may hold is the core's rule. */
@RestController
public class KeymapController {
    private final KeptDocuments kept;

    KeymapController(KeptDocuments kept) {
        this.kept = kept;
    }

    @GetMapping("/api/keymaps")
    Map<String, Object> list(@AuthenticationPrincipal SignedIn who) {
        Map<String, Object> out = new LinkedHashMap<>();
        out.put("presets", Presets.names());
        out.put("active", kept.load(who.id(), "keymap", ""));
        return out;
    }

    @GetMapping("/api/keymaps/active")
    Map<String, Object> load(@AuthenticationPrincipal SignedIn who) {
        return kept.load(who.id(), "keymap", "");
    }

    @PutMapping("/api/keymaps/active")
    Map<String, Object> save(@AuthenticationPrincipal SignedIn who, @RequestBody KeptDocuments.Save save) {
        return kept.save(who.id(), "keymap", "", save.checked("keymap", AllCommands.CATALOGUE::keymap));
    }

    @GetMapping("/api/habits")
    Map<String, Object> habits(@AuthenticationPrincipal SignedIn who) {
        return kept.load(who.id(), "habits", "");
    }

    @PutMapping("/api/habits")
    Map<String, Object> saveHabits(@AuthenticationPrincipal SignedIn who, @RequestBody KeptDocuments.Save save) {
        return kept.save(who.id(), "habits", "", save);
    }

    @GetMapping("/api/commands")
    List<Map<String, Object>> commands() {
        List<Binding> defaults = AllCommands.CATALOGUE.bindings(Presets.RHOMBUS);
        List<Map<String, Object>> out = new ArrayList<>();
        for (Command c : AllCommands.CATALOGUE.commands().values()) {
            List<Map<String, Object>> triggers = defaults.stream()
                    .filter(b -> b.command() == c)
                    .map(Binding::toPlain)
                    .toList();
            out.add(Map.of("id", c.id(), "words", c.words(), "group", c.group(), "triggers", triggers));
        }
        return out;
    }
}
