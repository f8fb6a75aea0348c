package rhombus.core.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import rhombus.core.device.GamepadParts;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.keymap.Modifiers;
import rhombus.core.stage.view.Trail;
import rhombus.core.stage.view.Viewport;
import rhombus.core.view.Pose;

/** Whatever a hand does, in whatever order, the views stay sound. */
class AnyHandTest {
    private static final String[] KEYS = {
        "KeyF",
        "KeyH",
        "KeyO",
        "KeyX",
        "KeyY",
        "KeyZ",
        "KeyP",
        "KeyV",
        "KeyN",
        "KeyQ",
        "ArrowLeft",
        "ArrowUp",
        "Backspace",
        "KeyC",
        "Equal",
        "Minus",
        "Digit1",
        "Digit6",
        "Digit7",
        "Digit0",
        "KeyM",
        "Escape",
        "KeyK",
        "KeyD",
        "KeyS",
        "KeyA",
        "ShiftLeft",
        "KeyW",
        "KeyE",
        "KeyR",
        "KeyL",
        "KeyG",
        "Period",
        "Space",
        "BracketRight",
        "Backslash",
        "ControlLeft",
        "Enter",
        "KeyB"
    };

    private static Stage open() {
        Stage stage = new Stage();
        stage.resize(1003, 803);
        stage.open(Scenes.boxes(), "Boxes");
        return stage;
    }

    private static double act(Stage stage, Random r, double time) {
        double x = r.nextInt(1100) - 50;
        double y = r.nextInt(900) - 50;
        int mods = r.nextInt(4) == 0 ? r.nextInt(16) : 0;
        double t = time + r.nextInt(60);
        switch (r.nextInt(12)) {
            case 10 -> pad(stage, r, t);
            case 11 -> {
                // What is on the screen is asked for at any moment.
                if (r.nextInt(8) == 0) {
                    for (int i = 0; i < stage.parts.ground.board().views.size(); i++) {
                        new Seen(stage).marks(i);
                    }
                    new Seen(stage).hints(java.util.Map.of());
                }
            }
            case 0, 1, 2, 3 -> stage.input().pointer(x, y, r.nextInt(3) == 0 ? r.nextInt(32) : 0, mods, t);
            case 4 -> stage.input().wheel(x, y, 0, (r.nextDouble() - 0.5) * 3000, r.nextInt(3), mods, t);
            case 5 -> stage.input().keyDown(KEYS[r.nextInt(KEYS.length)], mods, r.nextInt(5) == 0, t);
            case 6 -> stage.input().keyUp(KEYS[r.nextInt(KEYS.length)], mods, t);
            case 7 -> finger(stage, r, x, y, t);
            case 8 -> stage.input().pointer(x, y, r.nextInt(2), mods, r.nextBoolean(), t);
            default -> {
                if (r.nextInt(9) == 0) {
                    stage.input().locked(r.nextBoolean());
                } else if (r.nextInt(9) == 0) {
                    stage.command(
                            "walk.stick",
                            java.util.Map.of("right", r.nextDouble() * 2 - 1, "ahead", r.nextDouble() * 2 - 1),
                            null,
                            t);
                } else if (r.nextInt(9) == 0) {
                    var all = List.copyOf(rhombus.core.habits.AllHabits.all().values());
                    var h = all.get(r.nextInt(all.size()));
                    stage.habit(
                            h.id(),
                            h.choices().isEmpty()
                                    ? (Object) r.nextBoolean()
                                    : h.choices().get(r.nextInt(h.choices().size())));
                } else if (r.nextInt(3) == 0) {
                    boards(stage, r, x, y, t);
                } else if (r.nextInt(9) == 0) {
                    stage.input().blur();
                } else if (r.nextInt(9) == 0) {
                    stage.resize(1 + r.nextInt(4000), 1 + r.nextInt(3000));
                } else {
                    stage.tick(t);
                }
            }
        }
        return t;
    }

    /** Something done to boards, Pins and the Trail, with arguments that need not make sense. */
    private static void boards(Stage stage, Random r, double x, double y, double t) {
        String[] commands = {
            "board.arrange",
            "board.split",
            "board.close",
            "board.swap",
            "board.drag-border",
            "board.step-border",
            "board.even",
            "board.add",
            "board.delete",
            "board.undo",
            "board.link",
            "board.move",
            "board.next",
            "board.duplicate",
            "board.use-for-new-scenes",
            "pin.add",
            "pin.go",
            "pin.update",
            "pin.delete",
            "pin.restore",
            "trail.go",
            "trail.back",
            "view.free-flat",
            "camera.drive",
            "camera.from-view",
            "camera.look-through",
            "camera.select",
            "edit.undo",
            "edit.redo",
            "object.delete"
        };
        String[] to = {"four", "single", "one-over-two", "row", "one-beside-three", "left", "right", "below", "nowhere"
        };
        String[] border = {"b0", "b0+b0.0", "b0.0", "b1.0", "b1", "x+y"};
        String[] part = {"begin", "move", "move", "end", "cancel"};
        stage.command(
                commands[r.nextInt(commands.length)],
                java.util.Map.of(
                        "to",
                        r.nextInt(4) == 0 ? (Object) r.nextInt(9) : to[r.nextInt(to.length)],
                        "with",
                        "v" + r.nextInt(9),
                        "border",
                        border[r.nextInt(border.length)],
                        "part",
                        part[r.nextInt(part.length)],
                        "x",
                        x,
                        "y",
                        y,
                        "pin",
                        "p" + r.nextInt(5),
                        "board",
                        r.nextBoolean()),
                null,
                t);
    }

    private static void pad(Stage stage, Random r, double t) {
        double[] axes = new double[4];
        double[] buttons = new double[17];
        if (r.nextInt(3) > 0) {
            axes[r.nextInt(4)] = r.nextDouble() * 2.2 - 1.1;
            axes[r.nextInt(4)] = r.nextDouble() * 2 - 1;
            buttons[r.nextInt(17)] = r.nextInt(3) == 0 ? r.nextDouble() : 0;
        }
        if (r.nextInt(20) == 0) {
            stage.devices().gamepadGone(0, t);
        } else {
            stage.devices().gamepad(0, "Test pad", GamepadParts.STANDARD, axes, buttons, t);
        }
    }

    private static void finger(Stage stage, Random r, double x, double y, double t) {
        int id = r.nextInt(4);
        switch (r.nextInt(5)) {
            case 0 -> stage.input().touchDown(id, x, y, t);
            case 1 -> stage.input().touchUp(id, x, y, r.nextInt(6) == 0, t);
            default -> stage.input().touchMove(id, x, y, t);
        }
    }

    /** Shows every board once: each has been used then, and its cameras fill the viewports they have now. */
    private static void walkThroughBoards(Stage stage) {
        String shown = stage.parts.ground.board().id;
        List.copyOf(stage.parts.boardList.list()).forEach(b -> stage.parts.boardList.go(b));
        stage.parts.boardList.go(stage.parts.boardList.named(shown));
    }

    @Property
    void posesStayFiniteAndTrailsBounded(@ForAll @LongRange(min = 0, max = 1_000_000_000) long seed) {
        Random r = new Random(seed);
        Stage stage = open();
        double[] m = new double[32];
        double time = 0;
        for (int i = 0; i < 400; i++) {
            time = act(stage, r, time);
            assertThat(stage.parts.ground.board().views).allSatisfy(v -> assertStandsAtItsCamera(stage, v));
        }
        for (Viewport v : stage.parts.ground.board().views) {
            Pose p = v.pose;
            assertThat(p.eye().finite()).isTrue();
            Quat q = p.orientation();
            assertThat(q.x() * q.x() + q.y() * q.y() + q.z() * q.z() + q.w() * q.w())
                    .isBetween(1 - 1e-9, 1 + 1e-9);
            assertThat(p.focus()).isPositive().isFinite();
            assertThat(v.trail.length()).isBetween(1, Trail.DEPTH);
            assertThat(v.trail.index()).isBetween(0, v.trail.length() - 1);
            stage.offscreen().matrices(v.number, m);
            for (double d : m) {
                assertThat(d).isFinite();
            }
        }
        new Seen(stage).views();
        new Seen(stage).readout();
        new Seen(stage).hints(java.util.Map.of());
    }

    /** Guarded or driven, a viewport that says it looks through a camera does. */
    private static void assertStandsAtItsCamera(Stage stage, Viewport v) {
        if (v.camera == null || !v.shown) {
            return;
        }
        int node = stage.scene().indexOf(v.camera);
        assertThat(node).isNotNegative();
        double[] world = stage.scene().world(node);
        assertThat(Mat4.origin(world).distance(v.pose.eye()))
                .isLessThanOrEqualTo(1e-9 * (1 + v.pose.eye().length()));
        assertThat(Mat4.rotation(world).angleTo(v.pose.orientation())).isLessThan(1e-6);
    }

    @Property
    void whatIsKeptComesBackTheSame(@ForAll @LongRange(min = 0, max = 1_000_000_000) long seed) {
        Random r = new Random(seed);
        Stage stage = open();
        double time = 0;
        for (int i = 0; i < 200; i++) {
            time = act(stage, r, time);
        }
        stage.input().blur();
        stage.tick(time + 5000);
        stage.resize(1003, 803);
        walkThroughBoards(stage);
        Stage other = open();
        assertThat(other.documents().useBoards(stage.documents().boards())).isNull();
        assertThat(other.documents().usePins(stage.documents().pins())).isNull();
        assertThat(other.documents().useEdits(stage.documents().edits())).isNull();
        other.documents().restore(stage.documents().workspace());
        walkThroughBoards(other);
        assertThat(other.documents().boards())
                .usingRecursiveComparison()
                .isEqualTo(stage.documents().boards());
        assertThat(other.documents().edits())
                .usingRecursiveComparison()
                .isEqualTo(stage.documents().edits());
        assertThat(other.documents().pins())
                .usingRecursiveComparison()
                .isEqualTo(stage.documents().pins());
        assertThat(other.documents().workspace())
                .usingRecursiveComparison()
                .isEqualTo(stage.documents().workspace());
    }

    @Property
    void escapeInAnyDragGoesBackToBeforeIt(@ForAll @LongRange(min = 0, max = 1_000_000_000) long seed) {
        Random r = new Random(seed);
        Stage stage = open();
        double time = 0;
        double x = 20 + r.nextInt(960);
        double y = 20 + r.nextInt(760);
        stage.input().pointer(x, y, 0, 0, time += 10);
        List<Pose> before =
                stage.parts.ground.board().views.stream().map(v -> v.pose).toList();
        int button = new int[] {2, 4}[r.nextInt(2)];
        stage.input().pointer(x, y, button, 0, time += 10);
        for (int i = 0; i < 12; i++) {
            x += r.nextInt(121) - 60;
            y += r.nextInt(121) - 60;
            int mods = r.nextInt(3) == 0 ? Modifiers.ALT : 0;
            stage.input().pointer(x, y, r.nextInt(5) == 0 ? 6 : button, mods, time += 10);
        }
        stage.input().keyDown("Escape", 0, false, time += 10);
        assertThat(stage.parts.ground.board().views).extracting(v -> v.pose).isEqualTo(before);
        stage.input().pointer(x + 40, y, button, 0, time += 10);
        stage.input().pointer(x + 40, y, 0, 0, time += 10);
        assertThat(stage.parts.ground.board().views).extracting(v -> v.pose).isEqualTo(before);
        assertThat(stage.parts.ground.board().views)
                .allSatisfy(v -> assertThat(v.trail.length()).isEqualTo(1));
    }
}
