package rhombus.formats.model;

import java.util.List;
import java.util.Map;

/**
 * What a reader found in a file.
 *
 * @param title what the file is called
 * @param gltf a document in the words of glTF 2.0, whose numbers are not checked yet: nodes, scenes, materials, textures,
 *     images, cameras and lights. Its meshes are named by number alone.
 * @param meshes the meshes, each of parts with one material
 * @param images the image files that the document names
 * @param notes what is not shown of the file
 */
public record ReadModel(
        String title, Map<String, Object> gltf, List<List<ModelPart>> meshes, ImageSource images, ImportNotes notes) {}
