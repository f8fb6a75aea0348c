package rhombus.core.habits;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.display.CustomLooks;
import rhombus.core.display.LookPart;
import rhombus.core.plain.PlainData;

/** The JSON Schema (draft 2020-12) of habits as they are stored and exported. */
public final class HabitsSchema {
    private HabitsSchema() {}

    /** The schema: each setting with what it can be. */
    public static Map<String, Object> schema() {
        Map<String, Object> settings = new LinkedHashMap<>();
        for (Habit h : AllHabits.all().values()) {
            settings.put(h.id(), setting(h));
        }
        return PlainData.map(
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
                PlainData.map(
                        "format",
                        PlainData.map("const", "rhombus-habits"),
                        "version",
                        PlainData.map("const", 1),
                        "values",
                        PlainData.map("type", "object", "additionalProperties", false, "properties", settings),
                        "looks",
                        looks()));
    }

    private static Map<String, Object> looks() {
        Map<String, Object> parts = new LinkedHashMap<>();
        parts.put(
                "name",
                PlainData.map(
                        "type", "string", "minLength", 1, "maxLength", CustomLooks.LONGEST, "description", "Its name"));
        for (LookPart p : LookPart.values()) {
            Map<String, Object> part = PlainData.map("description", p.words());
            if (p == LookPart.OPACITY) {
                part.put("type", "string");
                part.put("pattern", "^[0-9]+(\\.[0-9]+)?%?$");
            } else {
                part.put("enum", p.choices());
            }
            parts.put(p.id(), part);
        }
        return PlainData.map(
                "description",
                "Looks of the user's own; a part that is missing is as in Smooth",
                "type",
                "array",
                "maxItems",
                CustomLooks.MOST,
                "items",
                PlainData.map(
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
        Map<String, Object> m = PlainData.map("description", h.words());
        m.putAll(h.schema());
        return m;
    }
}
