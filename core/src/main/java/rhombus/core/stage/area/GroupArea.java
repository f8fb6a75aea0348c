package rhombus.core.stage.area;

import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.SHIFT;

import java.util.List;
import rhombus.core.edit.SceneEdits;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.view.Ground;

/** Groups: what hangs below what. */
final class GroupArea {
    private final Ground ground;
    private final Chosen chosen;

    private GroupArea(Ground ground, Subject subject) {
        this.ground = ground;
        this.chosen = new Chosen(ground, subject);
    }

    static Area<GroupArea> area() {
        return new Area<>(p -> new GroupArea(p.ground(), p.subject()), GroupArea::declare);
    }

    private static void declare(Declare<GroupArea> d) {
        d.group("Objects");
        d.action("object.group", "Group")
                .texts("objects")
                .key("group", "KeyJ", SHIFT, "group")
                .does(GroupArea::group);
        d.action("object.ungroup", "Ungroup")
                .texts("objects")
                .key("ungroup", "KeyJ", ALT, "ungroup")
                .does(GroupArea::ungroup);
        d.action("object.regroup", "Put below another group")
                .texts("objects")
                .text("parent")
                .does((a, c) -> a.regroup(a.chosen.targets(c), c.text("parent")));
    }

    private void group(Call c) {
        List<Integer> nodes = chosen.targets(c);
        if (chosen.some(nodes, "Select what the group shall hold.")) {
            chosen.added("Group " + chosen.names(nodes), SceneEdits.group(ground.scene(), nodes, "Group"));
        }
    }

    private void ungroup(Call c) {
        Scene s = ground.scene();
        List<Integer> nodes = chosen.targets(c);
        List<Integer> groups = nodes.stream()
                .filter(n -> !s.children(n).isEmpty() && s.node(n).meshes().isEmpty())
                .toList();
        if (chosen.some(groups, "Select a group to take it apart.")) {
            chosen.added("Ungroup " + chosen.names(nodes), SceneEdits.ungroup(s, groups));
        }
    }

    private void regroup(List<Integer> nodes, String to) {
        int parent = ground.scene().indexOf(to);
        try {
            chosen.change(
                    "Regroup " + chosen.names(nodes),
                    SceneEdits.regroup(ground.scene(), nodes, to.isEmpty() ? -1 : parent),
                    null);
        } catch (IllegalArgumentException e) {
            ground.changes().notice(e.getMessage(), null, null);
        }
    }
}
