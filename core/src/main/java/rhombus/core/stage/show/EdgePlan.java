package rhombus.core.stage.show;

import java.util.List;
import rhombus.core.display.DisplayMode;
import rhombus.core.display.EdgeThinning;
import rhombus.core.geometry.Mesh;
import rhombus.core.scene.Scene;
import rhombus.core.stage.view.ViewState;
import rhombus.core.view.Screen;

/** How many edges of each mesh a viewport draws. */
final class EdgePlan {
    /** Scenes with more to draw are drawn mesh by mesh. */
    private static final int CROWD = 4096;

    private EdgePlan() {}

    /**
     * For each drawn mesh, in the order of the nodes and their meshes: how many edges a wire view shows, or for edges on
     * surfaces 1 where they can be seen.
     */
    static int[] of(ViewState v, Scene scene) {
        Screen screen = v.screen();
        int[] out = new int[scene.drawnCount()];
        if (v.mode.edging() == DisplayMode.Edging.NONE) {
            return out;
        }
        if (out.length > CROWD) {
            return alike(v, screen, scene, out);
        }
        int at = 0;
        for (int i = 0; i < scene.count(); i++) {
            if (scene.node(i).meshes().isEmpty()) {
                continue;
            }
            if (!scene.shown(i)) {
                at += scene.node(i).meshes().size();
                continue;
            }
            double area = EdgeThinning.area(screen, scene.bounds(i));
            double room = EdgeThinning.room(screen, scene.bounds(i));
            for (int m : scene.node(i).meshes()) {
                Mesh mesh = scene.meshes().get(m);
                out[at++] = switch (v.mode.edging()) {
                    case NONE -> 0;
                    case ON_SURFACE -> EdgeThinning.showOnSurface(area, mesh.triangleCount()) ? 1 : 0;
                    case LINES ->
                        mesh.edgeVertices() == null ? 0 : EdgeThinning.count(room, mesh.edgeVertices().length / 2);
                };
            }
        }
        return out;
    }

    /** In a scene of very many objects, all uses of a mesh are drawn as one that stood at the focus would be. */
    private static int[] alike(ViewState v, Screen screen, Scene scene, int[] out) {
        int[] ofMesh = new int[scene.meshes().size()];
        double m = screen.metresPerPixel(v.pose.focus());
        for (int k = 0; k < ofMesh.length; k++) {
            Mesh mesh = scene.meshes().get(k);
            double side = mesh.bounds().radius() * 2 / m;
            ofMesh[k] = switch (v.mode.edging()) {
                case NONE -> 0;
                case ON_SURFACE -> EdgeThinning.showOnSurface(side * side, mesh.triangleCount()) ? 1 : 0;
                case LINES ->
                    mesh.edgeVertices() == null
                            ? 0
                            : EdgeThinning.count(side * side + 8 * side, mesh.edgeVertices().length / 2);
            };
        }
        int at = 0;
        for (int i = 0; i < scene.count(); i++) {
            List<Integer> meshes = scene.node(i).meshes();
            for (int k = 0; k < meshes.size(); k++) {
                out[at++] = ofMesh[meshes.get(k)];
            }
        }
        return out;
    }
}
