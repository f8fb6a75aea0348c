package rhombus.core.stage.show.readout;

import java.util.List;
import rhombus.core.plain.Maybe;
import rhombus.core.stage.show.boards.TrailState;
import rhombus.core.stage.show.views.PivotReading;
import rhombus.core.stage.tool.ToolState;

/**
 * The numbers of the active view and of the selection.
 *
 * @param view id of the active viewport
 * @param title what it shows
 * @param rows facts
 * @param fields numbers to type
 * @param pivot what it would turn about
 * @param pinned the pinned pivot
 * @param ladder of pivots
 * @param undo what can be undone
 * @param redo what can be done again
 * @param tool in use
 * @param components what a click selects
 * @param isolated whether only some objects are drawn
 * @param solo whether one viewport fills the board
 * @param clearDeck whether everything but the viewports is hidden
 * @param trail of the viewport
 * @param selection what is selected
 * @param camera the camera that is selected or looked through
 * @param picture the picture plane that is selected
 */
public record Readout(
        String view,
        String title,
        List<ReadoutRow> rows,
        List<ReadoutField> fields,
        @Maybe PivotReading pivot,
        @Maybe List<ReadoutField> pinned,
        PivotLadderReading ladder,
        @Maybe String undo,
        @Maybe String redo,
        ToolState tool,
        String components,
        @Maybe Boolean isolated,
        boolean solo,
        boolean clearDeck,
        @Maybe TrailState trail,
        @Maybe SelectionReading selection,
        @Maybe CameraReading camera,
        @Maybe PictureReading picture) {}
