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
                                triggers(true)),
                        "modifiers",
                        modifiers()));
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
                        Plain.map("type", "array", "maxItems", KeymapFile.LONGEST_LIST, "items", change),
                        "added",
                        Plain.map("type", "array", "maxItems", KeymapFile.LONGEST_LIST, "items", added(catalogue))));
    }

    private static Map<String, Object> added(Catalogue catalogue) {
        List<Object> contexts = new ArrayList<>();
        for (Context c : Context.values()) {
            contexts.add(c.id());
        }
        return Plain.map(
                "description",
                "A binding that the preset does not have",
                "type",
                "object",
                "required",
                List.of("id", "command", "context", "trigger"),
                "additionalProperties",
                false,
                "properties",
                Plain.map(
                        "id",
                        Plain.map("type", "string", "pattern", "^own-[1-9][0-9]{0,5}$"),
                        "command",
                        Plain.map(
                                "enum",
                                new ArrayList<Object>(catalogue.commands().keySet())),
                        "args",
                        Plain.map("description", "What the command is told", "type", "object"),
                        "context",
                        Plain.map("enum", contexts),
                        "trigger",
                        Plain.map("oneOf", triggers(false)),
                        "modifiers",
                        modifiers()));
    }

    private static Map<String, Object> modifiers() {
        return Plain.map(
                "description",
                "Exactly these are down",
                "type",
                "array",
                "uniqueItems",
                true,
                "items",
                Plain.map("enum", Modifiers.names(15)));
    }

    private static List<Object> triggers(boolean orNone) {
        List<Object> out = new ArrayList<>();
        if (orNone) {
            out.add(Plain.map("type", "null"));
        }
        for (Trigger.Kind k : Trigger.Kind.values()) {
            if (k.ofKey()) {
                out.add(trigger(k, true, "code", Plain.map("description", "W3C KeyboardEvent.code", "enum", codes())));
            } else if (k.leastFingers() > 0) {
                Map<String, Object> count =
                        Plain.map("type", "integer", "minimum", k.leastFingers(), "maximum", Trigger.MOST_FINGERS);
                out.add(trigger(k, true, "fingers", count));
            } else if (k.buttons().isEmpty()) {
                out.add(trigger(k, false, null, null));
            } else {
                out.add(trigger(k, k.needsButton(), "button", Plain.map("enum", new ArrayList<Object>(k.buttons()))));
            }
        }
        return out;
    }

    private static Map<String, Object> trigger(
            Trigger.Kind kind, boolean needed, String key, Map<String, Object> value) {
        Map<String, Object> properties = Plain.map("kind", Plain.map("const", kind.id()));
        if (key != null) {
            properties.put(key, value);
        }
        return Plain.map(
                "type",
                "object",
                "required",
                needed ? List.of("kind", key) : List.of("kind"),
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
