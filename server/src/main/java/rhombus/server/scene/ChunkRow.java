package rhombus.server.scene;

/** A piece of a file. A mapper that returns a bare array would give its first byte only. */
public record ChunkRow(int seq, byte[] data) {}
