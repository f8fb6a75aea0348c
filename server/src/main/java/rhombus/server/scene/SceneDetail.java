package rhombus.server.scene;

import com.fasterxml.jackson.annotation.JsonUnwrapped;

/**
 * A scene with the addresses of its files.
 *
 * @param entry what the list tells of it
 * @param geometry its meshes, as glTF
 * @param edges its modelled edges, as the core reads them
 * @param levels its meshes in fewer triangles, for views that move, as the core reads them
 * @param hierarchy its objects, as the core reads them
 */
record SceneDetail(
        @JsonUnwrapped SceneEntry entry, SceneFile geometry, SceneFile edges, SceneFile levels, SceneFile hierarchy) {
    /**
     * A file of a scene.
     *
     * @param size in bytes
     * @param href its address, which is another one when the file is another one
     */
    record SceneFile(long size, String href) {}
}
