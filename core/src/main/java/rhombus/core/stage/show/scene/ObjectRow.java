package rhombus.core.stage.show.scene;

import rhombus.core.plain.OneOf;
import rhombus.core.plain.OrNull;

/**
 * An object as lists show it: without bounds, so that very many are told quickly.
 *
 * @param id names it
 * @param name what it is called
 * @param kind what it is
 * @param parent id of what it hangs below, or null
 * @param layer id of the layer it lies on, or null
 * @param visible its own switch
 * @param shown what comes of its switch, its parents' and its layer's
 * @param locked its own lock
 * @param active whether it is the camera marked active
 */
public record ObjectRow(
        String id,
        String name,
        @OneOf({"mesh", "group", "camera", "light", "picture"}) String kind,
        @OrNull String parent,
        @OrNull String layer,
        boolean visible,
        boolean shown,
        boolean locked,
        boolean active) {}
