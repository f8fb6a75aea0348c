package rhombus.core.stage.area;

import static rhombus.core.keymap.Context.STAGE;
import static rhombus.core.keymap.Modifiers.ALT;
import static rhombus.core.keymap.Modifiers.CTRL;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.keymap.Presets;
import rhombus.core.keymap.Trait;
import rhombus.core.keymap.Trigger;
import rhombus.core.navigate.Lengths;
import rhombus.core.pick.Hit;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Kind;
import rhombus.core.scene.Scene;
import rhombus.core.stage.marks.Hover;
import rhombus.core.stage.motion.MarqueeMotion;
import rhombus.core.stage.subject.Components;
import rhombus.core.stage.subject.Selection;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.tool.Tools;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.ViewState;

/** Actions on the selection; none of them changes the scene or moves a view. */
final class SelectArea {
    private static final List<String> HOW = List.of("pick", "add", "toggle", "remove");
    /** What the hint says where a click lists instead of selecting. */
    private static final String LISTED = say("select-area.list-what-lies-under-the");

    private final Ground ground;
    private final Subject subject;
    private final Tools tools;
    private final Hover hover;

    private SelectArea(Ground ground, Subject subject, Tools tools, Hover hover) {
        this.ground = ground;
        this.subject = subject;
        this.tools = tools;
        this.hover = hover;
    }

    // ---- declared --------------------------------------------------------------------------------------------------

    static Area<SelectArea> area() {
        return new Area<>(p -> new SelectArea(p.ground(), p.subject(), p.tools(), p.hover()), SelectArea::declare);
    }

    private static void declare(Declare<SelectArea> d) {
        d.replays(true);
        d.group(say("group.select"));
        picking(d, "pick")
                .essential()
                .on("select", Trigger.click(Buttons.LEFT), 0, STAGE, say("hint.select"))
                .does((a, c) -> a.pick("pick", c));
        picking(d, "add")
                .on("select-add", Trigger.click(Buttons.LEFT), SHIFT, STAGE, say("hint.add-to-the-selection"))
                .does((a, c) -> a.pick("add", c));
        picking(d, "toggle")
                .on("select-toggle", Trigger.click(Buttons.LEFT), CTRL, STAGE, say("hint.add-or-take-away"))
                .does((a, c) -> a.pick("toggle", c));
        all(d);
        d.motion("select.marquee")
                .traits(Trait.SELECTS, Trait.STAYS)
                .choice("how", HOW)
                .on("marquee", Trigger.drag(Buttons.LEFT), 0, STAGE, say("hint.marquee"))
                .on(
                        "marquee-add",
                        Trigger.drag(Buttons.LEFT),
                        SHIFT,
                        STAGE,
                        Map.of("how", "add"),
                        say("hint.marquee-add"))
                .on(
                        "marquee-toggle",
                        Trigger.drag(Buttons.LEFT),
                        CTRL,
                        STAGE,
                        Map.of("how", "toggle"),
                        say("hint.marquee-add-or-take-away"))
                .starts((a, g) -> new MarqueeMotion(
                        a.ground, a.subject, g.view(), Plain.text(g.args().get("how"), "pick"), g.x(), g.y()));
        d.action("select.through")
                .traits(Trait.SELECTS, Trait.LISTS)
                .choice("how", HOW)
                .exchangedFor("select.pick", Map.of(), "select")
                .on("select-through", Trigger.click(Buttons.RIGHT), 0, STAGE, LISTED)
                .only(Presets.ONE_BUTTON, "select-through-left", Trigger.click(Buttons.LEFT), CTRL | ALT, STAGE, LISTED)
                .on("touch-rest", Trigger.press(), 0, STAGE, LISTED)
                .key("select-through-key", "KeyK", CTRL, LISTED)
                .does(SelectArea::through);
        byList(d);
    }

    private static Entry<SelectArea> picking(Declare<SelectArea> d, String how) {
        return d.action("select." + how)
                .traits(Trait.SELECTS)
                .text("object")
                .exchangedFor("select.through", Map.of("how", how), LISTED);
    }

    private static void all(Declare<SelectArea> d) {
        d.action("select.all")
                .traits(Trait.SELECTS)
                .key("select-all", "KeyK", 0, say("hint.select-all"))
                .does((a, c) -> a.take(a.pickable(), "pick"));
        d.action("select.none")
                .traits(Trait.SELECTS)
                .key("select-none", "KeyK", SHIFT, say("hint.select-none"))
                .does((a, c) -> a.take(List.of(), "pick"));
        d.action("select.invert")
                .traits(Trait.SELECTS)
                .key("select-invert", "KeyK", ALT, say("hint.select-the-others"))
                .does((a, c) ->
                        a.take(a.pickable().stream().filter(n -> !a.chosen(n)).toList(), "pick"));
    }

    private static void byList(Declare<SelectArea> d) {
        d.action("select.set")
                .traits(Trait.TOLD)
                .traits(Trait.SELECTS)
                .texts("objects")
                .choice("how", HOW)
                .does((a, c) -> a.take(c.nodes(a.ground.scene(), "objects"), c.text("how")));
        d.action("select.hover")
                .traits(Trait.TOLD)
                .joins()
                .traits(Trait.SELECTS)
                .text("object")
                .does((a, c) -> a.hover.from(a.ground.scene().indexOf(c.text("object"))));
        d.action("select.components")
                .traits(Trait.SELECTS)
                .needs("to", Components.MODES)
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
            if (s.node(i).kind() != Kind.GROUP && s.shown(i) && !s.locked(i)) {
                out.add(i);
            }
        }
        return out;
    }

    private void pick(String how, Call c) {
        int node = ground.scene().indexOf(c.text("object"));
        if (node < 0 && c.inside()) {
            if (tools.handleAt(c.view(), c.x(), c.y()) != null
                    || subject.components().pick(how, c.view(), c.x(), c.y())) {
                return;
            }
            Hit hit = subject.picks().pick(c.view(), c.x(), c.y());
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
        subject.changed();
    }

    /** Lists everything under the pointer, near to far, for the user to choose from. */
    private void through(Call c) {
        ViewState v = c.view();
        List<Object> list = new ArrayList<>();
        for (Hit h : ground.model().hitsAt(v, c.xOrMiddle(), c.yOrMiddle())) {
            list.add(Plain.map(
                    "object",
                    ground.scene().node(h.node()).id(),
                    "name",
                    ground.nameOf(h.node()),
                    "kind",
                    ground.scene().node(h.node()).kind().word(),
                    "distance",
                    Lengths.words(h.distance())));
        }
        String how = c.text("how");
        ground.changes()
                .application(
                        c.command().id(),
                        Plain.map(
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
