package rhombus.formats;

import java.util.List;

/**
 * A scene in normal form, ready to be kept.
 *
 * @param title as the file was called
 * @param glb the scene: glTF 2.0, one binary chunk, tight arrays
 * @param edges modelled edges of all meshes
 * @param levels coarser triangles of all meshes
 * @param hierarchies for picking, of all meshes
 * @param triangles drawn, each instance counted
 * @param objects number of nodes
 * @param standing which way is up, and the unit where the file's format does not say it
 * @param picture a small picture of it, PNG
 * @param notes what of the file is not shown, in sentences
 */
public record ImportedScene(
        String title,
        byte[] glb,
        byte[] edges,
        byte[] levels,
        byte[] hierarchies,
        int triangles,
        int objects,
        SceneOrientation standing,
        byte[] picture,
        List<String> notes) {}
