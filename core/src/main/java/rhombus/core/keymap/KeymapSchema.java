package rhombus.core.keymap;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import rhombus.core.plain.Plain;

/** The JSON Schema (draft 2020-12) of a keymap as it is stored and exported, made from what a keymap may hold. */
public final class KeymapSchema {
    private KeymapSchema() {}

    /** The schema of keymaps over the commands of a catalogue. */
    public static Map<String, Object> of(Catalogue catalogue) {
        TreeSet<String> ids = new TreeSet<>();
        for (String preset : Presets.ALL) {
            catalogue.bindings(preset).forEach(b -> ids.add(b.id()));
        }
        Map<String, Object> change = Plain.map(
                "type",
                "object",
                "required",
                List.of("id"),
                "additionalProperties",
                false,
                "properties",
                Plain.map(
                        "id",
                        Plain.map("description", "A binding of the preset", "enum", new ArrayList<>(ids)),
                        "trigger",
                        Plain.map(
                                "description",
                                "What the hand does; none where the binding has no trigger",
                                "oneOf",
                                triggers()),
                        "modifiers",
                        Plain.map(
                                "description",
                                "Exactly these are down",
                                "type",
                                "array",
                                "uniqueItems",
                                true,
                                "items",
                                Plain.map("enum", Modifiers.names(15)))));
        return Plain.map(
                "$schema",
                "https://json-schema.org/draft/2020-12/schema",
                "$id",
                "/schemas/keymap.json",
                "title",
                "A keymap: a preset and what differs from it",
                "type",
                "object",
                "required",
                List.of("format", "version", "preset", "changes"),
                "properties",
                Plain.map(
                        "format",
                        Plain.map("const", "rhombus-keymap"),
                        "version",
                        Plain.map("const", 1),
                        "name",
                        Plain.map("type", "string"),
                        "preset",
                        Plain.map("enum", new ArrayList<>(Presets.ALL)),
                        "changes",
                        Plain.map("type", "array", "items", change)));
    }

    private static List<Object> triggers() {
        List<Object> out = new ArrayList<>();
        out.add(Plain.map("type", "null"));
        for (Trigger.Kind k : Trigger.Kind.values()) {
            switch (k) {
                case KEY, HOLD ->
                    out.add(trigger(k, "code", Plain.map("description", "W3C KeyboardEvent.code", "enum", codes())));
                case CLICK, DOUBLE, DRAG ->
                    out.add(trigger(
                            k, "button", Plain.map("enum", List.of("left", "middle", "right", "back", "forward"))));
                case TOUCH -> out.add(trigger(k, "fingers", Plain.map("type", "integer", "minimum", 1, "maximum", 3)));
                default -> out.add(trigger(k, null, null));
            }
        }
        return out;
    }

    private static Map<String, Object> trigger(Trigger.Kind kind, String key, Map<String, Object> value) {
        Map<String, Object> properties = Plain.map("kind", Plain.map("const", kind.id()));
        if (key != null) {
            properties.put(key, value);
        }
        return Plain.map(
                "type",
                "object",
                "required",
                key == null ? List.of("kind") : List.of("kind", key),
                "additionalProperties",
                false,
                "properties",
                properties);
    }

    private static List<Object> codes() {
        String[] all = KeyNames.all();
        Arrays.sort(all);
        return new ArrayList<>(Arrays.asList(all));
    }
}
