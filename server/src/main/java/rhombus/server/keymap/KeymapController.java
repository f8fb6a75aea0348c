package rhombus.server.keymap;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import rhombus.core.habits.HabitsSchema;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandArgument;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.keymap.KeymapSchema;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.coach.HandReport;
import rhombus.core.stage.commands.AllCommands;
import rhombus.core.stage.show.keys.KeysSheet;
import rhombus.server.account.SignedIn;
import rhombus.server.common.RequestRefused;
import rhombus.server.kept.KeptDocuments;

/** The user's keymap and habits, and the list of commands; what a keymap may hold is the core's rule. */
@RestController
public class KeymapController {
    private final KeptDocuments kept;

    KeymapController(KeptDocuments kept) {
        this.kept = kept;
    }

    /**
     * The keymaps there are.
     *
     * @param presets those that come with the program: names by id
     * @param active the user's own
     */
    record Keymaps(Map<String, String> presets, KeptDocuments.Loaded active) {}

    /**
     * A command.
     *
     * @param id area and verb
     * @param words what a person calls it
     * @param group under which it is listed
     * @param arguments what it can be told
     * @param triggers what the usual keymap binds to it
     */
    record Listed(
            String id,
            String words,
            String group,
            List<CommandArgument> arguments,
            List<Map<String, Object>> triggers) {}

    @GetMapping("/api/keymaps")
    Keymaps list(@AuthenticationPrincipal SignedIn who) {
        return new Keymaps(KeymapPresets.names(), kept.load(who.id(), "keymap", ""));
    }

    @GetMapping("/api/keymaps/active")
    KeptDocuments.Loaded load(@AuthenticationPrincipal SignedIn who) {
        return kept.load(who.id(), "keymap", "");
    }

    @PutMapping("/api/keymaps/active")
    KeptDocuments.Saved save(@AuthenticationPrincipal SignedIn who, @RequestBody KeptDocuments.Save save) {
        return kept.save(who.id(), "keymap", "", save.checked("keymap", AllCommands.CATALOGUE::keymaps));
    }

    /**
     * A keymap to be printed.
     *
     * @param keymap as it is exported
     * @param layout what the user's own layout prints on each key
     */
    record Sheet(@NotNull Map<String, Object> keymap, Map<String, Object> layout) {}

    /** A keymap as one page of A4. */
    @PostMapping(value = "/api/keymaps/sheet", produces = MediaType.APPLICATION_PDF_VALUE)
    byte[] sheet(@Valid @RequestBody Sheet sheet) throws IOException {
        Map<String, String> layout = new HashMap<>();
        PlainData.map(sheet.layout).forEach((code, printed) -> layout.put(code, PlainData.text(printed, "")));
        try {
            return SheetPdf.of(KeysSheet.of(AllCommands.CATALOGUE.keymap(sheet.keymap), layout));
        } catch (IllegalArgumentException e) {
            throw new RequestRefused(
                    HttpStatus.UNPROCESSABLE_CONTENT, "This keymap cannot be printed: " + e.getMessage() + ".");
        }
    }

    @GetMapping("/api/habits")
    KeptDocuments.Loaded habits(@AuthenticationPrincipal SignedIn who) {
        return kept.load(who.id(), "habits", "");
    }

    @PutMapping("/api/habits")
    KeptDocuments.Saved saveHabits(@AuthenticationPrincipal SignedIn who, @RequestBody KeptDocuments.Save save) {
        return kept.save(who.id(), "habits", "", save);
    }

    @GetMapping("/api/hand-report")
    KeptDocuments.Loaded handReport(@AuthenticationPrincipal SignedIn who) {
        return kept.load(who.id(), "hand-report", "");
    }

    /** What was counted of a hand, for those who want it kept with their account. */
    @PutMapping("/api/hand-report")
    KeptDocuments.Saved saveHandReport(@AuthenticationPrincipal SignedIn who, @RequestBody KeptDocuments.Save save) {
        return kept.save(who.id(), "hand-report", "", save.checked("hand report", HandReport::check));
    }

    /** The JSON Schema of keymaps, for whoever writes one. */
    @GetMapping("/schemas/keymap.json")
    Map<String, Object> keymapSchema() {
        return KeymapSchema.of(AllCommands.CATALOGUE);
    }

    /** The JSON Schema of habits. */
    @GetMapping("/schemas/habits.json")
    Map<String, Object> habitsSchema() {
        return HabitsSchema.schema();
    }

    @GetMapping("/api/commands")
    List<Listed> commands() {
        List<Binding> defaults = AllCommands.CATALOGUE.bindings(KeymapPresets.RHOMBUS);
        List<Listed> out = new ArrayList<>();
        for (Command c : AllCommands.CATALOGUE.commands().values()) {
            List<Map<String, Object>> triggers = defaults.stream()
                    .filter(b -> b.command() == c)
                    .map(Binding::toPlain)
                    .toList();
            out.add(new Listed(c.id(), c.words(), c.group(), c.arguments(), triggers));
        }
        return out;
    }
}
