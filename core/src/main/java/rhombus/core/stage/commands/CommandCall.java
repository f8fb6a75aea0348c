package rhombus.core.stage.commands;

import java.util.List;
import java.util.Map;
import rhombus.core.keymap.Command;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Scene;
import rhombus.core.stage.view.Viewport;

/**
 * A command that is run.
 *
 * @param command that is run
 * @param args what it was told; they have been checked
 * @param view the viewport it is run on
 * @param x pointer in the viewport, pixels from its left; NaN where it is elsewhere
 * @param y pixels from its top
 */
record CommandCall(Command command, Map<String, Object> args, Viewport view, double x, double y) {
    /** Whether the pointer is in the viewport. */
    boolean inside() {
        return !Double.isNaN(x);
    }

    /** The pointer, or the viewport's middle. */
    double xOrMiddle() {
        return inside() ? x : view.width / 2;
    }

    /** The pointer, or the viewport's middle. */
    double yOrMiddle() {
        return inside() ? y : view.height / 2;
    }

    /** Text that was told, or empty. */
    String text(String name) {
        return PlainData.text(args.get(name), "");
    }

    /** Where to, or empty. */
    String to() {
        return text("to");
    }

    /** A number that was told. */
    double number(String name, double otherwise) {
        return PlainData.number(args.get(name), otherwise);
    }

    /** A whole number that was told. */
    int whole(String name, int otherwise) {
        return PlainData.whole(args.get(name), otherwise);
    }

    /** Whether something is to be. */
    boolean truth(String name, boolean otherwise) {
        return PlainData.truth(args.get(name), otherwise);
    }

    /** The place that was told, by a word for one before or one after, or by its number. */
    int place(String before, String after, int at) {
        return to().equals(before) ? at - 1 : to().equals(after) ? at + 1 : whole("to", at);
    }

    /** The nodes that were told, by their ids; what is not in the scene is passed over. */
    List<Integer> nodes(Scene scene, String name) {
        return PlainData.list(args.get(name)).stream()
                .map(o -> scene.indexOf(PlainData.text(o, "")))
                .filter(n -> n >= 0)
                .toList();
    }

    /** What the Trail says of it. */
    String deed() {
        return command.spoken().trail();
    }

    /** The same on another point. */
    CommandCall at(double px, double py) {
        return new CommandCall(command, args, view, px, py);
    }

    /** -1 to the left, 1 to the right, else 0. */
    double aside() {
        return to().equals("left") ? -1 : to().equals("right") ? 1 : 0;
    }

    /** 1 up, -1 down, else 0. */
    double above() {
        return to().equals("up") ? 1 : to().equals("down") ? -1 : 0;
    }

    /** -1 out, else 1. */
    double inward() {
        return to().equals("out") ? -1 : 1;
    }
}
