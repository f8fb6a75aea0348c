package rhombus.server.scene;

/**
 * One file of a scene.
 *
 * @param kind geometry, lines, coarse or hierarchy; edges in a scene that was not opened since lines and coarse took their place
 * @param sha256 of its bytes, hexadecimal
 */
public record FileRow(String kind, String sha256, long size) {}
