package rhombus.core.habits;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
                        Plain.map("type", "object", "additionalProperties", false, "properties", settings)));
    }

    private static Map<String, Object> setting(Habit h) {
        Map<String, Object> m = Plain.map("description", h.words());
        m.putAll(h.schema());
        return m;
    }
}
