package rhombus.core.stage.show.scene;

import java.util.List;

/**
 * What can be undone and redone, oldest first.
 *
 * @param edits their names
 * @param done how many of them are done
 */
public record HistoryState(List<String> edits, int done) {}
