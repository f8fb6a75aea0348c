package rhombus.core.stage.view;

import java.util.EnumSet;
import java.util.Objects;
import java.util.Set;
import rhombus.core.board.ViewportStart;
import rhombus.core.display.Background;
import rhombus.core.display.CustomLooks;
import rhombus.core.display.Look;
import rhombus.core.display.LookPart;
import rhombus.core.display.Overlay;
import rhombus.core.display.StandardLooks;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.Glide;
import rhombus.core.pick.SurfacePicking;
import rhombus.core.view.ClipRange;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

/** Everything one viewport remembers. Mutable; only this package changes it. */
public final class Viewport {
    /** The most that it is brighter or darker. */
    private static final double MOST_STOPS = 10;

    private static int count;

    /** Names it among all viewports since the program began, so that pictures of it can be told apart. */
    public final int serial = ++count;

    public final String id;
    /** How it starts in a scene that is new to it. */
    public ViewportStart start;
    /** Its place among the viewports of its board. */
    public int number;
    /** Where it stands; null until its board is first shown. */
    public Pose pose;

    public Glide glide;
    public Look look;
    public Look otherLook;
    /** What lights it where its look can be lit, or null for what the look says. */
    public Look.Light light;

    /** What lies behind everything. */
    public Background background = Background.USUAL;

    /** By how many doublings it is brighter. */
    public double stops;

    /** Overlays that are hidden, or shown where they usually are not. */
    public Set<Overlay> switched = EnumSet.noneOf(Overlay.class);
    /** Home as the user set it, or null for the usual one. */
    public Pose home;
    /** Vertical field of view of the perspective this view had last, radians. */
    public double lens = Math.toRadians(47);
    /** Id of the camera node it looks through, or null; changed by {@link #through} alone, so that no other is driven by it. */
    public String camera;

    /** Whether navigating here moves the camera it looks through. */
    public boolean driven;
    /** Whether what it looks through is being put where it looks from, so that it does not follow. */
    boolean leads;

    public String lastCamera;
    /** How it stood before it looked through a camera, or null. */
    public SavedView beforeCamera;

    public Pose framed;
    public int frameLevel;
    public Crop crop = Crop.NONE;
    /** Whether it is flat only because it looks along an axis, and becomes a perspective again once it is left. */
    public boolean autoFlat;
    /** What the keyboard has chosen on the Rose, or null. */
    public String roseAim;
    /** Where a motion was refused, and until when the cue shows. */
    public double refusedX;

    public double refusedY;
    public double refusedUntil = Double.NEGATIVE_INFINITY;
    public final Trail trail = new Trail();
    /** Wheel steps that follow each other; made when the wheel first turns here. */
    public WheelSequence wheel;

    public double x;
    public double y;
    public double width = 1;
    public double height = 1;
    public boolean shown = true;
    private Vec3 clearanceAt;
    private double clearance;
    private int clearanceVersion;

    public Viewport(String id, ViewportStart start) {
        this.id = id;
        this.start = start;
        look = start.look();
        otherLook = look == StandardLooks.WIRE ? StandardLooks.SMOOTH : StandardLooks.WIRE;
        switched.addAll(start.switched());
    }

    /** It was given another direction on purpose: home is there from now on, unless the user has set another. */
    public void chosen(String from) {
        start = new ViewportStart(from, start.look(), start.switched());
    }

    /** How it starts in scenes that are new to it. */
    public void startAs(ViewportStart s) {
        start = s;
    }

    /** It looks through a camera, or through none for null. A camera is guarded until it is driven on purpose. */
    void through(String id) {
        driven = driven && Objects.equals(id, camera);
        camera = id;
    }

    /** No camera has it and no axis holds it any more. */
    public void release() {
        through(null);
        autoFlat = false;
    }

    /** Navigating moves the camera that is looked through, or leaves it where it is. */
    public void drive(boolean on) {
        driven = on && camera != null;
    }

    /** Whether it is flat only because it looks along an axis. */
    public void flatByAxis(boolean is) {
        autoFlat = is;
    }

    /** Home as the user wants it, or null for the usual one. */
    public void home(Pose p) {
        home = p;
    }

    /** What the keyboard has chosen on the Rose, or null. */
    public void aim(String at) {
        roseAim = at;
    }

    /** It was framed, at a level above the selection. */
    public void framed(Pose p, int level) {
        framed = p;
        frameLevel = level;
    }

    /** Draws with another look; gives false if it does already. */
    public boolean display(Look m) {
        if (m.equals(look)) {
            return false;
        }
        otherLook = look;
        look = m;
        return true;
    }

    /** Its own look is another, which does not count as having swapped. */
    public void become(Look now) {
        look = now;
    }

    /** A look has lost its name: what draws with it goes on as it is. */
    public void forget(Look gone) {
        Look nameless = gone.named(CustomLooks.CHANGED, gone.label());
        look = look.id().equals(gone.id()) ? nameless : look;
        otherLook = otherLook.id().equals(gone.id()) ? nameless : otherLook;
    }

    /** What lights it. */
    public Look.Light light() {
        return light(look);
    }

    /** What would light it with some look. */
    public Look.Light light(Look with) {
        return light == null ? with.light() : light;
    }

    /** Its look with what lights it here as a part of it. */
    public Look lookAsLit() {
        return look.lit() ? LookPart.LIGHT.in(look, light().id()) : look;
    }

    /** Is lit by this from now on, or by what its look says for null. */
    public void lightBy(Look.Light other) {
        light = other;
    }

    /** Is drawn onto this from now on. */
    public void onto(Background other) {
        background = other;
    }

    /** Is brighter by so many doublings than usual. */
    public void brighter(double by) {
        stops = Math.max(-MOST_STOPS, Math.min(MOST_STOPS, by));
    }

    /** Draws as it did before. */
    public void draw(Look before) {
        look = before;
    }

    /** What is framed next is framed anew. */
    public void forgetFraming() {
        framed = null;
    }

    /** Wheel steps that follow each other here from now on. */
    public void wheel(WheelSequence burst) {
        wheel = burst;
    }

    /** Shows an overlay, or hides it. */
    public void toggle(Overlay o) {
        if (!switched.remove(o)) {
            switched.add(o);
        }
    }

    /** As it was before a gesture, but for the pose. */
    public void putBack(String throughCamera, Crop asCropped, boolean wasAutoFlat) {
        through(throughCamera);
        crop = asCropped;
        autoFlat = wasAutoFlat;
    }

    public boolean shows(Overlay o) {
        return o.shows(switched);
    }

    public boolean holds(double px, double py) {
        return shown && px >= x && py >= y && px < x + width && py < y + height;
    }

    public Screen screen() {
        return new Screen(pose, width, height, crop);
    }

    public double aspect() {
        return width / height;
    }

    /** Where the view will be once it has landed. */
    public Pose destination() {
        return glide == null ? pose : glide.to();
    }

    /** How it stands now, to be put back after it has looked through a camera. */
    SavedView saved() {
        return new SavedView(destination(), crop, autoFlat);
    }

    public void set(Pose p) {
        pose = p;
        if (p.projection() instanceof Projection.Perspective q) {
            lens = q.fovY();
        }
    }

    /**
     * A lower bound on the room around the eye, as far as it counts. The distance to the nearest surface changes by no
     * more than the eye moves, so the last exact one serves until there is less left than counts and a quarter is used up.
     */
    double clearance(SurfacePicking surfaces, int version) {
        double counts = ClipRange.roomThatCounts(pose);
        double gone = clearanceAt == null ? Double.POSITIVE_INFINITY : clearanceAt.distance(pose.eye());
        if (clearanceVersion != version) {
            clearanceVersion = version;
            gone = Double.POSITIVE_INFINITY;
        }
        if (clearance - gone < counts && gone > clearance / 4) {
            clearanceAt = pose.eye();
            clearance = surfaces.clearance(clearanceAt, counts * 4);
            gone = 0;
        }
        return clearance - gone;
    }
}
