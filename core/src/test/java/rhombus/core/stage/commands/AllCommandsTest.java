package rhombus.core.stage.commands;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandArgument;
import rhombus.core.keymap.CommandCatalogue;
import rhombus.core.keymap.CommandPhrase;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.InterruptPolicy;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.keymap.Trigger;

/** What holds for every command there is, so that a new one cannot be forgotten anywhere. */
class AllCommandsTest {
    private static final CommandCatalogue CATALOGUE = AllCommands.CATALOGUE;
    private static final Path PAGE = Path.of("../web/src");

    @Test
    void everyCommandHasWordsAGroupAndSomethingItDoes() {
        for (CommandArea<?> area : AllCommands.AREAS) {
            assertThat(area.entries()).isNotEmpty();
            for (CommandSpec<?> e : area.entries()) {
                Command c = e.command();
                assertThat(c.id()).matches("[a-z]+\\.[a-z-]+");
                assertThat(c.words()).as(c.id()).isNotBlank();
                assertThat(AllCommands.GROUPS).as(c.id()).contains(c.group());
                assertThat(e.handled()).as("%s does what its sort says", c.id()).isTrue();
                assertThat(CATALOGUE.command(c.id())).isSameAs(c);
            }
        }
    }

    @Test
    void everyBindingNamesACommandThatItsTriggerFitsAndThatTakesItsArguments() {
        for (String preset : KeymapPresets.ALL) {
            for (Binding b : CATALOGUE.bindings(preset)) {
                assertThat(CATALOGUE.command(b.command().id())).as(b.id()).isSameAs(b.command());
                assertThat(b.command().fits(b.trigger().kind())).as(b.id()).isTrue();
                assertThat(b.command().problem(b.args())).as(b.id()).isNull();
                assertThat(b.words()).as(b.id()).isNotBlank();
            }
        }
    }

    @Test
    void whatACommandGivesWayToIsACommand() {
        for (Command c : CATALOGUE.commands().values()) {
            if (c.exchange() != null) {
                Command other = CATALOGUE.command(c.exchange().command());
                assertThat(other).as(c.id()).isNotNull();
                assertThat(other.problem(c.exchange().args())).as(c.id()).isNull();
            }
            if (c.otherwise() != null) {
                assertThat(CATALOGUE.command(c.otherwise()).sort()).as(c.id()).isEqualTo(c.sort());
            }
        }
    }

    @Test
    void everyControlOfThePageNamesACommand() throws IOException {
        Pattern named = Pattern.compile(
                "(?<!:)data-command=\"([a-z.-]+)\"|\\brun\\('([a-z]+\\.[a-z-]+)'|command: '([a-z]+\\.[a-z-]+)'");
        Set<String> found = new TreeSet<>();
        try (Stream<Path> files = Files.walk(PAGE)) {
            for (Path f :
                    files.filter(p -> p.toString().matches(".*\\.(vue|ts)")).toList()) {
                Matcher m = named.matcher(Files.readString(f));
                while (m.find()) {
                    String id = m.group(1) != null ? m.group(1) : m.group(2) != null ? m.group(2) : m.group(3);
                    found.add(id);
                    assertThat(CATALOGUE.command(id)).as("%s in %s", id, f).isNotNull();
                }
            }
        }
        assertThat(found).as("the page was looked at").hasSizeGreaterThan(60);
    }

    @Test
    void argumentsAreChecked() {
        Command c = new Command(
                "area.verb",
                "Words",
                "Board",
                Command.Sort.ACTION,
                false,
                false,
                Set.of(),
                CommandPhrase.NOTHING,
                null,
                null,
                List.of(
                        new CommandArgument("to", CommandArgument.Type.CHOICE, List.of("left", "right"), true),
                        new CommandArgument("at", CommandArgument.Type.PLACE, List.of("first"), false),
                        new CommandArgument("x", CommandArgument.Type.TYPED, List.of(), false),
                        new CommandArgument("count", CommandArgument.Type.WHOLE, List.of(), false),
                        new CommandArgument("some", CommandArgument.Type.TEXTS, List.of(), false)),
                InterruptPolicy.SETTLES);
        assertThat(c.problem(Map.of("to", "left", "at", 3.0, "x", "2 cm", "count", 2, "some", List.of("a"))))
                .isNull();
        assertThat(c.problem(Map.of("to", "right", "at", "first", "x", Map.of("steps", 1))))
                .isNull();
        assertThat(c.problem(Map.of())).contains("\"to\" is missing");
        assertThat(c.problem(Map.of("to", "up"))).contains("left, right");
        assertThat(c.problem(Map.of("to", 1))).isNotNull();
        assertThat(c.problem(Map.of("to", "left", "at", "last"))).isNotNull();
        assertThat(c.problem(Map.of("to", "left", "x", Double.NaN))).isNotNull();
        assertThat(c.problem(Map.of("to", "left", "count", 1.5))).contains("whole number");
        assertThat(c.problem(Map.of("to", "left", "some", List.of(1)))).isNotNull();
        assertThat(c.problem(Map.of("to", "left", "of", "it"))).contains("none of its arguments");
    }

    @Test
    void aCatalogueHoldsEachCommandAndBindingOnce() {
        Command c = new Command(
                "area.verb",
                "Words",
                "Board",
                Command.Sort.ACTION,
                false,
                false,
                Set.of(CommandTrait.STAYS),
                CommandPhrase.NOTHING,
                null,
                null,
                List.of(),
                InterruptPolicy.SETTLES);
        Binding b = new Binding(
                "one", Trigger.key("KeyA"), 0, rhombus.core.keymap.BindingContext.STAGE, c, Map.of(), "words");
        assertThatThrownBy(() -> new CommandCatalogue(List.of(c, c), Map.of())).hasMessageContaining("area.verb");
        assertThatThrownBy(() -> new CommandCatalogue(List.of(c), Map.of("p", List.of(b, b))))
                .hasMessageContaining("one");
        assertThatThrownBy(() -> new CommandCatalogue(List.of(), Map.of("p", List.of(b))))
                .hasMessageContaining("one");
        assertThat(new CommandCatalogue(List.of(c), Map.of("p", List.of(b))).command("area.verb"))
                .isSameAs(c);
    }
}
