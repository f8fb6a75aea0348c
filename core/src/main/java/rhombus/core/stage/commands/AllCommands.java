package rhombus.core.stage.commands;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandCatalogue;
import rhombus.core.keymap.KeymapPresets;

/** The commands of all areas, put together. */
public final class AllCommands {
    public static final List<CommandArea<?>> AREAS = List.of(
            NavigateArea.area(),
            SteerArea.area(),
            LensArea.area(),
            WalkArea.area(),
            PadArea.area(),
            RoseArea.area(),
            FrameArea.area(),
            ViewArea.area(),
            DisplayArea.area(),
            LookArea.area(),
            BoardArea.area(),
            ArrangeArea.area(),
            TrailArea.area(),
            PinArea.area(),
            PivotArea.area(),
            RulerArea.area(),
            CameraArea.area(),
            ShotArea.area(),
            PictureArea.area(),
            SelectArea.area(),
            ObjectArea.area(),
            GroupArea.area(),
            AddArea.area(),
            LayerArea.area(),
            ToolArea.area(),
            EditArea.area(),
            ApplicationArea.area());

    /** Headings in the order in which lists show them. */
    public static final List<String> GROUPS = List.of(
            say("group.move-the-view"),
            say("group.move-by-an-axis"),
            say("group.lens-and-crop"),
            say("group.walk-and-fly"),
            say("group.pad-and-rose"),
            say("group.frame"),
            say("group.direction"),
            say("group.display"),
            say("group.board"),
            say("group.trail"),
            say("group.pins"),
            say("group.pivot"),
            say("group.measure"),
            say("group.cameras"),
            say("group.pictures"),
            say("group.select"),
            say("group.objects"),
            say("group.layers"),
            say("group.change-the-scene"),
            say("group.application"));

    /** What headings belong together, in the order in which they are told, under a name. */
    public static final Map<String, List<String>> FAMILIES = families();

    private static Map<String, List<String>> families() {
        Map<String, List<String>> m = new LinkedHashMap<>();
        m.put(
                say("group.move"),
                List.of(
                        say("group.move-the-view"),
                        say("group.move-by-an-axis"),
                        say("group.lens-and-crop"),
                        say("group.walk-and-fly"),
                        say("group.pad-and-rose")));
        m.put(say("group.frame-and-direction"), List.of(say("group.frame"), say("group.direction")));
        m.put(say("group.display-and-board"), List.of(say("group.display"), say("group.board")));
        m.put(
                say("group.trail-pins-pivot"),
                List.of(say("group.trail"), say("group.pins"), say("group.pivot"), say("group.measure")));
        m.put(say("group.cameras-and-pictures"), List.of(say("group.cameras"), say("group.pictures")));
        m.put(say("group.select-and-objects"), List.of(say("group.select"), say("group.objects"), say("group.layers")));
        m.put(say("group.change-and-application"), List.of(say("group.change-the-scene"), say("group.application")));
        return m;
    }

    /** All commands, and the triggers that each preset gives them. */
    public static final CommandCatalogue CATALOGUE = catalogue();

    private AllCommands() {}

    private static CommandCatalogue catalogue() {
        List<CommandSpec<?>> entries = new ArrayList<>();
        AREAS.forEach(a -> entries.addAll(a.entries()));
        entries.sort(Comparator.comparingInt(e -> GROUPS.indexOf(e.command().group())));
        List<Command> commands = new ArrayList<>();
        entries.forEach(e -> commands.add(e.command()));
        entries.sort(Comparator.comparingInt(CommandSpec::rank));
        Map<String, List<Binding>> presets = new LinkedHashMap<>();
        for (String preset : KeymapPresets.ALL) {
            List<Binding> bindings = new ArrayList<>();
            entries.forEach(e -> bindings.addAll(e.bindings(preset)));
            presets.put(preset, bindings);
        }
        return new CommandCatalogue(commands, presets);
    }
}
