package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import rhombus.core.device.GamepadParts;
import rhombus.core.keymap.Command;
import rhombus.core.keymap.CommandArgument;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.stage.commands.AllCommands;

/**
 * A hand that does anything at any moment: drags with every button, keys, fingers, devices, typed numbers, and commands of the
 * page while all of that goes on. The same seed does the same.
 */
public final class RandomHand {
    private static final double WIDTH = 1003;
    private static final double HEIGHT = 803;
    private static final List<String> KEYS = List.of(
            "KeyF KeyH KeyO KeyX KeyP KeyV KeyQ ArrowLeft ArrowUp Backspace KeyC Digit1 Digit6 KeyM KeyT KeyU Escape KeyD KeyS"
                    .split(" "));
    private static final List<String> MORE_KEYS =
            List.of("KeyA ShiftLeft AltLeft MetaLeft KeyW KeyE KeyR KeyL KeyG KeyI Space Delete Enter KeyB Comma KeyN"
                    .split(" "));
    /** What people do while something else is under way. */
    private static final List<String> OFTEN = List.of(
            "edit.undo",
            "edit.undo",
            "edit.redo",
            "object.delete",
            "object.rename",
            "object.hide",
            "object.isolate",
            "camera.drive",
            "camera.look-through",
            "camera.set",
            "edit.place",
            "edit.step",
            "edit.sweep",
            "select.all",
            "select.set",
            "tool.move",
            "tool.rotate",
            "picture.add",
            "add.shape",
            "edit.go",
            "gesture.cancel");

    private final Stage stage;
    private final Random random;
    private final Scene file;
    private double now = 1000;
    private double x = WIDTH / 2;
    private double y = HEIGHT / 2;

    /** A hand on a stage of its own that shows a scene as its file has it. */
    public RandomHand(Scene file, long seed) {
        this.file = file;
        this.random = new Random(seed);
        this.stage = opened(file);
    }

    private static Stage opened(Scene file) {
        Stage stage = new Stage();
        stage.resize(WIDTH, HEIGHT);
        stage.open(file, "Scene");
        return stage;
    }

    /** Does so many deeds. */
    public RandomHand does(int deeds) {
        for (int i = 0; i < deeds; i++) {
            deed();
        }
        return this;
    }

    /** Everything is let go, and time goes by until nothing moves. */
    public RandomHand letsGo() {
        stage.input().pointer(x, y, 0, 0, now += 10);
        stage.input().blur();
        stage.devices().gamepadGone(0, now += 10);
        stage.command("walk.leave", Map.of(), null, now += 10);
        stage.tick(now += 5000);
        stage.tick(now += 5000);
        return this;
    }

    /** The stage it works on. */
    public Stage stage() {
        return stage;
    }

    // ---- what must hold
    // ----------------------------------------------------------------------------------------------

    /** Undoing all gives the file's scene, redoing all the last one, and the kept document opened anew the same. */
    public void assertHistoryAndSceneAgree() {
        Scene last = stage.scene();
        Stage again = opened(file);
        assertThat(again.documents().useEdits(stage.documents().edits())).isNull();
        assertSame(again.scene(), last, "the kept document opened anew");
        int steps = stage.parts.subject.editing().history().done();
        for (int i = 0; i < steps; i++) {
            stage.command("edit.undo", Map.of(), null, now += 10);
        }
        assertThat(stage.parts.subject.editing().history().done()).isZero();
        assertSame(stage.scene(), file, "all undone");
        for (int i = 0; i < steps; i++) {
            stage.command("edit.redo", Map.of(), null, now += 10);
        }
        assertSame(stage.scene(), last, "all done again");
    }

    /** Two scenes are the same to the last bit; what was added and is gone does not count. */
    private static void assertSame(Scene one, Scene other, String what) {
        Map<String, Object> a = there(one);
        Map<String, Object> b = there(other);
        assertThat(a.keySet()).as(what).isEqualTo(b.keySet());
        a.forEach((id, node) -> assertThat(node).as(what).isEqualTo(b.get(id)));
        assertThat(one.setup()).as(what).isEqualTo(other.setup());
    }

    private static Map<String, Object> there(Scene s) {
        Map<String, Object> out = new LinkedHashMap<>();
        for (int i = 0; i < s.count(); i++) {
            Node n = s.node(i);
            if (!n.gone()) {
                String parent = n.parent() < 0 ? "" : s.node(n.parent()).id();
                // Which number the mesh of a solid has is not part of the scene; which solid it is is.
                Node told = n.withParent(-1, null);
                Node same = n.shape() == null ? told : told.withShape(n.shape(), List.of());
                out.put(n.id(), List.of(same, parent, Arrays.toString(bits(n.local()))));
            }
        }
        return out;
    }

    private static long[] bits(double[] numbers) {
        return Arrays.stream(numbers).mapToLong(Double::doubleToLongBits).toArray();
    }

    // ---- what it does
    // ------------------------------------------------------------------------------------------------

    private void deed() {
        now += random.nextInt(60);
        switch (random.nextInt(14)) {
            case 0, 1, 2 -> pointer();
            case 3 -> drag();
            case 4 -> stage.input().wheel(x, y, 0, (random.nextDouble() - 0.5) * 900, 0, modifiers(), now);
            case 5 -> stage.input().keyDown(key(), modifiers(), random.nextInt(8) == 0, now);
            case 6 -> stage.input().keyUp(key(), modifiers(), now);
            case 7 -> finger();
            case 8 -> gamepad();
            case 9 -> stage.tick(now += random.nextInt(400));
            case 10 -> handle();
            case 11 -> command(OFTEN.get(random.nextInt(OFTEN.size())));
            case 12 -> {
                List<Command> all = List.copyOf(AllCommands.CATALOGUE.commands().values());
                command(all.get(random.nextInt(all.size())).id());
            }
            default -> {
                if (random.nextInt(6) == 0) {
                    stage.input().blur();
                }
            }
        }
    }

    private int modifiers() {
        return random.nextInt(4) == 0 ? random.nextInt(16) : 0;
    }

    private String key() {
        return random.nextInt(3) == 0
                ? MORE_KEYS.get(random.nextInt(MORE_KEYS.size()))
                : KEYS.get(random.nextInt(KEYS.size()));
    }

    private void pointer() {
        x = Math.max(0, Math.min(WIDTH, x + random.nextInt(161) - 80));
        y = Math.max(0, Math.min(HEIGHT, y + random.nextInt(161) - 80));
        int buttons = random.nextInt(3) == 0 ? random.nextInt(8) : 0;
        stage.input().pointer(x, y, buttons, modifiers(), random.nextInt(20) == 0, now);
    }

    /** A drag that may be left standing with its button down. */
    private void drag() {
        int button = 1 << random.nextInt(3);
        stage.input().pointer(x, y, 0, 0, now += 5);
        stage.input().pointer(x, y, button, 0, now += 5);
        for (int i = random.nextInt(5); i >= 0; i--) {
            x = Math.max(0, Math.min(WIDTH, x + random.nextInt(81) - 40));
            y = Math.max(0, Math.min(HEIGHT, y + random.nextInt(81) - 40));
            stage.input().pointer(x, y, button, modifiers(), now += 5);
        }
        if (random.nextBoolean()) {
            stage.input().pointer(x, y, 0, 0, now += 5);
        }
    }

    /** Takes hold of a handle, where there is one. */
    private void handle() {
        int view = random.nextInt(stage.parts.ground.board().views.size());
        List<double[]> ends = new ArrayList<>();
        var v = stage.parts.ground.board().views.get(view);
        if (stage.parts.tools.on()) {
            stage.parts.tools.handlesOf(v).forEach(h -> {
                double[] p = h.points();
                ends.add(new double[] {p[p.length - 2], p[p.length - 1]});
            });
        }
        if (ends.isEmpty()) {
            command("tool.move");
            return;
        }
        double[] at = ends.get(random.nextInt(ends.size()));
        x = v.x + at[0];
        y = v.y + at[1];
        stage.input().pointer(x, y, 0, 0, now += 5);
        drag();
    }

    private void finger() {
        int id = random.nextInt(3);
        switch (random.nextInt(5)) {
            case 0, 1 -> stage.input().touchDown(id, x + random.nextInt(40), y + random.nextInt(40), now);
            case 2 -> stage.input().touchUp(id, x, y, random.nextInt(6) == 0, now);
            default -> stage.input().touchMove(id, x + random.nextInt(200) - 100, y + random.nextInt(200) - 100, now);
        }
    }

    private void gamepad() {
        double[] axes = new double[4];
        double[] buttons = new double[17];
        if (random.nextInt(3) > 0) {
            axes[random.nextInt(4)] = random.nextDouble() * 2 - 1;
            buttons[random.nextInt(17)] = random.nextInt(3) == 0 ? 1 : 0;
        }
        stage.devices().gamepad(0, "Pad", GamepadParts.STANDARD, axes, buttons, now);
    }

    private void command(String id) {
        Command c = AllCommands.CATALOGUE.command(id);
        Map<String, Object> args = new LinkedHashMap<>();
        for (CommandArgument a : c.arguments()) {
            if (a.required() || random.nextBoolean()) {
                args.put(a.name(), value(a));
            }
        }
        String view = random.nextInt(3) == 0 ? null : "v" + (1 + random.nextInt(4));
        stage.command(id, args, view, now);
    }

    private Object value(CommandArgument a) {
        return switch (a.type()) {
            case CHOICE -> {
                String c = a.choices().get(random.nextInt(a.choices().size()));
                yield c.endsWith(":") ? c + "x" : c;
            }
            case PLACE ->
                random.nextBoolean()
                        ? (Object) random.nextInt(4)
                        : a.choices().get(random.nextInt(a.choices().size()));
            case TRUTH -> random.nextBoolean();
            case NUMBER -> random.nextDouble() * 4 - 2;
            case WHOLE -> a.name().equals("to") ? random.nextInt(6) : 1 + random.nextInt(400);
            case TYPED -> List.of(0.5, "1.25", "2 m", "30", "+0.1", "nonsense").get(random.nextInt(6));
            case TEXTS -> List.of(id(), id());
            case TEXT -> text(a.name());
        };
    }

    private String text(String argument) {
        return switch (argument) {
            case "name" -> "Name " + random.nextInt(100);
            case "layer" -> {
                var layers = stage.scene().setup().layers();
                yield layers.isEmpty()
                        ? "none"
                        : layers.get(random.nextInt(layers.size())).id();
            }
            case "image" -> "0123456789abcdef0123456789abcdef";
            case "pin" -> "p" + random.nextInt(4);
            default -> id();
        };
    }

    private String id() {
        Scene s = stage.scene();
        return s.node(random.nextInt(s.count())).id();
    }
}
