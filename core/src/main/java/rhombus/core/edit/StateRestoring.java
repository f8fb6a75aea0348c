package rhombus.core.edit;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;

/** Puts the objects of one state of a scene in place of those of another, where numbers of added objects may differ. */
public final class StateRestoring {
    private StateRestoring() {}

    /** The present scene made to hold what another state of it held. */
    public static Scene over(Scene now, Scene then) {
        Map<Integer, Integer> number = new HashMap<>();
        int next = now.count();
        for (int i = 0; i < then.count(); i++) {
            int at = now.everIndexOf(then.node(i).id());
            number.put(i, at >= 0 ? at : next++);
        }
        Scene s = now;
        Map<Integer, Node> changed = new LinkedHashMap<>();
        for (int i = 0; i < now.count(); i++) {
            if (then.everIndexOf(now.node(i).id()) < 0 && !now.node(i).gone()) {
                changed.put(i, now.node(i).withGone(true));
            }
        }
        for (int i = 0; i < then.count(); i++) {
            Node n = then.node(i);
            List<Integer> meshes = n.meshes();
            if (n.shape() != null) {
                SceneEdits.Made made = SceneEdits.meshes(s, n.shape());
                s = made.scene();
                meshes = made.meshes();
            }
            Node placed = n.withParent(n.parent() < 0 ? -1 : number.get(n.parent()), n.local())
                    .withShape(n.shape(), meshes);
            int at = number.get(i);
            if (at >= now.count() || !placed.equals(now.node(at))) {
                changed.put(at, placed);
            }
        }
        s = s.withNodes(changed);
        return s.setup().equals(then.setup()) ? s : s.withSetup(then.setup());
    }
}
