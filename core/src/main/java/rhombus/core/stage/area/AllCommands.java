package rhombus.core.stage.area;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.keymap.Binding;
import rhombus.core.keymap.Catalogue;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.Presets;

/** The commands of all areas, put together. */
public final class AllCommands {
    static final List<Area<?>> AREAS = List.of(
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
    static final List<String> GROUPS = List.of(
            "Move the view",
            "Move by an axis",
            "Lens and crop",
            "Walk and fly",
            "Pad and Rose",
            "Frame",
            "Direction",
            "Display",
            "Board",
            "Trail",
            "Pins",
            "Pivot",
            "Measure",
            "Cameras",
            "Pictures",
            "Select",
            "Objects",
            "Layers",
            "Change the scene",
            "Application");

    /** What headings belong together, in the order in which they are told, under a name. */
    public static final Map<String, List<String>> FAMILIES = families();

    private static Map<String, List<String>> families() {
        Map<String, List<String>> m = new LinkedHashMap<>();
        m.put("Move", List.of("Move the view", "Move by an axis", "Lens and crop", "Walk and fly", "Pad and Rose"));
        m.put("Frame and direction", List.of("Frame", "Direction"));
        m.put("Display and board", List.of("Display", "Board"));
        m.put("Trail, Pins, pivot", List.of("Trail", "Pins", "Pivot", "Measure"));
        m.put("Cameras and pictures", List.of("Cameras", "Pictures"));
        m.put("Select and objects", List.of("Select", "Objects", "Layers"));
        m.put("Change and application", List.of("Change the scene", "Application"));
        return m;
    }

    /** All commands, and the triggers that each preset gives them. */
    public static final Catalogue CATALOGUE = catalogue();

    private AllCommands() {}

    private static Catalogue catalogue() {
        List<Entry<?>> entries = new ArrayList<>();
        AREAS.forEach(a -> entries.addAll(a.entries()));
        entries.sort(Comparator.comparingInt(e -> GROUPS.indexOf(e.command().group())));
        List<Command> commands = new ArrayList<>();
        entries.forEach(e -> commands.add(e.command()));
        entries.sort(Comparator.comparingInt(Entry::rank));
        Map<String, List<Binding>> presets = new LinkedHashMap<>();
        for (String preset : Presets.ALL) {
            List<Binding> bindings = new ArrayList<>();
            entries.forEach(e -> bindings.addAll(e.bindings(preset)));
            presets.put(preset, bindings);
        }
        return new Catalogue(commands, presets);
    }
}
