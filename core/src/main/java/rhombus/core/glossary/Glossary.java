package rhombus.core.glossary;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleFunction;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.navigate.Dolly;
import rhombus.core.navigate.Framing;
import rhombus.core.navigate.Glide;
import rhombus.core.navigate.LensChange;
import rhombus.core.navigate.LookAround;
import rhombus.core.navigate.Pan;
import rhombus.core.navigate.Turntable;
import rhombus.core.scene.UpAxis;
import rhombus.core.view.Crop;
import rhombus.core.view.Pose;
import rhombus.core.view.Projection;
import rhombus.core.view.Screen;

/**
 * Words of the trade with a moving picture each. A picture is a loop: at 0 and at 1 it is the same. What moves is moved by the
 * code that moves views, so that a picture cannot tell anything else than what happens.
 */
public final class Glossary {
    private static final double PYRAMID = 1.6;
    private static final double LIMIT = 0.1;
    private static final Map<String, DoubleFunction<AnimationMoment>> WORDS = new LinkedHashMap<>();

    static {
        WORDS.put(
                "orbit", t -> AnimationMoment.of(orbit(ExampleWorld.MIDDLE, t)).marking(ExampleWorld.MIDDLE));
        WORDS.put("pan", t -> AnimationMoment.of(pan(t)));
        WORDS.put("dolly", t -> AnimationMoment.of(dolly(t)));
        WORDS.put("zoom", t -> AnimationMoment.of(LensChange.zoom(ExampleWorld.start(), Math.pow(1.9, swing(t)))));
        WORDS.put(
                "dolly-zoom",
                t -> AnimationMoment.of(LensChange.dollyZoom(ExampleWorld.start(), Math.pow(1.5, swing(t)))));
        WORDS.put(
                "look",
                t -> AnimationMoment.of(
                        LookAround.turn(ExampleWorld.start(), UpAxis.Y, 0.3 * swing(t), 0.08 * swing(2 * t))));
        WORDS.put("roll", t -> AnimationMoment.of(LookAround.roll(ExampleWorld.start(), 0.4 * swing(t))));
        WORDS.put("crop", t -> AnimationMoment.of(ExampleWorld.start())
                .cropped(new Crop(1.7, 0.3 * swing(t), 0.15 * swing(t))));
        WORDS.put("walk", t -> AnimationMoment.of(walk(t)));
        WORDS.put("pivot", t -> AnimationMoment.of(orbit(ExampleWorld.POST_TOP, t))
                .marking(ExampleWorld.POST_TOP));
        WORDS.put("frame", t -> AnimationMoment.of(frame(t)));
        WORDS.put("horizon", t -> AnimationMoment.of(LookAround.roll(ExampleWorld.start(), 0.5 * (1 - there(t)))));
        WORDS.put("perspective", t -> AnimationMoment.of(dolly(t)).showing(p -> depthLines(p, dolly(t))));
        WORDS.put("flat", t -> AnimationMoment.of(flat(t)));
        WORDS.put(
                "field-of-view",
                t -> AnimationMoment.of(LensChange.zoom(ExampleWorld.start(), Math.pow(1.6, swing(t)))));
        WORDS.put(
                "focal-length",
                t -> AnimationMoment.of(LensChange.zoom(ExampleWorld.start(), Math.pow(2.4, there(t)))));
        WORDS.put("clipping", Glossary::clipping);
        WORDS.put("wireframe", t -> drawn(t, "line"));
        WORDS.put("hidden-line", t -> drawn(t, null));
        WORDS.put("isolate", Glossary::isolated);
        WORDS.put("vertex", t -> parts(t, false, true));
        WORDS.put("edge", t -> parts(t, true, false));
        WORDS.put("face", Glossary::face);
    }

    private Glossary() {}

    /** All words that have a picture, those of moving first. */
    public static List<String> words() {
        return List.copyOf(WORDS.keySet());
    }

    /**
     * One moment of a word's picture.
     *
     * @param part of the loop, 0 to 1; it goes on beyond both ends
     * @throws IllegalArgumentException if the word has no picture
     */
    public static GlossaryFrame at(String word, double part) {
        DoubleFunction<AnimationMoment> made = WORDS.get(word);
        if (made == null) {
            throw new IllegalArgumentException("There is no picture of \"" + word + "\".");
        }
        AnimationMoment m = made.apply(part - Math.floor(part));
        LineDrawing seen = new LineDrawing(m.pose(), m.crop(), m.near(), m.far());
        m.world().accept(seen);
        LineDrawing outside = new LineDrawing(ExampleWorld.outside());
        m.world().accept(outside);
        EyeSymbol.draw(outside, m.pose(), PYRAMID);
        m.outside().accept(outside);
        return new GlossaryFrame(LineDrawing.WIDTH, LineDrawing.HEIGHT, seen.strokes(), outside.strokes());
    }

    // ---- times -----------------------------------------------------------------------------------------------------

    /** To one side, to the other and back: -1 to 1. */
    private static double swing(double t) {
        return Math.sin(2 * Math.PI * t);
    }

    /** There, a rest, and back, with a rest again: 0 to 1. */
    private static double there(double t) {
        double way = t < 0.5 ? Math.min(1, t / 0.3) : 1 - Math.min(1, (t - 0.5) / 0.3);
        return way * way * (3 - 2 * way);
    }

    // ---- motions ---------------------------------------------------------------------------------------------------

    private static Pose orbit(Vec3 pivot, double t) {
        return Turntable.orbit(ExampleWorld.start(), pivot, UpAxis.Y, 0.55 * swing(t), 0.1 * swing(t), true);
    }

    private static Pose pan(double t) {
        Screen s = new Screen(ExampleWorld.start(), LineDrawing.WIDTH, LineDrawing.HEIGHT);
        return Pan.by(s, ExampleWorld.start().focus(), 70 * swing(t), 18 * swing(2 * t));
    }

    private static Pose dolly(double t) {
        Pose p = ExampleWorld.start();
        return Dolly.notches(p, new Ray(p.eye(), p.forward()), p.focus(), LIMIT, 3 * swing(t));
    }

    private static Pose walk(double t) {
        Pose p = ExampleWorld.view(new Vec3(2.2, 1.65, 5.4), new Vec3(1.6, 1.5, 0), 50);
        Vec3 ahead = p.forward();
        return p.withEye(p.eye().plus(new Vec3(ahead.x(), 0, ahead.z()).unit(), 2.6 * there(t)));
    }

    /** From a view in which the stone is small and aside to one that it fills. */
    private static Pose frame(double t) {
        Framing f = new Framing(ExampleWorld.start(), LineDrawing.WIDTH / LineDrawing.HEIGHT, ExampleWorld.MIDDLE);
        ExampleWorld.STONE.corners().forEach(f::add);
        return new Glide(ExampleWorld.start(), f.fit(LIMIT), 0, 1).at(there(t));
    }

    /** An orbit in which lines of sight are parallel. */
    private static Pose flat(double t) {
        Pose p = orbit(ExampleWorld.MIDDLE, t);
        return p.withProjection(new Projection.Orthographic(p.projection().heightAt(p.focus())));
    }

    // ---- what is drawn ---------------------------------------------------------------------------------------------

    /** Lines from the eye through the corners of the house. */
    private static void depthLines(LineDrawing p, Pose eye) {
        for (int corner : new int[] {3, 8}) {
            p.line("mark", eye.eye(), ExampleWorld.HOUSE.corners().get(corner));
        }
    }

    /** The near plane wanders through the scene and back. */
    private static AnimationMoment clipping(double t) {
        double near = 3.2 + 4.2 * there(t);
        Pose p = ExampleWorld.start();
        return AnimationMoment.of(p).between(near, Double.POSITIVE_INFINITY).showing(o -> {
            Vec3[] w = EyeSymbol.window(p, near);
            for (int k = 0; k < 4; k++) {
                o.line("mark", w[k], w[(k + 1) % 4]);
            }
        });
    }

    private static AnimationMoment drawn(double t, String behind) {
        return AnimationMoment.of(orbit(ExampleWorld.MIDDLE, t)).drawn(p -> {
            p.ground();
            ExampleWorld.ALL.forEach(s -> p.solid(s, "line", behind));
        });
    }

    /** All but one thing is gone for the second half. */
    private static AnimationMoment isolated(double t) {
        return AnimationMoment.of(orbit(ExampleWorld.MIDDLE, t)).drawn(p -> {
            p.ground();
            ExampleWorld.ALL.stream()
                    .filter(s -> t < 0.5 || s == ExampleWorld.STONE)
                    .forEach(s -> p.solid(s, s == ExampleWorld.STONE ? "mark" : "line", null));
        });
    }

    private static AnimationMoment parts(double t, boolean edge, boolean vertex) {
        ConvexSolid h = ExampleWorld.HOUSE;
        return AnimationMoment.of(orbit(ExampleWorld.MIDDLE, t)).drawn(p -> {
            p.world();
            if (edge) {
                p.line("mark", h.corners().get(7), h.corners().get(8));
            }
            if (vertex) {
                p.mark(h.corners().get(7), 14);
            }
        });
    }

    private static AnimationMoment face(double t) {
        ConvexSolid h = ExampleWorld.HOUSE;
        int[] roof = h.faces()[4];
        return AnimationMoment.of(orbit(ExampleWorld.MIDDLE, t)).drawn(p -> {
            p.world();
            for (int k = 0; k < roof.length; k++) {
                p.line("mark", h.corners().get(roof[k]), h.corners().get(roof[(k + 1) % roof.length]));
            }
            // Hatched, as faces are in drawings.
            for (int i = 1; i < 8; i++) {
                Vec3 low = h.corners().get(roof[0]).mix(h.corners().get(roof[3]), i / 8.0);
                Vec3 high = h.corners().get(roof[1]).mix(h.corners().get(roof[2]), i / 8.0);
                p.line("mark", low, high);
            }
        });
    }
}
