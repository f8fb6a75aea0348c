package rhombus.core.stage.commands;

import static rhombus.core.keymap.BindingContext.APPLICATION;
import static rhombus.core.keymap.BindingContext.GESTURE;
import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.CTRL;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.InputResolver;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.keymap.Trigger;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.coach.FirstSteps;
import rhombus.core.stage.coach.Tips;
import rhombus.core.stage.keymaps.UserKeymaps;
import rhombus.core.stage.view.StageContext;

/** What the page round the stage does: panels, full screen, snapshots. The core passes it on. */
final class ApplicationArea {
    private static final int LAST = 20;

    private final StageContext ground;
    private final InputResolver resolver;
    private final UserKeymaps keymaps;
    private final FirstSteps firstSteps;
    private final Tips tips;

    private ApplicationArea(
            StageContext ground, InputResolver resolver, UserKeymaps keymaps, FirstSteps firstSteps, Tips tips) {
        this.tips = tips;
        this.firstSteps = firstSteps;
        this.ground = ground;
        this.resolver = resolver;
        this.keymaps = keymaps;
    }

    static CommandArea<ApplicationArea> area() {
        return new CommandArea<>(
                p -> new ApplicationArea(p.ground(), p.resolver(), p.keymaps(), p.firstSteps(), p.tips()),
                ApplicationArea::declare);
    }

    private static void declare(CommandDeclarations<ApplicationArea> d) {
        d.group(say("group.board"));
        page(d, "app.full-screen").on("full-screen", Trigger.key("KeyQ"), ALT, APPLICATION, say("hint.full-screen"));
        page(d, "app.copy-link");
        page(d, "app.snapshot")
                .choice("sort", "view", "board", "sheet", "cameras")
                .on("snapshot", Trigger.key("KeyF"), CTRL | SHIFT, APPLICATION, say("hint.snapshot"));
        d.group(say("group.trail"));
        page(d, "app.trail")
                .joins()
                .on("trail-strip", Trigger.key("Backspace"), ALT, APPLICATION, say("hint.show-the-trail"));
        d.group(say("group.change-the-scene"));
        page(d, "app.history");
        page(d, "app.versions");
        d.group(say("group.cameras"));
        page(d, "app.shots");
        page(d, "app.export-cameras").choice("format", "csv", "json");
        d.group(say("group.change-the-scene"));
        d.action("app.add")
                .anytime()
                .key("add", "Insert", 0, say("hint.add-something"))
                .key("add-key", "KeyM", ALT, say("hint.add-something"))
                .does(ApplicationArea::add);
        d.group(say("group.application"));
        page(d, "app.export").choice("what", "scene", "selection");
        page(d, "app.newer-file");
        d.action("gesture.cancel")
                .traits(CommandTrait.INDISPENSABLE)
                .traits(CommandTrait.REPLAYS)
                .joins()
                .rank(LAST)
                .on("cancel", Trigger.key("Escape"), 0, GESTURE, say("hint.cancel-the-drag"))
                .does((a, c) -> a.resolver.cancel());
        page(d, "app.find")
                .traits(CommandTrait.INDISPENSABLE)
                .rank(LAST)
                .on("find", Trigger.key("Slash"), 0, APPLICATION, say("hint.find-a-command"))
                .on("find-chord", Trigger.key("Slash"), CTRL, APPLICATION, say("hint.find-a-command"));
        page(d, "app.keys");
        d.action("app.next-keymap").anytime().does((a, c) -> a.keymaps.next());
        d.action("app.keymap-here")
                .truth("on")
                .does((a, c) -> a.keymaps.onlyHere(c.truth("on", a.keymaps.elsewhere() == null)));
        d.action("app.take-keymap").anytime().tries((a, c) -> a.keymaps.useBrought());
        d.action("app.skip-step").joins().anytime().does((a, c) -> a.firstSteps.skip());
        d.action("app.end-steps").joins().anytime().does((a, c) -> a.firstSteps.end());
        d.action("app.steps-again").joins().anytime().does((a, c) -> a.firstSteps.again());
        d.action("app.end-tip").joins().anytime().does((a, c) -> a.tips.dismiss());
        d.action("app.no-tips").joins().anytime().does((a, c) -> a.tips.none());
        d.action("app.tips-again").joins().anytime().does((a, c) -> a.tips.again());
        d.action("app.use-preset")
                .anytime()
                .needs("preset", KeymapPresets.ALL)
                .does((a, c) -> a.keymaps.preset(c.text("preset")));
        page(d, "app.habits");
        page(d, "app.bench").joins().truth("on");
        page(d, "app.what")
                .joins()
                .rank(LAST)
                .on("what", Trigger.key("Slash"), ALT, APPLICATION, say("hint.ask-what-something-is"));
        page(d, "app.drills");
        page(d, "app.glossary").text("word");
        page(d, "app.guide")
                .traits(CommandTrait.INDISPENSABLE)
                .text("page")
                .rank(LAST)
                .on("guide", Trigger.key("F1"), 0, APPLICATION, say("hint.open-the-guide"));
        page(d, "app.hints")
                .joins()
                .rank(LAST)
                .on("hints", Trigger.key("Slash"), SHIFT, APPLICATION, say("hint.show-or-hide-the-hints"));
    }

    /** What the page does by itself, a scene being open or not. */
    private static CommandSpec<ApplicationArea> page(CommandDeclarations<ApplicationArea> d, String id) {
        CommandSpec<ApplicationArea> e = d.action(id).anytime();
        e.does((a, c) -> a.ground.changes().application(id, c.args()));
        return e;
    }

    /** The list opens where the pointer is, and what is chosen is put there. */
    private void add(CommandCall c) {
        ground.changes()
                .application(
                        c.command().id(),
                        c.inside() ? PlainData.map("view", c.view().id, "x", c.x(), "y", c.y()) : c.args());
    }
}
