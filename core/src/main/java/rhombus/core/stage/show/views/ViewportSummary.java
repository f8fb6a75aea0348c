package rhombus.core.stage.show.views;

import java.util.List;
import rhombus.core.plain.OneOf;
import rhombus.core.plain.OrNull;
import rhombus.core.stage.view.PixelRect;

/**
 * A viewport without the numbers of its pose: what panels show of it, which stays the same while it moves.
 *
 * @param id names it on its board
 * @param number its place on the board, from 0
 * @param title what it shows, in words
 * @param lens its lens or scale, in words
 * @param projection of its pose
 * @param key names it among all there have been since the page was opened
 * @param display id of its look
 * @param displayLabel the same in words
 * @param light id of what lights it, or null where its look takes no lights
 * @param background what lies behind everything: a name or a colour
 * @param overlays with what is on
 * @param rect its place on the stage
 * @param shown whether it is shown
 * @param active whether it is the active one
 * @param solo whether it fills the board
 * @param camera id of the camera it looks through, or null
 * @param cameraState whether navigating leaves that camera, moves it or is refused; null without a camera
 * @param crop how the picture is cropped, or null
 * @param walking whether one walks or flies in it, or null
 */
public record ViewportSummary(
        String id,
        int number,
        String title,
        String lens,
        @OneOf({"perspective", "orthographic"}) String projection,
        String key,
        String display,
        String displayLabel,
        @OrNull String light,
        String background,
        List<OverlayState> overlays,
        PixelRect rect,
        boolean shown,
        boolean active,
        boolean solo,
        @OrNull String camera,
        @OrNull @OneOf({"guarded", "driven", "locked"}) String cameraState,
        @OrNull CropState crop,
        @OrNull @OneOf({"walk", "fly"}) String walking) {}
