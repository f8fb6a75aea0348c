package rhombus.boundary;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import rhombus.core.page.PageModule;
import rhombus.core.page.PageSession;
import rhombus.core.stage.commands.AllCommands;

/**
 * Run by the build: {@code bridge FOLDER} writes the Java between the page and the core before the browser module is compiled,
 * {@code types FILE} its types for TypeScript after, {@code calls FILE} makes its calls quick, and {@code commands FILE} writes
 * the list of all commands for the documentation.
 */
public final class Generate {
    private static final String PACKAGE = "rhombus.web";

    private Generate() {}

    /** See the class. */
    public static void main(String[] args) throws IOException {
        Path to = Path.of(args[1]);
        switch (args[0]) {
            case "commands" -> write(to, CommandsDocument.of(AllCommands.CATALOGUE));
            case "calls" -> write(to, Calls.quick(Files.readString(to)));
            case "bridge" -> bridge(to.resolve("rhombus/web"));
            case "types" -> write(to, types());
            default -> throw new IllegalArgumentException(args[0] + " is nothing that can be generated");
        }
    }

    private static Set<Class<?>> classes() {
        Set<Class<?>> out = new LinkedHashSet<>(PageClasses.from(PageSession.class));
        out.add(PageModule.class);
        return out;
    }

    private static void bridge(Path folder) throws IOException {
        Set<Class<?>> classes = classes();
        Map<String, String> sources = new HashMap<>();
        sources.put("JsRecords", JsRecords.source(PACKAGE, "JsRecords", PageClasses.records(classes)));
        classes.forEach(c -> sources.putAll(Bridge.sources(PACKAGE, c)));
        for (Map.Entry<String, String> e : sources.entrySet()) {
            write(folder.resolve(e.getKey() + ".java"), e.getValue());
        }
        // What an earlier build wrote of a class that is gone would be compiled too.
        try (Stream<Path> written = Files.list(folder)) {
            for (Path file : written.toList()) {
                if (!sources.containsKey(file.getFileName().toString().replace(".java", ""))) {
                    Files.delete(file);
                }
            }
        }
    }

    private static String types() {
        StringBuilder s = new StringBuilder(
                "/** Made in the build from the core's records and calls. Points are CSS pixels on the stage, times milliseconds. */\n");
        s.append("export type Vec = [number, number, number];\nexport type Plain = { [key: string]: unknown };\n");
        Set<Class<?>> classes = classes();
        PageClasses.records(classes).forEach(r -> s.append(TypeScript.of(r)));
        classes.forEach(c -> s.append(TypeScript.calls(c)));
        s.append("export function useWords(file: string): void;\n");
        s.append("export function newSession(): PageSession;\n");
        s.append("export function pageModule(): PageModule;\n");
        return s.toString();
    }

    private static void write(Path file, String text) throws IOException {
        Files.createDirectories(file.getParent());
        if (!Files.exists(file) || !Files.readString(file).equals(text)) {
            Files.writeString(file, text);
        }
    }
}
