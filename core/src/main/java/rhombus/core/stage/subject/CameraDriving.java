package rhombus.core.stage.subject;

import static rhombus.core.words.Messages.say;

import java.util.List;
import rhombus.core.edit.SceneEdits;
import rhombus.core.edit.Transforms;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.ViewFollowers;
import rhombus.core.stage.view.Viewport;

/** Cameras that are driven: where their viewport goes, they go, and each gesture is one step that can be undone. */
public final class CameraDriving implements ViewFollowers {
    private final StageContext ground;
    private final SceneEditor editing;
    /** The scene before what is being done, or null where no camera has moved since the last step. */
    private Scene before;
    /** The scene as it was left here: another one means that somebody else has changed it since. */
    private Scene left;

    private String name;
    private boolean quiet;

    CameraDriving(StageContext ground, SceneEditor editing) {
        this.ground = ground;
        this.editing = editing;
        editing.settledBy(this::settle);
    }

    /** The viewport has moved: the camera goes along. */
    @Override
    public void moved(Viewport v) {
        if (quiet || !v.driven) {
            return;
        }
        Scene s = ground.scene();
        int node = s.indexOf(v.camera);
        if (node < 0) {
            return;
        }
        Scene from = before != null && left == s ? before : s;
        Scene next = SceneEdits.each(s, List.of(node), n -> at(from, node, v));
        if (next == s) {
            return;
        }
        before = from;
        name = say("driving.drive", ground.nameOf(node));
        CameraViews.lead(v, () -> editing.live(next));
        left = ground.scene();
    }

    /**
     * The camera where the viewport looks from, with its lens. It is made from what it was before the gesture: rounding does
     * not add up, and a viewport that comes back brings its camera back to the last bit.
     */
    private static Node at(Scene from, int node, Viewport v) {
        Node was = from.node(node);
        SceneCamera lens = CameraViews.lens(from.camera(node), v.pose.projection(), v.aspect())
                .withShapeOf(was.camera());
        double[] local = Transforms.standing(from, node, v.pose.eye(), v.pose.orientation());
        Node seen = lens.equals(was.camera()) ? was : was.withCamera(lens);
        return local == was.local() ? seen : seen.withLocal(local);
    }

    /** A gesture or a glide is over: what it moved is one step. */
    @Override
    public void remember(Viewport v) {
        step();
    }

    /** What was moved since the last step is one that can be undone; gives false if nothing was. */
    public boolean step() {
        Scene from = before;
        boolean mine = from != null && left == ground.scene();
        before = null;
        left = null;
        return mine && editing.done(name);
    }

    /** Cameras that glide stop where they are, as one step: something else takes hold of the scene. It is not changed here. */
    public void settle() {
        for (Viewport v : ground.board().views) {
            if (v.driven) {
                ground.navigator().hold(v);
                if (v.wheel != null) {
                    v.wheel.end();
                }
            }
        }
        step();
    }

    /** Puts viewports somewhere without taking cameras along. */
    public void quietly(Runnable what) {
        quiet = true;
        try {
            what.run();
        } finally {
            quiet = false;
            // What was taken back is as it was; what was done before it still counts.
            left = before == null ? null : ground.scene();
        }
    }
}
