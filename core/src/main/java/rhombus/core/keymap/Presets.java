package rhombus.core.keymap;

import static rhombus.core.keymap.Context.APPLICATION;
import static rhombus.core.keymap.Context.FACET;
import static rhombus.core.keymap.Context.GESTURE;
import static rhombus.core.keymap.Context.GRIP;
import static rhombus.core.keymap.Context.HANDLE;
import static rhombus.core.keymap.Context.PAD;
import static rhombus.core.keymap.Context.STAGE;
import static rhombus.core.keymap.Context.TOOL;
import static rhombus.core.keymap.Context.WALK;
import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.CTRL;
import static rhombus.core.keymap.Modifiers.SHIFT;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.display.DisplayMode;

/** The read-only keymaps to start from. */
public final class Presets {
    /** For a mouse with three buttons. */
    public static final String RHOMBUS = "rhombus";
    /** One modifier and three buttons for orbit, pan and dolly (common practice, no source). */
    public static final String MODIFIER_DRAG = "modifier-drag";

    private static final int LEFT = 0;
    private static final int MIDDLE = 1;
    private static final int RIGHT = 2;

    private final List<Binding> list = new ArrayList<>();

    private Presets() {}

    /** Ids of all presets with their names. */
    public static Map<String, String> names() {
        Map<String, String> m = new java.util.LinkedHashMap<>();
        m.put(RHOMBUS, "Rhombus");
        m.put(MODIFIER_DRAG, "Modifier-drag");
        return m;
    }

    /** The bindings of a preset, or null. */
    public static List<Binding> bindings(String id) {
        if (!names().containsKey(id)) {
            return null;
        }
        Presets p = new Presets();
        if (id.equals(RHOMBUS)) {
            p.add("orbit-drag", Trigger.drag(RIGHT), 0, STAGE, "navigate.orbit", "orbit");
            p.add("pan-drag", Trigger.drag(MIDDLE), 0, STAGE, "navigate.pan", "pan");
        } else {
            p.add("orbit-drag", Trigger.drag(LEFT), ALT, STAGE, "navigate.orbit", "orbit");
            p.add("pan-drag", Trigger.drag(MIDDLE), ALT, STAGE, "navigate.pan", "pan");
            p.add("dolly-drag", Trigger.drag(RIGHT), ALT, STAGE, "navigate.dolly", "dolly");
        }
        p.shared();
        return List.copyOf(p.list);
    }

    private void shared() {
        motions();
        views();
        selecting();
        steps();
        rest();
    }

    private void motions() {
        add("dolly-wheel", Trigger.wheel(), 0, STAGE, "navigate.dolly-steps", "dolly");
        add("orbit-hold", Trigger.hold("KeyD"), 0, STAGE, "navigate.orbit", "orbit");
        add("pan-hold", Trigger.hold("KeyS"), 0, STAGE, "navigate.pan", "pan");
        add("dolly-hold", Trigger.hold("KeyA"), 0, STAGE, "navigate.dolly", "dolly");
        add("look-hold", Trigger.hold("KeyE"), 0, STAGE, "navigate.look", "look");
        add("roll-hold", Trigger.hold("KeyR"), 0, STAGE, "navigate.roll", "roll");
        add("zoom-hold", Trigger.hold("KeyL"), 0, STAGE, "navigate.zoom", "zoom");
        add("dolly-zoom-hold", Trigger.hold("KeyL"), SHIFT, STAGE, "navigate.dolly-zoom", "dolly-zoom");
        add("crop-hold", Trigger.hold("Period"), 0, STAGE, "navigate.crop", "crop");
        add("drive-hold", Trigger.hold("Space"), 0, STAGE, "navigate.drive", "drive");
        add("zoom-wheel", Trigger.wheel(), CTRL, STAGE, "navigate.zoom-steps", "zoom");
        add("crop-wheel", Trigger.wheel(), CTRL | SHIFT, STAGE, "navigate.crop-steps", "crop");
        add("dolly-all-wheel", Trigger.wheel(), SHIFT, STAGE, "navigate.dolly-all-steps", "dolly in all viewports");
        add("dolly-all-hold", Trigger.hold("KeyA"), SHIFT, STAGE, "navigate.dolly-all", "dolly in all viewports");
        add("centre", Trigger.doubleClick(LEFT), 0, STAGE, "view.centre-here", "centre here");
        add("pad", Trigger.key("KeyG"), 0, STAGE, "pad.open", "Pad");
        touch();
        marks();
        walk();
    }

    private void touch() {
        add("touch-one", Trigger.touch(1), 0, STAGE, "navigate.orbit", "orbit");
        add("touch-two", Trigger.touch(2), 0, STAGE, "navigate.pan", "pan");
        add("touch-three", Trigger.touch(3), 0, STAGE, "navigate.look", "look");
        add("touch-pinch", Trigger.pinch(), 0, STAGE, "navigate.dolly-steps", "dolly");
        add("touch-twist", Trigger.twist(), 0, STAGE, "navigate.roll-steps", "roll");
        add("pen", Trigger.pen(), 0, STAGE, "navigate.orbit", "orbit");
        add("pen-tool", Trigger.pen(), 0, TOOL, "tool.drag-free", "move the selected object");
        add("pen-handle", Trigger.pen(), 0, HANDLE, "tool.drag", "move along the axis");
    }

    /** What lies over the viewports: the Pad, the drag lozenges and the Facet. */
    private void marks() {
        add("grip-drag", Trigger.drag(LEFT), 0, GRIP, "grip.drag", "what the lozenge says");
        add("grip-pen", Trigger.pen(), 0, GRIP, "grip.drag", "what the lozenge says");
        add("grip-touch", Trigger.touch(1), 0, GRIP, "grip.drag", "what the lozenge says");
        add("grip-latch", Trigger.click(LEFT), 0, GRIP, "grip.latch", "take it up until the next click");
        add("grip-double", Trigger.doubleClick(LEFT), 0, GRIP, "grip.latch", "take it up until the next click");
        add("pad-close", Trigger.key("Escape"), 0, PAD, "pad.close", "close the Pad");
        add("facet-drag", Trigger.drag(LEFT), 0, FACET, "facet.turn", "orbit");
        add("facet-pen", Trigger.pen(), 0, FACET, "facet.turn", "orbit");
        add("facet-touch", Trigger.touch(1), 0, FACET, "facet.turn", "orbit");
        add("facet-click", Trigger.click(LEFT), 0, FACET, "facet.go", "look from there");
        add("facet-menu", Trigger.click(RIGHT), 0, FACET, "facet.menu", "open the menu");
        add("facet-double", Trigger.doubleClick(LEFT), 0, FACET, "facet.go", "look from there");
    }

    private void walk() {
        add("walk", Trigger.key("KeyW"), 0, STAGE, "walk.start", Map.of("key", true), "walk");
        add("fly", Trigger.key("KeyW"), SHIFT, STAGE, "walk.fly", Map.of("key", true), "fly");
        go("forward", "KeyW", "forward");
        go("left", "KeyA", "to the left");
        go("backward", "KeyS", "backward");
        go("right", "KeyD", "to the right");
        go("down", "KeyQ", "down");
        go("up", "KeyE", "up");
        add("walk-turn", Trigger.drag(LEFT), 0, WALK, "navigate.look", "look");
        add("walk-turn-right", Trigger.drag(RIGHT), 0, WALK, "navigate.look", "look");
        add("walk-turn-touch", Trigger.touch(1), 0, WALK, "navigate.look", "look");
        add("walk-turn-pen", Trigger.pen(), 0, WALK, "navigate.look", "look");
        add("walk-speed", Trigger.wheel(), 0, WALK, "walk.speed", "faster or slower");
        add("walk-leave", Trigger.key("Escape"), 0, WALK, "walk.leave", "leave and stay");
        add("walk-done", Trigger.key("Enter"), 0, WALK, "walk.leave", "leave and stay");
        add("walk-back", Trigger.key("Backspace"), 0, WALK, "walk.back", "back to the start");
        add("walk-faster", Trigger.key("Equal"), 0, WALK, "walk.step-speed", Map.of("to", "faster"), "faster");
        add("walk-slower", Trigger.key("Minus"), 0, WALK, "walk.step-speed", Map.of("to", "slower"), "slower");
        add("walk-turn-left", Trigger.key("ArrowLeft"), 0, WALK, "navigate.step-look", Map.of("to", "left"), "look left");
        add("walk-turn-right-key", Trigger.key("ArrowRight"), 0, WALK, "navigate.step-look", Map.of("to", "right"), "look right");
        add("walk-turn-up", Trigger.key("ArrowUp"), 0, WALK, "navigate.step-look", Map.of("to", "up"), "look up");
        add("walk-turn-down", Trigger.key("ArrowDown"), 0, WALK, "navigate.step-look", Map.of("to", "down"), "look down");
    }

    private void go(String to, String code, String words) {
        add("walk-" + to, Trigger.key(code), 0, WALK, "walk.go", Map.of("to", to), words);
    }

    /** In the order in which the hints name them: what is wanted most comes first. */
    private void views() {
        add("frame", Trigger.key("KeyF"), 0, STAGE, "view.frame-selection", "frame the selection");
        add("solo", Trigger.key("KeyQ"), 0, STAGE, "board.solo", "solo");
        add("pivot", Trigger.key("KeyV"), 0, STAGE, "pivot.set-here", "pin the pivot here");
        add("frame-everywhere", Trigger.key("KeyF"), ALT, STAGE, "view.frame-selection", Map.of("all", true), "frame in all viewports");
        add("frame-all", Trigger.key("KeyF"), SHIFT, STAGE, "view.frame-all", "frame all");
        add("home", Trigger.key("KeyH"), 0, STAGE, "view.home", "go home");
        add("set-home", Trigger.key("KeyH"), SHIFT, STAGE, "view.set-home", "set home to this view");
        axis("x", "KeyX", "right", "left");
        axis("y", "KeyY", "top", "bottom");
        axis("z", "KeyZ", "front", "back");
        add("opposite", Trigger.key("KeyO"), 0, STAGE, "view.opposite", "opposite side");
        add("quarter-left", Trigger.key("ArrowLeft"), ALT, STAGE, "view.quarter-roll", Map.of("to", "left"), "quarter roll left");
        add("quarter-right", Trigger.key("ArrowRight"), ALT, STAGE, "view.quarter-roll", Map.of("to", "right"), "quarter roll right");
        add("projection", Trigger.key("KeyP"), 0, STAGE, "view.toggle-projection", "perspective or flat");
        add("level", Trigger.key("KeyN"), 0, STAGE, "view.level", "level the horizon");
        for (DisplayMode m : DisplayMode.values()) {
            add("display-" + m.id(), Trigger.key("Digit" + m.digit()), 0, STAGE, "display.set", Map.of("mode", m.id()), m.label());
        }
        add("display-swap", Trigger.key("Digit0"), 0, STAGE, "display.swap", "swap the last two display modes");
        add("clear-deck", Trigger.key("KeyQ"), SHIFT, APPLICATION, "board.clear-deck", "clear deck");
        add("full-screen", Trigger.key("KeyQ"), ALT, APPLICATION, "app.full-screen", "full screen");
        add("next-board", Trigger.key("KeyB"), 0, APPLICATION, "board.next", "next board");
        add("previous-board", Trigger.key("KeyB"), SHIFT, APPLICATION, "board.previous", "board before");
        add("link-views", Trigger.key("KeyB"), ALT, APPLICATION, "board.link", "link flat views");
        add("pin", Trigger.key("KeyP"), SHIFT, STAGE, "pin.add", "pin this view");
        add("pin-board", Trigger.key("KeyP"), ALT, STAGE, "pin.add", Map.of("board", true), "pin the whole board");
        add("trail-strip", Trigger.key("Backspace"), ALT, APPLICATION, "app.trail", "show the Trail");
        add("snapshot", Trigger.key("KeyF"), CTRL | SHIFT, APPLICATION, "app.snapshot", "snapshot");
        add("trail-back", Trigger.key("Backspace"), 0, STAGE, "trail.back", "view before");
        add("trail-forward", Trigger.key("Backspace"), SHIFT, STAGE, "trail.forward", "next view");
        add("pivot-clear", Trigger.key("KeyV"), SHIFT, STAGE, "pivot.clear", "unpin the pivot");
        add("pivot-snap", Trigger.key("KeyV"), ALT, STAGE, "pivot.snap-here", "pin the pivot to a vertex, edge or face");
        add("aim", Trigger.key("KeyN"), SHIFT, STAGE, "view.aim", "aim at the selection");
        add("camera", Trigger.key("KeyC"), 0, STAGE, "camera.look-through", "look through the camera");
    }

    private void axis(String id, String code, String from, String other) {
        add("axis-" + id, Trigger.key(code), 0, STAGE, "view.direction", Map.of("to", from), "look from the " + from);
        add("axis-" + id + "-other", Trigger.key(code), SHIFT, STAGE, "view.direction", Map.of("to", other), "look from the " + other);
    }

    private void steps() {
        for (String side : List.of("Left", "Right", "Up", "Down")) {
            Map<String, Object> to = Map.of("to", side.toLowerCase());
            String words = " one step " + side.toLowerCase();
            add("step-orbit-" + side.toLowerCase(), Trigger.key("Arrow" + side), 0, STAGE, "navigate.step-orbit", to, "orbit" + words);
            add("step-pan-" + side.toLowerCase(), Trigger.key("Arrow" + side), SHIFT, STAGE, "navigate.step-pan", to, "pan" + words);
        }
        for (String side : List.of("Left", "Right", "Up", "Down")) {
            Map<String, Object> to = Map.of("to", side.toLowerCase());
            String words = " one step " + side.toLowerCase();
            add("step-look-" + side.toLowerCase(), Trigger.key("Arrow" + side), CTRL, STAGE, "navigate.step-look", to, "look" + words);
            add("step-crop-" + side.toLowerCase(), Trigger.key("Arrow" + side), CTRL | SHIFT, STAGE, "navigate.step-crop", to, "crop" + words);
        }
        pair("zoom", "Equal", "Minus", SHIFT, "in", "out", "zoom one step ");
        pair("dolly-zoom", "Equal", "Minus", ALT, "in", "out", "dolly-zoom one step ");
        pair("crop", "BracketRight", "BracketLeft", 0, "in", "out", "crop one step ");
        pair("roll", "Quote", "Semicolon", 0, "right", "left", "roll one step ");
        add("crop-reset", Trigger.key("Backslash"), 0, STAGE, "view.reset-crop", "picture as it is");
        add("step-dolly-in", Trigger.key("Equal"), 0, STAGE, "navigate.step-dolly", Map.of("to", "in"), "dolly one step in");
        add("step-dolly-out", Trigger.key("Minus"), 0, STAGE, "navigate.step-dolly", Map.of("to", "out"), "dolly one step out");
    }

    private void pair(String what, String more, String less, int mods, String in, String out, String words) {
        String command = "navigate.step-" + what;
        add("step-" + what + "-" + in, Trigger.key(more), mods, STAGE, command, Map.of("to", in), words + in);
        add("step-" + what + "-" + out, Trigger.key(less), mods, STAGE, command, Map.of("to", out), words + out);
    }

    private void selecting() {
        add("select", Trigger.click(LEFT), 0, STAGE, "select.pick", "select");
        add("select-add", Trigger.click(LEFT), SHIFT, STAGE, "select.add", "add to the selection");
        add("select-toggle", Trigger.click(LEFT), CTRL, STAGE, "select.toggle", "add or take away");
        add("activate", Trigger.click(LEFT), ALT, STAGE, "board.activate", "activate, select nothing");
        add("select-all", Trigger.key("KeyK"), 0, STAGE, "select.all", "select all");
        add("select-none", Trigger.key("KeyK"), SHIFT, STAGE, "select.none", "select none");
        add("select-invert", Trigger.key("KeyK"), ALT, STAGE, "select.invert", "select the others");
        add("select-through", Trigger.click(RIGHT), 0, STAGE, "select.through", "list what lies under the pointer");
        add("select-through-key", Trigger.key("KeyK"), CTRL, STAGE, "select.through", "list what lies under the pointer");
        add("marquee", Trigger.drag(LEFT), 0, STAGE, "select.marquee", "marquee");
        add("marquee-add", Trigger.drag(LEFT), SHIFT, STAGE, "select.marquee", Map.of("how", "add"), "marquee, add");
        add("marquee-toggle", Trigger.drag(LEFT), CTRL, STAGE, "select.marquee", Map.of("how", "toggle"), "marquee, add or take away");
        add("hide", Trigger.key("KeyI"), 0, STAGE, "object.hide", "hide");
        add("isolate", Trigger.key("KeyI"), SHIFT, STAGE, "object.isolate", "isolate");
        add("show-all", Trigger.key("KeyI"), ALT, STAGE, "object.show-all", "show all");
        add("group", Trigger.key("KeyJ"), SHIFT, STAGE, "object.group", "group");
        add("ungroup", Trigger.key("KeyJ"), ALT, STAGE, "object.ungroup", "ungroup");
        add("duplicate", Trigger.key("KeyM"), SHIFT, STAGE, "object.duplicate", "duplicate");
        add("delete", Trigger.key("Delete"), 0, STAGE, "object.delete", "delete");
        add("add", Trigger.key("Insert"), 0, STAGE, "app.add", "add something");
        add("add-key", Trigger.key("KeyM"), ALT, STAGE, "app.add", "add something");
    }

    private void rest() {
        add("move", Trigger.key("KeyM"), 0, STAGE, "tool.move", "move tool");
        add("rotate", Trigger.key("KeyT"), 0, STAGE, "tool.rotate", "rotate tool");
        add("scale", Trigger.key("KeyU"), 0, STAGE, "tool.scale", "scale tool");
        add("last-tool", Trigger.key("KeyJ"), 0, STAGE, "tool.last", "last tool, or none");
        add("tool-axes", Trigger.key("KeyT"), SHIFT, STAGE, "tool.axes", "next axes of the tool");
        add("tool-about", Trigger.key("KeyU"), SHIFT, STAGE, "tool.about", "next point the tool turns about");
        for (String side : List.of("Left", "Right", "Up", "Down")) {
            String to = side.toLowerCase();
            add("nudge-" + to, Trigger.key("Arrow" + side), 0, TOOL, "tool.nudge", Map.of("to", to), "step " + to);
            add("nudge-far-" + to, Trigger.key("Arrow" + side), SHIFT, TOOL, "tool.nudge", Map.of("to", to, "shift", true), "ten steps " + to);
            add("nudge-fine-" + to, Trigger.key("Arrow" + side), ALT, TOOL, "tool.nudge", Map.of("to", to, "alt", true), "a tenth of a step " + to);
        }
        add("tool-off", Trigger.key("Escape"), 0, TOOL, "tool.none", "put the tool away");
        add("handle-drag", Trigger.drag(LEFT), 0, HANDLE, "tool.drag", "drag the handle");
        add("cancel", Trigger.key("Escape"), 0, GESTURE, "gesture.cancel", "cancel the drag");
        add("undo", Trigger.key("KeyZ"), CTRL, APPLICATION, "edit.undo", "undo");
        add("redo", Trigger.key("KeyZ"), CTRL | SHIFT, APPLICATION, "edit.redo", "redo");
        add("redo-y", Trigger.key("KeyY"), CTRL, APPLICATION, "edit.redo", "redo");
        add("hints", Trigger.key("Slash"), SHIFT, APPLICATION, "app.hints", "show or hide the hints");
    }

    private void add(String id, Trigger t, int mods, Context c, String command, String words) {
        add(id, t, mods, c, command, Map.of(), words);
    }

    private void add(String id, Trigger t, int mods, Context c, String command, Map<String, Object> args, String words) {
        list.add(new Binding(id, t, mods, c, command, args, words));
    }
}
