package rhombus.core.stage.coach;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import rhombus.core.plain.PageCall;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.input.DeviceInput;
import rhombus.core.stage.input.InputListener;
import rhombus.core.stage.input.InputReceiver;
import rhombus.core.stage.input.RecordedEvent;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;

/**
 * Records what a hand does with any device, as raw events with their times, and does it again: through the very way on which
 * they came. Points are scaled to the size that the stage has when it plays.
 */
public final class InputRecorder implements InputListener {
    /** The longest recording, milliseconds. */
    public static final double LONGEST_MS = 3_600_000;
    /** The largest number of events in one. */
    static final int MOST = 200_000;

    private static final String FORMAT = "rhombus-recording";
    private static final int VERSION = 1;
    private static final Set<String> KEYS = Set.of("format", "version", "width", "height", "events");
    /** See {@link #finish}, milliseconds. */
    private static final double AFTER_MS = 250;
    /** Devices of a recording are others than those that are there. */
    private static final int APART = 1000;

    private final StageContext ground;
    private final InputReceiver input;
    private final DeviceInput devices;
    private final List<RecordedEvent> events = new ArrayList<>();
    /** Size of the stage as a recording begins. */
    private double width = 1;

    private double height = 1;
    /** Size of the stage that the points of the next event are told in. */
    private double wide = 1;

    private double high = 1;
    private double from = Double.NaN;
    private boolean recording;
    /** Whether what the page runs is recorded too. */
    private boolean commands;

    private Runs runs = (id, args, view) -> {};
    private Predicate<String> replays = id -> true;
    private Sizes sizes = (w, h) -> {};
    private boolean playing;
    private boolean feeding;
    private int next;

    /** Records a hand. */
    public InputRecorder(StageContext ground, InputReceiver input, DeviceInput devices) {
        this.ground = ground;
        this.input = input;
        this.devices = devices;
        input.watchedBy(this);
        devices.watchedBy(this);
    }

    // ---- recording -------------------------------------------------------------------------------------------------

    /** Runs a command on a viewport of the board by its number, or on the active one where that is below 0. */
    public interface Runs {
        /** Does it. */
        void run(String command, Map<String, Object> args, int view);
    }

    /**
     * Who runs commands of a recording.
     *
     * @param safe whether a recording may run a command, by its id
     */
    public void runsBy(Runs who, Predicate<String> safe) {
        runs = who;
        replays = safe;
    }

    /** Gives the stage the size that it had, pixels. */
    public interface Sizes {
        /** Does it. */
        void size(double width, double height);
    }

    /** Who gives the stage another size as a recording is played; nobody where a window decides how large it is, and points are scaled. */
    public void sizesBy(Sizes who) {
        sizes = who;
    }

    /** Begins a recording of the hand alone; what was recorded before is gone. */
    @PageCall
    public void record() {
        record(false);
    }

    /** Begins a recording; what was recorded before is gone. */
    public void record(boolean withCommands) {
        stop();
        commands = withCommands;
        events.clear();
        recording = true;
        from = Double.NaN;
        measure();
        devices.open().forEach(e -> events.add(new RecordedEvent(0, "hid-open", e)));
        changed();
    }

    private void measure() {
        double[] size = size();
        width = wide = size[0];
        height = high = size[1];
    }

    /** The stage has another size from now on, as where a drawer was opened beside it: the points that follow are told in that. */
    public void resized() {
        double[] size = size();
        if (recording && !Double.isNaN(from) && (size[0] != wide || size[1] != high)) {
            wide = size[0];
            high = size[1];
            hears("size", ground.now(), wide, high);
        }
    }

    /** Ends what runs, be it a recording or its replay. */
    @PageCall
    public void stop() {
        if (playing) {
            ended();
        }
        recording = false;
        changed();
    }

    /** The page runs a command on a viewport of the board by its number, or on the active one where that is below 0. */
    public void command(String id, Map<String, Object> args, int view, double timeMs) {
        if (recording && commands && replays.test(id)) {
            hears("command", timeMs, id, args, view);
        }
    }

    /** When the first event of the recording came, milliseconds; NaN before. */
    public double began() {
        return from;
    }

    /**
     * When the hand did something for the first time, milliseconds; NaN before. What was held before and is let go, a pointer
     * that only moves, and devices that rest out of their middle are nothing it did.
     */
    public double firstDeed() {
        for (RecordedEvent e : events) {
            boolean deed =
                    switch (e.sort()) {
                        case "key-down" -> !e.truth(2);
                        case "pointer" -> e.whole(2) != 0;
                        case "wheel", "touch-down", "command" -> true;
                        default -> false;
                    };
            if (deed) {
                return from + e.at();
            }
        }
        return events.isEmpty() ? Double.NaN : from + last();
    }

    /** Ends a recording some moments after a time: what is held down then counts as held until there. */
    public void finish(double nowMs) {
        if (recording && !Double.isNaN(from)) {
            events.add(new RecordedEvent(Math.max(last(), nowMs - from) + AFTER_MS, "blur", List.of()));
        }
        stop();
    }

    @Override
    public boolean hears(String sort, double timeMs, Object... what) {
        if (feeding) {
            return true;
        }
        if (playing) {
            // The hand that is there waits; what it means by itself ends the replay.
            boolean pressed = sort.equals("key-down")
                    || sort.equals("touch-down")
                    || sort.equals("pointer") && (int) what[2] != 0;
            if (pressed) {
                stop();
            }
            return sort.equals("blur") || sort.endsWith("gone") || sort.equals("hid-open");
        }
        if (recording) {
            if (Double.isNaN(from)) {
                from = timeMs;
                // The page may have made room for something since the recording was begun.
                measure();
            }
            // The page, devices and the browser's events tell the time each by themselves; a recording has one clock.
            double at = Math.max(last(), timeMs - from);
            if (at > LONGEST_MS || events.size() >= MOST) {
                recording = false;
                ground.changes().notice(say("recorder.the-recording-is-full-and"), null, null);
                changed();
            } else {
                events.add(new RecordedEvent(at, sort, Arrays.asList(what)));
            }
        }
        return true;
    }

    /** When the last event came, milliseconds since the recording began. */
    private double last() {
        return events.isEmpty() ? 0 : events.get(events.size() - 1).at();
    }

    /** The recording as a file. */
    @PageCall
    public Map<String, Object> toPlain() {
        List<Object> list = new ArrayList<>();
        events.forEach(e -> list.add(e.toPlain()));
        return PlainData.map("format", FORMAT, "version", VERSION, "width", width, "height", height, "events", list);
    }

    /** Takes over a recording; gives what is wrong with it, or null. Nothing is played yet. */
    @PageCall
    public String bring(Map<String, Object> file) {
        if (!FORMAT.equals(file.get("format"))) {
            return say("recorder.this-is-no-recording-of");
        }
        for (String key : file.keySet()) {
            if (!KEYS.contains(key)) {
                return say("recorder.is-no-part-of-a-recording", key);
            }
        }
        if (PlainData.whole(file.get("version"), 0) != VERSION) {
            return say("recorder.this-recording-is-of-version", PlainData.told(file.get("version")), VERSION);
        }
        List<Object> list = PlainData.list(file.get("events"));
        double w = PlainData.number(file.get("width"), 0);
        double h = PlainData.number(file.get("height"), 0);
        if (!(w > 0 && h > 0)) {
            return say("recorder.this-recording-does-not-say");
        }
        if (list.size() > MOST) {
            return say("recorder.a-recording-has-at-most", MOST, list.size());
        }
        List<RecordedEvent> read = new ArrayList<>();
        double last = 0;
        for (int i = 0; i < list.size(); i++) {
            try {
                RecordedEvent e = RecordedEvent.of(list.get(i));
                if (e.at() < last) {
                    return say("recorder.events-it-is-earlier-than", i);
                }
                last = e.at();
                if (e.sort().equals("command") && !replays.test(e.text(0))) {
                    return say("recorder.events-no-recording-may-run", i, e.text(0));
                }
                read.add(e);
            } catch (IllegalArgumentException e) {
                return "events[" + i + "]: " + e.getMessage() + ".";
            }
        }
        stop();
        events.clear();
        events.addAll(read);
        width = w;
        height = h;
        changed();
        return null;
    }

    // ---- playing ---------------------------------------------------------------------------------------------------

    /** Does it again from now on. */
    @PageCall
    public void play(double nowMs) {
        stop();
        if (!events.isEmpty()) {
            playing = true;
            next = 0;
            from = nowMs;
            wide = width;
            high = height;
            changed();
        }
    }

    /** Time has gone by, milliseconds: what is due is done. */
    public void tick(double nowMs) {
        if (!playing || feeding) {
            return;
        }
        feeding = true;
        while (playing && next < events.size() && from + events.get(next).at() <= nowMs) {
            RecordedEvent e = events.get(next++);
            double[] size = size();
            feed(e, from + e.at(), size[0] / wide, size[1] / high);
        }
        feeding = false;
        if (playing && next == events.size()) {
            ended();
        }
        changed();
    }

    /** Whether it is the recording that acts right now, and not the hand or the page. */
    public boolean acts() {
        return feeding;
    }

    /** Whether it plays. */
    public boolean playing() {
        return playing;
    }

    private void ended() {
        playing = false;
        feeding = true;
        for (RecordedEvent e : events) {
            if (e.sort().equals("gamepad")) {
                devices.gamepadGone(e.whole(0) + APART, ground.now());
            } else if (e.sort().equals("hid-open")) {
                devices.hidGone(e.whole(0) + APART, ground.now());
            }
        }
        input.blur();
        feeding = false;
    }

    private void feed(RecordedEvent e, double at, double kx, double ky) {
        switch (e.sort()) {
            case "pointer" -> input.pointer(e.number(0) * kx, e.number(1) * ky, e.whole(2), e.whole(3), e.truth(4), at);
            case "left" -> input.pointerLeft();
            case "wheel" ->
                input.wheel(e.number(0) * kx, e.number(1) * ky, e.number(2), e.number(3), e.whole(4), e.whole(5), at);
            case "key-down" -> input.keyDown(e.text(0), e.whole(1), e.truth(2), at);
            case "key-up" -> input.keyUp(e.text(0), e.whole(1), at);
            case "touch-down" -> input.touchDown(e.whole(0), e.number(1) * kx, e.number(2) * ky, at);
            case "touch-move" -> input.touchMove(e.whole(0), e.number(1) * kx, e.number(2) * ky, at);
            case "touch-up" -> input.touchUp(e.whole(0), e.number(1) * kx, e.number(2) * ky, e.truth(3), at);
            case "blur" -> input.blur();
            case "size" -> {
                wide = e.number(0);
                high = e.number(1);
                sizes.size(wide, high);
            }
            case "command" -> runs.run(e.text(0), e.map(1), e.whole(2));
            case "gamepad" -> devices.gamepad(e.whole(0) + APART, e.text(1), e.text(2), e.numbers(3), e.numbers(4), at);
            case "gamepad-gone" -> devices.gamepadGone(e.whole(0) + APART, at);
            case "hid-open" -> devices.hidOpened(e.whole(0) + APART, e.text(1), e.list(2));
            case "hid" -> devices.hidReport(e.whole(0) + APART, e.whole(1), bytes(e.list(2)), at);
            default -> devices.hidGone(e.whole(0) + APART, at);
        }
    }

    private static byte[] bytes(List<Object> numbers) {
        byte[] out = new byte[numbers.size()];
        for (int i = 0; i < out.length; i++) {
            out[i] = (byte) PlainData.number(numbers.get(i), 0);
        }
        return out;
    }

    /** What it does. */
    @PageCall
    public RecorderState state() {
        double length = events.isEmpty() ? 0 : events.get(events.size() - 1).at();
        double at = playing ? ground.now() - from : 0;
        return new RecorderState(recording, playing, events.size(), length / 1000, at / 1000);
    }

    private double[] size() {
        double w = 1;
        double h = 1;
        for (Viewport v : ground.board().views) {
            if (v.shown) {
                w = Math.max(w, v.x + v.width);
                h = Math.max(h, v.y + v.height);
            }
        }
        return new double[] {w, h};
    }

    private void changed() {
        ground.changes().add(ChangeTopic.READOUT);
    }
}
