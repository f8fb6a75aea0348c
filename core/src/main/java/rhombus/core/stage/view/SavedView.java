package rhombus.core.stage.view;

import rhombus.core.view.Crop;
import rhombus.core.view.Pose;

/**
 * How a viewport stood before it looked through a camera.
 *
 * @param pose where it stood
 * @param crop how its picture was cropped
 * @param autoFlat whether it was flat only because it looked along an axis
 */
public record SavedView(Pose pose, Crop crop, boolean autoFlat) {}
