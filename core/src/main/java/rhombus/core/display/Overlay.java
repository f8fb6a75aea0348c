package rhombus.core.display;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import rhombus.core.plain.PlainData;
import rhombus.core.plain.RenamedKeys;

/** What a viewport can show or leave out: kinds of things, and what lies over them. */
public enum Overlay {
    /** Whatever is made of triangles. */
    MESHES("meshes"),
    /** The marks of lights. */
    LIGHTS("lights"),
    /** The marks of cameras. */
    CAMERAS("cameras"),
    /** Pictures behind axis views and cameras. */
    PICTURES("pictures"),
    /** Lines on the ground, or in the plane of an axis view. */
    GRID("grid"),
    /** Those of its lines that are axes of the world. */
    AXES("axes"),
    /** Names of objects. */
    NAMES("names", false),
    /** The chart that shows and sets directions. */
    ROSE("rose"),
    /** That objects are drawn in ways of their own. */
    WAYS("ways"),
    /** What is not isolated, faintly. */
    GHOSTS("ghosts", false),
    /** The line round what is selected. */
    OUTLINE("outline"),
    /** The edge of a camera's picture. */
    GATE("gate"),
    /** What lies outside of it, made dim. */
    DIM("dim"),
    /** Where action and titles are safe. */
    AREAS("areas", false),
    /** The picture divided in three both ways. */
    THIRDS("thirds", false),
    /** The middle of the picture. */
    CENTRE("centre", false),
    /** Lines of one's own in the picture. */
    GUIDES("guides"),
    /** What is not focused is not sharp. */
    FIELD("field", false);

    /** The name that lights and cameras had together. */
    private static final String BOTH = "icons";

    private final String id;
    private final String words;
    private final boolean usual;

    Overlay(String id) {
        this(id, true);
    }

    Overlay(String id, boolean usual) {
        this.id = id;
        this.words = say("overlay." + id);
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
        for (Object o : PlainData.list(plain)) {
            String name = RenamedKeys.now(PlainData.text(o, ""));
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
