package rhombus.core.stage.show.paint;

import java.util.List;
import rhombus.core.plain.Maybe;
import rhombus.core.stage.boards.LinkedCoordinate;
import rhombus.core.stage.marks.Beacon;
import rhombus.core.stage.marks.CameraGateMark;
import rhombus.core.stage.marks.CameraPyramidMark;
import rhombus.core.stage.marks.GhostEyeMark;
import rhombus.core.stage.marks.HoverMark;
import rhombus.core.stage.marks.NameLabel;
import rhombus.core.stage.marks.PadGripMark;
import rhombus.core.stage.marks.RosePicture;
import rhombus.core.stage.motion.MarqueeMark;
import rhombus.core.stage.motion.WalkIndicator;
import rhombus.core.stage.subject.ComponentMark;
import rhombus.core.stage.subject.RulerMark;
import rhombus.core.stage.tool.CameraHandleMark;
import rhombus.core.stage.tool.PictureSketchMark;
import rhombus.core.stage.tool.ToolHandleMark;
import rhombus.core.stage.view.ViewportPoint;

/**
 * Everything that lies over a viewport, in its own pixels.
 *
 * @param pivot what is turned about
 * @param handles of the tool
 * @param cameraHandles of the camera that is selected
 * @param sketch what is marked on the picture that is selected
 * @param rose the Rose
 * @param grips lozenges of the Pad
 * @param lines coordinates that linked viewports share
 * @param walk while one walks
 * @param beacon the way to a selection out of view
 * @param empty whether nothing of the scene is in view
 * @param hover what a click would take
 * @param marquee a rectangle that is drawn
 * @param parts selected vertices, edges and faces
 * @param rulers between points
 * @param names of what is seen
 * @param own the pivot point of the object selected last, where no tool stands on it
 * @param ring of the trackball
 * @param pyramids what cameras see that are selected or driven
 * @param gate the picture of the camera that is looked through
 * @param refused where a motion was refused
 * @param companion the eye of a run that one races with
 */
public record ViewportMarks(
        @Maybe PivotMark pivot,
        List<ToolHandleMark> handles,
        List<CameraHandleMark> cameraHandles,
        @Maybe PictureSketchMark sketch,
        @Maybe RosePicture rose,
        List<PadGripMark> grips,
        List<LinkedCoordinate> lines,
        @Maybe WalkIndicator walk,
        @Maybe Beacon beacon,
        @Maybe Boolean empty,
        @Maybe HoverMark hover,
        @Maybe MarqueeMark marquee,
        List<ComponentMark> parts,
        List<RulerMark> rulers,
        List<NameLabel> names,
        @Maybe ViewportPoint own,
        @Maybe TrackballRing ring,
        List<CameraPyramidMark> pyramids,
        @Maybe CameraGateMark gate,
        @Maybe ViewportPoint refused,
        @Maybe GhostEyeMark companion) {}
