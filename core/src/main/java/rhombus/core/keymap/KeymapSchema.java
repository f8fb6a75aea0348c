package rhombus.core.keymap;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import rhombus.core.plain.PlainData;

/** The JSON Schema (draft 2020-12) of a keymap as it is stored and exported, made from what a keymap may hold. */
public final class KeymapSchema {
    private KeymapSchema() {}

    /** The schema of keymaps over the commands of a catalogue. */
    public static Map<String, Object> of(CommandCatalogue catalogue) {
        TreeSet<String> ids = new TreeSet<>();
        for (String preset : KeymapPresets.ALL) {
            catalogue.bindings(preset).forEach(b -> ids.add(b.id()));
        }
        Map<String, Object> change = PlainData.map(
                "type",
                "object",
                "required",
                List.of("id"),
                "additionalProperties",
                false,
                "properties",
                PlainData.map(
                        "id",
                        PlainData.map("description", "A binding of the preset", "enum", new ArrayList<>(ids)),
                        "trigger",
                        PlainData.map(
                                "description",
                                "What the hand does; none where the binding has no trigger",
                                "oneOf",
                                triggers(true)),
                        "modifiers",
                        modifiers()));
        return PlainData.map(
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
                PlainData.map(
                        "format",
                        PlainData.map("const", "rhombus-keymap"),
                        "version",
                        PlainData.map("const", 1),
                        "name",
                        PlainData.map("type", "string"),
                        "preset",
                        PlainData.map("enum", new ArrayList<>(KeymapPresets.ALL)),
                        "changes",
                        PlainData.map("type", "array", "maxItems", KeymapFile.LONGEST_LIST, "items", change),
                        "added",
                        PlainData.map(
                                "type", "array", "maxItems", KeymapFile.LONGEST_LIST, "items", added(catalogue))));
    }

    private static Map<String, Object> added(CommandCatalogue catalogue) {
        List<Object> contexts = new ArrayList<>();
        for (BindingContext c : BindingContext.values()) {
            contexts.add(c.id());
        }
        return PlainData.map(
                "description",
                "A binding that the preset does not have",
                "type",
                "object",
                "required",
                List.of("id", "command", "context", "trigger"),
                "additionalProperties",
                false,
                "properties",
                PlainData.map(
                        "id",
                        PlainData.map("type", "string", "pattern", "^own-[1-9][0-9]{0,5}$"),
                        "command",
                        PlainData.map(
                                "enum",
                                new ArrayList<Object>(catalogue.commands().keySet())),
                        "args",
                        PlainData.map("description", "What the command is told", "type", "object"),
                        "context",
                        PlainData.map("enum", contexts),
                        "trigger",
                        PlainData.map("oneOf", triggers(false)),
                        "modifiers",
                        modifiers()));
    }

    private static Map<String, Object> modifiers() {
        return PlainData.map(
                "description",
                "Exactly these are down",
                "type",
                "array",
                "uniqueItems",
                true,
                "items",
                PlainData.map("enum", Modifiers.names(15)));
    }

    private static List<Object> triggers(boolean orNone) {
        List<Object> out = new ArrayList<>();
        if (orNone) {
            out.add(PlainData.map("type", "null"));
        }
        for (Trigger.Kind k : Trigger.Kind.values()) {
            if (k.ofKey()) {
                out.add(trigger(
                        k, true, "code", PlainData.map("description", "W3C KeyboardEvent.code", "enum", codes())));
            } else if (k.leastFingers() > 0) {
                Map<String, Object> count =
                        PlainData.map("type", "integer", "minimum", k.leastFingers(), "maximum", Trigger.MOST_FINGERS);
                out.add(trigger(k, true, "fingers", count));
            } else if (k.buttons().isEmpty()) {
                out.add(trigger(k, false, null, null));
            } else {
                out.add(trigger(
                        k, k.needsButton(), "button", PlainData.map("enum", new ArrayList<Object>(k.buttons()))));
            }
        }
        return out;
    }

    private static Map<String, Object> trigger(
            Trigger.Kind kind, boolean needed, String key, Map<String, Object> value) {
        Map<String, Object> properties = PlainData.map("kind", PlainData.map("const", kind.id()));
        if (key != null) {
            properties.put(key, value);
        }
        return PlainData.map(
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
