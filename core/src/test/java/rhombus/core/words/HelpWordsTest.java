package rhombus.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import rhombus.core.drill.Drill;
import rhombus.core.glossary.Glossary;
import rhombus.core.stage.commands.AllCommands;

/** Nothing on the page is without a word on what it is. */
class HelpWordsTest {
    private static final Path PAGE = Path.of("../web/src");
    private static final Pattern ASKED =
            Pattern.compile("(?<!:)data-(?:help|about)=\"([a-z-]+)\"|\\shelp=\"([a-z-]+)\"");
    private static final Pattern EITHER = Pattern.compile(":data-help=\"([^\"]+)\"");
    private static final Pattern NAMED = Pattern.compile("'([a-z-]+)'");

    @Test
    void everyCommandHasASentence() throws IOException {
        Map<String, String> words = MessageFile.of("help.en.properties");
        AllCommands.CATALOGUE.commands().keySet().forEach(id -> assertThat(words.get(id))
                .as("what %s does, in help.en.properties", id)
                .isNotNull()
                .endsWith(".")
                .hasSizeBetween(10, 140));
    }

    @Test
    void everySentenceIsOfACommandOrOfSomethingOnThePage() throws IOException {
        Map<String, String> words = MessageFile.of("help.en.properties");
        Set<String> things = words.keySet().stream()
                .filter(k -> k.startsWith("thing.") && !k.endsWith(".name"))
                .collect(Collectors.toCollection(TreeSet::new));
        for (String k : words.keySet()) {
            if (k.endsWith(".name")) {
                assertThat(things).as("a sentence for %s", k).contains(k.substring(0, k.length() - 5));
            } else if (!things.contains(k)) {
                assertThat(AllCommands.CATALOGUE.command(k))
                        .as("the command %s", k)
                        .isNotNull();
            } else {
                assertThat(words.get(k + ".name")).as("a name of %s", k).isNotNull();
            }
        }
    }

    @Test
    void whatThePageAsksForIsThere() throws IOException {
        Map<String, String> words = MessageFile.of("help.en.properties");
        Set<String> asked = new TreeSet<>();
        try (Stream<Path> files = Files.walk(PAGE)) {
            for (Path f :
                    files.filter(p -> p.toString().matches(".*\\.(vue|ts)")).toList()) {
                String text = Files.readString(f);
                Matcher plain = ASKED.matcher(text);
                while (plain.find()) {
                    asked.add(plain.group(1) == null ? plain.group(2) : plain.group(1));
                }
                Matcher either = EITHER.matcher(text);
                while (either.find()) {
                    Matcher named = NAMED.matcher(either.group(1));
                    while (named.find()) {
                        asked.add(named.group(1));
                    }
                }
            }
        }
        assertThat(asked).hasSizeGreaterThan(20);
        asked.forEach(a -> assertThat(words.containsKey("thing." + a))
                .as("thing.%s, asked for on the page", a)
                .isTrue());
    }

    @Test
    void everyDrillIsNamedAskedForAndHintedAt() throws IOException {
        Map<String, String> words = MessageFile.of("drills.en.properties");
        for (Drill d : Drill.ALL) {
            for (String what : new String[] {".name", ".task", ".hint"}) {
                assertThat(words.get(d.id() + what)).as(d.id() + what).isNotBlank();
            }
        }
        assertThat(words).hasSize(3 * Drill.ALL.size());
    }

    @Test
    void wordsOfTheGlossaryAreExplainedAndEachHasItsPicture() throws IOException {
        Map<String, String> help = MessageFile.of("help.en.properties");
        Map<String, String> words = MessageFile.of("glossary.en.properties");
        Set<String> pictured = Set.copyOf(Glossary.words());
        assertThat(words.keySet().stream().filter(k -> !k.contains(".")).collect(Collectors.toSet()))
                .isEqualTo(pictured);
        Set<String> explained = new TreeSet<>();
        words.forEach((k, text) -> {
            String word = k.replaceAll("\\..*", "");
            assertThat(pictured).as(k).contains(word);
            if (k.endsWith(".of")) {
                for (String id : text.split(" ")) {
                    assertThat(help.containsKey(id))
                            .as("%s, explained by %s", id, word)
                            .isTrue();
                    assertThat(explained.add(id)).as("%s is explained once", id).isTrue();
                }
            }
        });
    }
}
