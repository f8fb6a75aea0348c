package rhombus.core.stage.commands;

import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.Map;
import java.util.function.BiConsumer;
import java.util.function.BiPredicate;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.boards.BoardAddress;
import rhombus.core.stage.boards.Boards;
import rhombus.core.stage.boards.Pins;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.StoredView;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;

/** Viewpoints that are kept, and the way to them. */
final class PinArea {
    private final StageContext ground;
    private final Boards boards;
    private final Pins pins;
    private final ViewTransition going;

    private PinArea(StageContext ground, Boards boards, Pins pins, Walking walking) {
        this.ground = ground;
        this.boards = boards;
        this.pins = pins;
        this.going = new ViewTransition(ground, walking);
    }

    static CommandArea<PinArea> area() {
        return new CommandArea<>(p -> new PinArea(p.ground(), p.boards(), p.pins(), p.walking()), PinArea::declare);
    }

    private static void declare(CommandDeclarations<PinArea> d) {
        d.group(say("group.pins"));
        d.action("pin.add")
                .truth("board")
                .text("name")
                .key("pin", "KeyP", SHIFT, say("hint.pin-this-view"))
                .key("pin-board", "KeyP", ALT, Map.of("board", true), say("hint.pin-the-whole-board"))
                .does((a, c) -> a.pins.add(c.view(), c.truth("board", false), c.text("name")));
        of(d, "pin.go").tries(on((a, c) -> a.go(a.pin(c), c.view())));
        of(d, "pin.update").tries(on((a, c) -> a.pins.update(a.pin(c), c.view())));
        of(d, "pin.rename")
                .text("name")
                .tries(on((a, c) ->
                        a.pins.rename(a.pin(c), PlainData.text(c.args().get("name"), null))));
        of(d, "pin.move")
                .place("to", "earlier", "later")
                .tries(on((a, c) -> a.pins.move(
                        a.pin(c), c.place("earlier", "later", a.pins.list().indexOf(a.pin(c))))));
        of(d, "pin.delete").tries(on((a, c) -> a.pins.delete(a.pin(c))));
        d.action("pin.restore").does((a, c) -> a.pins.restore());
    }

    private static CommandSpec<PinArea> of(CommandDeclarations<PinArea> d, String id) {
        return d.action(id).needs("pin");
    }

    /** Does something to a Pin that there is. */
    private static BiPredicate<PinArea, CommandCall> on(BiConsumer<PinArea, CommandCall> what) {
        return (a, c) -> {
            boolean known = a.pin(c) != null;
            if (known) {
                what.accept(a, c);
            }
            return known;
        };
    }

    private Pins.Pin pin(CommandCall c) {
        return pins.named(c.text("pin"));
    }

    private void go(Pins.Pin pin, Viewport v) {
        if (pin.board()) {
            boards.before(say("pin-area.go-to", pin.name()), true);
            BoardAddress.show(ground, boards, boards.current(), pin.look());
            ground.changes()
                    .notice(
                            say("pin-area.this-board-shows", pin.name()),
                            say("pin-area.as-it-was-before"),
                            "board.undo");
        } else {
            look(v, pin.look());
        }
    }

    /** Goes to a stored view as one step: its pose and crop, or its camera. */
    private void look(Viewport v, Map<String, Object> look) {
        String camera = PlainData.text(look.get("camera"), "");
        if (!camera.isEmpty() && CameraViews.through(ground, v, camera)) {
            return;
        }
        Pose to = StoredView.pose(look.get("pose"));
        if (to == null) {
            return;
        }
        going.free(v, to, say("trail.to-a-pin"));
        double[] crop = PlainData.numbers(look.get("crop"), 3);
        if (crop != null && crop[0] > 0) {
            ground.navigator().crop(v, new Crop(crop[0], crop[1], crop[2]));
        }
    }
}
