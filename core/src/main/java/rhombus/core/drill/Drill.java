package rhombus.core.drill;

import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Supplier;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.AimAt;
import rhombus.core.navigate.LookAround;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Scene;
import rhombus.core.scene.UpAxis;
import rhombus.core.stage.Stage;
import rhombus.core.stage.view.StoredView;
import rhombus.core.view.Pose;

/** A task for hand and eye in a scene that has what it needs. */
public final class Drill {
    /** The viewport in which a task begins: the perspective one of four. */
    private static final String VIEW = "v2";

    private static final String PHOTOGRAPHER = "Harbour wide";

    private static final Start RIVET = from(9, 4, 10, 0, 1.5, 0);

    /** All tasks, from easy to hard. */
    public static final List<Drill> ALL = List.of(
            drill("round", List.of("Hull"), from(14, 7, 15, 0, 2, 0), () -> DrillJudges.round(4)),
            drill("rivet", List.of("Brass rivet"), RIVET, Drill::rivet),
            drill(
                    "mark",
                    List.of("Painted mark", "Slipway"),
                    from(7, 5, 9, 0.5, 0.4, 0),
                    () -> DrillJudges.seen("Painted mark", 90)),
            drill(
                    "toolbox",
                    List.of("Toolbox", "Hull"),
                    from(8, 3.5, 9, 0.6, 1, 0),
                    () -> DrillJudges.seen("Toolbox", 110)),
            drill("level", List.of("Mast"), rolled(from(11, 3, 12, 0.6, 3, 0), 27), () -> DrillJudges.level("Mast")),
            drill(
                    "close",
                    List.of("Brass rivet"),
                    from(2.5, 1.6, 5, 0.6, 0.9, 0),
                    () -> DrillJudges.close("Brass rivet", 160)),
            drill(
                    "jetty",
                    List.of("Jetty"),
                    from(-21, 3.2, 15.6, 0, 1.8, 15.6),
                    () -> DrillJudges.walked(new Vec3(21, 0, 15.6), 2.5)),
            drill("pile", List.of("Pile 90"), from(14, 7, 24, 0, 0, 15), () -> DrillJudges.linedUp("Pile 90", 14, 60)),
            drill(
                            "stand",
                            List.of(PHOTOGRAPHER),
                            from(6, 9, 22, 0, 1, 0),
                            () -> DrillJudges.stands(PHOTOGRAPHER, 0.6, 4))
                    .to(PHOTOGRAPHER),
            drill(
                    "drive",
                    List.of("Deck close", "Keel low"),
                    from(12, 6, 13, 0, 1.5, 0),
                    () -> DrillJudges.drives("Deck close", 1.5)));

    private final String id;
    private final List<String> needs;
    private final Function<UpAxis, Pose> start;
    private final Supplier<DrillJudge> judge;
    /** Name of the camera whose picture shows what to come to, or null. */
    private final String goal;

    private Drill(
            String id, List<String> needs, Function<UpAxis, Pose> start, Supplier<DrillJudge> judge, String goal) {
        this.id = id;
        this.needs = needs;
        this.start = start;
        this.judge = judge;
        this.goal = goal;
    }

    private Drill to(String camera) {
        return new Drill(id, needs, start, judge, camera);
    }

    private static Drill drill(String id, List<String> needs, Start start, Supplier<DrillJudge> judge) {
        return new Drill(id, needs, start::pose, judge, null);
    }

    /**
     * A task that somebody made: to come from one view to another.
     *
     * @param made what {@link DrillSession#here} gave as {@code start} and as {@code goal}
     * @throws IllegalArgumentException if that cannot be read, or if the start is the goal already
     */
    public static Drill own(String id, Map<String, Object> made) {
        Pose start = StoredView.pose(made.get("start"));
        Pose goal = StoredView.pose(made.get("goal"));
        if (start == null || goal == null) {
            throw new IllegalArgumentException(say("drill.this-is-no-drill-that"));
        }
        if (DrillJudges.alike(start, goal) >= 1) {
            throw new IllegalArgumentException(say("drill.the-goal-is-where-the"));
        }
        return new Drill(id, List.of(), up -> start, () -> DrillJudges.view(goal), null);
    }

    private static DrillJudge rivet() {
        Vec3 way = RIVET.to.minus(RIVET.eye);
        return DrillJudges.then(
                List.of(DrillJudges.seen("Brass rivet", 200), DrillJudges.back(RIVET.eye, way.unit(), way.length())));
    }

    /**
     * From where a task is begun.
     *
     * @param roll degrees
     */
    private record Start(Vec3 eye, Vec3 to, double roll) {
        private static final double FOV = Math.toRadians(47);

        Pose pose(UpAxis up) {
            return LookAround.roll(AimAt.level(eye, to, up, FOV), Math.toRadians(roll));
        }
    }

    private static Start from(double x, double y, double z, double tx, double ty, double tz) {
        return new Start(new Vec3(x, y, z), new Vec3(tx, ty, tz), 0);
    }

    private static Start rolled(Start s, double degrees) {
        return new Start(s.eye, s.to, degrees);
    }

    /** The task with this id, or null. */
    public static Drill named(String id) {
        return ALL.stream().filter(d -> d.id.equals(id)).findFirst().orElse(null);
    }

    public String id() {
        return id;
    }

    /** Whether a scene has what the task needs. */
    public boolean fits(Scene s) {
        return needs.stream().allMatch(n -> ObservedStage.named(s, n) >= 0);
    }

    DrillJudge judge() {
        return judge.get();
    }

    /** Number of the camera whose picture shows what to come to, or -1. */
    int goal(Scene s) {
        int n = goal == null ? -1 : ObservedStage.named(s, goal);
        // In a scene that is not ours something else may be called so.
        return n < 0 || s.node(n).camera() == null ? -1 : n;
    }

    /** The views from which the task is begun, as an address: four viewports as they are in a scene that nobody has touched. */
    Map<String, Object> views(Scene scene) {
        Stage fresh = new Stage();
        fresh.reduceMotion(true);
        fresh.resize(1000, 800);
        fresh.open(scene, "");
        Map<String, Object> address = fresh.documents().address();
        Map<String, Object> looks = PlainData.map(address.get("looks"));
        Map<String, Object> look = PlainData.map(looks.get(VIEW));
        look.put("pose", StoredView.pose(start.apply(scene.up())));
        looks.put(VIEW, look);
        address.put("looks", looks);
        address.put("active", VIEW);
        address.put("name", "Drill");
        return address;
    }
}
