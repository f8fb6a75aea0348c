package rhombus.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.DecimalFormatSymbols;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rhombus.core.edit.Quantity;
import rhombus.core.navigate.NumberText;
import rhombus.core.stage.subject.CompositionGuides;

/** Every language says everything that English says, with the same values in it, and numbers as its people write them. */
class LanguagesTest {
    private static final Path FILES = Path.of("src/main/resources/rhombus/words");
    private static final List<String> KINDS = List.of("core", "app", "help", "glossary", "drills");
    /** What a file says of its own language, and where English alone has something to say. */
    private static final List<String> OF_ITSELF = List.of("words.small-within-a-sentence");

    static List<String> languages() throws IOException {
        try (Stream<Path> files = Files.list(FILES)) {
            return files.map(f -> f.getFileName().toString())
                    .filter(f -> f.startsWith("core."))
                    .map(f -> f.split("\\.")[1])
                    .sorted()
                    .toList();
        }
    }

    @Test
    void englishAndGermanAreThere() throws IOException {
        assertThat(languages()).contains("de", "en");
    }

    @ParameterizedTest
    @MethodSource("languages")
    void messagesAreTheSameWithTheSameValues(String language) throws IOException {
        for (String kind : KINDS) {
            Map<String, String> english = MessageFile.of(kind + ".en.properties");
            Map<String, String> other = MessageFile.of(kind + "." + language + ".properties");
            OF_ITSELF.forEach(english::remove);
            OF_ITSELF.forEach(other::remove);
            assertThat(other.keySet()).as("names in %s", kind).containsExactlyInAnyOrderElementsOf(english.keySet());
            english.forEach((name, text) -> {
                assertThat(found(other.get(name), "\\{(\\d?)[|}]")).as(name).isEqualTo(found(text, "\\{(\\d?)[|}]"));
                assertThat(other.get(name))
                        .as(name)
                        .isEqualTo(other.get(name).strip())
                        .isNotEmpty();
            });
        }
    }

    @ParameterizedTest
    @MethodSource("languages")
    void theGuideHasTheSamePagesKeysLinksAndPictures(String language) throws IOException {
        String english = guide("en");
        String other = guide(language);
        for (String pattern : List.of("\\{#([a-z]+)}", "\\{([a-z.-]+)}", "]\\(([^)]+)\\)", "(?m)^(#+) ")) {
            assertThat(found(other, pattern)).as(pattern).isEqualTo(found(english, pattern));
        }
        // Page by page, so that nothing has got to another one.
        assertThat(pages(other)).isEqualTo(pages(english));
    }

    @ParameterizedTest
    @MethodSource("languages")
    void aDecimalSignIsTheOneOfTheLanguage(String language) throws IOException {
        char sign = DecimalFormatSymbols.getInstance(Locale.forLanguageTag(language))
                .getDecimalSeparator();
        speak(language, () -> {
            assertThat(Messages.decimalSign()).as("as Unicode CLDR has it").isEqualTo(sign);
            assertThat(NumberText.words(1.25)).isEqualTo("1" + sign + "25 m");
            assertThat(NumberText.words(0.5)).isEqualTo("50 cm");
            assertThat(NumberText.trimmed(NumberText.fixed(2.5, 4))).isEqualTo("2" + sign + "5");
            // What is shown is read again.
            assertThat(Quantity.length(NumberText.words(1.25), "mm")).isEqualTo(1.25);
            assertThat(CompositionGuides.read(CompositionGuides.words(List.of(0.125, 0.5)), 1000))
                    .containsExactly(0.125, 0.5);
            assertThat(CompositionGuides.read("25%, 50%", 1000)).containsExactly(0.25, 0.5);
        });
    }

    @Test
    void namesStandWithinASentenceAsTheLanguageWritesThem() throws IOException {
        speak("en", () -> {
            assertThat(Messages.within("Front top")).isEqualTo("front top");
            assertThat(Messages.continued("Open the Pad")).isEqualTo("open the Pad");
        });
        speak("de", () -> {
            assertThat(Messages.within("Quader")).isEqualTo("Quader");
            assertThat(Messages.continued("Gruppe auflösen")).isEqualTo("Gruppe auflösen");
        });
    }

    @Test
    void aMessageTakesTheFormThatGoesWithItsNumber() {
        Messages.use("a={0} {0|object|objects} of {1}\n# b=none\nc=plain {x} {7}\nd=at {0}");
        try {
            assertThat(Messages.say("a", 1, "two")).isEqualTo("1 object of two");
            assertThat(Messages.say("a", 2, "{0}")).as("a value is no message").isEqualTo("2 objects of {0}");
            assertThat(Messages.say("c", 3)).isEqualTo("plain {x} {7}");
            assertThat(Messages.say("none")).isEqualTo("none");
            assertThat(Messages.has("b")).isFalse();
            assertThat(Messages.say("d", 0.5)).isEqualTo("at 0.5");
        } finally {
            Messages.speakEnglish();
        }
    }

    private static void speak(String language, Runnable what) throws IOException {
        Messages.use(text("core." + language + ".properties"));
        try {
            what.run();
        } finally {
            Messages.speakEnglish();
        }
    }

    private static TreeSet<String> found(String text, String pattern) {
        return Pattern.compile(pattern)
                .matcher(text)
                .results()
                .map((MatchResult m) -> m.group(1))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static List<TreeSet<String>> pages(String guide) {
        return Stream.of(guide.split("(?m)^# "))
                .map(p -> found(p, "(?:\\{|]\\()([#a-z.:-]+)[})]"))
                .toList();
    }

    private static String guide(String language) throws IOException {
        return text("guide." + language + ".md");
    }

    private static String text(String file) throws IOException {
        try (InputStream in = LanguagesTest.class.getResourceAsStream("/rhombus/words/" + file)) {
            assertThat(in).as(file).isNotNull();
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
