package rhombus.core.stage.tool;

import static rhombus.core.words.Messages.say;

import rhombus.core.geometry.Vec3;

/**
 * A part of a camera that can be dragged from outside.
 *
 * @param part of the camera
 * @param node number of the camera
 * @param at its place in the world, metres
 * @param handle its lozenge in a viewport
 */
public record CameraHandle(Part part, int node, Vec3 at, ToolHandle handle) {
    /** What ids of such handles begin with. */
    public static final String BEFORE = "camera-";

    /** What of a camera can be dragged. */
    public enum Part {
        /** Where it stands. */
        PLACE(say("camera-handle.place"), "camera-handle.move-it"),
        /** The point it looks at. */
        AIM(say("camera-handle.aim"), "camera-handle.aim-it"),
        /** How wide it sees, by a corner of its pyramid. */
        LENS(say("camera-handle.lens"), "camera-handle.set-the-lens-of"),
        /** The distance that is focused. */
        FOCUS(say("camera-handle.focus"), "camera-handle.focus-it"),
        /** How it is turned about its line of sight. */
        ROLL(say("camera-handle.roll"), "camera-handle.roll-it"),
        /** The nearest depth drawn. */
        NEAR(say("camera-handle.near-plane"), "camera-handle.set-the-near-plane-of"),
        /** The farthest depth drawn. */
        FAR(say("camera-handle.far-plane"), "camera-handle.set-the-far-plane-of");

        private final String words;
        private final String deed;

        Part(String words, String deed) {
            this.words = words;
            this.deed = deed;
        }

        /** Name in marks and commands. */
        public String id() {
            return name().toLowerCase();
        }

        /** Name on the screen. */
        public String words() {
            return words;
        }

        /** What dragging it does, with the camera's name to come. */
        public String deed() {
            return deed;
        }

        /** The part that a handle's id names, or null. */
        public static Part of(String handle) {
            for (Part p : values()) {
                if (handle.equals(BEFORE + p.id())) {
                    return p;
                }
            }
            return null;
        }
    }
}
