package rhombus.core.stage.motion;

import java.util.HashMap;
import java.util.Map;

/** One way in which an axis of a device moves a view; positive is to the right, up, nearer, ahead, or clockwise. */
public enum DegreeOfFreedom {
    /** Orbit as by a drag to the right. */
    ORBIT_SIDEWAYS("steer.orbit-sideways"),
    /** Orbit as by a drag upwards. */
    ORBIT_UP("steer.orbit-up"),
    /** The picture slides to the right. */
    PAN_SIDEWAYS("steer.pan-sideways"),
    /** The picture slides up. */
    PAN_UP("steer.pan-up"),
    /** The camera goes nearer to what is in the middle. */
    DOLLY("steer.dolly"),
    /** The picture turns clockwise. */
    ROLL("steer.roll"),
    /** The lens gets longer. */
    ZOOM("steer.zoom"),
    /** The camera turns to the right. */
    LOOK_SIDEWAYS("steer.look-sideways"),
    /** The camera turns up. */
    LOOK_UP("steer.look-up"),
    /** One walks to the right. */
    WALK_SIDEWAYS("steer.walk-sideways"),
    /** One goes up. */
    WALK_UP("steer.walk-up"),
    /** One walks ahead. */
    WALK_AHEAD("steer.walk-ahead");

    private static final Map<String, DegreeOfFreedom> BY_ID = new HashMap<>();

    static {
        for (DegreeOfFreedom f : values()) {
            BY_ID.put(f.id, f);
        }
    }

    private final String id;

    DegreeOfFreedom(String id) {
        this.id = id;
    }

    /** Id of its command. */
    public String id() {
        return id;
    }

    /** Whether it turns a view about a pivot. */
    public boolean orbits() {
        return this == ORBIT_SIDEWAYS || this == ORBIT_UP;
    }

    /** The one whose command has this id, or null. */
    public static DegreeOfFreedom of(String commandId) {
        return BY_ID.get(commandId);
    }
}
