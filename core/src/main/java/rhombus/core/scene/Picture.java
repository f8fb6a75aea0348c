package rhombus.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Vec3;
import rhombus.core.match.Evidence;
import rhombus.core.plain.Plain;

/**
 * A picture fixed behind an axis view or a camera, or in front of it.
 *
 * @param image id of what was brought
 * @param width of it, pixels
 * @param height of it, pixels
 * @param seen where it is seen: a direction's word, or {@value #CAMERA}
 * @param camera id of the camera it is seen through, or null
 * @param size its height: metres in its node's plane for an axis view, parts of the picture's height for a camera
 * @param x middle of it across, parts of the camera's picture's height from its middle; 0 for an axis view
 * @param y middle of it upwards, likewise
 * @param opacity 0 to 1
 * @param front whether it lies before the scene
 * @param lines marked on it, along the scene's axes
 * @param points marked on it, whose places in the scene are known
 * @param matched whether its camera was made from it, and follows what is marked
 * @param span two points of it whose distance is known, or null
 */
public record Picture(
        String image,
        int width,
        int height,
        String seen,
        String camera,
        double size,
        double x,
        double y,
        double opacity,
        boolean front,
        boolean matched,
        List<Evidence.Line> lines,
        List<Evidence.Point> points,
        Span span) {
    /** It is seen through a camera. */
    public static final String CAMERA = "camera";
    /** Most marks of a sort. */
    public static final int MARKS = 100;

    /** Two points, pixels from the upper left corner. */
    public record Span(double x1, double y1, double x2, double y2) {}

    /** A picture that was just brought. */
    public static Picture brought(String image, int width, int height, String seen, String camera, double size) {
        return new Picture(image, width, height, seen, camera, size, 0, 0, 1, false, false, List.of(), List.of(), null);
    }

    /** Whether it is seen through a camera. */
    public boolean throughCamera() {
        return seen.equals(CAMERA);
    }

    /** Width over height. */
    public double aspect() {
        return (double) width / height;
    }

    /** Seen elsewhere. */
    public Picture seen(String where, String otherCamera, double otherSize) {
        return new Picture(
                image, width, height, where, otherCamera, otherSize, 0, 0, opacity, front, false, lines, points, span);
    }

    /** Filling the view of the camera that was made from it. */
    public Picture taken(String by) {
        return new Picture(image, width, height, CAMERA, by, 1, 0, 0, opacity, front, true, lines, points, span);
    }

    /** With another size and place. */
    public Picture placed(double otherSize, double otherX, double otherY) {
        return new Picture(
                image, width, height, seen, camera, otherSize, otherX, otherY, opacity, front, matched, lines, points,
                span);
    }

    /** Drawn otherwise. */
    public Picture drawn(double otherOpacity, boolean before) {
        return new Picture(
                image, width, height, seen, camera, size, x, y, otherOpacity, before, matched, lines, points, span);
    }

    /** With other marks on it. */
    public Picture marked(List<Evidence.Line> otherLines, List<Evidence.Point> otherPoints, Span otherSpan) {
        return new Picture(
                image,
                width,
                height,
                seen,
                camera,
                size,
                x,
                y,
                opacity,
                front,
                matched,
                List.copyOf(otherLines),
                List.copyOf(otherPoints),
                otherSpan);
    }

    /** What is marked on it, for finding the camera that took it. */
    public Evidence evidence() {
        return new Evidence(width, height, lines, points);
    }

    // ---- as plain data ---------------------------------------------------------------------------------------------

    public Map<String, Object> toPlain() {
        List<Object> l = new ArrayList<>();
        lines.forEach(a -> l.add(Plain.list(a.axis(), a.x1(), a.y1(), a.x2(), a.y2())));
        List<Object> p = new ArrayList<>();
        points.forEach(a -> p.add(Plain.list(a.x(), a.y(), a.at().x(), a.at().y(), a.at().z())));
        return Plain.map(
                "image",
                image,
                "pixels",
                Plain.list(width, height),
                "seen",
                seen,
                "camera",
                camera,
                "place",
                Plain.list(size, x, y),
                "opacity",
                opacity,
                "front",
                front ? true : null,
                "matched",
                matched ? true : null,
                "lines",
                l.isEmpty() ? null : l,
                "points",
                p.isEmpty() ? null : p,
                "span",
                span == null ? null : Plain.list(span.x1, span.y1, span.x2, span.y2));
    }

    /** The picture that plain data describes, or null. */
    public static Picture of(Object plain) {
        Map<String, Object> m = Plain.map(plain);
        double[] pixels = Plain.numbers(m.get("pixels"), 2);
        double[] place = Plain.numbers(m.get("place"), 3);
        if (pixels == null || place == null || !(pixels[0] >= 1) || !(pixels[1] >= 1) || !(place[0] > 0)) {
            return null;
        }
        List<Evidence.Line> lines = new ArrayList<>();
        for (Object o : Plain.list(m.get("lines"))) {
            double[] d = Plain.numbers(o, 5);
            if (d != null && d[0] >= 0 && d[0] <= 2 && lines.size() < MARKS) {
                lines.add(new Evidence.Line((int) d[0], d[1], d[2], d[3], d[4]));
            }
        }
        List<Evidence.Point> points = new ArrayList<>();
        for (Object o : Plain.list(m.get("points"))) {
            double[] d = Plain.numbers(o, 5);
            if (d != null && points.size() < MARKS) {
                points.add(new Evidence.Point(d[0], d[1], new Vec3(d[2], d[3], d[4])));
            }
        }
        double[] span = Plain.numbers(m.get("span"), 4);
        return new Picture(
                Plain.text(m.get("image"), ""),
                (int) pixels[0],
                (int) pixels[1],
                Plain.text(m.get("seen"), CAMERA),
                Plain.text(m.get("camera"), null),
                place[0],
                place[1],
                place[2],
                Math.max(0, Math.min(1, Plain.number(m.get("opacity"), 1))),
                Plain.truth(m.get("front"), false),
                Plain.truth(m.get("matched"), false),
                List.copyOf(lines),
                List.copyOf(points),
                span == null ? null : new Span(span[0], span[1], span[2], span[3]));
    }
}
