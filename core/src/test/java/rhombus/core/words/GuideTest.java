package rhombus.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import rhombus.core.glossary.Glossary;
import rhombus.core.stage.commands.AllCommands;

/** What the guide refers to is there, and whatever opens the guide finds its page. */
class GuideTest {
    private static final Path PAGE = Path.of("../web/src");
    private static final Path PICTURES = Path.of("../docs/screenshots");

    @Test
    void everyKeyIsThatOfACommand() throws IOException {
        Set<String> named = all(guide(), "\\{([a-z.-]+)}");
        assertThat(named).hasSizeGreaterThan(60);
        named.forEach(id -> assertThat(AllCommands.CATALOGUE.command(id))
                .as("the command %s", id)
                .isNotNull());
    }

    @Test
    void everyLinkLeadsSomewhere() throws IOException {
        String text = guide();
        Set<String> pages = pages(text);
        assertThat(pages)
                .hasSize((int) text.lines().filter(l -> l.startsWith("# ")).count());
        for (String to : all(text, "(?<!!)\\[[^\\]]+]\\(([^)]+)\\)")) {
            if (to.startsWith("run:")) {
                assertThat(AllCommands.CATALOGUE.command(to.substring(4)))
                        .as(to)
                        .isNotNull();
            } else if (to.startsWith("word:")) {
                assertThat(Glossary.words()).contains(to.substring(5));
            } else {
                assertThat(pages).as("a page for %s", to).contains(to);
            }
        }
    }

    @Test
    void everyPictureIsOneOfTheRunningApplication() throws IOException {
        Set<String> shown = all(guide(), "!\\[[^\\]]+]\\(([^)]+)\\)");
        assertThat(shown).hasSizeGreaterThan(10);
        shown.forEach(p -> assertThat(PICTURES.resolve(p + ".png")).exists());
    }

    @Test
    void everyDialogOpensAPageOfTheGuide() throws IOException {
        Set<String> pages = pages(guide());
        int dialogs = 0;
        try (Stream<Path> files = Files.walk(PAGE)) {
            for (Path f : files.filter(p -> p.toString().endsWith(".vue")).toList()) {
                String text = Files.readString(f);
                boolean common =
                        f.endsWith(Path.of("dialogs/GuidedDialog.vue")) || f.endsWith(Path.of("guide/GuideDialog.vue"));
                assertThat(text.contains("<el-dialog"))
                        .as("dialogs are those with a way to the guide, and the guide itself, in %s", f)
                        .isEqualTo(common);
                if (!text.contains("<GuidedDialog")) {
                    continue;
                }
                dialogs++;
                List<String> opens = List.copyOf(all(text, "\\sguide=\"([a-z]+)\""));
                assertThat(opens).as("the page that %s opens", f).hasSize(1);
                assertThat(pages).as("the page that %s opens", f).contains(opens.get(0));
            }
        }
        assertThat(dialogs).isGreaterThan(9);
    }

    private static Set<String> pages(String text) {
        return all(text, "(?m)^# .+ \\{#([a-z]+)}$");
    }

    private static Set<String> all(String text, String pattern) {
        return Pattern.compile(pattern)
                .matcher(text)
                .results()
                .map((MatchResult m) -> m.group(1))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static String guide() throws IOException {
        try (InputStream in = GuideTest.class.getResourceAsStream("/rhombus/words/guide.en.md")) {
            assertThat(in).as("the guide").isNotNull();
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
