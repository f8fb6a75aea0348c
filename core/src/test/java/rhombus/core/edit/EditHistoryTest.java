package rhombus.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import rhombus.core.scene.SceneSetup;

class EditHistoryTest {
    private static Edit edit(int i) {
        return new Edit("Step " + i, Map.of(), Map.of(), SceneSetup.USUAL, SceneSetup.USUAL, null);
    }

    /** Against a plain list with a cursor: 0 and 1 add, 2 undoes, 3 redoes. */
    @Property(tries = 1000)
    void undoAndRedoWalkUpAndDownTheList(@ForAll @Size(max = 60) List<@IntRange(max = 3) Integer> moves) {
        EditHistory history = new EditHistory();
        List<Edit> model = new ArrayList<>();
        int at = 0;
        for (int i = 0; i < moves.size(); i++) {
            if (moves.get(i) < 2) {
                Edit e = edit(i);
                history.add(e);
                model.subList(at, model.size()).clear();
                model.add(e);
                at++;
            } else if (moves.get(i) == 2) {
                assertThat(history.undo()).isSameAs(at > 0 ? model.get(at - 1) : null);
                at = Math.max(0, at - 1);
            } else {
                assertThat(history.redo()).isSameAs(at < model.size() ? model.get(at) : null);
                at = Math.min(model.size(), at + 1);
            }
            assertThat(history.undoName()).isEqualTo(at > 0 ? model.get(at - 1).name() : null);
            assertThat(history.redoName())
                    .isEqualTo(at < model.size() ? model.get(at).name() : null);
        }
    }

    @Example
    void fiveHundredStepsAreKept() {
        EditHistory history = new EditHistory();
        for (int i = 0; i < 600; i++) {
            history.add(edit(i));
        }
        int undone = 0;
        while (history.undo() != null) {
            undone++;
        }
        assertThat(undone).isEqualTo(EditHistory.DEPTH);
    }
}
