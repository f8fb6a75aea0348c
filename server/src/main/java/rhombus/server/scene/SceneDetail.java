package rhombus.server.scene;

import com.fasterxml.jackson.annotation.JsonUnwrapped;

/**
 * A scene with the addresses of its files.
 *
 * @param entry what the list tells of it
 * @param geometry its meshes, as glTF
 * @param edges which edges are sharp, as the core reads them
 * @param hierarchy its objects, as the core reads them
 */
record SceneDetail(@JsonUnwrapped SceneEntry entry, SceneFile geometry, SceneFile edges, SceneFile hierarchy) {
    /**
     * A file of a scene.
     *
     * @param size in bytes
     * @param href its address, which is another one when the file is another one
     */
    record SceneFile(long size, String href) {}
}
