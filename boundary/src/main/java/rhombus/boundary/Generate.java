package rhombus.boundary;

import java.io.IOException;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import rhombus.core.stage.commands.AllCommands;

/**
 * Run by the build: {@code objects FOLDER ROOT...} writes Java before the browser module is compiled, {@code types FILE
 * API...} its types after, {@code calls FILE} makes its calls quick, and {@code commands FILE} writes the list of all
 * commands for the documentation.
 */
public final class Generate {
    private Generate() {}

    /** See the class. */
    public static void main(String[] args) throws IOException, ClassNotFoundException {
        if (args[0].equals("commands")) {
            write(Path.of(args[1]), CommandsDocument.of(AllCommands.CATALOGUE));
            return;
        }
        if (args[0].equals("calls")) {
            Path core = Path.of(args[1]);
            write(core, Calls.quick(Files.readString(core)));
            return;
        }
        List<Class<?>> classes = new ArrayList<>();
        for (String name : Arrays.asList(args).subList(2, args.length)) {
            classes.add(Class.forName(name));
        }
        if (args[0].equals("objects")) {
            write(
                    Path.of(args[1], "rhombus/web/Told.java"),
                    BrowserObjects.source("rhombus.web", "Told", Records.reachedFrom(given(classes))));
        } else {
            write(Path.of(args[1]), types(classes));
        }
    }

    /** Classes of the core whose methods give what crosses. */
    private static Set<Class<?>> given(List<Class<?>> from) {
        Set<Class<?>> out = new LinkedHashSet<>();
        for (Class<?> c : from) {
            if (c.isRecord()) {
                out.add(c);
                continue;
            }
            for (Method m : c.getMethods()) {
                Class<?> gives = Records.element(m.getGenericReturnType());
                // What the floors below the stage give is for the core itself.
                if (m.getDeclaringClass() == c
                        && gives.isRecord()
                        && gives.getPackageName().startsWith("rhombus.core.stage")) {
                    out.add(gives);
                }
            }
        }
        return out;
    }

    private static String types(List<Class<?>> apis) {
        StringBuilder s = new StringBuilder(
                "/** Made in the build from the core's records and calls. Points are CSS pixels on the stage, times milliseconds. */\n");
        s.append("export type Vec = [number, number, number];\nexport type Plain = { [key: string]: unknown };\n");
        List<Class<?>> named = new ArrayList<>();
        apis.forEach(a -> named.addAll(TypeScript.named(a)));
        Records.reachedFrom(named).forEach(r -> s.append(TypeScript.of(r)));
        for (Class<?> a : apis) {
            if (a.isInterface()) {
                s.append(TypeScript.calls(a));
                continue;
            }
            Method[] methods = a.getDeclaredMethods();
            Arrays.sort(methods, Comparator.comparing(Method::getName));
            for (Method m : methods) {
                if (Arrays.stream(m.getAnnotations())
                                .anyMatch(
                                        x -> x.annotationType().getSimpleName().equals("JSExport"))
                        && Modifier.isStatic(m.getModifiers())) {
                    s.append("export function ").append(TypeScript.call(m)).append(";\n");
                }
            }
        }
        return s.toString();
    }

    private static void write(Path file, String text) throws IOException {
        Files.createDirectories(file.getParent());
        if (!Files.exists(file) || !Files.readString(file).equals(text)) {
            Files.writeString(file, text);
        }
    }
}
