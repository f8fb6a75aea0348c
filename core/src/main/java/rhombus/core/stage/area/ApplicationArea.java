package rhombus.core.stage.area;

import static rhombus.core.keymap.Context.APPLICATION;
import static rhombus.core.keymap.Context.GESTURE;
import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.CTRL;
import static rhombus.core.keymap.Modifiers.SHIFT;

import rhombus.core.keymap.Presets;
import rhombus.core.keymap.Resolver;
import rhombus.core.keymap.Trigger;
import rhombus.core.plain.Plain;
import rhombus.core.stage.hand.FirstSteps;
import rhombus.core.stage.hand.Tips;
import rhombus.core.stage.hand.UserKeymaps;
import rhombus.core.stage.view.Ground;

/** What the page round the stage does: panels, full screen, snapshots. The core passes it on. */
final class ApplicationArea {
    private static final int LAST = 20;

    private final Ground ground;
    private final Resolver resolver;
    private final UserKeymaps keymaps;
    private final FirstSteps firstSteps;
    private final Tips tips;

    private ApplicationArea(Ground ground, Resolver resolver, UserKeymaps keymaps, FirstSteps firstSteps, Tips tips) {
        this.tips = tips;
        this.firstSteps = firstSteps;
        this.ground = ground;
        this.resolver = resolver;
        this.keymaps = keymaps;
    }

    static Area<ApplicationArea> area() {
        return new Area<>(
                p -> new ApplicationArea(p.ground(), p.resolver(), p.keymaps(), p.firstSteps(), p.tips()),
                ApplicationArea::declare);
    }

    private static void declare(Declare<ApplicationArea> d) {
        d.group("Board");
        page(d, "app.full-screen", "Full screen")
                .on("full-screen", Trigger.key("KeyQ"), ALT, APPLICATION, "full screen");
        page(d, "app.copy-link", "Copy an address of these views");
        page(d, "app.snapshot", "Take a snapshot")
                .choice("sort", "view", "board", "sheet", "cameras")
                .on("snapshot", Trigger.key("KeyF"), CTRL | SHIFT, APPLICATION, "snapshot");
        d.group("Trail");
        page(d, "app.trail", "Show or hide the Trail")
                .on("trail-strip", Trigger.key("Backspace"), ALT, APPLICATION, "show the Trail");
        d.group("Change the scene");
        page(d, "app.history", "Show the history");
        page(d, "app.versions", "Show the versions");
        d.group("Cameras");
        page(d, "app.shots", "Open the shot list");
        page(d, "app.export-cameras", "Save the cameras as a table").choice("format", "csv", "json");
        d.group("Change the scene");
        d.action("app.add", "Open the list of things to add")
                .anytime()
                .key("add", "Insert", 0, "add something")
                .key("add-key", "KeyM", ALT, "add something")
                .does(ApplicationArea::add);
        d.group("Application");
        page(d, "app.export", "Save the scene as a file").choice("what", "scene", "selection");
        page(d, "app.newer-file", "Lay a newer file under this work");
        d.action("gesture.cancel", "Cancel the drag")
                .rank(LAST)
                .on("cancel", Trigger.key("Escape"), 0, GESTURE, "cancel the drag")
                .does((a, c) -> a.resolver.cancel());
        page(d, "app.find", "Find a command")
                .rank(LAST)
                .on("find", Trigger.key("Slash"), 0, APPLICATION, "find a command")
                .on("find-chord", Trigger.key("Slash"), CTRL, APPLICATION, "find a command");
        page(d, "app.keys", "Open Keys");
        d.action("app.next-keymap", "Use the next keymap").anytime().does((a, c) -> a.keymaps.next());
        d.action("app.keymap-here", "Keep this keymap for this scene, or let it go")
                .truth("on")
                .does((a, c) -> a.keymaps.onlyHere(c.truth("on", a.keymaps.elsewhere() == null)));
        d.action("app.take-keymap", "Use the keymap that came with an address or a file")
                .anytime()
                .tries((a, c) -> a.keymaps.useBrought());
        d.action("app.skip-step", "Skip the first step that is asked for")
                .anytime()
                .does((a, c) -> a.firstSteps.skip());
        d.action("app.end-steps", "Leave the first steps").anytime().does((a, c) -> a.firstSteps.end());
        d.action("app.steps-again", "Ask for the first steps once more")
                .anytime()
                .does((a, c) -> a.firstSteps.again());
        d.action("app.end-tip", "Put the tip away").anytime().does((a, c) -> a.tips.dismiss());
        d.action("app.no-tips", "Let no tips come any more").anytime().does((a, c) -> a.tips.none());
        d.action("app.tips-again", "Let every tip come once more").anytime().does((a, c) -> a.tips.again());
        d.action("app.use-preset", "Use a keymap that comes with Rhombus")
                .anytime()
                .needs("preset", Presets.ALL)
                .does((a, c) -> a.keymaps.preset(c.text("preset")));
        page(d, "app.habits", "Open Habits");
        page(d, "app.bench", "Open or close the device bench").truth("on");
        page(d, "app.what", "What is this?")
                .rank(LAST)
                .on("what", Trigger.key("Slash"), ALT, APPLICATION, "ask what something is");
        page(d, "app.drills", "Open the drills");
        page(d, "app.glossary", "Open the glossary").text("word");
        page(d, "app.guide", "Open the guide")
                .text("page")
                .rank(LAST)
                .on("guide", Trigger.key("F1"), 0, APPLICATION, "open the guide");
        page(d, "app.hints", "Show or hide the hints")
                .rank(LAST)
                .on("hints", Trigger.key("Slash"), SHIFT, APPLICATION, "show or hide the hints");
    }

    /** What the page does by itself, a scene being open or not. */
    private static Entry<ApplicationArea> page(Declare<ApplicationArea> d, String id, String words) {
        Entry<ApplicationArea> e = d.action(id, words).anytime();
        e.does((a, c) -> a.ground.changes().application(id, c.args()));
        return e;
    }

    /** The list opens where the pointer is, and what is chosen is put there. */
    private void add(Call c) {
        ground.changes()
                .application(
                        c.command().id(),
                        c.inside() ? Plain.map("view", c.view().id, "x", c.x(), "y", c.y()) : c.args());
    }
}
