package rhombus.core.edit;

import java.util.LinkedHashMap;
import java.util.Map;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneSetup;

/**
 * One change of the scene: what the nodes it touches were before and are after.
 *
 * @param name what was done, as it is shown
 * @param before nodes before, by number; nodes that were added are missing
 * @param after nodes after, by number
 * @param setupBefore what belonged to the scene as a whole
 * @param setupAfter the same after; the same object where it did not change
 * @param how what was done to the nodes, where that is told more briefly than what came of it; else null
 */
public record Edit(
        String name,
        Map<Integer, Node> before,
        Map<Integer, Node> after,
        SceneSetup setupBefore,
        SceneSetup setupAfter,
        EditOperation how) {

    /** What changed between two states of a scene, or null if nothing did. */
    public static Edit between(String name, Scene from, Scene to) {
        Map<Integer, Node> before = new LinkedHashMap<>();
        Map<Integer, Node> after = new LinkedHashMap<>();
        for (int i = 0; i < to.count(); i++) {
            Node was = i < from.count() ? from.node(i) : null;
            if (was != to.node(i)) {
                if (was != null) {
                    before.put(i, was);
                }
                after.put(i, to.node(i));
            }
        }
        boolean same = from.setup().equals(to.setup());
        if (after.isEmpty() && same) {
            return null;
        }
        return new Edit(name, before, after, from.setup(), same ? from.setup() : to.setup(), null);
    }

    /** The same, known to come of an operation. */
    public Edit by(EditOperation operation) {
        return new Edit(name, before, after, setupBefore, setupAfter, operation);
    }

    /** The scene before, made from the one after. What was added stays in its place, gone. */
    public Scene undone(Scene s) {
        Map<Integer, Node> back = new LinkedHashMap<>(before);
        after.forEach((i, n) -> back.putIfAbsent(i, n.withGone(true)));
        return with(s.withNodes(back), setupBefore);
    }

    /** The scene after, made from the one before. */
    public Scene done(Scene s) {
        return with(s.withNodes(after), setupAfter);
    }

    private static Scene with(Scene s, SceneSetup setup) {
        return s.setup().equals(setup) ? s : s.withSetup(setup);
    }
}
