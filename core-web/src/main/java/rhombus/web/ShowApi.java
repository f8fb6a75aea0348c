package rhombus.web;

import org.teavm.jso.JSObject;
import org.teavm.jso.typedarrays.Int32Array;
import rhombus.boundary.Gives;
import rhombus.core.stage.coach.FirstStep;
import rhombus.core.stage.coach.Hint;
import rhombus.core.stage.show.BoardsState;
import rhombus.core.stage.show.CameraRow;
import rhombus.core.stage.show.FoundCommand;
import rhombus.core.stage.show.HistoryState;
import rhombus.core.stage.show.LayerRow;
import rhombus.core.stage.show.LookState;
import rhombus.core.stage.show.ObjectRow;
import rhombus.core.stage.show.PickResult;
import rhombus.core.stage.show.PinRow;
import rhombus.core.stage.show.PivotReading;
import rhombus.core.stage.show.Readout;
import rhombus.core.stage.show.RulerRow;
import rhombus.core.stage.show.SceneState;
import rhombus.core.stage.show.ScreenPoint;
import rhombus.core.stage.show.ShotRow;
import rhombus.core.stage.show.TrailEntry;
import rhombus.core.stage.show.TrailState;
import rhombus.core.stage.show.ViewportDetail;
import rhombus.core.stage.show.ViewportSummary;
import rhombus.core.stage.view.ViewSource;

/** What panels read; see {@link rhombus.core.stage.show.Snapshots}. */
public interface ShowApi extends JSObject {
    @Gives(value = ViewportDetail.class, list = true)
    JSObject views();

    /** The same list, and the same objects in it, as long as nothing changes. */
    @Gives(value = ViewportSummary.class, list = true)
    JSObject frames();

    @Gives(SceneState.class)
    JSObject scene();

    @Gives(value = ObjectRow.class, list = true)
    JSObject objects();

    @Gives(value = PivotReading.class, orNull = true)
    JSObject pivot(String view);

    @Gives(value = TrailState.class, orNull = true)
    JSObject trail(String view);

    @Gives(value = TrailEntry.class, list = true)
    JSObject trailEntries(String view);

    @Gives(value = ViewSource.class, list = true)
    JSObject choices(String view);

    /** The rulers that lie over the viewports. */
    @Gives(value = RulerRow.class, list = true)
    JSObject rulers();

    /** Every look that a viewport can be given. */
    @Gives(value = ViewSource.class, list = true)
    JSObject looks(String view);

    /** The look of a viewport, to be changed part by part. */
    @Gives(LookState.class)
    JSObject look(String view);

    /** What can lie behind everything in a viewport, a colour of one's own aside. */
    @Gives(value = ViewSource.class, list = true)
    JSObject backgrounds(String view);

    /** What can light a viewport; empty where its look takes no light. */
    @Gives(value = ViewSource.class, list = true)
    JSObject lightsFor(String view);

    /** What the last motion did, in a sentence for somebody who does not see it. */
    String aloud();

    @Gives(BoardsState.class)
    JSObject boards();

    @Gives(value = PinRow.class, list = true)
    JSObject pins();

    @Gives(value = String.class, list = true)
    JSObject shotIds();

    @Gives(value = ShotRow.class, orNull = true)
    JSObject shot(String camera);

    String shotsCsv();

    @Gives(value = CameraRow.class, list = true)
    JSObject cameras();

    /** Commands that are meant by words, the best first. */
    @Gives(value = FoundCommand.class, list = true)
    JSObject find(String typed);

    /** A command was run from that list. */
    void ran(String key);

    @Gives(value = LayerRow.class, list = true)
    JSObject layers();

    @Gives(HistoryState.class)
    JSObject history();

    /** Puts into an object what has changed since the last time; all of it where the object is fresh. */
    void readout(@Gives(Readout.class) JSObject target, boolean fresh);

    @Gives(value = PickResult.class, orNull = true)
    JSObject pick(String view, double x, double y);

    @Gives(value = String.class, list = true)
    JSObject selection();

    /** Numbers of the nodes that are selected, or of the one selected last, with all below them. */
    Int32Array selectedNodes(boolean last);

    /** What a new hand is asked to do next; none where all is done. */
    @Gives(value = FirstStep.class, list = true)
    JSObject firstSteps();

    /** The same list as long as nothing changes. */
    @Gives(value = Hint.class, list = true)
    JSObject hints();

    @Gives(value = ScreenPoint.class, orNull = true)
    JSObject project(String view, @Gives(value = Double.class, list = true) JSObject point);
}
