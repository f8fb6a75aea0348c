package rhombus.server.scene;

/**
 * One file of a scene.
 *
 * @param kind geometry, edges or hierarchy
 * @param sha256 of its bytes, hexadecimal
 */
public record FileRow(String kind, String sha256, long size) {}
