package rhombus.core.stage.commands;

import static rhombus.core.keymap.BindingContext.RIM;
import static rhombus.core.keymap.BindingContext.ROSE;
import static rhombus.core.words.Messages.say;

import java.util.Map;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.Trigger;
import rhombus.core.navigate.DirectionTurns;
import rhombus.core.stage.marks.RoseMark;
import rhombus.core.stage.motion.OrbitMotion;
import rhombus.core.stage.motion.RollMotion;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.view.HomeViews;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Rose;
import rhombus.core.view.StandardDirection;
import rhombus.core.words.Messages;

/** The Rose: dragged to turn the view or roll it, clicked on, and walked over by keys. */
final class RoseArea {
    private final StageContext ground;
    private final ViewTransition going;
    private final DirectionCommands directions;

    private RoseArea(StageContext ground, Walking walking) {
        this.ground = ground;
        this.going = new ViewTransition(ground, walking);
        this.directions = new DirectionCommands(ground, going);
    }

    static CommandArea<RoseArea> area() {
        return new CommandArea<>(p -> new RoseArea(p.ground(), p.walking()), RoseArea::declare);
    }

    private static void declare(CommandDeclarations<RoseArea> d) {
        d.replays(true);
        d.group(say("group.pad-and-rose"));
        d.motion("rose.turn")
                .called(say("spoken.orbit"))
                .traits(CommandTrait.TURNS, CommandTrait.SNAPS)
                .on("rose-drag", Trigger.drag(MouseButtons.LEFT), 0, ROSE, say("hint.orbit"))
                .on("rose-pen", Trigger.pen(), 0, ROSE, say("hint.orbit"))
                .on("rose-touch", Trigger.touch(1), 0, ROSE, say("hint.orbit"))
                // A way from the middle of the chart to its rim is a right angle.
                .starts((a, g) -> OrbitMotion.byMark(
                        a.ground, g, Math.PI / 2 / RoseMark.of(g.view()).radius()));
        d.motion("rose.roll")
                .called(say("spoken.roll"))
                .traits(CommandTrait.SNAPS)
                .on("rim-drag", Trigger.drag(MouseButtons.LEFT), 0, RIM, say("hint.roll"))
                .on("rim-pen", Trigger.pen(), 0, RIM, say("hint.roll"))
                .on("rim-touch", Trigger.touch(1), 0, RIM, say("hint.roll"))
                .starts((a, g) -> {
                    RoseMark rose = RoseMark.of(g.view());
                    return RollMotion.around(a.ground, g, rose.x(), rose.y());
                });
        d.action("rose.go")
                .trail(say("trail.direction"))
                .on("rose-click", Trigger.click(MouseButtons.LEFT), 0, ROSE, say("hint.look-from-there"))
                .on("rose-double", Trigger.doubleClick(MouseButtons.LEFT), 0, ROSE, say("hint.look-from-there"))
                .told(RoseArea::told)
                .does(RoseArea::go);
        d.action("rose.menu")
                .on("rose-menu", Trigger.click(MouseButtons.RIGHT), 0, ROSE, say("hint.open-the-menu"))
                .does((a, c) -> a.ground.changes().application(c.command().id(), Map.of("view", c.view().id)));
        d.action("rose.step")
                .repeats()
                .choice("to", "left", "right", "up", "down")
                .does(RoseArea::step);
        d.action("rose.aim-here").joins().does(RoseArea::aimHere);
        d.action("rose.aim-away").joins().does((a, c) -> a.aim(c.view(), null));
    }

    private String told(CommandCall c) {
        String part = RoseMark.at(ground, c.view(), c.x(), c.y());
        return part == null || nothing(part) ? null : Messages.within(RoseMark.words(part, false));
    }

    /** Whether a click on a part does nothing. */
    private static boolean nothing(String part) {
        return switch (part) {
            case RoseMark.PAN, RoseMark.DOLLY, RoseMark.RIM, RoseMark.CHART -> true;
            default -> false;
        };
    }

    /** Goes where the pointer is on the Rose, or where the keyboard has chosen. */
    private void go(CommandCall c) {
        Viewport v = c.view();
        String part = v.roseAim != null && !c.inside() ? v.roseAim : RoseMark.at(ground, v, c.x(), c.y());
        if (part == null || nothing(part)) {
            return;
        }
        String deed = c.command().spoken().trail();
        switch (part) {
            case RoseMark.HOME -> going.fresh(v, HomeViews.of(v, ground.scene()), deed);
            case RoseMark.OPPOSITE ->
                going.to(
                        v,
                        DirectionTurns.opposite(v.destination(), ground.scene().up()),
                        "opposite");
            default -> directions.go(v, StandardDirection.named(part), false, false, deed);
        }
    }

    private void step(CommandCall c) {
        Viewport v = c.view();
        StandardDirection from = StandardDirection.named(v.roseAim == null ? "" : v.roseAim);
        from = from == null ? here(v) : from;
        aim(
                v,
                Rose.next(from, (int) c.aside(), (int) c.above(), ground.scene().up())
                        .name());
    }

    private void aimHere(CommandCall c) {
        ground.attention().activate(c.view());
        aim(c.view(), here(c.view()).name());
    }

    private StandardDirection here(Viewport v) {
        return StandardDirection.nearest(
                v.destination().orientation(), ground.scene().up());
    }

    private void aim(Viewport v, String at) {
        v.aim(at);
        ground.changes().view(v.number);
    }
}
