package rhombus.core.stage;

import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.Habits;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.Keymaps;
import rhombus.core.scene.Scene;
import rhombus.core.stage.boards.UserDocuments;
import rhombus.core.stage.coach.FirstStep;
import rhombus.core.stage.coach.HandReport;
import rhombus.core.stage.coach.InputRecorder;
import rhombus.core.stage.coach.ReportAdvice;
import rhombus.core.stage.coach.Tip;
import rhombus.core.stage.input.DeviceInput;
import rhombus.core.stage.input.InputReceiver;
import rhombus.core.stage.keymaps.BindingEditor;
import rhombus.core.stage.keymaps.KeymapTeaching;
import rhombus.core.stage.keymaps.SettingsFile;
import rhombus.core.stage.keymaps.UserKeymaps;
import rhombus.core.stage.marks.GhostEye;
import rhombus.core.stage.show.HelpAnswers;
import rhombus.core.stage.show.OffscreenViews;
import rhombus.core.stage.show.Snapshots;
import rhombus.core.stage.view.ChangeLog;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.ClipRange;
import rhombus.core.view.Pose;

/**
 * A scene on its stage: takes input, commands and time, and says what changed. What the rooms do is theirs.
 *
 * <p>Points are CSS pixels from the stage's top left, times milliseconds of any steady clock.
 */
public final class Stage {
    final StageParts rooms = new StageParts();

    // ---- what is there -------------------------------------------------------------------------------------------

    /** The scene as it is now. */
    public Scene scene() {
        return rooms.ground.scene();
    }

    /** What has changed; whoever paints asks and forgets. */
    public ChangeLog changes() {
        return rooms.ground.changes();
    }

    /** Everything panels show, made on demand. */
    public Snapshots snapshots() {
        return rooms.snapshots;
    }

    /** Matrices of what is drawn, and of pictures that no viewport shows right now. */
    public OffscreenViews shots() {
        return rooms.shots;
    }

    /** The documents that are kept for the user. */
    public UserDocuments kept() {
        return rooms.kept;
    }

    /** Where documents that two windows have changed are brought together. */
    public DocumentMerger merging() {
        return rooms.merging;
    }

    /** Where events of the pointer, the wheel, fingers and keys go in. */
    public InputReceiver input() {
        return rooms.input;
    }

    /** Where what gamepads and 3D mice report goes in. */
    public DeviceInput devices() {
        return rooms.devices;
    }

    /** What a hand does, recorded and done again. */
    public InputRecorder recorder() {
        return rooms.recorder;
    }

    /** The eye of a run that one races with. */
    public GhostEye companion() {
        return rooms.companion;
    }

    /** The keymap, and changing it by doing. */
    public BindingEditor rebinding() {
        return rooms.rebinding;
    }

    /** What is counted of the hand. */
    public HandReport report() {
        return rooms.report;
    }

    /** What the counts say, and what could be made better. */
    public ReportAdvice advice() {
        return rooms.advice;
    }

    /** Keymaps and settings in one file. */
    public SettingsFile handFile() {
        return rooms.handFile;
    }

    /** Teaching the keymap by the hand. */
    public KeymapTeaching teaching() {
        return rooms.teaching;
    }

    /** What a new hand is asked to do next, none where all is done; {@code layout} tells what the user's own keyboard prints on its keys. */
    public List<FirstStep> firstSteps(Map<String, String> layout) {
        return rooms.firstSteps.now(layout);
    }

    /** What could help now, or nothing; {@code layout} tells what the user's own keyboard prints on its keys. */
    public List<Tip> tips(Map<String, String> layout) {
        return rooms.tips.now(layout);
    }

    /** What things are, for who asks. */
    public HelpAnswers asking() {
        return rooms.asking;
    }

    /** The user's keymaps. */
    public UserKeymaps keymaps() {
        return rooms.keymaps;
    }

    /** The keymap in use. */
    public Keymap keymap() {
        return rooms.keymaps.keymap();
    }

    /** What the user prefers. */
    public Habits habits() {
        return rooms.ground.habits();
    }

    // ---- what happens --------------------------------------------------------------------------------------------

    /** Shows a scene; every viewport goes home. */
    public void open(Scene s, String title) {
        rooms.gate.settle();
        rooms.ground.model().open(s, title);
        rooms.walking.measure(s);
        rooms.subject.open(s);
        rooms.ground.attention().worked(null);
        rooms.boards.open();
        changes().everything();
    }

    /** Hierarchies have been attached to the scene's meshes: what they say may move near planes, and such views are drawn again. */
    public void geometryCame() {
        List<Viewport> views = rooms.ground.board().views;
        List<ClipRange> before = views.stream().map(rooms.ground::clip).toList();
        rooms.ground.model().geometryCame();
        for (int i = 0; i < views.size(); i++) {
            if (!rooms.ground.clip(views.get(i)).equals(before.get(i))) {
                changes().view(i);
            }
        }
        changes().add(ChangeTopic.READOUT);
    }

    /** Edges or coarser triangles have been attached: whoever paints knows which pictures wait for them. */
    public void edgesCame() {
        rooms.ground.model().geometryCame();
    }

    /** The stage has another size. Before the first scene, home poses wait for it. */
    public void resize(double width, double height) {
        rooms.grips.closePad();
        rooms.boards.resize(width, height);
        rooms.recorder.resized();
    }

    /** Whether views jump instead of gliding. */
    public void reduceMotion(boolean reduce) {
        rooms.ground.settings().reduceMotion(reduce);
    }

    /** Whether views jump instead of gliding, as the system asks for. */
    public boolean reducedMotion() {
        return rooms.ground.settings().reducedMotion();
    }

    /** Uses other preferences from now on. */
    public void use(Habits h) {
        rooms.ground.settings().use(h);
    }

    /**
     * Changes one setting; null puts it back. A value it cannot have is refused with a notice.
     *
     * @param value a number also as it is typed, or as steps up or down; out of its range it is the nearest in it
     */
    public void habit(String id, Object value) {
        rooms.ground.settings().set(id, rooms.ground.typed().setting(id, value));
    }

    /** Uses another keymap. */
    public void use(Keymap map) {
        use(new Keymaps(map, List.of()));
    }

    /** Uses the keymaps that were kept. */
    public void use(Keymaps kept) {
        rooms.keymaps.use(kept);
    }

    /**
     * Runs a command on a viewport, or on the active one where the id is null.
     *
     * @return whether there is such a command, it was told nothing wrong, and it had something to do it to
     */
    public boolean command(String id, Map<String, Object> args, String viewId, double timeMs) {
        tick(timeMs);
        Viewport v = viewId == null
                ? rooms.ground.board().active()
                : rooms.ground.board().named(viewId);
        if (v != null) {
            rooms.recorder.command(id, args, viewId == null ? -1 : v.number, timeMs);
        }
        boolean ran = v != null && rooms.gate.run(id, args, v, Double.NaN, Double.NaN);
        if (ran) {
            rooms.report.byPage(keymap(), keymap().catalogue().command(id), args, v);
        }
        return ran;
    }

    /** Time goes by; call it once a frame while {@link #animating()}. */
    public void tick(double timeMs) {
        rooms.tick(timeMs);
    }

    /** Whether something is on its way: a hand drags, or views glide, walk or are steered. */
    public boolean moving() {
        return rooms.moving();
    }

    /** Whether time must go on for something to finish. */
    public boolean animating() {
        return rooms.animating();
    }

    /** Where a point of the world is on the stage, and how deep; null for an unknown viewport. */
    public Vec3 project(String viewId, Vec3 p) {
        return rooms.snapshots.project(viewId, p);
    }

    /** Where the eye of a viewport is and how it looks. */
    public Pose pose(String viewId) {
        return rooms.ground.board().named(viewId).pose;
    }
}
