package rhombus.server.archive;

import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import rhombus.core.board.StoredBoards;
import rhombus.core.edit.EditDocument;
import rhombus.core.habits.Habits;
import rhombus.core.stage.boards.Pins;
import rhombus.core.stage.coach.HandReport;
import rhombus.core.stage.commands.AllCommands;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Documents of an archive, each looked at by the core before it is kept. */
@Component
class ArchiveDocuments {
    private static final TypeReference<Map<String, Object>> DOCUMENT = new TypeReference<>() {};

    private static final Map<String, Consumer<Map<String, Object>>> CHECKS = Map.of(
            "boards",
            StoredBoards::of,
            "habits",
            ArchiveDocuments::habits,
            "hand-report",
            HandReport::check,
            "keymap",
            AllCommands.CATALOGUE::keymaps,
            "edits",
            EditDocument::check,
            "pins",
            Pins::check);

    private final JsonMapper json;

    ArchiveDocuments(JsonMapper json) {
        this.json = json;
    }

    /** The core passes over what it does not know in settings; here it is told. */
    private static void habits(Map<String, Object> m) {
        if (!"rhombus-habits".equals(m.get("format")) || !Habits.problems(m).isEmpty()) {
            throw new IllegalArgumentException("no settings");
        }
    }

    /** A document that the core can use; null where there is none, or with a note where it cannot be used. */
    Map<String, Object> read(String topic, byte[] bytes, List<String> notes) {
        if (bytes == null) {
            return null;
        }
        try {
            Map<String, Object> body = json.readValue(bytes, DOCUMENT);
            CHECKS.getOrDefault(topic, d -> {}).accept(body);
            return body;
        } catch (JacksonException | IllegalArgumentException e) {
            notes.add("“" + topic + "” cannot be used and was left out.");
            return null;
        }
    }
}
