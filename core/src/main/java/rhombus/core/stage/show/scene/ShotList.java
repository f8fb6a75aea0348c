package rhombus.core.stage.show.scene;

import static rhombus.core.words.Messages.say;

import java.util.List;
import rhombus.core.navigate.NumberText;
import rhombus.core.plain.OrNull;
import rhombus.core.plain.PageCall;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneCamera;
import rhombus.core.stage.show.readout.ReadoutNumbers;
import rhombus.core.stage.subject.ShotChecks;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.subject.TypedCamera;
import rhombus.core.stage.view.StageContext;
import rhombus.core.table.CameraTable;

/** All cameras of the scene as a table. A row takes some time to find out, so that they are asked for one by one. */
public final class ShotList {
    private final StageContext ground;
    private final SubjectParts subject;

    /** Of what a stage shows. */
    public ShotList(StageContext ground, SubjectParts subject) {
        this.ground = ground;
        this.subject = subject;
    }

    /** Ids of the cameras, in their order. */
    @PageCall
    public List<String> ids() {
        Scene s = ground.scene();
        return s.cameras().stream().map(i -> s.node(i).id()).toList();
    }

    /** The row of a camera, or null if it is not there any more. */
    @PageCall
    @OrNull
    public ShotRow row(String id) {
        int node = ground.scene().indexOf(id);
        if (node < 0 || ground.scene().node(node).camera() == null) {
            return null;
        }
        SceneCamera c = ground.scene().camera(node);
        ShotChecks checks = new ShotChecks(ground, subject, ground.board().active(), node);
        Double fill = checks.fill();
        return new ShotRow(
                id,
                ground.nameOf(node),
                lens(c),
                back(c),
                id.equals(ground.scene().setup().active()),
                fill == null ? "" : NumberText.fixed(fill * 100, 0) + "%",
                checks.warnings());
    }

    /** Focal length and angle of view of a camera, or its height where it is orthographic, in words. */
    public static String lens(SceneCamera c) {
        return c.perspective()
                ? ReadoutNumbers.number(c.focalLength(), 1) + " mm · " + NumberText.fixed(Math.toDegrees(c.fovY()), 1)
                        + "°"
                : say("shot-list.orthographic", NumberText.words(c.extent()));
    }

    private static String back(SceneCamera c) {
        String words = c.optics().back().words();
        return !c.perspective() ? "" : words != null ? words : size(c);
    }

    private static String size(SceneCamera c) {
        return ReadoutNumbers.number(c.optics().back().width(), 2) + " × "
                + ReadoutNumbers.number(c.optics().back().height(), 2) + " mm";
    }

    /** The list as comma-separated values: a line of names, then one for each camera. */
    @PageCall
    public String csv() {
        CameraTable table = new CameraTable(ground.scene(), "fill", "warnings");
        for (String id : ids()) {
            int node = ground.scene().indexOf(id);
            ShotRow row = row(id);
            double focus =
                    TypedCamera.aimed(ground, ground.board().active(), node).focus();
            table.add(node, row.name(), focus, row.fill(), String.join("; ", row.warnings()));
        }
        return table.csv();
    }
}
