package rhombus.core.stage.show;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.navigate.Lengths;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.stage.subject.CameraNumbers;
import rhombus.core.stage.subject.ShotChecks;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.view.Cameras;
import rhombus.core.stage.view.Ground;
import rhombus.core.view.Heading;
import rhombus.core.view.Pose;

/** All cameras of the scene as a table. A row takes some time to find out, so that they are asked for one by one. */
public final class ShotList {
    private static final String END = "\r\n";

    private final Ground ground;
    private final Subject subject;

    /** Of what a stage shows. */
    public ShotList(Ground ground, Subject subject) {
        this.ground = ground;
        this.subject = subject;
    }

    /** Ids of the cameras, in their order. */
    public List<String> ids() {
        Scene s = ground.scene();
        return Cameras.all(s).stream().map(i -> s.node(i).id()).toList();
    }

    /** The row of a camera, or null if it is not there any more. */
    public ShotRow row(String id) {
        int node = ground.scene().indexOf(id);
        if (node < 0 || ground.scene().node(node).camera() == null) {
            return null;
        }
        SceneCamera c = ground.scene().node(node).camera();
        ShotChecks checks = new ShotChecks(ground, subject, ground.board().active(), node);
        Double fill = checks.fill();
        return new ShotRow(
                id,
                ground.nameOf(node),
                lens(c),
                back(c),
                fill == null ? "" : Lengths.fixed(fill * 100, 0) + "%",
                checks.warnings());
    }

    private static String lens(SceneCamera c) {
        return c.perspective()
                ? Reading.number(c.focalLength(), 1) + " mm · " + Lengths.fixed(Math.toDegrees(c.fovY()), 1) + "°"
                : "orthographic · " + Lengths.words(c.extent());
    }

    private static String back(SceneCamera c) {
        String name = c.optics().back().name();
        return !c.perspective() ? "" : name != null ? name : size(c);
    }

    private static String size(SceneCamera c) {
        return Reading.number(c.optics().back().width(), 2) + " × "
                + Reading.number(c.optics().back().height(), 2) + " mm";
    }

    /** The list as comma-separated values (RFC 4180): a line of names, then one for each camera; metres, millimetres, degrees. */
    public String csv() {
        StringBuilder out = new StringBuilder("name,eye x,eye y,eye z,aim x,aim y,aim z,roll,kind,focal length,"
                + "vertical angle,height,back width,back height,gate fit,aspect,f-number,focus,fill,warnings" + END);
        for (String id : ids()) {
            line(out, id);
        }
        return out.toString();
    }

    private void line(StringBuilder out, String id) {
        int node = ground.scene().indexOf(id);
        SceneCamera c = ground.scene().node(node).camera();
        Pose p = CameraNumbers.aimed(ground, ground.board().active(), node);
        ShotRow row = row(id);
        boolean lens = c.perspective();
        List<Object> cells = new ArrayList<>(List.of(text(row.name())));
        for (var v : List.of(p.eye(), p.focusPoint())) {
            cells.addAll(List.of(v.x(), v.y(), v.z()));
        }
        cells.add(Math.toDegrees(Heading.roll(p.orientation(), ground.scene().up())));
        cells.add(lens ? "perspective" : "orthographic");
        cells.add(lens ? c.focalLength() : "");
        cells.add(lens ? Math.toDegrees(c.fovY()) : "");
        cells.add(lens ? "" : c.extent());
        cells.add(c.optics().back().width());
        cells.add(c.optics().back().height());
        cells.add(c.optics().fit().id());
        cells.add(c.aspect() == 0 ? "" : c.aspect());
        cells.add(c.optics().fNumber());
        cells.add(p.focus());
        cells.add(row.fill());
        cells.add(text(String.join("; ", row.warnings())));
        for (int i = 0; i < cells.size(); i++) {
            out.append(i == 0 ? "" : ",")
                    .append(cells.get(i) instanceof Double d ? Reading.number(d, 6) : cells.get(i));
        }
        out.append(END);
    }

    /** Text in quotes, so that commas and lines in it are its own; a formula of a spreadsheet is kept from being one. */
    private static String text(String s) {
        boolean formula = !s.isEmpty() && "=+-@\t\r".indexOf(s.charAt(0)) >= 0;
        return '"' + (formula ? "'" : "") + s.replace("\"", "\"\"") + '"';
    }
}
