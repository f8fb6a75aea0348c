package rhombus.core.stage;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.InputResolver;
import rhombus.core.keymap.KeymapPresets;
import rhombus.core.stage.boards.Boards;
import rhombus.core.stage.boards.LinkedViews;
import rhombus.core.stage.boards.Pins;
import rhombus.core.stage.boards.UserDocuments;
import rhombus.core.stage.boards.Workspace;
import rhombus.core.stage.coach.FirstSteps;
import rhombus.core.stage.coach.HandReport;
import rhombus.core.stage.coach.Hints;
import rhombus.core.stage.coach.InputRecorder;
import rhombus.core.stage.coach.ReportAdvice;
import rhombus.core.stage.coach.Tips;
import rhombus.core.stage.commands.AllCommands;
import rhombus.core.stage.commands.CommandGate;
import rhombus.core.stage.commands.CommandServices;
import rhombus.core.stage.input.Activity;
import rhombus.core.stage.input.DeviceInput;
import rhombus.core.stage.input.GestureController;
import rhombus.core.stage.input.InputReceiver;
import rhombus.core.stage.keymaps.BindingEditor;
import rhombus.core.stage.keymaps.KeymapTeaching;
import rhombus.core.stage.keymaps.PanelKeys;
import rhombus.core.stage.keymaps.SettingsFile;
import rhombus.core.stage.keymaps.UserKeymaps;
import rhombus.core.stage.marks.GhostEye;
import rhombus.core.stage.marks.HoverTarget;
import rhombus.core.stage.marks.PadGrips;
import rhombus.core.stage.motion.Gesture;
import rhombus.core.stage.motion.SteppedMotion;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.show.boards.BoardReader;
import rhombus.core.stage.show.help.CommandSearch;
import rhombus.core.stage.show.help.HelpAnswers;
import rhombus.core.stage.show.keys.KeymapReader;
import rhombus.core.stage.show.paint.MarkReader;
import rhombus.core.stage.show.paint.OffscreenViews;
import rhombus.core.stage.show.paint.ViewportPaint;
import rhombus.core.stage.show.readout.ReadoutReader;
import rhombus.core.stage.show.scene.SceneContents;
import rhombus.core.stage.show.scene.ShotList;
import rhombus.core.stage.show.views.LookChoices;
import rhombus.core.stage.show.views.ViewportQueries;
import rhombus.core.stage.show.views.ViewportReader;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.tool.ActiveTool;
import rhombus.core.stage.view.ActiveBoard;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/** The rooms of one stage and how they are put together, from the lowest up; each knows only those before it. */
final class StageParts {
    /** What the user's keyboard prints on its keys. */
    final Map<String, String> layout = new HashMap<>();

    final StageContext ground = new StageContext();
    final SubjectParts subject = new SubjectParts(ground);
    final ActiveTool tools = new ActiveTool(ground, subject);
    final Walking walking = new Walking(ground);
    final Gesture gesture = new Gesture(ground, subject);
    final Boards boardList = new Boards(ground, this::settle);
    final LinkedViews linked = new LinkedViews(ground, boardList, gesture);
    final Pins pins = new Pins(ground, boardList);
    final Workspace workspace = new Workspace(ground, subject, tools, walking, boardList);
    final PadGrips grips = new PadGrips(ground, AllCommands.CATALOGUE);
    final HoverTarget hover = new HoverTarget(ground, subject, tools, grips);
    final GhostEye companion = new GhostEye(ground);
    final HandReport report = new HandReport(ground);
    final GestureController press =
            new GestureController(ground, subject, tools, gesture, walking, linked, grips, report);
    final InputResolver resolver = new InputResolver(press, AllCommands.CATALOGUE.preset(KeymapPresets.RHOMBUS));
    final InputReceiver input = new InputReceiver(ground, walking, resolver, this::tick);
    final DeviceInput devices = new DeviceInput(ground, input, resolver, this::tick);
    final InputRecorder recorder = new InputRecorder(ground, input, devices);
    final UserKeymaps keymaps = new UserKeymaps(ground, resolver);
    final BindingEditor bindings = new BindingEditor(keymaps, input);
    final ReportAdvice advice = new ReportAdvice(ground, report, bindings);
    final SettingsFile settingsFile = new SettingsFile(ground, bindings);
    final KeymapTeaching teaching = new KeymapTeaching(ground, bindings, input);
    final FirstSteps firstSteps = new FirstSteps(ground, subject, keymaps, report);
    final Tips tips = new Tips(ground, keymaps, firstSteps, report);
    final CommandGate gate = new CommandGate(
            new CommandServices(
                    ground,
                    subject,
                    tools,
                    new SteppedMotion(ground, subject),
                    walking,
                    boardList,
                    linked,
                    pins,
                    grips,
                    hover,
                    resolver,
                    keymaps,
                    firstSteps,
                    tips),
            List.of(
                    new Activity(resolver::moving, this::settlePress, c -> false),
                    new Activity(
                            subject.editing()::sweeping, subject.editing()::settle, c -> c.has(CommandTrait.SWEPT))),
            recorder::acts);
    final Hints hints = new Hints(ground, grips, gesture, resolver, press, gate);
    final ViewportReader views = new ViewportReader(ground);
    final ViewportQueries viewport = new ViewportQueries(ground, subject, gesture);
    final LookChoices looks = new LookChoices(ground, keymaps);
    final ViewportPaint paint = new ViewportPaint(
            ground, subject, new MarkReader(ground, subject, tools, gesture, walking, linked, grips, hover, companion));
    final OffscreenViews offscreen = new OffscreenViews(ground);
    final SceneContents contents = new SceneContents(ground, subject);
    final ShotList shotList = new ShotList(ground, subject);
    final BoardReader boards = new BoardReader(boardList, pins);
    final ReadoutReader readout = new ReadoutReader(ground, subject, tools, boardList, viewport::pivot);
    final CommandSearch search = new CommandSearch(ground, subject, keymaps);
    final PanelKeys panelKeys = new PanelKeys(keymaps);
    final KeymapReader keys = new KeymapReader(bindings);
    final HelpAnswers help = new HelpAnswers(ground, subject, press, grips, keymaps);
    final UserDocuments documents = new UserDocuments(ground, subject, boardList, pins, workspace, gate::settle);
    final DocumentMerger merging =
            new DocumentMerger(ground, boardList, pins, keymaps, () -> moving() || resolver.moving());

    StageParts() {
        ground.shows(boardList::current);
        ground.walkedBy(walking);
        ground.navigator().followedBy(linked);
        ground.navigator().followedBy(subject.driving());
        ground.pointer().follow(resolver::moving, resolver::modifiers);
        ground.settings().follow(h -> {
            resolver.follow(h.is(AllHabits.FOLLOW, "follow"));
            keymaps.habits();
            boardList.list().forEach(b -> b.views.forEach(ground.looks()::refresh));
        });
        report.quietWhile(recorder::playing);
        recorder.runsBy(this::runAgain, id -> {
            Command c = AllCommands.CATALOGUE.command(id);
            return c != null && c.has(CommandTrait.REPLAYS);
        });
        workspace.keymap(keymaps::ofScene, keymaps::ofScene);
        press.sets(gate, resolver::forgetClick);
        input.wheelHeardBy(tips::wheel);
        boardList.enter();
    }

    /** Runs a command of a recording on a viewport by its number, or on the active one. */
    private void runAgain(String id, Map<String, Object> args, int view) {
        ActiveBoard b = ground.board();
        Viewport v = view < 0 || view >= b.views.size() ? b.active() : b.views.get(view);
        gate.run(id, args, v, Double.NaN, Double.NaN);
    }

    /** Ends the motion of the hand where it is. */
    private void settlePress() {
        input.settle();
        devices.settled();
    }

    /** Ends whatever runs by itself or waits for the hand, where it is. */
    private void settle() {
        settlePress();
        resolver.letGoOfLasting();
        walking.leave();
        grips.closePad();
        ground.navigator().endWheels();
    }

    /** Time goes by. */
    void tick(double timeMs) {
        recorder.tick(timeMs);
        ground.pointer().now(timeMs);
        input.tick(timeMs);
        devices.tick();
        ground.navigator().tickWheels(timeMs);
        walking.tick(timeMs);
        gesture.tick(timeMs);
        ground.navigator().tick(timeMs);
        gate.tick();
    }

    /** Whether something is on its way: a hand drags, or views glide, walk or are steered. */
    boolean moving() {
        return gesture.command() != null
                || walking.moving()
                || gesture.running()
                || ground.navigator().animating();
    }

    /** Whether time must go on for something to finish. */
    boolean animating() {
        return input.waits()
                || gate.waits()
                || recorder.playing()
                || walking.moving()
                || gesture.running()
                || ground.navigator().animating();
    }
}
