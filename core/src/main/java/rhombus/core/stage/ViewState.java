package rhombus.core.stage;

import java.util.EnumSet;
import java.util.Set;
import rhombus.core.board.Start;
import rhombus.core.display.DisplayMode;
import rhombus.core.display.Overlay;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.Glide;
import rhombus.core.pick.Surfaces;
import rhombus.core.view.Clip;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

/** Everything one viewport remembers. Mutable; only this package changes it. */
final class ViewState {
    private static int count;

    /** Names it among all viewports since the program began, so that pictures of it can be told apart. */
    final int serial = ++count;
    final String id;
    /** How it starts in a scene that is new to it. */
    Start start;
    /** Its place among the viewports of its board. */
    int number;
    /** Where it stands; null until its board is first shown. */
    Pose pose;
    Glide glide;
    DisplayMode mode;
    DisplayMode otherMode;
    /** Overlays that are switched off. */
    Set<Overlay> hidden = EnumSet.noneOf(Overlay.class);
    /** Home as the user set it, or null for the usual one. */
    Pose home;
    /** Vertical field of view of the perspective this view had last, radians. */
    double lens = Math.toRadians(47);
    /** Id of the camera node it looks through, or null. */
    String camera;
    String lastCamera;
    Pose beforeCamera;
    Pose framed;
    int frameLevel;
    Crop crop = Crop.NONE;
    /** Whether it is flat only because it looks along an axis, and becomes a perspective again once it is left. */
    boolean autoFlat;
    /** What the keyboard has chosen on the Facet, or null. */
    String facetAim;
    /** Where a motion was refused, and until when the cue shows. */
    double refusedX;
    double refusedY;
    double refusedUntil = Double.NEGATIVE_INFINITY;
    final Trail trail = new Trail();
    /** Wheel steps that follow each other; made when the wheel first turns here. */
    WheelBurst wheel;
    double x;
    double y;
    double width = 1;
    double height = 1;
    boolean shown = true;
    private Vec3 clearanceAt;
    private double clearance;

    ViewState(String id, Start start) {
        this.id = id;
        this.start = start;
        mode = start.mode();
        otherMode = mode == DisplayMode.WIRE ? DisplayMode.SMOOTH : DisplayMode.WIRE;
        hidden.addAll(start.hidden());
    }

    /** It was given another direction on purpose: home is there from now on, unless the user has set another. */
    void chosen(String from) {
        start = new Start(from, start.mode(), start.hidden());
    }

    boolean shows(Overlay o) {
        return !hidden.contains(o);
    }

    boolean holds(double px, double py) {
        return shown && px >= x && py >= y && px < x + width && py < y + height;
    }

    Screen screen() {
        return new Screen(pose, width, height, crop);
    }

    double aspect() {
        return width / height;
    }

    /** Where the view will be once it has landed. */
    Pose destination() {
        return glide == null ? pose : glide.to();
    }

    void set(Pose p) {
        pose = p;
        if (p.projection() instanceof Projection.Perspective q) {
            lens = q.fovY();
        }
    }

    /**
     * A lower bound on the room around the eye, as far as it counts. The distance to the nearest surface changes by no
     * more than the eye moves, so the last exact one serves until there is less left than counts and a quarter is used up.
     */
    double clearance(Surfaces surfaces) {
        double counts = Clip.roomThatCounts(pose);
        double gone = clearanceAt == null ? Double.POSITIVE_INFINITY : clearanceAt.distance(pose.eye());
        if (clearance - gone < counts && gone > clearance / 4) {
            clearanceAt = pose.eye();
            clearance = surfaces.clearance(clearanceAt, counts * 4);
            gone = 0;
        }
        return clearance - gone;
    }

    void forgetClearance() {
        clearanceAt = null;
    }
}
