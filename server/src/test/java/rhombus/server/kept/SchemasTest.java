package rhombus.server.kept;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habit;
import rhombus.core.habits.Habits;
import rhombus.core.keymap.BindableCommand;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.stage.commands.AllCommands;
import rhombus.server.Client;
import tools.jackson.databind.json.JsonMapper;

/** The published schemas, used by an independent validator (com.networknt), say what the core says. */
class SchemasTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static JsonSchema keymap;
    private static JsonSchema habits;

    @BeforeAll
    static void read() {
        keymap = schema("/schemas/keymap.json");
        habits = schema("/schemas/habits.json");
    }

    /** Anybody may read them. */
    private static JsonSchema schema(String path) {
        Client.Answer a = new Client().get(path);
        assertThat(a.status()).isEqualTo(200);
        assertThat(a.json()).containsEntry("$schema", "https://json-schema.org/draft/2020-12/schema");
        return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(a.body());
    }

    private static boolean valid(JsonSchema schema, Object document) {
        return schema.validate(JSON.writeValueAsString(document), InputFormat.JSON)
                .isEmpty();
    }

    private static boolean taken(Map<String, Object> document) {
        try {
            AllCommands.CATALOGUE.keymap(document);
            return true;
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    private static Keymap random(Random r) {
        Keymap map = AllCommands.CATALOGUE.preset(KeymapPresets.ALL.get(r.nextInt(KeymapPresets.ALL.size())));
        List<Binding> all = map.bindings();
        for (int k = r.nextInt(12); k > 0; k--) {
            Binding b = all.get(r.nextInt(all.size()));
            Binding o = all.get(r.nextInt(all.size()));
            if (r.nextInt(5) == 0) {
                map = map.with(b.id(), null, 0);
            } else if (o.trigger() != null && b.command().fits(o.trigger().kind())) {
                List<Binding> more = BindableCommand.of(map, b.command());
                Binding wanted = r.nextBoolean() || more.isEmpty() ? b : more.get(r.nextInt(more.size()));
                map = map.with(wanted.with(o.trigger(), r.nextInt(16)));
            }
        }
        return map;
    }

    @Test
    void everyKeymapThatIsExportedIsValid() {
        Random r = new Random(1);
        for (int k = 0; k < 200; k++) {
            Map<String, Object> document = random(r).toPlain();
            assertThat(taken(document)).isTrue();
            assertThat(keymap.validate(JSON.writeValueAsString(document), InputFormat.JSON))
                    .isEmpty();
        }
    }

    /** One thing wrong at a time: refused by both. */
    @Test
    void whatTheCoreRefusesIsNotValid() {
        Map<String, Object> key = Map.of("kind", "key", "code", "F7");
        List<Map<String, Object>> wrong = new ArrayList<>();
        wrong.add(document("format", "poem", "home", key, List.of()));
        wrong.add(document("version", 2, "home", key, List.of()));
        wrong.add(document("preset", "other", "home", key, List.of()));
        wrong.add(document("name", "x", "no-such-binding", key, List.of()));
        wrong.add(document("name", "x", "home", Map.of("kind", "key", "code", "F99"), List.of()));
        wrong.add(document("name", "x", "home", Map.of("kind", "key", "code", "ShiftLeft"), List.of()));
        wrong.add(document("name", "x", "home", Map.of("kind", "shout"), List.of()));
        wrong.add(document("name", "x", "orbit-drag", Map.of("kind", "drag", "button", "sixth"), List.of()));
        wrong.add(document("name", "x", "orbit-drag", Map.of("kind", "touch", "fingers", 9), List.of()));
        wrong.add(document("name", "x", "home", key, List.of("Hyper")));
        for (Map<String, Object> added : List.<Map<String, Object>>of(
                Map.of("id", "home", "command", "view.home", "context", "stage", "trigger", key),
                Map.of("id", "own-0", "command", "view.home", "context", "stage", "trigger", key),
                Map.of("id", "own-1", "command", "no.such", "context", "stage", "trigger", key),
                Map.of("id", "own-1", "command", "view.home", "context", "moon", "trigger", key),
                Map.of("id", "own-1", "command", "view.home", "context", "stage"),
                Map.of(
                        "id",
                        "own-1",
                        "command",
                        "view.home",
                        "context",
                        "stage",
                        "trigger",
                        Map.of("kind", "tap", "fingers", 1)))) {
            wrong.add(document("added", List.of(added), "home", key, List.of()));
        }
        for (Map<String, Object> w : wrong) {
            assertThat(taken(w)).as(w.toString()).isFalse();
            assertThat(valid(keymap, w)).as(w.toString()).isFalse();
        }
        assertThat(valid(keymap, document("name", "x", "home", key, List.of("Ctrl"))))
                .isTrue();
    }

    private static Map<String, Object> document(
            String field, Object value, String id, Map<String, Object> trigger, List<String> modifiers) {
        Map<String, Object> m = new HashMap<>(Map.of(
                "format",
                "rhombus-keymap",
                "version",
                1,
                "name",
                "Mine",
                "preset",
                "rhombus",
                "changes",
                List.of(Map.of("id", id, "trigger", trigger, "modifiers", modifiers))));
        m.put(field, value);
        return m;
    }

    @Test
    void habitsAreValidAsLongAsTheCoreAllowsTheirValues() {
        Random r = new Random(2);
        for (Habit h : AllHabits.all().values()) {
            for (Object value : List.of(true, "none of them", 0, -1e9, 1e9, 1, h.usual())) {
                Map<String, Object> document =
                        Map.of("format", "rhombus-habits", "version", 1, "values", Map.of(h.id(), value));
                assertThat(valid(habits, document)).as(h.id() + " " + value).isEqualTo(h.allows(value));
            }
            if (!h.choices().isEmpty()) {
                Object choice = h.choices().get(r.nextInt(h.choices().size()));
                assertThat(valid(habits, Habits.USUAL.with(h.id(), choice).toPlain()))
                        .isTrue();
            }
        }
        assertThat(valid(habits, Map.of("format", "rhombus-habits", "version", 1, "values", Map.of("no.such", 1))))
                .isFalse();
    }
}
