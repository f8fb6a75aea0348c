package rhombus.core.habits;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.display.LookPart;
import rhombus.core.display.OwnLooks;
import rhombus.core.plain.Plain;

/** The JSON Schema (draft 2020-12) of habits as they are stored and exported. */
public final class HabitsSchema {
    private HabitsSchema() {}

    /** The schema: each setting with what it can be. */
    public static Map<String, Object> schema() {
        Map<String, Object> settings = new LinkedHashMap<>();
        for (Habit h : AllHabits.all().values()) {
            settings.put(h.id(), setting(h));
        }
        return Plain.map(
                "$schema",
                "https://json-schema.org/draft/2020-12/schema",
                "$id",
                "/schemas/habits.json",
                "title",
                "Habits: the settings that differ from the usual",
                "type",
                "object",
                "required",
                List.of("format", "version", "values"),
                "properties",
                Plain.map(
                        "format",
                        Plain.map("const", "rhombus-habits"),
                        "version",
                        Plain.map("const", 1),
                        "values",
                        Plain.map("type", "object", "additionalProperties", false, "properties", settings),
                        "looks",
                        looks()));
    }

    private static Map<String, Object> looks() {
        Map<String, Object> parts = new LinkedHashMap<>();
        parts.put(
                "name",
                Plain.map("type", "string", "minLength", 1, "maxLength", OwnLooks.LONGEST, "description", "Its name"));
        for (LookPart p : LookPart.values()) {
            Map<String, Object> part = Plain.map("description", p.words());
            if (p == LookPart.OPACITY) {
                part.put("type", "string");
                part.put("pattern", "^[0-9]+(\\.[0-9]+)?%?$");
            } else {
                part.put("enum", p.choices());
            }
            parts.put(p.id(), part);
        }
        return Plain.map(
                "description",
                "Looks of the user's own; a part that is missing is as in Smooth",
                "type",
                "array",
                "maxItems",
                OwnLooks.MOST,
                "items",
                Plain.map(
                        "type",
                        "object",
                        "required",
                        List.of("name"),
                        "additionalProperties",
                        false,
                        "properties",
                        parts));
    }

    private static Map<String, Object> setting(Habit h) {
        Map<String, Object> m = Plain.map("description", h.words());
        m.putAll(h.schema());
        return m;
    }
}
