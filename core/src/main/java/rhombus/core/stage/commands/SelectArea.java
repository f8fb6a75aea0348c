package rhombus.core.stage.commands;

import static rhombus.core.keymap.BindingContext.STAGE;
import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.CTRL;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.keymap.Trigger;
import rhombus.core.navigate.NumberText;
import rhombus.core.pick.RayHit;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.NodeKind;
import rhombus.core.scene.Scene;
import rhombus.core.stage.marks.HoverTarget;
import rhombus.core.stage.motion.MarqueeMotion;
import rhombus.core.stage.subject.ComponentSelection;
import rhombus.core.stage.subject.Selection;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.tool.ActiveTool;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** Actions on the selection; none of them changes the scene or moves a view. */
final class SelectArea {
    private static final List<String> HOW = List.of("pick", "add", "toggle", "remove");
    /** What the hint says where a click lists instead of selecting. */
    private static final String LISTED = say("select-area.list-what-lies-under-the");

    private final StageContext ground;
    private final SubjectParts subject;
    private final ActiveTool tools;
    private final HoverTarget hover;

    private SelectArea(StageContext ground, SubjectParts subject, ActiveTool tools, HoverTarget hover) {
        this.ground = ground;
        this.subject = subject;
        this.tools = tools;
        this.hover = hover;
    }

    // ---- declared --------------------------------------------------------------------------------------------------

    static CommandArea<SelectArea> area() {
        return new CommandArea<>(
                p -> new SelectArea(p.ground(), p.subject(), p.tools(), p.hover()), SelectArea::declare);
    }

    private static void declare(CommandDeclarations<SelectArea> d) {
        d.replays(true);
        d.group(say("group.select"));
        picking(d, "pick")
                .essential()
                .on("select", Trigger.click(MouseButtons.LEFT), 0, STAGE, say("hint.select"))
                .does((a, c) -> a.pick("pick", c));
        picking(d, "add")
                .on("select-add", Trigger.click(MouseButtons.LEFT), SHIFT, STAGE, say("hint.add-to-the-selection"))
                .does((a, c) -> a.pick("add", c));
        picking(d, "toggle")
                .on("select-toggle", Trigger.click(MouseButtons.LEFT), CTRL, STAGE, say("hint.add-or-take-away"))
                .does((a, c) -> a.pick("toggle", c));
        all(d);
        d.motion("select.marquee")
                .traits(CommandTrait.SELECTS, CommandTrait.STAYS)
                .choice("how", HOW)
                .on("marquee", Trigger.drag(MouseButtons.LEFT), 0, STAGE, say("hint.marquee"))
                .on(
                        "marquee-add",
                        Trigger.drag(MouseButtons.LEFT),
                        SHIFT,
                        STAGE,
                        Map.of("how", "add"),
                        say("hint.marquee-add"))
                .on(
                        "marquee-toggle",
                        Trigger.drag(MouseButtons.LEFT),
                        CTRL,
                        STAGE,
                        Map.of("how", "toggle"),
                        say("hint.marquee-add-or-take-away"))
                .starts((a, g) -> new MarqueeMotion(
                        a.ground, a.subject, g.view(), PlainData.text(g.args().get("how"), "pick"), g.x(), g.y()));
        d.action("select.through")
                .traits(CommandTrait.SELECTS, CommandTrait.LISTS)
                .choice("how", HOW)
                .exchangedFor("select.pick", Map.of(), "select")
                .on("select-through", Trigger.click(MouseButtons.RIGHT), 0, STAGE, LISTED)
                .only(
                        KeymapPresets.ONE_BUTTON,
                        "select-through-left",
                        Trigger.click(MouseButtons.LEFT),
                        CTRL | ALT,
                        STAGE,
                        LISTED)
                .on("touch-rest", Trigger.press(), 0, STAGE, LISTED)
                .key("select-through-key", "KeyK", CTRL, LISTED)
                .does(SelectArea::through);
        byList(d);
    }

    private static CommandSpec<SelectArea> picking(CommandDeclarations<SelectArea> d, String how) {
        return d.action("select." + how)
                .traits(CommandTrait.SELECTS)
                .text("object")
                .exchangedFor("select.through", Map.of("how", how), LISTED);
    }

    private static void all(CommandDeclarations<SelectArea> d) {
        d.action("select.all")
                .traits(CommandTrait.SELECTS)
                .key("select-all", "KeyK", 0, say("hint.select-all"))
                .does((a, c) -> a.take(a.pickable(), "pick"));
        d.action("select.none")
                .traits(CommandTrait.SELECTS)
                .key("select-none", "KeyK", SHIFT, say("hint.select-none"))
                .does((a, c) -> a.take(List.of(), "pick"));
        d.action("select.invert")
                .traits(CommandTrait.SELECTS)
                .key("select-invert", "KeyK", ALT, say("hint.select-the-others"))
                .does((a, c) ->
                        a.take(a.pickable().stream().filter(n -> !a.chosen(n)).toList(), "pick"));
    }

    private static void byList(CommandDeclarations<SelectArea> d) {
        d.action("select.set")
                .traits(CommandTrait.TOLD)
                .traits(CommandTrait.SELECTS)
                .texts("objects")
                .choice("how", HOW)
                .does((a, c) -> a.take(c.nodes(a.ground.scene(), "objects"), c.text("how")));
        d.action("select.hover")
                .traits(CommandTrait.TOLD)
                .joins()
                .traits(CommandTrait.SELECTS)
                .text("object")
                .does((a, c) -> a.hover.from(a.ground.scene().indexOf(c.text("object"))));
        d.action("select.components")
                .traits(CommandTrait.SELECTS)
                .needs("to", ComponentSelection.MODES)
                .does((a, c) -> a.subject.components().mode(c.to()));
    }

    // ---- done ------------------------------------------------------------------------------------------------------

    /** Whether an object is selected, by itself or with a group above it. */
    private boolean chosen(int node) {
        int n = node;
        while (n >= 0 && !subject.selection().has(n)) {
            n = ground.scene().node(n).parent();
        }
        return n >= 0;
    }

    /** Everything a click or a marquee could take: objects, lights and cameras. */
    private List<Integer> pickable() {
        Scene s = ground.scene();
        List<Integer> out = new ArrayList<>();
        for (int i = 0; i < s.count(); i++) {
            if (s.node(i).kind() != NodeKind.GROUP && s.shown(i) && !s.locked(i)) {
                out.add(i);
            }
        }
        return out;
    }

    private void pick(String how, CommandCall c) {
        int node = ground.scene().indexOf(c.text("object"));
        if (node < 0 && c.inside()) {
            if (tools.handleAt(c.view(), c.x(), c.y()) != null
                    || subject.components().pick(how, c.view(), c.x(), c.y())) {
                return;
            }
            RayHit hit = subject.picks().pick(c.view(), c.x(), c.y());
            node = hit == null ? -1 : hit.node();
        }
        take(node < 0 ? List.of() : List.of(node), how);
    }

    /** Takes objects into the selection: alone, as well, each the other way round, or out of it. */
    private void take(List<Integer> nodes, String how) {
        Selection s = subject.selection();
        switch (how) {
            case "add" -> nodes.forEach(s::add);
            case "toggle" -> nodes.forEach(s::toggle);
            case "remove" -> nodes.forEach(s::remove);
            default -> s.only(nodes);
        }
        subject.selection().changed();
    }

    /** Lists everything under the pointer, near to far, for the user to choose from. */
    private void through(CommandCall c) {
        Viewport v = c.view();
        List<Object> list = new ArrayList<>();
        for (RayHit h : ground.model().hitsAt(v, c.xOrMiddle(), c.yOrMiddle())) {
            list.add(PlainData.map(
                    "object",
                    ground.scene().node(h.node()).id(),
                    "name",
                    ground.nameOf(h.node()),
                    "kind",
                    ground.scene().node(h.node()).kind().word(),
                    "distance",
                    NumberText.words(h.distance())));
        }
        String how = c.text("how");
        ground.changes()
                .application(
                        c.command().id(),
                        PlainData.map(
                                "x",
                                v.x + c.xOrMiddle(),
                                "y",
                                v.y + c.yOrMiddle(),
                                "view",
                                v.id,
                                "how",
                                how.isEmpty() ? "pick" : how,
                                "hits",
                                list));
    }
}
