package rhombus.server.kept;

/**
 * A document kept for a user.
 *
 * @param version counts the saves; 0 before the first
 * @param body JSON
 */
public record KeptDocument(int version, String body) {}
