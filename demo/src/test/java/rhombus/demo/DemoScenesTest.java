package rhombus.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.pick.SurfacePicking;
import rhombus.core.scene.NodeKind;
import rhombus.core.scene.Scene;
import rhombus.core.scene.UpAxis;
import rhombus.formats.ImportedScene;
import rhombus.formats.NormalReader;
import rhombus.formats.SceneImport;
import rhombus.formats.upload.Progress;
import rhombus.formats.upload.UploadLimits;
import rhombus.formats.upload.UploadedFiles;

class DemoScenesTest {
    private static ImportedScene read(byte[] glb) {
        return SceneImport.read(
                new UploadedFiles(UploadLimits.DEFAULT).add("scene.glb", glb), UploadLimits.DEFAULT, Progress.SILENT);
    }

    @Test
    void theBoatyardHoldsWhatItsStoryNeeds() {
        ImportedScene i = read(Boatyard.glb());
        Scene s = NormalReader.read(i);
        assertThat(i.triangles()).isBetween(120_000, 200_000);
        assertThat(s.nodes().stream().filter(n -> n.kind() == NodeKind.MESH).count())
                .isBetween(280L, 450L);
        assertThat(s.nodes().stream().filter(n -> n.kind() == NodeKind.CAMERA).map(n -> n.name()))
                .containsExactly("Harbour wide", "Deck close", "Crane top", "Keel low");
        assertThat(s.nodes().stream().filter(n -> n.kind() == NodeKind.LIGHT)).hasSize(3);
        assertThat(i.notes()).isEmpty();
        int buoy = indexOf(s, "Buoy");
        assertThat(s.bounds(buoy).center().length()).isBetween(880.0, 930.0);
        Vec3 rivet = s.bounds(indexOf(s, "Brass rivet")).size();
        assertThat(Math.max(rivet.x(), rivet.y())).isBetween(0.007, 0.0085);
        assertThat(s.node(indexOf(s, "Ground")).locked()).isTrue();
    }

    private static int indexOf(Scene s, String name) {
        return s.nodes().stream().map(n -> n.name()).toList().indexOf(name);
    }

    @Test
    void theMarkUnderTheSlipwayShowsOnlyFromBelow() {
        Scene s = NormalReader.read(read(Boatyard.glb()));
        SurfacePicking surfaces = new SurfacePicking(s);
        int mark = indexOf(s, "Painted mark");
        Vec3 p = s.bounds(mark).center();
        assertThat(surfaces.closest(new Ray(new Vec3(p.x(), 0.1, p.z()), Vec3.Y), false)
                        .node())
                .isEqualTo(mark);
        assertThat(surfaces.closest(new Ray(new Vec3(p.x(), 0.6, p.z()), Vec3.Y.negated()), false)
                        .node())
                .isNotEqualTo(mark);
    }

    @Test
    void scenesAreTheSameEveryTimeAndTheOrreryHasZUp() {
        assertThat(Boatyard.glb()).isEqualTo(Boatyard.glb());
        assertThat(NormalReader.read(read(Orrery.glb())).up()).isEqualTo(UpAxis.Z);
        assertThat(List.copyOf(DemoScenes.all().keySet())).hasSize(3);
    }
}
