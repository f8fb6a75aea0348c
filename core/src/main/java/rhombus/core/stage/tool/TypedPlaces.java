package rhombus.core.stage.tool;

import static rhombus.core.words.Messages.say;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.edit.EditOperation;
import rhombus.core.edit.Transforms;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;

/**
 * Typed places, angles and factors of what is selected. With several objects they are typed for the last one; the others
 * change by as much, or to the same numbers, as the user has chosen.
 */
public final class TypedPlaces {
    private static final double SMALLEST_SCALE = 1e-9;

    private final StageContext ground;
    private final SubjectParts subject;
    private final ActiveTool tools;

    public TypedPlaces(StageContext ground, SubjectParts subject, ActiveTool tools) {
        this.ground = ground;
        this.subject = subject;
        this.tools = tools;
    }

    private List<Integer> all(int last) {
        List<Integer> roots = subject.selection().roots(ground.scene());
        return roots.isEmpty() ? List.of(last) : roots;
    }

    private boolean same() {
        return tools.typesTheSame();
    }

    /** Puts an object, and the others with it, at typed coordinates. */
    public void place(Map<String, Object> args, int node) {
        Scene s = ground.scene();
        Vec3 is = s.pivot(node);
        Vec3 to = new Vec3(
                ground.typed().length(args.get("x"), is.x()),
                ground.typed().length(args.get("y"), is.y()),
                ground.typed().length(args.get("z"), is.z()));
        String name = say("typed-places.move", subject.names());
        if (!same()) {
            if (to.distance(is) > 0) {
                subject.editing().apply(name, new EditOperation.Move(all(node), to.minus(is)));
            }
            return;
        }
        Map<Integer, double[]> locals = new LinkedHashMap<>();
        for (int n : all(node)) {
            Vec3 p = s.pivot(n);
            locals.put(n, s.movedLocal(n, typed(args, p, to).minus(p)));
        }
        subject.editing().apply(name, s.withLocals(locals));
    }

    /** The axes for which something was typed of one point, the others of another. */
    private static Vec3 typed(Map<String, Object> args, Vec3 own, Vec3 to) {
        return new Vec3(
                args.containsKey("x") ? to.x() : own.x(),
                args.containsKey("y") ? to.y() : own.y(),
                args.containsKey("z") ? to.z() : own.z());
    }

    /** Turns an object, and the others with it, to typed angles. */
    public void turn(Map<String, Object> args, int node) {
        Scene s = ground.scene();
        Vec3 is = angles(s, node);
        Vec3 to = new Vec3(
                ground.typed().angle(args.get("x"), is.x()),
                ground.typed().angle(args.get("y"), is.y()),
                ground.typed().angle(args.get("z"), is.z()));
        if (to.distance(is) == 0 && !same()) {
            return;
        }
        Map<Integer, double[]> locals = new LinkedHashMap<>();
        for (int n : all(node)) {
            Vec3 own = angles(s, n);
            Vec3 wanted = same() ? typed(args, own, to) : own.plus(to.minus(is));
            locals.put(
                    n,
                    Transforms.placed(
                            s,
                            n,
                            Transforms.ofAngles(wanted),
                            Transforms.scaleOf(s.node(n).local())));
        }
        subject.editing().apply(say("typed-places.rotate", subject.names()), s.withLocals(locals));
    }

    private static Vec3 angles(Scene s, int n) {
        return Transforms.angles(Transforms.rotationOf(s.node(n).local()));
    }

    /** Scales an object, and the others with it, to typed factors. */
    public void scale(Map<String, Object> args, int node) {
        Scene s = ground.scene();
        Vec3 is = Transforms.scaleOf(s.node(node).local());
        Vec3 to = new Vec3(factor(args.get("x"), is.x()), factor(args.get("y"), is.y()), factor(args.get("z"), is.z()));
        if (to.distance(is) == 0 && !same()) {
            return;
        }
        Map<Integer, double[]> locals = new LinkedHashMap<>();
        for (int n : all(node)) {
            double[] local = s.node(n).local();
            Vec3 own = Transforms.scaleOf(local);
            Vec3 wanted = same()
                    ? typed(args, own, to)
                    : new Vec3(
                            own.x() * ratio(to.x(), is.x()),
                            own.y() * ratio(to.y(), is.y()),
                            own.z() * ratio(to.z(), is.z()));
            locals.put(n, Transforms.placed(s, n, Transforms.rotationOf(local), wanted));
        }
        subject.editing().apply(say("typed-places.scale", subject.names()), s.withLocals(locals));
    }

    private static double ratio(double to, double is) {
        return is == 0 ? 1 : to / is;
    }

    /** A factor that keeps an object from being flattened to nothing. */
    public double factor(Object typed, double otherwise) {
        double k = ground.typed().number(typed, otherwise);
        if (Math.abs(k) < SMALLEST_SCALE) {
            ground.changes().notice(say("typed-places.an-object-cannot-be-scaled"), null, null);
            return otherwise;
        }
        return k;
    }
}
