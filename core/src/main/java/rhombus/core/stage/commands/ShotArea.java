package rhombus.core.stage.commands;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.optics.PictureFormat;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneSetup;
import rhombus.core.stage.subject.CompositionGuides;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.SentenceWords;
import rhombus.core.stage.view.StageContext;

/** The final picture of the scene, its guides, and the list of its cameras. */
final class ShotArea {
    private final StageContext ground;
    private final SubjectParts subject;

    private ShotArea(StageContext ground, SubjectParts subject) {
        this.ground = ground;
        this.subject = subject;
    }

    static CommandArea<ShotArea> area() {
        return new CommandArea<>(p -> new ShotArea(p.ground(), p.subject()), ShotArea::declare);
    }

    private static void declare(CommandDeclarations<ShotArea> d) {
        d.group(say("group.cameras"));
        d.action("scene.picture")
                .traits(CommandTrait.TOLD)
                .text("size")
                .typed("width", "height", "aspect")
                .does(ShotArea::picture);
        d.action("scene.guides")
                .traits(CommandTrait.TOLD)
                .typed("down", "across")
                .does(ShotArea::guides);
        d.action("camera.activate").text("camera").truth("on").does(ShotArea::activate);
        d.action("camera.order").text("camera").place("to", "up", "down").does(ShotArea::order);
    }

    private SceneSetup setup() {
        return ground.scene().setup();
    }

    private void picture(CommandCall c) {
        Scene s = ground.scene();
        PictureFormat is = setup().picture();
        PictureFormat named = PictureFormat.named(c.text("size"));
        try {
            PictureFormat to = named != null ? named : typed(c, is);
            if (!to.equals(is)) {
                subject.editing()
                        .apply(say("shot-area.set-the-picture-to", to.width(), to.height()), s.withPicture(to));
            }
        } catch (IllegalArgumentException e) {
            ground.changes().notice(say("shot-area.the-old-size-stays", e.getMessage()), null, null);
        }
    }

    /** A shape that is typed keeps the height. */
    private PictureFormat typed(CommandCall c, PictureFormat is) {
        double width = ground.typed().whole(c.args().get("width"), is.width());
        double height = ground.typed().whole(c.args().get("height"), is.height());
        double aspect = ground.typed().number(c.args().get("aspect"), is.aspect());
        if (aspect != is.aspect()) {
            width = Math.rint(height * aspect);
        }
        return new PictureFormat(whole(width), whole(height));
    }

    /** What no picture is so wide counts as too wide. */
    private static int whole(double v) {
        return (int) Math.max(0, Math.min(1e6, v));
    }

    private void guides(CommandCall c) {
        SceneSetup is = setup();
        try {
            List<Double> down = places(c, "down", is.down(), is.picture().width());
            List<Double> across = places(c, "across", is.across(), is.picture().height());
            if (!down.equals(is.down()) || !across.equals(is.across())) {
                subject.editing()
                        .apply(say("shot-area.set-guides"), ground.scene().withSetup(is.withGuides(down, across)));
            }
        } catch (IllegalArgumentException e) {
            ground.changes().notice(say("shot-area.the-old-guides-stay", e.getMessage()), null, null);
        }
    }

    /** Places that are typed; a step by a key means nothing here. */
    private static List<Double> places(CommandCall c, String key, List<Double> is, int pixels) {
        return c.args().get(key) instanceof String text ? CompositionGuides.read(text, pixels) : is;
    }

    private void activate(CommandCall c) {
        String id = c.text("camera").isEmpty() ? c.view().camera : c.text("camera");
        int node = id == null ? -1 : ground.scene().indexOf(id);
        if (node < 0 || ground.scene().node(node).camera() == null) {
            ground.changes().notice(say("shot-area.look-through-a-camera-or"), null, null);
            return;
        }
        boolean on = c.truth("on", !id.equals(setup().active()));
        String name = ground.nameOf(node);
        subject.editing()
                .apply(
                        on ? say("shot-area.mark-active", name) : say("shot-area.mark-no-camera-active"),
                        ground.scene().withSetup(setup().withActive(on ? id : null)));
        ground.changes()
                .notice(
                        on
                                ? say("shot-area.is-the-active-camera-the", SentenceWords.capital(name))
                                : say("shot-area.no-camera-is-active"),
                        null,
                        null);
    }

    private void order(CommandCall c) {
        Scene s = ground.scene();
        List<String> ids =
                new ArrayList<>(s.cameras().stream().map(i -> s.node(i).id()).toList());
        int at = ids.indexOf(c.text("camera"));
        if (at < 0) {
            ground.changes().notice(say("shot-area.this-scene-has-no-such"), null, null);
            return;
        }
        int to = Math.max(0, Math.min(ids.size() - 1, c.place("up", "down", at)));
        if (to == at) {
            return;
        }
        ids.add(to, ids.remove(at));
        subject.editing()
                .apply(
                        say("shot-area.move-in-the-list", ground.nameOf(s.indexOf(ids.get(to)))),
                        s.withSetup(s.setup().withOrder(ids)));
    }
}
