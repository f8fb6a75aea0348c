package rhombus.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Vec3;
import rhombus.core.match.MatchConstraints;
import rhombus.core.plain.PlainData;

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
public record PicturePlane(
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
        List<MatchConstraints.Line> lines,
        List<MatchConstraints.Point> points,
        Span span) {
    /** It is seen through a camera. */
    public static final String CAMERA = "camera";
    /** Most marks of a sort. */
    public static final int MARKS = 100;

    /** Two points, pixels from the upper left corner. */
    public record Span(double x1, double y1, double x2, double y2) {}

    /** A picture that was just brought. */
    public static PicturePlane brought(String image, int width, int height, String seen, String camera, double size) {
        return new PicturePlane(
                image, width, height, seen, camera, size, 0, 0, 1, false, false, List.of(), List.of(), null);
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
    public PicturePlane seen(String where, String otherCamera, double otherSize) {
        return new PicturePlane(
                image, width, height, where, otherCamera, otherSize, 0, 0, opacity, front, false, lines, points, span);
    }

    /** Filling the view of the camera that was made from it. */
    public PicturePlane taken(String by) {
        return new PicturePlane(image, width, height, CAMERA, by, 1, 0, 0, opacity, front, true, lines, points, span);
    }

    /** With another size and place. */
    public PicturePlane placed(double otherSize, double otherX, double otherY) {
        return new PicturePlane(
                image, width, height, seen, camera, otherSize, otherX, otherY, opacity, front, matched, lines, points,
                span);
    }

    /** Drawn otherwise. */
    public PicturePlane drawn(double otherOpacity, boolean before) {
        return new PicturePlane(
                image, width, height, seen, camera, size, x, y, otherOpacity, before, matched, lines, points, span);
    }

    /** With other marks on it. */
    public PicturePlane marked(
            List<MatchConstraints.Line> otherLines, List<MatchConstraints.Point> otherPoints, Span otherSpan) {
        return new PicturePlane(
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
    public MatchConstraints evidence() {
        return new MatchConstraints(width, height, lines, points);
    }

    // ---- as plain data ---------------------------------------------------------------------------------------------

    public Map<String, Object> toPlain() {
        List<Object> l = new ArrayList<>();
        lines.forEach(a -> l.add(PlainData.list(a.axis(), a.x1(), a.y1(), a.x2(), a.y2())));
        List<Object> p = new ArrayList<>();
        points.forEach(a -> p.add(PlainData.list(a.x(), a.y(), a.at().x(), a.at().y(), a.at().z())));
        return PlainData.map(
                "image",
                image,
                "pixels",
                PlainData.list(width, height),
                "seen",
                seen,
                "camera",
                camera,
                "place",
                PlainData.list(size, x, y),
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
                span == null ? null : PlainData.list(span.x1, span.y1, span.x2, span.y2));
    }

    /** The picture that plain data describes, or null. */
    public static PicturePlane of(Object plain) {
        Map<String, Object> m = PlainData.map(plain);
        double[] pixels = PlainData.numbers(m.get("pixels"), 2);
        double[] place = PlainData.numbers(m.get("place"), 3);
        if (pixels == null || place == null || !(pixels[0] >= 1) || !(pixels[1] >= 1) || !(place[0] > 0)) {
            return null;
        }
        List<MatchConstraints.Line> lines = new ArrayList<>();
        for (Object o : PlainData.list(m.get("lines"))) {
            double[] d = PlainData.numbers(o, 5);
            if (d != null && d[0] >= 0 && d[0] <= 2 && lines.size() < MARKS) {
                lines.add(new MatchConstraints.Line((int) d[0], d[1], d[2], d[3], d[4]));
            }
        }
        List<MatchConstraints.Point> points = new ArrayList<>();
        for (Object o : PlainData.list(m.get("points"))) {
            double[] d = PlainData.numbers(o, 5);
            if (d != null && points.size() < MARKS) {
                points.add(new MatchConstraints.Point(d[0], d[1], new Vec3(d[2], d[3], d[4])));
            }
        }
        double[] span = PlainData.numbers(m.get("span"), 4);
        return new PicturePlane(
                PlainData.text(m.get("image"), ""),
                (int) pixels[0],
                (int) pixels[1],
                PlainData.text(m.get("seen"), CAMERA),
                PlainData.text(m.get("camera"), null),
                place[0],
                place[1],
                place[2],
                Math.max(0, Math.min(1, PlainData.number(m.get("opacity"), 1))),
                PlainData.truth(m.get("front"), false),
                PlainData.truth(m.get("matched"), false),
                List.copyOf(lines),
                List.copyOf(points),
                span == null ? null : new Span(span[0], span[1], span[2], span[3]));
    }
}
