package rhombus.core.keymap;

import java.util.LinkedHashMap;
import java.util.Map;
import rhombus.core.keymap.Command.Sort;

/** All commands, in the order in which they are listed. */
public final class Commands {
    private static final Map<String, Command> ALL = new LinkedHashMap<>();
    private static String heading = "";

    static {
        group("Move the view");
        essential("navigate.orbit", "Orbit", Sort.MOTION);
        essential("navigate.pan", "Pan", Sort.MOTION);
        motion("navigate.dolly", "Dolly by dragging");
        essential("navigate.dolly-steps", "Dolly to the point under the pointer", Sort.STEPS);
        motion("navigate.dolly-all", "Dolly in all viewports by dragging");
        steps("navigate.dolly-all-steps", "Dolly in all viewports");
        motion("navigate.look", "Look: turn on the spot");
        motion("navigate.roll", "Roll");
        steps("navigate.roll-steps", "Roll by steps");
        motion("navigate.drive", "Drive");
        repeating("navigate.step-orbit", "Orbit one step");
        repeating("navigate.step-pan", "Pan one step");
        repeating("navigate.step-dolly", "Dolly one step");
        repeating("navigate.step-look", "Look one step aside");
        repeating("navigate.step-roll", "Roll one step");
        action("view.centre-here", "Centre the point under the pointer");
        group("Lens and crop");
        motion("navigate.zoom", "Zoom the lens");
        steps("navigate.zoom-steps", "Zoom the lens by steps");
        repeating("navigate.step-zoom", "Zoom the lens one step");
        motion("navigate.dolly-zoom", "Dolly-zoom: lens and distance together");
        repeating("navigate.step-dolly-zoom", "Dolly-zoom one step");
        motion("navigate.crop", "Crop: pan the picture");
        steps("navigate.crop-steps", "Crop: zoom the picture");
        repeating("navigate.step-crop", "Crop one step");
        action("view.reset-crop", "Show the picture as it is");
        group("Walk and fly");
        action("walk.start", "Walk, or leave the walk");
        action("walk.fly", "Fly, or leave the flight");
        held("walk.go", "Go");
        steps("walk.speed", "Walk faster or slower");
        repeating("walk.step-speed", "Walk faster or slower by a step");
        action("walk.stick", "Hold the walk stick");
        action("walk.leave", "Leave the walk and stay");
        action("walk.back", "Leave the walk and go back to its start");
        group("Pad and Facet");
        held("pad.open", "Open the Pad");
        action("pad.close", "Close the Pad");
        motion("grip.drag", "Drag a lozenge");
        action("grip.latch", "Take a lozenge's motion up until the next click");
        motion("facet.turn", "Turn the Facet");
        action("facet.go", "Go where the Facet points");
        action("facet.menu", "Open the Facet's menu");
        repeating("facet.step", "Choose the next direction on the Facet");
        action("facet.aim-here", "Choose the present direction on the Facet");
        action("facet.aim-away", "Choose nothing on the Facet");
        group("Frame");
        essential("view.frame-selection", "Frame the selection, again for wider", Sort.ACTION);
        action("view.frame-all", "Frame all");
        action("view.frame-everything", "Frame all, far objects too");
        action("view.aim", "Aim at the selection without moving");
        action("view.set", "Give the view typed numbers");
        action("view.home", "Go home");
        action("view.set-home", "Set home to this view");
        action("view.reset-home", "Put home back");
        group("Direction");
        action("view.direction", "Look along an axis");
        action("view.opposite", "Look from the opposite side");
        action("view.quarter-roll", "Quarter roll");
        action("view.toggle-projection", "Perspective or flat");
        action("view.level", "Level the horizon");
        action("view.scout", "Free perspective view");
        action("view.free-flat", "Free flat view");
        group("Display");
        action("display.set", "Choose a display mode");
        action("display.swap", "Swap the last two display modes");
        action("display.overlay", "Show or hide an overlay");
        group("Board");
        action("board.solo", "Solo the viewport, or bring all back");
        action("board.clear-deck", "Clear deck: viewports only");
        action("board.activate", "Make the viewport active");
        action("board.next", "Next board");
        action("board.previous", "Board before");
        action("board.go", "Go to a board");
        action("board.add", "Add a board like this one");
        action("board.duplicate", "Duplicate a board");
        action("board.rename", "Rename a board");
        action("board.move", "Move a board's tab");
        action("board.delete", "Delete a board");
        action("board.keep", "Keep a board that came with an address");
        action("board.undo", "Take the last change of boards back");
        action("board.use-for-new-scenes", "Start new scenes with these views");
        action("board.link", "Link the flat views, or let them go");
        action("board.arrange", "Arrange the viewports");
        action("board.split", "Split the viewport");
        action("board.close", "Close the viewport");
        action("board.swap", "Swap two viewports");
        action("board.drag-border", "Drag a border");
        repeating("board.step-border", "Move a border one step");
        action("board.even", "Even out the viewports along a border");
        action("app.full-screen", "Full screen");
        action("app.copy-link", "Copy an address of these views");
        action("app.snapshot", "Take a snapshot");
        group("Trail");
        essential("trail.back", "Back to the view before", Sort.ACTION);
        action("trail.forward", "Forward to the next view");
        action("trail.go", "Go to a view of the Trail");
        action("app.trail", "Show or hide the Trail");
        group("Pins");
        action("pin.add", "Pin this view");
        action("pin.go", "Go to a Pin");
        action("pin.update", "Put this view in a Pin's place");
        action("pin.rename", "Rename a Pin");
        action("pin.move", "Move a Pin");
        action("pin.delete", "Delete a Pin");
        action("pin.restore", "Bring the last deleted Pin back");
        group("Pivot");
        action("pivot.set-here", "Pin the pivot here");
        action("pivot.snap-here", "Pin the pivot to the nearest vertex, edge middle or face centre");
        action("pivot.set-at", "Pin the pivot at typed coordinates");
        action("pivot.set-selection", "Pin the pivot to the middle of the selection");
        action("pivot.clear", "Unpin the pivot");
        action("pivot.ladder", "Order the pivot ladder");
        group("Cameras");
        action("camera.look-through", "Look through a camera");
        action("camera.leave", "Leave the camera");
        group("Select");
        essential("select.pick", "Select", Sort.ACTION);
        action("select.add", "Add to the selection");
        action("select.toggle", "Add or take away");
        action("select.all", "Select all");
        action("select.none", "Select none");
        action("select.invert", "Select the others");
        motion("select.marquee", "Marquee: select with a rectangle");
        action("select.through", "List everything under the pointer");
        action("select.set", "Select objects by name");
        action("select.hover", "Show an object of a list");
        action("select.components", "Select objects, vertices, edges or faces");
        group("Objects");
        action("object.hide", "Hide");
        action("object.visible", "Hide or show objects");
        action("object.isolate", "Isolate, or show the rest again");
        action("object.show-all", "Show all");
        action("object.lock", "Lock against picking");
        action("object.pickable", "Lock or unlock objects");
        action("object.unlock-all", "Unlock all");
        action("object.rename", "Rename");
        action("object.group", "Group");
        action("object.ungroup", "Ungroup");
        action("object.regroup", "Put below another group");
        action("object.duplicate", "Duplicate");
        action("object.delete", "Delete");
        action("object.pivot", "Set the object's pivot point");
        action("add.shape", "Add a solid");
        action("add.light", "Add a light");
        action("add.group", "Add an empty group");
        group("Layers");
        action("layer.add", "Add a layer of the selection");
        action("layer.rename", "Rename a layer");
        action("layer.delete", "Delete a layer");
        action("layer.visible", "Switch a layer on or off");
        action("layer.pickable", "Lock or unlock a layer");
        action("layer.assign", "Put the selection on a layer");
        action("layer.select", "Select what lies on a layer");
        group("Change the scene");
        action("tool.move", "Move tool");
        action("tool.rotate", "Rotate tool");
        action("tool.scale", "Scale tool");
        action("tool.last", "Last tool, or no tool");
        action("tool.axes", "Axes of the tool");
        action("tool.about", "Point the tool turns about");
        action("tool.snap", "What the tool snaps to");
        action("tool.typed", "What typed numbers do to several objects");
        repeating("tool.nudge", "Move what is selected one step");
        repeating("tool.step-handle", "Step a handle");
        action("tool.none", "Put the tool away");
        motion("tool.drag", "Drag a handle");
        motion("tool.drag-free", "Drag the selected object");
        action("edit.place", "Put the object at typed coordinates");
        action("edit.turn", "Turn the object to typed angles");
        action("edit.scale", "Scale the object by typed factors");
        action("edit.step", "Move, rotate or scale by a typed amount");
        action("edit.shape", "Change the numbers of a solid");
        action("edit.go", "Go to a step of the history");
        action("edit.sweep", "Take several changes as one step");
        action("app.history", "Show the history");
        action("app.versions", "Show the versions");
        action("app.add", "Open the list of things to add");
        action("edit.undo", "Undo");
        action("edit.redo", "Redo");
        group("Application");
        action("gesture.cancel", "Cancel the drag");
        action("app.keys", "Open Keys");
        action("app.habits", "Open Habits");
        action("app.hints", "Show or hide the hints");
    }

    private Commands() {}

    private static void group(String name) {
        heading = name;
    }

    private static void add(String id, String words, Sort sort, boolean repeats, boolean essential) {
        ALL.put(id, new Command(id, Command.Area.of(id), words, heading, sort, repeats, essential));
    }

    private static void essential(String id, String words, Sort sort) {
        add(id, words, sort, false, true);
    }

    private static void action(String id, String words) {
        add(id, words, Sort.ACTION, false, false);
    }

    private static void motion(String id, String words) {
        add(id, words, Sort.MOTION, false, false);
    }

    private static void steps(String id, String words) {
        add(id, words, Sort.STEPS, false, false);
    }

    private static void held(String id, String words) {
        add(id, words, Sort.HELD, false, false);
    }

    private static void repeating(String id, String words) {
        add(id, words, Sort.ACTION, true, false);
    }

    /** The command with this id, or null. */
    public static Command named(String id) {
        return ALL.get(id);
    }

    /** Whether an id is that of a command of an area. */
    public static boolean in(Command.Area area, String id) {
        Command c = ALL.get(id);
        return c != null && c.area() == area;
    }

    /** All commands by id. */
    public static Map<String, Command> all() {
        return ALL;
    }
}
