package rhombus.core.stage.commands;

import static rhombus.core.words.Messages.say;

import java.util.List;
import rhombus.core.edit.SceneEdits;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;

/** The objects that a command is about: the named ones, or else the selected. */
final class CommandTargets {
    private static final int LONGEST_NAME = 200;

    private final StageContext ground;
    private final SubjectParts subject;

    CommandTargets(StageContext ground, SubjectParts subject) {
        this.ground = ground;
        this.subject = subject;
    }

    /** The named objects, or else the selected ones. */
    List<Integer> targets(CommandCall c) {
        return c.args().get("objects") == null ? subject.selection().nodes() : c.nodes(ground.scene(), "objects");
    }

    String names(List<Integer> nodes) {
        return nodes.size() == 1 ? ground.nameOf(nodes.get(0)) : say("chosen.objects", nodes.size());
    }

    /** Whether there is something to act on; if not, the user is told what to do. */
    boolean some(List<Integer> nodes, String otherwise) {
        if (nodes.isEmpty()) {
            ground.changes().notice(otherwise, null, null);
        }
        return !nodes.isEmpty();
    }

    void change(String name, Scene next, String otherwise) {
        if (!subject.editing().apply(name, next) && otherwise != null) {
            ground.changes().notice(otherwise, null, null);
        }
    }

    void added(String name, SceneEdits.Added a) {
        subject.editing().apply(name, a.scene());
        select(a);
    }

    void select(SceneEdits.Added a) {
        subject.selection().only(a.nodes());
        subject.selection().changed();
    }

    /** A name on one line, without what cannot be seen, cut to a length that fits a row of a list. */
    static String clean(String name) {
        StringBuilder s = new StringBuilder();
        for (int i = 0; i < name.length() && s.length() < LONGEST_NAME; i++) {
            char c = name.charAt(i);
            s.append(c < ' ' || c == 0x7F ? ' ' : c);
        }
        return s.toString().trim();
    }
}
