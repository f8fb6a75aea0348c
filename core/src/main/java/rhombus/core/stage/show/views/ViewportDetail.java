package rhombus.core.stage.show.views;

import java.util.List;
import rhombus.core.geometry.Vec3;
import rhombus.core.plain.OneOf;
import rhombus.core.plain.OrNull;
import rhombus.core.stage.view.PixelRect;

/**
 * A viewport as panels and the painter read it.
 *
 * @param id names it on its board
 * @param number its place on the board, from 0
 * @param title what it shows, in words
 * @param lens its lens or scale, in words
 * @param direction the side it looks from
 * @param projection of its pose
 * @param key names it among all there have been since the page was opened
 * @param caption words for a picture of it
 * @param display id of its look
 * @param displayLabel the same in words
 * @param light id of what lights it, or null where its look takes no lights
 * @param background what lies behind everything: a name or a colour
 * @param overlays with what is on
 * @param eye place of the eye, metres
 * @param forward direction of sight
 * @param up direction that is up in the picture
 * @param focusDistance metres to what it turns about by itself
 * @param fovY vertical field of view, degrees; null in a flat view
 * @param extent height of the picture, metres; null in a perspective
 * @param near nearest depth drawn, metres
 * @param far farthest depth drawn, metres
 * @param rect its place on the stage
 * @param shown whether it is shown
 * @param active whether it is the active one
 * @param solo whether it fills the board
 * @param camera id of the camera it looks through, or null
 * @param driven whether navigating moves that camera
 * @param guarded whether navigating leaves that camera where it is
 * @param crop how the picture is cropped, or null
 * @param walking whether one walks or flies in it, or null
 */
public record ViewportDetail(
        String id,
        int number,
        String title,
        String lens,
        @OneOf({"front", "back", "left", "right", "top", "bottom", "free"}) String direction,
        @OneOf({"perspective", "orthographic"}) String projection,
        String key,
        String caption,
        String display,
        String displayLabel,
        @OrNull String light,
        String background,
        List<OverlayState> overlays,
        Vec3 eye,
        Vec3 forward,
        Vec3 up,
        double focusDistance,
        @OrNull Double fovY,
        @OrNull Double extent,
        double near,
        double far,
        PixelRect rect,
        boolean shown,
        boolean active,
        boolean solo,
        @OrNull String camera,
        boolean driven,
        boolean guarded,
        @OrNull CropState crop,
        @OrNull @OneOf({"walk", "fly"}) String walking) {}
