package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandArgument;
import rhombus.core.stage.commands.AllCommands;
import rhombus.core.stage.show.help.FoundCommand;

/** Every command is found by its words, also where they are typed with a slip. */
class CommandSearchTest {
    private final Hand hand = new Hand();

    private List<FoundCommand> find(String typed) {
        return hand.stage.search().find(typed, Map.of());
    }

    /** All but those that only a page can tell what they are about. */
    @Test
    void allCommandsAreListedOnceEach() {
        List<FoundCommand> all = find("");
        Set<String> keys = new HashSet<>();
        Set<String> commands = new HashSet<>();
        for (FoundCommand f : all) {
            assertThat(keys.add(f.key())).as(f.key()).isTrue();
            commands.add(f.command());
        }
        for (Command c : AllCommands.CATALOGUE.commands().values()) {
            boolean byPage =
                    c.arguments().stream().anyMatch(a -> a.required() && a.type() != CommandArgument.Type.CHOICE);
            if (!byPage
                    && c.arguments().stream().filter(CommandArgument::required).count() <= 1) {
                assertThat(commands).contains(c.id());
            }
        }
    }

    @Property(tries = 300)
    void aSlipInAWordStillFindsTheCommand(@ForAll long seed) {
        Random r = new Random(seed);
        List<FoundCommand> all = find("");
        FoundCommand wanted = all.get(r.nextInt(all.size()));
        String[] words =
                wanted.words().toLowerCase().replaceAll("[^a-z ]", " ").strip().split(" +");
        int at = r.nextInt(words.length);
        if (words[at].length() >= 5) {
            int i = 1 + r.nextInt(words[at].length() - 2);
            StringBuilder w = new StringBuilder(words[at]);
            switch (r.nextInt(3)) {
                case 0 -> w.deleteCharAt(i);
                case 1 -> w.setCharAt(i, (char) ('a' + r.nextInt(26)));
                default -> w.insert(i, (char) ('a' + r.nextInt(26)));
            }
            words[at] = w.toString();
        }
        assertThat(find(String.join(" ", words)))
                .extracting(FoundCommand::words)
                .contains(wanted.words());
    }

    @Test
    void whatWasRunLatelyComesFirstAndIsKept() {
        String key = find("frame the selection").get(0).key();
        hand.stage.search().ran(key);
        hand.stage.search().ran(find("undo").get(0).key());
        assertThat(find(""))
                .extracting(FoundCommand::key)
                .startsWith(find("undo").get(0).key(), key);
        Map<String, Object> kept = hand.stage.documents().workspace();
        Hand other = new Hand();
        other.stage.documents().restore(kept);
        assertThat(other.stage.search().find("", Map.of()))
                .extracting(FoundCommand::key)
                .contains(key);
        assertThat(other.stage.search().find("", Map.of()).get(1).key()).isEqualTo(key);
    }

    @Test
    void eachTellsItsTriggerAndWhatItWouldBeDoneTo() {
        FoundCommand frame = find("frame selection").get(0);
        assertThat(frame.trigger()).contains("F");
        assertThat(frame.on()).isEqualTo("Scout");
        assertThat(frame.runs()).isTrue();
        FoundCommand hide = find("duplicate").get(0);
        assertThat(hide.on()).isEqualTo("nothing is selected");
        hand.run("select.set", "v2", "objects", List.of("n2"));
        assertThat(find("duplicate").get(0).on()).isEqualTo("Left box");
        FoundCommand orbit = find("orbit").stream()
                .filter(f -> f.command().equals("navigate.orbit"))
                .findFirst()
                .get();
        assertThat(orbit.runs()).as("a drag cannot be run from a list").isFalse();
        assertThat(orbit.trigger()).isNotNull();
        assertThat(find("smooth").get(0).args()).containsValue("smooth");
        assertThat(find("camera numbers").get(0).ask()).extracting(l -> l.id()).contains("focalLength");
        assertThat(find("qqqqqq")).isEmpty();
        assertThat(find("wier").get(0).args()).containsEntry("look", "wire");
    }
}
