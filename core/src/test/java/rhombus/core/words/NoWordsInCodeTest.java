package rhombus.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.source.tree.AnnotationTree;
import com.sun.source.tree.BinaryTree;
import com.sun.source.tree.CaseTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.LiteralTree;
import com.sun.source.tree.MethodInvocationTree;
import com.sun.source.tree.Tree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreePathScanner;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.Test;
import rhombus.core.display.LookPart;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.CommandArgument;
import rhombus.core.keymap.KeyNames;
import rhombus.core.stage.commands.AllCommands;
import rhombus.core.view.StandardDirection;

/** No word that a person reads stands in the code of the core, and each that it asks for is there. */
class NoWordsInCodeTest {
    private static final Path CODE = Path.of("src/main/java");
    /** Words one after the other, or one that begins like a sentence. */
    private static final Pattern WORDS =
            Pattern.compile("[A-Za-z]{2,}[ ,.:;…]+[A-Za-z“(]| [A-Za-z]{3,}|^[A-Z][a-z-]+$");

    private static final Pattern ID = Pattern.compile(
            "[a-z0-9]+([.:/_-][A-Za-z0-9-]*)*|[a-z]+(,[a-z]+)+|data:image/[a-z0-9,;]+|/rhombus/words/.*");
    /** Codes of keys, of modifier keys and of the browser's events. */
    private static final Pattern CODES = Pattern.compile(
            "(Key|Digit|Numpad|Arrow|Intl|Page|Bracket|Control|Meta|Alt|Shift|Launch|Media|Browser|Audio|Lang)[A-Za-z0-9]*( .*)?|"
                    + "(Escape|Backspace|Slash|Equal|Minus|Comma|Period|Semicolon|Quote|Backslash|Backquote|Space|Enter|Tab|Delete|"
                    + "Home|End|Insert|Help|Ctrl|Files|CapsLock|NumLock|Convert|Abort)( .*)?|F\\d+ .*|Ctrl\\+.*|Alt\\+.*|Num|NumLock|PgUp|PgDn");
    /**
     * Where texts are for programs: columns and schemas of files, names of things in the demo's scene, film formats by the
     * names their makers and standards gave them, and what tells who wrote the code what is wrong with it.
     */
    private static final Set<String> FOR_PROGRAMS = Set.of(
            "CameraTable",
            "KeymapSchema",
            "HabitsSchema",
            "KeyboardShape",
            "Drill",
            "FilmBack",
            "PictureFormat",
            "DrawBatches",
            "Glossary",
            "ConvexSolid",
            "BvhAssembly",
            "SettingPreview");

    private final List<String> words = new ArrayList<>();
    private final Set<String> asked = new TreeSet<>();
    private final Set<String> families = new TreeSet<>();

    @Test
    void allStandInMessageFilesAndNoneIsLeftOver() throws IOException {
        read();
        assertThat(words).isEmpty();
        Set<String> kept = MessageFile.of("core.en.properties").keySet();
        assertThat(asked).hasSizeGreaterThan(900);
        assertThat(asked).as("asked for and not there").isSubsetOf(kept);
        assertThat(kept.stream()
                        .filter(k -> !asked.contains(k) && families.stream().noneMatch(k::startsWith))
                        .filter(k -> !k.equals("words.small-within-a-sentence")))
                .as("there and not asked for")
                .isEmpty();
    }

    /** Names of messages that are put together lead to messages too: what is not there is said by its name. */
    @Test
    void namesThatArePutTogetherAreThere() {
        AllCommands.CATALOGUE.commands().values().forEach(c -> {
            assertThat(c.words()).isNotEqualTo("command." + c.id());
            c.arguments().stream()
                    .filter(a ->
                            a.type() == CommandArgument.Type.TYPED || a.name().equals("name"))
                    .forEach(a -> assertThat(Messages.has("argument.named." + a.name()))
                            .as("what is typed for %s: %s", c.id(), a.name())
                            .isTrue());
            c.arguments().stream()
                    .filter(a -> a.type() == CommandArgument.Type.CHOICE && a.required())
                    .flatMap(a -> a.choices().stream())
                    .filter(v -> v.matches("[a-z-]{2,}"))
                    .forEach(v -> assertThat(Messages.has("argument.choice." + v))
                            .as("what %s can be told: %s", c.id(), v)
                            .isTrue());
        });
        for (LookPart p : LookPart.values()) {
            assertThat(p.words()).doesNotStartWith("look-part.");
        }
        AllHabits.all().values().forEach(h -> {
            assertThat(h.words()).as(h.id()).doesNotStartWith("habit.");
            assertThat(h.sentence()).as(h.id()).doesNotStartWith("habit.");
            assertThat(h.labels()).as(h.id()).noneMatch(l -> l.startsWith("habit."));
        });
        StandardDirection.all().forEach(s -> assertThat(s.words()).isNotEqualTo("direction." + s.name()));
        for (String code : KeyNames.all()) {
            assertThat(KeyNames.of(code, java.util.Map.of())).doesNotStartWith("key.");
        }
    }

    private void read() throws IOException {
        var compiler = ToolProvider.getSystemJavaCompiler();
        try (var manager = compiler.getStandardFileManager(null, null, null);
                Stream<Path> files = Files.walk(CODE)) {
            List<Path> sources =
                    files.filter(f -> f.toString().endsWith(".java")).toList();
            var task = (JavacTask) compiler.getTask(
                    null, manager, null, List.of("-proc:none"), null, manager.getJavaFileObjectsFromPaths(sources));
            for (CompilationUnitTree unit : task.parse()) {
                new Reader(Path.of(unit.getSourceFile().toUri())
                                .getFileName()
                                .toString()
                                .replace(".java", ""))
                        .scan(unit, null);
            }
        }
    }

    private final class Reader extends TreePathScanner<Void, Void> {
        private final String file;

        Reader(String file) {
            this.file = file;
        }

        @Override
        public Void visitLiteral(LiteralTree literal, Void none) {
            if (!(literal.getValue() instanceof String text)) {
                return null;
            }
            Tree in = getCurrentPath().getParentPath().getLeaf();
            if (ID.matcher(text).matches() && text.indexOf('.') > 0) {
                // Some names are kept in a constant before they are said.
                if (in instanceof BinaryTree || text.endsWith(".")) {
                    families.add(text);
                }
                if (MessagesHave.THEM.contains(text)) {
                    asked.add(text);
                }
            }
            if (in instanceof MethodInvocationTree call
                    && call.getMethodSelect().toString().endsWith("say")
                    && call.getArguments().get(0) == literal) {
                asked.add(text);
            }
            boolean program = in instanceof AnnotationTree || in instanceof CaseTree || FOR_PROGRAMS.contains(file);
            if (!program
                    && WORDS.matcher(text).find()
                    && !ID.matcher(text).matches()
                    && !CODES.matcher(text).matches()) {
                words.add(file + ": " + text);
            }
            return null;
        }

        @Override
        public Void visitAnnotation(AnnotationTree annotation, Void none) {
            return null;
        }
    }

    /** Read once. */
    private static final class MessagesHave {
        static final Set<String> THEM;

        static {
            try {
                THEM = MessageFile.of("core.en.properties").keySet();
            } catch (IOException e) {
                throw new AssertionError(e);
            }
        }
    }
}
