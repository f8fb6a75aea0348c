package rhombus.core.stage;

import java.util.List;
import java.util.Map;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.Presets;
import rhombus.core.keymap.Resolver;
import rhombus.core.keymap.Trait;
import rhombus.core.stage.area.AllCommands;
import rhombus.core.stage.area.CommandGate;
import rhombus.core.stage.area.Work;
import rhombus.core.stage.boards.Boards;
import rhombus.core.stage.boards.Kept;
import rhombus.core.stage.boards.LinkedViews;
import rhombus.core.stage.boards.Pins;
import rhombus.core.stage.boards.Workspace;
import rhombus.core.stage.hand.Activity;
import rhombus.core.stage.hand.Devices;
import rhombus.core.stage.hand.FirstSteps;
import rhombus.core.stage.hand.HandAdvice;
import rhombus.core.stage.hand.HandFile;
import rhombus.core.stage.hand.HandReport;
import rhombus.core.stage.hand.Hints;
import rhombus.core.stage.hand.Input;
import rhombus.core.stage.hand.Press;
import rhombus.core.stage.hand.Rebinding;
import rhombus.core.stage.hand.Recorder;
import rhombus.core.stage.hand.Teaching;
import rhombus.core.stage.hand.Tips;
import rhombus.core.stage.hand.UserKeymaps;
import rhombus.core.stage.marks.Companion;
import rhombus.core.stage.marks.Grips;
import rhombus.core.stage.marks.Hover;
import rhombus.core.stage.motion.Gesture;
import rhombus.core.stage.motion.Stepping;
import rhombus.core.stage.motion.Walking;
import rhombus.core.stage.show.Asking;
import rhombus.core.stage.show.Shots;
import rhombus.core.stage.show.Snapshots;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.tool.Tools;
import rhombus.core.stage.view.Board;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.ViewState;

/** The rooms of one stage and how they are put together, from the lowest up; each knows only those before it. */
final class Rooms {
    final Ground ground = new Ground();
    final Subject subject = new Subject(ground);
    final Tools tools = new Tools(ground, subject);
    final Walking walking = new Walking(ground);
    final Gesture gesture = new Gesture(ground, subject);
    final Boards boards = new Boards(ground, this::settle);
    final LinkedViews linked = new LinkedViews(ground, boards, gesture);
    final Pins pins = new Pins(ground, boards);
    final Workspace workspace = new Workspace(ground, subject, tools, walking, boards);
    final Grips grips = new Grips(ground, AllCommands.CATALOGUE);
    final Hover hover = new Hover(ground, subject, tools, grips);
    final Companion companion = new Companion(ground);
    final HandReport report = new HandReport(ground);
    final Press press = new Press(ground, subject, tools, gesture, walking, linked, grips, report);
    final Resolver resolver = new Resolver(press, AllCommands.CATALOGUE.preset(Presets.RHOMBUS));
    final Input input = new Input(ground, walking, resolver, this::tick);
    final Devices devices = new Devices(ground, input, resolver, this::tick);
    final Recorder recorder = new Recorder(ground, input, devices);
    final UserKeymaps keymaps = new UserKeymaps(ground, resolver);
    final Rebinding rebinding = new Rebinding(keymaps, input);
    final HandAdvice advice = new HandAdvice(ground, report, rebinding);
    final HandFile handFile = new HandFile(ground, rebinding);
    final Teaching teaching = new Teaching(ground, rebinding, input);
    final FirstSteps firstSteps = new FirstSteps(ground, subject, keymaps, report);
    final Tips tips = new Tips(ground, keymaps, firstSteps, report);
    final CommandGate gate = new CommandGate(
            new Work(
                    ground,
                    subject,
                    tools,
                    new Stepping(ground, subject),
                    walking,
                    boards,
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
                    new Activity(subject.editing()::sweeping, subject.editing()::settle, c -> c.has(Trait.SWEPT))),
            recorder::acts);
    final Hints hints = new Hints(ground, grips, gesture, resolver, press, gate);
    final Snapshots snapshots = new Snapshots(
            ground, subject, tools, gesture, walking, boards, linked, pins, grips, hover, companion, hints, rebinding);
    final Shots shots = new Shots(ground);
    final Asking asking = new Asking(ground, subject, press, grips, keymaps);
    final Kept kept = new Kept(ground, subject, boards, pins, workspace, gate::settle);
    final Merging merging = new Merging(this);

    Rooms() {
        ground.shows(boards::current);
        ground.walkedBy(walking);
        ground.navigator().followedBy(linked);
        ground.navigator().followedBy(subject.driving());
        ground.pointer().follow(resolver::moving, resolver::modifiers);
        ground.settings().follow(h -> {
            resolver.follow(h.is(AllHabits.FOLLOW, "follow"));
            keymaps.habits();
            boards.list().forEach(b -> b.views.forEach(ground.looks()::refresh));
        });
        report.quietWhile(recorder::playing);
        recorder.runsBy(this::runAgain, id -> {
            Command c = AllCommands.CATALOGUE.command(id);
            return c != null && c.has(Trait.REPLAYS);
        });
        workspace.keymap(keymaps::ofScene, keymaps::ofScene);
        press.sets(gate, resolver::forgetClick);
        input.wheelHeardBy(tips::wheel);
        boards.enter();
    }

    /** Runs a command of a recording on a viewport by its number, or on the active one. */
    private void runAgain(String id, Map<String, Object> args, int view) {
        Board b = ground.board();
        ViewState v = view < 0 || view >= b.views.size() ? b.active() : b.views.get(view);
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
