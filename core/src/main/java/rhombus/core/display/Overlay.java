package rhombus.core.display;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import rhombus.core.plain.OldNames;
import rhombus.core.plain.Plain;

/** What a viewport can show or leave out: kinds of things, and what lies over them. */
public enum Overlay {
    /** Whatever is made of triangles. */
    MESHES("meshes", "Meshes"),
    /** The marks of lights. */
    LIGHTS("lights", "Lights"),
    /** The marks of cameras. */
    CAMERAS("cameras", "Cameras"),
    /** Pictures behind axis views and cameras. */
    PICTURES("pictures", "Pictures"),
    /** Lines on the ground, or in the plane of an axis view. */
    GRID("grid", "Ground grid"),
    /** Those of its lines that are axes of the world. */
    AXES("axes", "Axes"),
    /** Names of objects. */
    NAMES("names", "Names", false),
    /** The chart that shows and sets directions. */
    ROSE("rose", "Rose"),
    /** That objects are drawn in ways of their own. */
    WAYS("ways", "Objects' own ways"),
    /** What is not isolated, faintly. */
    GHOSTS("ghosts", "Ghosts of what is not isolated", false),
    /** The line round what is selected. */
    OUTLINE("outline", "Outline of the selection"),
    /** The edge of a camera's picture. */
    GATE("gate", "Gate"),
    /** What lies outside of it, made dim. */
    DIM("dim", "Dim outside the gate"),
    /** Where action and titles are safe. */
    AREAS("areas", "Action and title areas", false),
    /** The picture divided in three both ways. */
    THIRDS("thirds", "Thirds", false),
    /** The middle of the picture. */
    CENTRE("centre", "Centre", false),
    /** Lines of one's own in the picture. */
    GUIDES("guides", "Own guides"),
    /** What is not focused is not sharp. */
    FIELD("field", "Depth of field", false);

    /** The name that lights and cameras had together. */
    private static final String BOTH = "icons";

    private final String id;
    private final String words;
    private final boolean usual;

    Overlay(String id, String words) {
        this(id, words, true);
    }

    Overlay(String id, String words, boolean usual) {
        this.id = id;
        this.words = words;
        this.usual = usual;
    }

    /** Whether it belongs to a camera's picture, and means nothing in a viewport without one. */
    public boolean ofCameras() {
        return ordinal() >= GATE.ordinal();
    }

    /** Whether it shows where some overlays are switched away from what is usual. */
    public boolean shows(Set<Overlay> switched) {
        return usual != switched.contains(this);
    }

    /** Name in files and commands. */
    public String id() {
        return id;
    }

    /** Name on the screen. */
    public String words() {
        return words;
    }

    /** The overlay with this id, or null. */
    public static Overlay named(String id) {
        for (Overlay o : values()) {
            if (o.id.equals(id)) {
                return o;
            }
        }
        return null;
    }

    /** Those that are switched away from what is usual, as plain data; null where none is. */
    public static List<Object> toPlain(Set<Overlay> switched) {
        List<Object> out = new ArrayList<>();
        switched.forEach(o -> out.add(o.id));
        return out.isEmpty() ? null : out;
    }

    /** The same from plain data; what is unknown is passed over. */
    public static Set<Overlay> of(Object plain) {
        Set<Overlay> out = EnumSet.noneOf(Overlay.class);
        for (Object o : Plain.list(plain)) {
            String name = OldNames.now(Plain.text(o, ""));
            if (name.equals(BOTH)) {
                out.add(LIGHTS);
                out.add(CAMERAS);
            }
            Overlay known = named(name);
            if (known != null) {
                out.add(known);
            }
        }
        return out;
    }
}
