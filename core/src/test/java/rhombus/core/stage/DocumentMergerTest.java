package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import rhombus.core.keymap.Trigger;
import rhombus.core.plain.PlainData;
import rhombus.core.plain.ThreeWayMerge;
import rhombus.core.stage.boards.Pins;
import rhombus.core.stage.commands.AllCommands;

/** Two windows of one person, each with a scene of its own, that save the same documents. */
class DocumentMergerTest {
    private final Hand one = new Hand();
    private final Hand other = new Hand();

    private static Map<String, Object> document(Hand h, String what) {
        return switch (what) {
            case "boards" -> h.stage.documents().boards();
            case "pins" -> h.stage.documents().pins();
            case "keymap" -> h.stage.keymaps().kept().toPlain();
            default -> h.stage.habits().toPlain();
        };
    }

    private MergeResult merge(String what, Map<String, Object> base, ThreeWayMerge.Prefers prefers) {
        return other.stage.merging().merge(what, base, document(one, what), prefers);
    }

    private static List<String> boards(Hand h) {
        return PlainData.list(h.stage.documents().boards().get("boards")).stream()
                .map(b -> PlainData.text(PlainData.map(b).get("name"), ""))
                .toList();
    }

    @Example
    void boardsAddedInBothWindowsAreBothThereAndKeepWhatTheyShow() {
        Map<String, Object> base = document(other, "boards");
        one.run("board.add", null);
        one.run("board.rename", null, "name", "Left and right");
        other.run("board.add", null);
        other.run("board.rename", null, "name", "Above and below");
        other.move(300, 100, 0);
        other.drag(300, 100, 90, 20, 2, 0);
        var pose = other.pose(0);
        String id = other.stage.parts.ground.board().id;

        assertThat(merge("boards", base, ThreeWayMerge.Prefers.NEITHER)).isEqualTo(new MergeResult(true, List.of()));
        assertThat(boards(other)).contains("Left and right", "Above and below").doesNotHaveDuplicates();
        assertThat(other.stage.parts.ground.board().name).isEqualTo("Above and below");
        assertThat(other.stage.parts.ground.board().id).isNotEqualTo(id);
        assertThat(other.pose(0)).as("one goes on where one was").isEqualTo(pose);
        // The first window reads it anew when it is shown, and loses nothing either.
        one.stage.documents().useBoards(document(other, "boards"));
        assertThat(boards(one)).containsExactlyInAnyOrderElementsOf(boards(other));
        assertThat(one.stage.parts.ground.board().name).isEqualTo("Left and right");
    }

    @Example
    void aBoardThatBothChangedIsAskedAboutByItsName() {
        Map<String, Object> base = document(other, "boards");
        String name = one.stage.parts.ground.board().name;
        one.run("board.split", "v1", "to", "right");
        other.run("board.split", "v2", "to", "below");
        Map<String, Object> mine = document(other, "boards");
        assertThat(merge("boards", base, ThreeWayMerge.Prefers.NEITHER))
                .isEqualTo(new MergeResult(false, List.of(name)));
        assertThat(document(other, "boards"))
                .as("nothing is changed before it is decided")
                .isEqualTo(mine);
        assertThat(merge("boards", base, ThreeWayMerge.Prefers.MINE).taken()).isTrue();
        assertThat(document(other, "boards")).isEqualTo(mine);
        assertThat(merge("boards", base, ThreeWayMerge.Prefers.THEIRS).taken()).isTrue();
        assertThat(document(other, "boards")).isEqualTo(document(one, "boards"));
    }

    @Example
    void whatEachWindowClosedIsClosedButOneBoardStays() {
        Map<String, Object> base = document(other, "boards");
        for (int i = boards(one).size(); i > 1; i--) {
            one.run("board.delete", null);
        }
        String last = boards(one).get(0);
        // The other closes just the one that is left there.
        String id = other.stage.parts.boardList.list().stream()
                .filter(b -> b.name.equals(last))
                .findFirst()
                .orElseThrow()
                .id;
        other.run("board.delete", null, "board", id);
        assertThat(merge("boards", base, ThreeWayMerge.Prefers.NEITHER).taken()).isTrue();
        assertThat(boards(other)).isNotEmpty().doesNotContain(last);
    }

    @Example
    void aHandThatIsBusyIsNotDisturbed() {
        Map<String, Object> base = document(other, "boards");
        one.run("board.add", null);
        other.move(600, 200, 0);
        other.move(600, 200, 2);
        other.move(640, 220, 2);
        assertThat(merge("boards", base, ThreeWayMerge.Prefers.NEITHER)).isEqualTo(new MergeResult(false, List.of()));
        other.move(640, 220, 0);
        other.rest();
        assertThat(merge("boards", base, ThreeWayMerge.Prefers.NEITHER).taken()).isTrue();
    }

    @Example
    void settingsOfBothWindowsAreBrought() {
        one.habit("orbit.speed", 2.0);
        Map<String, Object> base = document(one, "habits");
        other.stage.use(one.stage.habits());
        one.habit("orbit.invert-x", true);
        one.habit("orbit.speed", null);
        other.habit("directions.step", 30.0);
        assertThat(merge("habits", base, ThreeWayMerge.Prefers.NEITHER).taken()).isTrue();
        assertThat(PlainData.map(document(other, "habits").get("values")))
                .isEqualTo(Map.of("orbit.invert-x", true, "directions.step", 30.0));

        one.habit("directions.step", 45.0);
        MergeResult twice = merge("habits", base, ThreeWayMerge.Prefers.NEITHER);
        assertThat(twice.taken()).isFalse();
        assertThat(twice.twice()).containsExactly("Step");
    }

    @Example
    void bindingsOfBothWindowsAreBrought() {
        Map<String, Object> base = document(other, "keymap");
        bind(one, "home", "KeyJ");
        bind(other, "opposite", "KeyU");
        assertThat(merge("keymap", base, ThreeWayMerge.Prefers.NEITHER).taken()).isTrue();
        assertThat(trigger(other, "home")).isEqualTo(Trigger.key("KeyJ"));
        assertThat(trigger(other, "opposite")).isEqualTo(Trigger.key("KeyU"));

        bind(one, "opposite", "KeyI");
        MergeResult twice = merge("keymap", base, ThreeWayMerge.Prefers.NEITHER);
        assertThat(twice.taken()).isFalse();
        assertThat(twice.twice()).hasSize(1);
        assertThat(merge("keymap", base, ThreeWayMerge.Prefers.THEIRS).taken()).isTrue();
        assertThat(trigger(other, "opposite")).isEqualTo(Trigger.key("KeyI"));
    }

    @Example
    void undoDoesNotTakeBackWhatCameFromTheOtherWindow() {
        Map<String, Object> base = document(other, "keymap");
        bind(one, "home", "KeyJ");
        other.stage.keymaps().copy("Mine");
        assertThat(other.stage.keymaps().canUndo()).isTrue();
        assertThat(merge("keymap", base, ThreeWayMerge.Prefers.NEITHER).taken()).isTrue();
        assertThat(other.stage.keymaps().canUndo()).isFalse();
    }

    private static void bind(Hand h, String id, String key) {
        var keymap = h.stage.keymap();
        h.stage.use(keymap.with(id, Trigger.key(key), 0));
    }

    private static Trigger trigger(Hand h, String id) {
        return h.stage.keymap().binding(id).trigger();
    }

    @Example
    void pinsOfBothWindowsAreThere() {
        Map<String, Object> base = document(other, "pins");
        one.run("pin.add", null, "name", "From here");
        other.run("pin.add", null, "name", "From there");
        assertThat(merge("pins", base, ThreeWayMerge.Prefers.NEITHER).taken()).isTrue();
        assertThat(other.stage.parts.pins.list().stream().map(Pins.Pin::name))
                .containsExactlyInAnyOrder("From here", "From there");
    }

    /** Whatever both do: what only one changed is there afterwards, in the same document on both sides, and merging again changes nothing. */
    @Property(tries = 200)
    void bothWindowsComeToTheSame(@ForAll @LongRange(min = 0, max = 1_000_000_000) long seed) {
        Random r = new Random(seed);
        Map<String, Object> base = document(other, "habits");
        Map<String, Object> boards = document(other, "boards");
        for (int i = r.nextInt(6); i >= 0; i--) {
            any(r.nextBoolean() ? one : other, r);
        }
        assertThat(merge("habits", base, ThreeWayMerge.Prefers.MINE).taken()).isTrue();
        assertThat(merge("boards", boards, ThreeWayMerge.Prefers.MINE).taken()).isTrue();
        Map<String, Object> here = document(other, "habits");
        Map<String, Object> tabs = document(other, "boards");
        MergeResult again = other.stage.merging().merge("boards", tabs, tabs, ThreeWayMerge.Prefers.NEITHER);
        assertThat(again.taken()).isTrue();
        assertThat(document(other, "boards")).isEqualTo(tabs);
        assertThat(one.stage
                        .merging()
                        .merge("habits", base, here, ThreeWayMerge.Prefers.THEIRS)
                        .taken())
                .isTrue();
        assertThat(document(one, "habits")).isEqualTo(here);
    }

    private static void any(Hand h, Random r) {
        switch (r.nextInt(6)) {
            case 0 -> h.habit("orbit.speed", 0.5 + r.nextInt(4));
            case 1 -> h.habit("orbit.invert-x", r.nextBoolean());
            case 2 -> h.run("board.add", null);
            case 3 -> h.run("board.rename", null, "name", "Board " + r.nextInt(100));
            case 4 -> h.run("board.delete", null);
            default -> h.run("board.next", null);
        }
        h.rest();
    }

    @Example
    void aDocumentThatCannotBeReadIsAskedAboutAsAWhole() {
        MergeResult m = other.stage
                .merging()
                .merge("keymap", Map.of(), Map.of("name", "Mine", "preset", "none"), ThreeWayMerge.Prefers.THEIRS);
        assertThat(m.taken()).isFalse();
        assertThat(m.twice()).isNotEmpty();
        assertThat(AllCommands.CATALOGUE).isNotNull();
    }
}
