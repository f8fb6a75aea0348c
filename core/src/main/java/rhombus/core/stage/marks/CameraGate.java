package rhombus.core.stage.marks;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.display.Overlay;
import rhombus.core.scene.SceneSetup;
import rhombus.core.stage.view.PixelRect;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** Where a camera's picture lies in the viewport that looks through it, and what helps to compose it. */
public final class CameraGate {
    /** Parts of width and height within which action and titles are safe: SMPTE ST 2046-1. */
    private static final double ACTION = 0.93;

    private static final double TITLE = 0.9;
    /** Half a line of the cross in the middle, as a part of the picture's height. */
    private static final double CROSS = 0.03;

    private CameraGate() {}

    /** The mark, or null where the viewport looks through no camera, or nothing of it is shown. */
    public static CameraGateMark of(StageContext ground, Viewport v) {
        PixelRect r = picture(ground, v);
        if (r == null) {
            return null;
        }
        boolean gate = v.shows(Overlay.GATE);
        boolean guides = v.shows(Overlay.GUIDES) && ground.scene().setup().guided();
        boolean any = gate || guides || v.shows(Overlay.AREAS) || v.shows(Overlay.THIRDS) || v.shows(Overlay.CENTRE);
        if (!any && !v.shows(Overlay.DIM)) {
            return null;
        }
        return new CameraGateMark(
                gate ? r : null,
                v.shows(Overlay.DIM) ? outside(v, r) : List.of(),
                areas(v, r),
                lines(ground.scene().setup(), v, r));
    }

    /**
     * The picture of the camera that is looked through, in pixels of the viewport, cropped as the viewport is; null without
     * a camera.
     */
    public static PixelRect picture(StageContext ground, Viewport v) {
        int node = v.camera == null ? -1 : ground.scene().indexOf(v.camera);
        if (node < 0) {
            return null;
        }
        double aspect = ground.scene().camera(node).aspect();
        double width = Math.min(v.width, v.height * aspect) * v.crop.scale();
        double height = Math.min(v.height, v.width / aspect) * v.crop.scale();
        return centred(v.width / 2 + v.crop.x() * v.height, v.height / 2 + v.crop.y() * v.height, width, height);
    }

    private static PixelRect centred(double x, double y, double width, double height) {
        return new PixelRect(x - width / 2, y - height / 2, width, height);
    }

    private static List<PixelRect> outside(Viewport v, PixelRect r) {
        double left = Math.max(0, Math.min(v.width, r.x()));
        double right = Math.max(0, Math.min(v.width, r.x() + r.width()));
        double top = Math.max(0, Math.min(v.height, r.y()));
        double bottom = Math.max(0, Math.min(v.height, r.y() + r.height()));
        List<PixelRect> out = new ArrayList<>();
        add(out, 0, 0, v.width, top);
        add(out, 0, bottom, v.width, v.height - bottom);
        add(out, 0, top, left, bottom - top);
        add(out, right, top, v.width - right, bottom - top);
        return out;
    }

    private static void add(List<PixelRect> to, double x, double y, double width, double height) {
        // What is thinner than half a pixel is not there.
        if (width > 0.5 && height > 0.5) {
            to.add(new PixelRect(x, y, width, height));
        }
    }

    private static List<CameraGateMark.Area> areas(Viewport v, PixelRect r) {
        return v.shows(Overlay.AREAS) ? List.of(area("action", ACTION, r), area("title", TITLE, r)) : List.of();
    }

    private static CameraGateMark.Area area(String what, double part, PixelRect r) {
        return new CameraGateMark.Area(what, what + " " + Math.round(part * 100) + "%", part(r, part));
    }

    private static PixelRect part(PixelRect r, double part) {
        return centred(r.x() + r.width() / 2, r.y() + r.height() / 2, r.width() * part, r.height() * part);
    }

    private static List<CameraGateMark.Line> lines(SceneSetup setup, Viewport v, PixelRect r) {
        List<CameraGateMark.Line> out = new ArrayList<>();
        if (v.shows(Overlay.THIRDS)) {
            for (int i = 1; i <= 2; i++) {
                out.add(new CameraGateMark.Line("third", r.x() + r.width() * i / 3, r.y(), r.height(), true));
                out.add(new CameraGateMark.Line("third", r.x(), r.y() + r.height() * i / 3, r.width(), false));
            }
        }
        if (v.shows(Overlay.GUIDES)) {
            for (double part : setup.down()) {
                out.add(new CameraGateMark.Line("guide", r.x() + r.width() * part, r.y(), r.height(), true));
            }
            for (double part : setup.across()) {
                out.add(new CameraGateMark.Line("guide", r.x(), r.y() + r.height() * part, r.width(), false));
            }
        }
        if (v.shows(Overlay.CENTRE)) {
            double x = r.x() + r.width() / 2;
            double y = r.y() + r.height() / 2;
            double half = r.height() * CROSS;
            out.add(new CameraGateMark.Line("centre", x, y - half, 2 * half, true));
            out.add(new CameraGateMark.Line("centre", x - half, y, 2 * half, false));
        }
        return out;
    }
}
