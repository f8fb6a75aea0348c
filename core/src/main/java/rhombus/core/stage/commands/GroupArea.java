package rhombus.core.stage.commands;

import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.List;
import rhombus.core.edit.SceneEdits;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;

/** Groups: what hangs below what. */
final class GroupArea {
    private final StageContext ground;
    private final CommandTargets chosen;

    private GroupArea(StageContext ground, SubjectParts subject) {
        this.ground = ground;
        this.chosen = new CommandTargets(ground, subject);
    }

    static CommandArea<GroupArea> area() {
        return new CommandArea<>(p -> new GroupArea(p.ground(), p.subject()), GroupArea::declare);
    }

    private static void declare(CommandDeclarations<GroupArea> d) {
        d.group(say("group.objects"));
        d.action("object.group")
                .texts("objects")
                .key("group", "KeyJ", SHIFT, say("hint.group"))
                .does(GroupArea::group);
        d.action("object.ungroup")
                .texts("objects")
                .key("ungroup", "KeyJ", ALT, say("hint.ungroup"))
                .does(GroupArea::ungroup);
        d.action("object.regroup")
                .texts("objects")
                .text("parent")
                .does((a, c) -> a.regroup(a.chosen.targets(c), c.text("parent")));
    }

    private void group(CommandCall c) {
        List<Integer> nodes = chosen.targets(c);
        if (chosen.some(nodes, say("group-area.select-what-the-group-shall"))) {
            chosen.added(
                    say("group-area.group", chosen.names(nodes)),
                    SceneEdits.group(ground.scene(), nodes, say("group.group")));
        }
    }

    private void ungroup(CommandCall c) {
        Scene s = ground.scene();
        List<Integer> nodes = chosen.targets(c);
        List<Integer> groups = nodes.stream()
                .filter(n -> !s.children(n).isEmpty() && s.node(n).meshes().isEmpty())
                .toList();
        if (chosen.some(groups, say("group-area.select-a-group-to-take"))) {
            chosen.added(say("group-area.ungroup", chosen.names(nodes)), SceneEdits.ungroup(s, groups));
        }
    }

    private void regroup(List<Integer> nodes, String to) {
        int parent = ground.scene().indexOf(to);
        try {
            chosen.change(
                    say("group-area.regroup", chosen.names(nodes)),
                    SceneEdits.regroup(ground.scene(), nodes, to.isEmpty() ? -1 : parent),
                    null);
        } catch (IllegalArgumentException e) {
            ground.changes().notice(e.getMessage(), null, null);
        }
    }
}
