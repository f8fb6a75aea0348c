package rhombus.core.stage.marks;

/**
 * A lozenge to drag.
 */
public record GripMark(
        String motion, String words, double x, double y, double width, double height, boolean lit, boolean pad) {}
