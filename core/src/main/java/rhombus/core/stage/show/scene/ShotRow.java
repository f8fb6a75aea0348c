package rhombus.core.stage.show.scene;

import java.util.List;

/**
 * A camera in the shot list.
 *
 * @param id of the camera
 * @param name as it is listed
 * @param lens focal length and angle, or the height of what an orthographic camera sees
 * @param back film back
 * @param active whether it is marked active
 * @param fill what the selection fills of the picture; empty where nothing is selected
 * @param warnings what is probably not wanted
 */
public record ShotRow(
        String id, String name, String lens, String back, boolean active, String fill, List<String> warnings) {}
