package rhombus.core.stage.marks;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.geometry.Vec3;
import rhombus.core.optics.DepthOfField;
import rhombus.core.optics.Optics;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.stage.subject.CameraFrustum;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.subject.TypedCamera;
import rhombus.core.stage.view.CameraViews;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;
import rhombus.core.view.Screen;

/** What the cameras that are selected or driven see, in the other viewports: a pyramid that ends where they focus. */
public final class CameraPyramids {
    /** A plane farther away than so many times the size of the scene is not drawn. */
    private static final double FARTHEST = 4;

    private CameraPyramids() {}

    /** The marks of a viewport; its own camera has none there. */
    public static List<CameraPyramidMark> of(StageContext ground, SubjectParts subject, Viewport v) {
        Scene s = ground.scene();
        List<CameraPyramidMark> out = new ArrayList<>();
        for (int i : s.cameras()) {
            if (!s.shown(i) || s.node(i).id().equals(v.camera)) {
                continue;
            }
            boolean driven = CameraViews.driven(ground, s.node(i).id());
            if (driven || subject.selection().has(i)) {
                out.add(new CameraPyramidMark(s.node(i).id(), driven, new Drawing(ground, v, i).strokes()));
            }
        }
        return out;
    }

    private static final class Drawing {
        private final Screen screen;
        private final SceneCamera camera;
        private final Pose pose;
        private final CameraFrustum frustum;
        private final double farthest;
        /** Depth in this viewport from which on lines are drawn; anything in a flat one. */
        private final double nearest;

        Drawing(StageContext ground, Viewport v, int node) {
            screen = v.screen();
            camera = ground.scene().camera(node);
            pose = TypedCamera.aimed(ground, v, node);
            frustum = new CameraFrustum(camera, pose);
            farthest = FARTHEST * ground.scene().radius();
            nearest = v.pose.projection().flat() ? Double.NEGATIVE_INFINITY : v.pose.focus() * 1e-3;
        }

        List<CameraPyramidMark.Stroke> strokes() {
            double focus = pose.focus();
            Vec3[] start = camera.perspective() ? null : frustum.corners(0);
            Vec3[] end = frustum.corners(focus);
            Lines edges = new Lines("edge");
            for (int k = 0; k < 4; k++) {
                edges.add(start == null ? pose.eye() : start[k], end[k]);
            }
            if (start != null) {
                edges.around(start);
            }
            Lines focused = new Lines("focus").around(end);
            focused.around(frustum.upright(end));
            List<CameraPyramidMark.Stroke> out = new ArrayList<>(List.of(
                    edges.stroke(),
                    focused.stroke(),
                    new Lines("sight").add(pose.eye(), pose.focusPoint()).stroke()));
            Optics o = camera.optics();
            Lines clip = new Lines("clip");
            plane(clip, o.near());
            plane(clip, o.far());
            Lines sharp = new Lines("sharp");
            if (camera.perspective()) {
                DepthOfField d = DepthOfField.of(camera.focalLength(), o.fNumber(), o.confusion(), focus);
                plane(sharp, d.near());
                plane(sharp, d.far());
            }
            for (Lines l : List.of(clip, sharp)) {
                if (!l.ends.isEmpty()) {
                    out.add(l.stroke());
                }
            }
            return out;
        }

        private void plane(Lines to, Double distance) {
            if (distance != null && distance <= farthest) {
                to.around(frustum.corners(distance));
            }
        }

        private final class Lines {
            private final String what;
            private final List<Double> ends = new ArrayList<>();

            Lines(String what) {
                this.what = what;
            }

            Lines around(Vec3[] corners) {
                for (int k = 0; k < corners.length; k++) {
                    add(corners[k], corners[(k + 1) % corners.length]);
                }
                return this;
            }

            /** A line, as far as it lies before this viewport's eye. */
            Lines add(Vec3 a, Vec3 b) {
                double da = screen.pose().depth(a) - nearest;
                double db = screen.pose().depth(b) - nearest;
                if (da < 0 && db < 0) {
                    return this;
                }
                Vec3 from = da < 0 ? a.mix(b, da / (da - db)) : a;
                Vec3 to = db < 0 ? b.mix(a, db / (db - da)) : b;
                for (Vec3 p : List.of(screen.project(from), screen.project(to))) {
                    ends.add(p.x());
                    ends.add(p.y());
                }
                return this;
            }

            CameraPyramidMark.Stroke stroke() {
                return new CameraPyramidMark.Stroke(
                        what, ends.stream().mapToDouble(Double::doubleValue).toArray());
            }
        }
    }
}
