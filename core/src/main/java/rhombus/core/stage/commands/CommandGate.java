package rhombus.core.stage.commands;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandCatalogue;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.stage.input.Activity;
import rhombus.core.stage.input.CommandExecutor;
import rhombus.core.stage.motion.GrabPoint;
import rhombus.core.stage.motion.Motion;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.ViewRefusals;
import rhombus.core.stage.view.Viewport;

/**
 * The only way to run a command, whoever asks: a key, a click, a finger, a device, the page, a recording, an upload that has
 * ended. It knows what is under way, and each command declares what happens then ({@link rhombus.core.keymap.InterruptPolicy}).
 */
public final class CommandGate implements CommandExecutor {
    private final StageContext ground;
    private final CommandRunner runner;
    private final List<Activity> activities;
    private final BooleanSupplier replaying;
    private final List<Runnable> waiting = new ArrayList<>();

    /**
     * A gate before the commands of all areas.
     *
     * @param activities what may be under way
     * @param replaying whether it is a recording that acts
     */
    public CommandGate(CommandServices work, List<Activity> activities, BooleanSupplier replaying) {
        this.replaying = replaying;
        this.ground = work.ground();
        this.runner = new CommandRunner(work);
        this.activities = List.copyOf(activities);
    }

    @Override
    public CommandCatalogue catalogue() {
        return AllCommands.CATALOGUE;
    }

    @Override
    public boolean run(String id, Map<String, Object> args, Viewport v, double lx, double ly) {
        if (!runner.can(id, args)) {
            return false;
        }
        Command c = catalogue().command(id);
        if (!allowed(c)) {
            return false;
        }
        List<Activity> running = activities.stream()
                .filter(a -> a.on().getAsBoolean() && !a.own().test(c))
                .toList();
        if (!running.isEmpty()) {
            switch (c.meanwhile()) {
                case JOINS -> {}
                case SETTLES -> running.forEach(a -> a.settle().run());
                case WAITS -> {
                    waiting.add(() -> runner.run(id, args, v, lx, ly));
                    return true;
                }
                case REFUSED -> {
                    ViewRefusals.refuse(ground, v, middle(lx, v.width), middle(ly, v.height), say("gate.let-go-first"));
                    return false;
                }
            }
        }
        return runner.run(id, args, v, lx, ly);
    }

    /** Whether it is no recording that acts, or one may do this; else it is told. */
    private boolean allowed(Command c) {
        if (!replaying.getAsBoolean() || c.has(CommandTrait.REPLAYS)) {
            return true;
        }
        ground.changes().notice(say("gate.not-by-a-recording", c.words()), null, null);
        return false;
    }

    private static double middle(double at, double size) {
        return Double.isNaN(at) ? size / 2 : at;
    }

    /** Ends whatever is under way where it is: something other than a command is about to change the scene. */
    public void settle() {
        activities.stream().filter(a -> a.on().getAsBoolean()).forEach(a -> a.settle()
                .run());
    }

    /** Runs what has waited, once nothing is under way any more. */
    public void tick() {
        if (waits() && activities.stream().noneMatch(a -> a.on().getAsBoolean())) {
            List<Runnable> now = List.copyOf(waiting);
            waiting.clear();
            now.forEach(Runnable::run);
        }
    }

    /** Whether a command waits. */
    public boolean waits() {
        return !waiting.isEmpty();
    }

    // ---- parts of a press and of keys that are held: they are what is under way
    // -----------------------------------------

    @Override
    public Motion start(Command c, GrabPoint g) {
        return allowed(c) ? runner.start(c, g) : null;
    }

    @Override
    public void steps(Command c, Viewport v, double lx, double ly, double steps) {
        if (allowed(c)) {
            runner.steps(c, v, lx, ly, steps);
        }
    }

    @Override
    public void held(Command c, Map<String, Object> args, Viewport v, double lx, double ly, boolean down, boolean tap) {
        if (allowed(c)) {
            runner.held(c, args, v, lx, ly, down, tap);
        }
    }

    @Override
    public String told(Command c, Viewport v, double lx, double ly) {
        return runner.told(c, v, lx, ly);
    }
}
