package rhombus.core.stage;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.geometry.Vec3;
import rhombus.core.habits.Habits;
import rhombus.core.keymap.KeyNames;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.Keymaps;
import rhombus.core.plain.OrNull;
import rhombus.core.plain.PageCall;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Scene;
import rhombus.core.stage.boards.UserDocuments;
import rhombus.core.stage.coach.FirstStep;
import rhombus.core.stage.coach.HandReport;
import rhombus.core.stage.coach.Hint;
import rhombus.core.stage.coach.InputRecorder;
import rhombus.core.stage.coach.ReportAdvice;
import rhombus.core.stage.coach.Tip;
import rhombus.core.stage.input.DeviceInput;
import rhombus.core.stage.input.InputReceiver;
import rhombus.core.stage.keymaps.BindingEditor;
import rhombus.core.stage.keymaps.KeymapTeaching;
import rhombus.core.stage.keymaps.PanelKeys;
import rhombus.core.stage.keymaps.SettingsFile;
import rhombus.core.stage.keymaps.UserKeymaps;
import rhombus.core.stage.marks.GhostEye;
import rhombus.core.stage.show.boards.BoardReader;
import rhombus.core.stage.show.help.CommandSearch;
import rhombus.core.stage.show.help.HelpAnswers;
import rhombus.core.stage.show.keys.KeymapReader;
import rhombus.core.stage.show.paint.OffscreenViews;
import rhombus.core.stage.show.paint.ViewportPaint;
import rhombus.core.stage.show.readout.ReadoutReader;
import rhombus.core.stage.show.scene.SceneContents;
import rhombus.core.stage.show.scene.ShotList;
import rhombus.core.stage.show.views.LookChoices;
import rhombus.core.stage.show.views.ViewportQueries;
import rhombus.core.stage.show.views.ViewportReader;
import rhombus.core.stage.view.ChangeLog;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.Notice;
import rhombus.core.stage.view.PageRequest;
import rhombus.core.stage.view.StageChanges;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.ClipRange;
import rhombus.core.view.Pose;

/**
 * A scene on its stage: takes input, commands and time, and says what changed. What the rooms do is theirs.
 *
 * <p>Points are CSS pixels from the stage's top left, times milliseconds of any steady clock.
 */
public final class Stage {
    final StageParts parts = new StageParts();

    // ---- what is there -------------------------------------------------------------------------------------------

    /** The scene as it is now. */
    public Scene scene() {
        return parts.ground.scene();
    }

    /** What has changed; whoever paints asks and forgets. */
    public ChangeLog changes() {
        return parts.ground.changes();
    }

    /** What the user's keyboard prints on its keys, by the codes of W3C UI Events, as far as it is known. */
    public Map<String, String> layout() {
        return parts.layout;
    }

    /** The keys that the browser knows of the user's keyboard. */
    @PageCall
    public void knowLayout(Map<String, Object> printed) {
        printed.forEach((code, text) -> parts.layout.put(code, PlainData.text(text, "")));
    }

    /** A key was typed: what it printed is what the user's keyboard has there. */
    @PageCall
    public void typed(String code, String printed, int modifiers) {
        if (KeyNames.learns(code, printed, modifiers)) {
            parts.layout.put(code, printed);
        }
    }

    /** The same as plain data. */
    @PageCall
    public Map<String, Object> printed() {
        return new LinkedHashMap<>(parts.layout);
    }

    /** The viewports of the board in use. */
    @PageCall
    public ViewportReader views() {
        return parts.views;
    }

    /** Questions about one viewport. */
    @PageCall
    public ViewportQueries viewport() {
        return parts.viewport;
    }

    /** What a viewport can be drawn with. */
    @PageCall
    public LookChoices looks() {
        return parts.looks;
    }

    /** What is drawn in each viewport. */
    @PageCall
    public ViewportPaint paint() {
        return parts.paint;
    }

    /** Matrices of what is drawn, and of pictures that no viewport shows right now. */
    @PageCall
    public OffscreenViews offscreen() {
        return parts.offscreen;
    }

    /** What panels list of the scene. */
    @PageCall
    public SceneContents contents() {
        return parts.contents;
    }

    /** The cameras of the scene as a table. */
    @PageCall
    public ShotList shotList() {
        return parts.shotList;
    }

    /** The boards and Pins as they are listed. */
    @PageCall
    public BoardReader boards() {
        return parts.boards;
    }

    /** The numbers of the active view and of the selection. */
    @PageCall
    public ReadoutReader readout() {
        return parts.readout;
    }

    /** Commands that are found by words. */
    @PageCall
    public CommandSearch search() {
        return parts.search;
    }

    /** The keymap as a list, as a picture and as a sheet. */
    @PageCall
    public KeymapReader keys() {
        return parts.keys;
    }

    /** The documents that are kept for the user. */
    @PageCall
    public UserDocuments documents() {
        return parts.documents;
    }

    /** Where documents that two windows have changed are brought together. */
    @PageCall
    public DocumentMerger merging() {
        return parts.merging;
    }

    /** Where events of the pointer, the wheel, fingers and keys go in. */
    @PageCall
    public InputReceiver input() {
        return parts.input;
    }

    /** Where what gamepads and 3D mice report goes in. */
    @PageCall
    public DeviceInput devices() {
        return parts.devices;
    }

    /** What a hand does, recorded and done again. */
    @PageCall
    public InputRecorder recorder() {
        return parts.recorder;
    }

    /** The user's keymaps. */
    @PageCall
    public UserKeymaps keymaps() {
        return parts.keymaps;
    }

    /** What keys do in controls of the page. */
    @PageCall
    public PanelKeys panelKeys() {
        return parts.panelKeys;
    }

    /** Changing the keymap by doing. */
    @PageCall
    public BindingEditor bindings() {
        return parts.bindings;
    }

    /** Teaching the keymap by the hand. */
    @PageCall
    public KeymapTeaching teaching() {
        return parts.teaching;
    }

    /** Keymaps and settings in one file. */
    public SettingsFile settingsFile() {
        return parts.settingsFile;
    }

    /** What is counted of the hand. */
    @PageCall
    public HandReport report() {
        return parts.report;
    }

    /** What the counts say, and what could be made better. */
    @PageCall
    public ReportAdvice advice() {
        return parts.advice;
    }

    /** What things are, for who asks. */
    @PageCall
    public HelpAnswers help() {
        return parts.help;
    }

    /** The eye of a run that one races with. */
    public GhostEye companion() {
        return parts.companion;
    }

    /** The keymap in use. */
    public Keymap keymap() {
        return parts.keymaps.keymap();
    }

    /** What the user prefers. */
    public Habits habits() {
        return parts.ground.habits();
    }

    /** What each trigger does now. */
    @PageCall(keepsEqual = true)
    public List<Hint> hints(Map<String, String> layout) {
        return parts.hints.now(layout);
    }

    /** What a new user is asked to do next; none where all is done. */
    @PageCall(keepsEqual = true)
    public List<FirstStep> firstSteps(Map<String, String> layout) {
        return parts.firstSteps.now(layout);
    }

    /** What could help now, or nothing. */
    @PageCall
    public List<Tip> tips(Map<String, String> layout) {
        return parts.tips.now(layout);
    }

    /** What has changed since it was last asked, or null for nothing. */
    @PageCall
    @OrNull
    public StageChanges takeChanges() {
        return changes().take(parts.ground.board().views.size());
    }

    /** Numbers of the nodes that have moved since it was last asked. */
    @PageCall
    public int[] takeMoved() {
        return changes().takeMoved();
    }

    /** What the user is told. */
    @PageCall
    public List<Notice> takeNotices() {
        return changes().takeNotices();
    }

    /** What the page is asked to do. */
    @PageCall
    public List<PageRequest> takeApplication() {
        return changes().takeApplication();
    }

    // ---- what happens --------------------------------------------------------------------------------------------

    /** Shows a scene; every viewport goes home. */
    public void open(Scene s, String title) {
        parts.gate.settle();
        parts.ground.model().open(s, title);
        parts.walking.measure(s);
        parts.subject.open(s);
        parts.ground.attention().worked(null);
        parts.boardList.open();
        changes().everything();
    }

    /** Hierarchies have been attached to the scene's meshes: what they say may move near planes, and such views are drawn again. */
    public void geometryCame() {
        List<Viewport> views = parts.ground.board().views;
        List<ClipRange> before = views.stream().map(parts.ground::clip).toList();
        parts.ground.model().geometryCame();
        for (int i = 0; i < views.size(); i++) {
            if (!parts.ground.clip(views.get(i)).equals(before.get(i))) {
                changes().view(i);
            }
        }
        changes().add(ChangeTopic.READOUT);
    }

    /** Edges or coarser triangles have been attached: whoever paints knows which pictures wait for them. */
    public void edgesCame() {
        parts.ground.model().geometryCame();
    }

    /** The stage has another size. Before the first scene, home poses wait for it. */
    @PageCall
    public void resize(double width, double height) {
        parts.grips.closePad();
        parts.boardList.resize(width, height);
        parts.recorder.resized();
    }

    /** Whether views jump instead of gliding. */
    @PageCall
    public void reduceMotion(boolean reduce) {
        parts.ground.settings().reduceMotion(reduce);
    }

    /** Whether views jump instead of gliding, as the system asks for. */
    public boolean reducedMotion() {
        return parts.ground.settings().reducedMotion();
    }

    /** Uses other preferences from now on. */
    public void use(Habits h) {
        parts.ground.settings().use(h);
    }

    /**
     * Changes one setting; null puts it back. A value it cannot have is refused with a notice.
     *
     * @param value a number also as it is typed, or as steps up or down; out of its range it is the nearest in it
     */
    public void habit(String id, Object value) {
        parts.ground.settings().set(id, parts.ground.typed().setting(id, value));
    }

    /** Uses another keymap. */
    public void use(Keymap map) {
        use(new Keymaps(map, List.of()));
    }

    /** Uses the keymaps that were kept. */
    public void use(Keymaps kept) {
        parts.keymaps.use(kept);
    }

    /**
     * Runs a command on a viewport, or on the active one where the id is null.
     *
     * @return whether there is such a command, it was told nothing wrong, and it had something to do it to
     */
    @PageCall
    public boolean command(String id, Map<String, Object> args, @OrNull String viewId, double timeMs) {
        tick(timeMs);
        Viewport v = viewId == null
                ? parts.ground.board().active()
                : parts.ground.board().named(viewId);
        if (v != null) {
            parts.recorder.command(id, args, viewId == null ? -1 : v.number, timeMs);
        }
        boolean ran = v != null && parts.gate.run(id, args, v, Double.NaN, Double.NaN);
        if (ran) {
            parts.report.byPage(keymap(), keymap().catalogue().command(id), args, v);
        }
        return ran;
    }

    /** Time goes by; call it once a frame while {@link #animating()}. */
    @PageCall
    public void tick(double timeMs) {
        parts.tick(timeMs);
    }

    /** Whether something is on its way: a hand drags, or views glide, walk or are steered. */
    public boolean moving() {
        return parts.moving();
    }

    /** Whether time must go on for something to finish. */
    @PageCall
    public boolean animating() {
        return parts.animating();
    }

    /** Where a point of the world is on the stage, and how deep; null for an unknown viewport. */
    public Vec3 project(String viewId, Vec3 p) {
        return parts.viewport.project(viewId, p);
    }

    /** Where the eye of a viewport is and how it looks. */
    public Pose pose(String viewId) {
        return parts.ground.board().named(viewId).pose;
    }
}
